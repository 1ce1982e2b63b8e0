// Copies the two typefaces, Latin and extended Latin, to public/fonts, where index.html names them.
import { copyFileSync, mkdirSync } from 'node:fs';

const FILES = [
  'bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2',
  'bricolage-grotesque/files/bricolage-grotesque-latin-ext-wght-normal.woff2',
  'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-wght-normal.woff2',
];

export function copyFonts() {
  const to = new URL('../public/fonts/', import.meta.url);
  mkdirSync(to, { recursive: true });
  for (const file of FILES)
    copyFileSync(
      new URL(`../node_modules/@fontsource-variable/${file}`, import.meta.url),
      new URL(file.split('/').at(-1), to),
    );
}
