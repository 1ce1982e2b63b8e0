import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';

// Whoever reads a name in one place should not have to unlearn it in another: what core, kit, state and features give to
// each other has a name of its own. Sheets that are fetched when they are opened have the name of what is fetched.

const ROOT = path.resolve(__dirname, '..');
const GIVEN =
  /^export (?:declare )?(?:async )?(?:type|interface|class|const|function\*?) ([A-Za-z]\w*)/gm;

const givenIn = (folder: string) =>
  (readdirSync(path.join(ROOT, folder), { recursive: true }) as string[])
    .filter((file) => /\.tsx?$/.test(file))
    .filter((file) => !/\.(test|testing)\.tsx?$|(^|\/)sheets\.ts$/.test(file))
    .flatMap((file) =>
      [...readFileSync(path.join(ROOT, folder, file), 'utf8').matchAll(GIVEN)].map(
        ([, name]) => [name!, `${folder}/${file}`] as const,
      ),
    );

it('no name is given to two things', () => {
  const homes = new Map<string, string[]>();
  for (const [name, home] of ['core', 'kit', 'state', 'features'].flatMap(givenIn))
    homes.set(name, [...(homes.get(name) ?? []), home]);
  expect(homes.size).toBeGreaterThan(1000);
  expect([...homes].filter(([, at]) => at.length > 1)).toEqual([]);
});
