import { TEXT_FONT } from './look';

/** What a label on a jar says. */
export interface LabelText {
  readonly name: string;
  readonly lines: readonly string[];
}

/** A label of 60 by 36 mm, black on white, with the umbrella. */
const WIDTH = 60;
const HEIGHT = 36;
const LINE = 5.2;

const escaped = (text: string) => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** A label as a drawing of its own, in millimetres. Long names are drawn smaller. */
export function labelSvg({ name, lines }: LabelText): string {
  const size = Math.min(8, 74 / Math.max(8, name.length));
  const text = lines
    .map(
      (line, i) =>
        `<text x="4" y="${(16.5 + i * LINE).toFixed(1)}" font-size="${Math.min(3.9, 74 / Math.max(16, line.length)).toFixed(2)}">${escaped(line)}</text>`,
    )
    .join('');
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}mm" height="${HEIGHT}mm" viewBox="0 0 ${WIDTH} ${HEIGHT}" font-family="${TEXT_FONT}" fill="#000">`,
    `<rect x="0.5" y="0.5" width="${WIDTH - 1}" height="${HEIGHT - 1}" rx="3" fill="#fff" stroke="#000" stroke-width="0.5"/>`,
    `<text x="4" y="10" font-size="${size.toFixed(2)}" font-weight="700">${escaped(name)}</text>`,
    text,
    '<path d="M47 31a4.5 4.5 0 0 1 9 0zM51.500 31v2.200a1 1 0 0 1-2 0" fill="none" stroke="#000" stroke-width="0.5"/>',
    '</svg>',
  ].join('');
}
