/** npm run --silent core -- COMMAND < in.json > out.json. Wrong input: exit 2 and one line on stderr naming the field. */
import { readFileSync } from 'node:fs';

import { fitCommand, forecastCommand, logCommand, planCommand, rateCommand } from '@core/cli';

const COMMANDS: Readonly<Record<string, (raw: unknown) => unknown>> = {
  fit: fitCommand,
  forecast: forecastCommand,
  log: logCommand,
  plan: planCommand,
  rate: rateCommand,
};

const name = process.argv[2] ?? '';
const command = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
try {
  if (!command) throw new Error(`command: one of ${Object.keys(COMMANDS).join(', ')}`);
  process.stdout.write(`${JSON.stringify(command(JSON.parse(readFileSync(0, 'utf8'))))}\n`);
} catch (error) {
  process.stderr.write(`${(error as Error).message.split('\n')[0]}\n`);
  process.exitCode = 2;
}
