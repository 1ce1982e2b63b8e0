import { kitchenFileText } from '../formats/kitchenFile';
import { someFeed, someStart } from '../journal/someJar.testing';
import { logCommand } from './logCommand';

const AT = '2026-03-13T18:20:00.000Z';
const kitchen: object = JSON.parse(
  kitchenFileText({
    exportedAt: AT,
    zone: 'America/St_Johns',
    setAside: [],
    events: [someStart('2026-03-11T18:20:00.000Z'), someFeed('fed', '2026-03-12T18:20:00.000Z')],
  }),
) as object;
const log = (verb: string, asked: object, jar = 'Tern') =>
  logCommand({ kitchen, at: AT, jar, verb, asked });

it('a verb gives the entries that it would write down, for a jar by name or id', () => {
  const entries = [{ kind: 'took', jar: 'tern', at: AT, grams: 40 }];
  expect(log('take', { grams: 40, to: 'bake' })).toEqual({ entries });
  expect(log('take', { grams: 40, to: 'bake' }, 'tern')).toEqual({ entries });
  expect(log('feed', { keepG: 30, flourG: 60, waterG: 60, to: 'bin' })).toMatchObject({
    entries: [{ kind: 'discarded', grams: 150 }, { kind: 'fed' }],
  });
  expect(
    log('wish', { id: 'w', name: 'Tins', levainG: 150, at: '2026-03-14T12:00:00Z' }),
  ).toMatchObject({ entries: [{ kind: 'wished', jar: 'tern' }] });
});

it('what stands against it is named by field', () => {
  expect(log('take', { grams: 400, to: 'bake' })).toMatchObject({
    objections: [{ field: 'grams' }],
  });
  expect(log('split', { id: 'k', name: 'tern', grams: 20, place: 'counter' })).toMatchObject({
    objections: [{ field: 'name' }],
  });
});

it.each([
  [{ verb: 'juggle' }, /verb/],
  [{ jar: 'Godwit' }, /jar/],
  [{ asked: { grams: 'some', to: 'bake' } }, /grams/],
  [{ asked: { grams: 4, to: 'moon' } }, /to/],
  [{ verb: 'useBackup', asked: { backup: 'none' } }, /backup/],
  [{ kitchen: {} }, /kitchen/],
  [{ at: 'soon' }, /at/],
])('wrong input %j is refused, naming the field', (change, field) => {
  const input = { kitchen, at: AT, jar: 'Tern', verb: 'take', asked: { grams: 4, to: 'bake' } };
  expect(() => logCommand({ ...input, ...change })).toThrow(field);
});
