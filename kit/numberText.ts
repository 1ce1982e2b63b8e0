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

/** "doubled", "2x", "2.4 times the band" as percent above the band. */
const TIMES = /^(?:x|×)?\s*([\d.,]+)\s*(?:x|×|times)?(?: the band)?$/i;
const SAID: Readonly<Record<string, number>> = {
  doubled: 100,
  double: 100,
  tripled: 200,
  triple: 200,
};

/**
 * A rise against the band as bakers write it, percent; NaN where it is none.
 *
 * @example riseFromText('85 %') // = 85
 * @example riseFromText('doubled') // = 100
 * @example riseFromText('2.5x') // = 150
 */
export function riseFromText(text: string): number {
  const plain = text.trim().toLowerCase();
  const times = /x|×|times/.test(plain) ? TIMES.exec(plain) : null;
  return (
    SAID[plain] ?? (times ? Math.round(100 * (parseNumber(times[1]!) - 1)) : parseNumber(plain))
  );
}
