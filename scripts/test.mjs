// npm test: everything, from a fresh clone. Ends with one line that adds up all runners.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';

import { installChromium, installPackages } from './install.mjs';

// Fetching leaves the processors idle half of the time: both at once.
const chromium = installChromium();
await installPackages();
rmSync('.e2e', { recursive: true, force: true });
mkdirSync('.e2e', { recursive: true });

let passed = 0;
let failed = 0;

/** Runs one check to its end; what it prints is shown at once, or together when it ends where others run beside it. */
async function check(name, command, args, { count, beside = false } = {}) {
  const began = Date.now();
  if (!beside) console.log(`\n— ${name}`);
  const child = spawn(command, args, {
    stdio: ['ignore', beside ? 'pipe' : 'inherit', beside ? 'pipe' : 'inherit'],
    env: { ...process.env, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1' },
  });
  let printed = '';
  for (const stream of [child.stdout, child.stderr])
    stream?.on('data', (part) => (printed += part));
  const status = await new Promise((resolve) => {
    child.on('close', resolve);
    child.on('error', () => resolve(1));
  });
  if (beside) console.log(`\n— ${name}\n${printed}`.trimEnd());
  console.log(`${name}: ${Math.round((Date.now() - began) / 1000)} s`);
  const counted = count?.() ?? { passed: status === 0 ? 1 : 0, failed: 0 };
  passed += counted.passed;
  failed += counted.failed;
  // A runner that falls over without a report has failed too.
  if (status !== 0 && counted.failed === 0) failed += 1;
}

/** One of the two projects of jest.config.js. */
const jest = (name, project) => {
  const file = `.e2e/${project}.json`;
  const args = ['jest', '--selectProjects', project, '--json', `--outputFile=${file}`];
  const count = () => {
    if (!existsSync(file)) return { passed: 0, failed: 1 };
    const report = JSON.parse(readFileSync(file, 'utf8'));
    return {
      passed: report.numPassedTests,
      failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
    };
  };
  return check(name, 'npx', args, { count, beside: true });
};

const playwrightCount = () => {
  if (!existsSync('.e2e/report.json')) return { passed: 0, failed: 1 };
  const { stats } = JSON.parse(readFileSync('.e2e/report.json', 'utf8'));
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
};

const script = (name) => check(name, 'npm', ['run', '--silent', name], { beside: true });

// Two processors are kept busy by two runners at a time. The browsers come last, by themselves.
await Promise.all([
  jest('interface', 'interface'),
  script('lint')
    .then(() => script('types'))
    .then(() => script('format:check'))
    .then(() => script('arrows'))
    .then(() => check('sentences', 'node', ['scripts/sentences.mjs', '--check'], { beside: true }))
    .then(() => check('routes', 'node', ['scripts/routes.mjs', '--check'], { beside: true }))
    .then(() => check('build', process.execPath, ['scripts/build.mjs'], { beside: true }))
    .then(() => jest('unit', 'core')),
]);
if ((await chromium) !== 0) failed += 1;
await check('end to end', 'npx', ['playwright', 'test'], { count: playwrightCount });

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
