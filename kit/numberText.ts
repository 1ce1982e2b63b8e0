/** A number as somebody types it: a comma for a point, spaces, the unit left on. NaN when it is none. */
export function parseNumber(text: string): number {
  const cleaned = text
    .trim()
    .replace(/[\s\u00a0]/g, '')
    .replace(/(g|ml|°?[cf]|%|h)$/i, '')
    .replace(',', '.');
  return /^[-+\u2212]?(\d+\.?\d*|\.\d+)$/.test(cleaned)
    ? Number(cleaned.replace('\u2212', '-'))
    : NaN;
}
