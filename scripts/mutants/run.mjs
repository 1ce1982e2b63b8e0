// npm run mutants -- FOLDER…: small changes to core, each tried against the tests of core, or to state, against its folder's.
// Takes minutes; not part of npm test. The scores of all folders that were tried stand in docs/mutants.md. Of a single file
// (core/bench/levain.ts) it is told which changes nothing noticed.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';

import { installPackages } from '../install.mjs';

const KEPT = '.mutants';
const DOC = 'docs/mutants.md';

/** Apart from the application's own packages: whoever tries no mutants need not fetch it. */
const HERE = 'scripts/mutants';
const STRYKER = `${HERE}/node_modules/@stryker-mutator/core/bin/stryker.js`;

await installPackages(HERE);
for (const asked of process.argv.slice(2)) {
  const { status } = spawnSync(process.execPath, [STRYKER, 'run', `${HERE}/stryker.config.mjs`], {
    stdio: 'inherit',
    env: { ...process.env, MUTANTS_OF: asked },
  });
  if (status !== 0) process.exit(status ?? 1);
}

/** What became of the changes to one folder. */
function tally(file) {
  const counts = { killed: 0, survived: 0, untouched: 0 };
  for (const { mutants } of Object.values(
    JSON.parse(readFileSync(path.join(KEPT, file), 'utf8')).files,
  ))
    for (const { status } of mutants)
      if (status === 'Killed' || status === 'Timeout') counts.killed++;
      else if (status === 'Survived') counts.survived++;
      else if (status === 'NoCoverage') counts.untouched++;
  const all = counts.killed + counts.survived + counts.untouched;
  return {
    folder: file.replace('.json', '').replace('-', '/'),
    ...counts,
    score: (100 * counts.killed) / all,
  };
}

/** Rows that are in the document already, of folders that were not tried here. */
const before = existsSync(DOC)
  ? readFileSync(DOC, 'utf8')
      .split('\n')
      .filter((line) => /^\| (core|state)/.test(line))
  : [];
const rows = new Map(before.map((line) => [line.split('|')[1].trim(), line]));
for (const file of existsSync(KEPT)
  ? readdirSync(KEPT).filter((name) => name.endsWith('.json'))
  : []) {
  const { folder, killed, survived, untouched, score } = tally(file);
  rows.set(folder, `| ${folder} | ${killed} | ${survived} | ${untouched} | ${score.toFixed(1)} |`);
}
const [head] = existsSync(DOC) ? readFileSync(DOC, 'utf8').split('\n| folder') : ['# Mutants\n'];
writeFileSync(
  DOC,
  `${head}\n| folder | noticed | survived | not run | score, % |\n| --- | --- | --- | --- | --- |\n${[...rows.values()].sort().join('\n')}\n`,
);
spawnSync('npx', ['oxfmt', DOC]);
