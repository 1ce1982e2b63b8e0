// npm test: everything, from a fresh clone. Ends with one line that adds up all runners.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';

import { installChromium, installPackages } from './install.mjs';
import { build } from './build.mjs';

installPackages();
installChromium();
rmSync('.e2e', { recursive: true, force: true });
mkdirSync('.e2e', { recursive: true });

let passed = 0;
let failed = 0;

function check(name, command, args, count) {
  console.log(`\n— ${name}`);
  const { status } = spawnSync(command, args, {
    stdio: 'inherit',
    env: { ...process.env, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1' },
  });
  const counted = count?.() ?? { passed: status === 0 ? 1 : 0, failed: 0 };
  passed += counted.passed;
  failed += counted.failed;
  // A runner that falls over without a report has failed too.
  if (status !== 0 && counted.failed === 0) failed += 1;
}

const jestCount = () => {
  if (!existsSync('.e2e/jest.json')) return { passed: 0, failed: 1 };
  const report = JSON.parse(readFileSync('.e2e/jest.json', 'utf8'));
  return {
    passed: report.numPassedTests,
    failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
  };
};

const playwrightCount = () => {
  if (!existsSync('.e2e/report.json')) return { passed: 0, failed: 1 };
  const { stats } = JSON.parse(readFileSync('.e2e/report.json', 'utf8'));
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
};

check('types', 'npm', ['run', '--silent', 'types']);
check('lint', 'npm', ['run', '--silent', 'lint']);
check('format', 'npm', ['run', '--silent', 'format:check']);
check('arrows', 'npm', ['run', '--silent', 'arrows']);
check('unit and interface', 'npx', ['jest', '--json', '--outputFile=.e2e/jest.json'], jestCount);
console.log('\n— build');
build();
check('end to end', 'npx', ['playwright', 'test'], playwrightCount);

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
