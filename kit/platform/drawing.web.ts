/**
 * The drawing in a part of the page as the text of an SVG file; null where there is none. Its letters keep their names: where
 * the fonts are missing, plain ones stand in.
 */
export function drawingText(part: unknown): string | null {
  const drawn = (part as HTMLElement | null)?.querySelector('svg');
  if (!drawn) return null;
  const copy = drawn.cloneNode(true) as SVGElement;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.removeAttribute('aria-hidden');
  const { width, height } = drawn.getBoundingClientRect();
  copy.setAttribute('viewBox', `0 0 ${Math.round(width)} ${Math.round(height)}`);
  return new XMLSerializer().serializeToString(copy);
}
