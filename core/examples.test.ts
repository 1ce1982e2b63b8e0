import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';

// An example of a docstring that says what comes out, `@example add(1, 2) // = 3`, is a promise; here it is kept.

const sources = (readdirSync(__dirname, { recursive: true }) as string[])
  .filter((file) => file.endsWith('.ts') && !/\.(test|testing)\.ts$/.test(file))
  .map((file) => path.join(__dirname, file));

const examples = sources.flatMap((file) =>
  [...readFileSync(file, 'utf8').matchAll(/@example (.*) \/\/ = (.*)$/gm)].map(
    ([, asked, told]) => [path.relative(__dirname, file), asked!, told!] as const,
  ),
);

/** The worth of an expression in which all that its file and the front doors of core export has its name. */
function worth(file: string, expression: string): unknown {
  const doors = ['measure', 'ferment', 'bench'].map((door) => `./${door}`);
  const known = Object.assign(
    {},
    ...[...doors, `./${file}`].map((from) => require(from) as object),
  ) as Record<string, unknown>;
  // oxlint-disable-next-line typescript/no-implied-eval -- examples are our own
  return new Function(...Object.keys(known), `return (${expression});`)(...Object.values(known));
}

it('there are many', () => {
  expect(examples.length).toBeGreaterThan(100);
});

const doors = sources.filter((file) => path.basename(file) === 'index.ts');

it.each(doors.map((door) => [path.relative(__dirname, path.dirname(door)), door]))(
  'every function at the door of %s has one',
  (_, door) => {
    const said = readFileSync(door, 'utf8');
    const without = sources
      .filter((file) => path.dirname(file) === path.dirname(door))
      .flatMap((file) => {
        const all = said.includes(`export * from './${path.basename(file, '.ts')}'`);
        const parts = readFileSync(file, 'utf8').split(/^(?=\/\*\*$|\/\*\* |export )/m);
        return parts.flatMap((part, i) => {
          const name = /^export function (\w+)/.exec(part)?.[1];
          const shown = name && (all || new RegExp(`\\b${name}\\b`).test(said));
          return shown && !parts[i - 1]?.includes('@example') ? [name] : [];
        });
      });
    expect(without).toEqual([]);
  },
);

it.each(examples)('%s: %s is %s', (file, asked, told) => {
  const is = worth(file, asked);
  const digits = /^-?\d+\.(\d+)$/.exec(told)?.[1]?.length;
  if (digits === undefined) expect(is).toEqual(worth(file, told));
  // A number is as sharp as it is written.
  else expect(is).toBeCloseTo(Number(told), digits);
});
