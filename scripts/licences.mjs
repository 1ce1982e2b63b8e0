// npm run licences: who made what ships, and on what terms, for Help. Made from what the export really holds.
import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

const OUT = 'features/help/licences.json';
/** What ships without being a module: drawn from, or copied. */
const BESIDE = [
  '@mdi/js',
  '@fontsource-variable/atkinson-hyperlegible-next',
  '@fontsource-variable/bricolage-grotesque',
];

const dir = mkdtempSync(path.join(tmpdir(), 'licences-'));
execFileSync('npx', ['expo', 'export', '--platform', 'web', '--source-maps', '--output-dir', dir], {
  stdio: 'inherit',
  env: { ...process.env, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1' },
});
const scripts = path.join(dir, '_expo/static/js/web');
const folders = new Set(BESIDE.map((name) => `node_modules/${name}`));
for (const map of readdirSync(scripts).filter((file) => file.endsWith('.map')))
  for (const source of JSON.parse(readFileSync(path.join(scripts, map), 'utf8')).sources) {
    const found = /node_modules\/(?:.*node_modules\/)?(?:@[^/]+\/)?[^/]+/.exec(source);
    if (found) folders.add(found[0]);
  }
rmSync(dir, { recursive: true });

/** A package's own words on its licence; packages that are one of many keep them one floor up. */
function textOf(folder) {
  const file = readdirSync(folder).find((name) => /^(licen[cs]e|copying)/i.test(name));
  return file && existsSync(path.join(folder, file))
    ? readFileSync(path.join(folder, file), 'utf8').trim()
    : '';
}

const notices = [...folders]
  .filter((folder) => existsSync(path.join(folder, 'package.json')))
  .map((folder) => {
    const { name, version, license, author } = JSON.parse(
      readFileSync(path.join(folder, 'package.json'), 'utf8'),
    );
    const by = typeof author === 'string' ? author : (author?.name ?? '');
    return {
      name,
      version,
      licence: String(license ?? ''),
      by: by.replace(/\s*<.*/, ''),
      text: textOf(folder),
    };
  })
  // One that lies in two folders is named once.
  .filter(
    ({ name, version }, i, all) =>
      name && i === all.findIndex((one) => one.name === name && one.version === version),
  )
  .sort((a, b) => a.name.localeCompare(b.name));
writeFileSync(OUT, `${JSON.stringify(notices, null, 1)}\n`);
const bare = notices.filter(({ licence, text }) => !licence && !text).map(({ name }) => name);
console.log(`${notices.length} packages; without a licence: ${bare.join(', ') || 'none'}`);
