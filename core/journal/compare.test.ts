import { USUAL_PACE, USUAL_PLACES } from '../ferment';
import { HOUR, kitchenTime } from '../measure';
import { placesOf } from './air';
import { compareJars } from './compare';
import { type JarEvent } from './events';
import { foldJar } from './fold';
import { outlookOf, standingAt } from './standing';

const T0 = Date.parse('2026-02-02T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const context = {
  places: placesOf(
    USUAL_PLACES.map((place) => ({ kind: 'arranged', id: place.id, at: iso(-1), place })),
  ),
  time: kitchenTime('Europe/Lisbon'),
  pace: USUAL_PACE,
};

function jar(
  id: string,
  { place = 'counter', parts = 4, fedAt = 1 }: { place?: string; parts?: number; fedAt?: number },
  looks: readonly (readonly [hours: number, height: number])[] = [],
) {
  const common = { jar: id };
  const events: JarEvent[] = [
    {
      ...common,
      kind: 'started',
      id: 's',
      at: iso(0),
      card: {
        name: id,
        keepG: 20,
        ratio: { flour: 4, water: 4 },
        flour: { white: 1 },
        vessel: { emptyG: 300, capacityMl: 700 },
        archived: false,
      },
      condition: 'ripe',
      hydrationPct: 100,
      massG: 150,
      place,
    },
    {
      ...common,
      kind: 'fed',
      id: 'f',
      at: iso(fedAt),
      keepG: 20,
      flourG: 20 * parts,
      waterG: 20 * parts,
      flour: { white: 1 },
    },
    ...looks.map(([hours, height]): JarEvent => ({
      ...common,
      kind: 'looked',
      id: `l${hours}`,
      at: iso(fedAt + hours),
      height,
    })),
  ];
  const folded = foldJar(events, context)!.jar;
  return standingAt(folded, outlookOf(folded, context, 48), context, T0 + 12 * HOUR);
}

describe('two jars side by side', () => {
  it('are fed alike when they began together with the same ratio', () => {
    expect(compareJars(jar('a', {}), jar('b', {})).fedAlike).toBe(true);
    expect(compareJars(jar('a', {}), jar('b', { parts: 2 })).fedAlike).toBe(false);
    expect(compareJars(jar('a', {}), jar('b', { fedAt: 5 })).fedAlike).toBe(false);
  });

  it('differ for sure only beyond what an eye can misread', () => {
    const height = (mine: number, yours: number) =>
      compareJars(jar('a', {}, [[4, mine]]), jar('b', {}, [[4.2, yours]])).differences.find(
        (difference) => difference.of === 'height',
      );
    expect(height(1.6, 1.7)).toMatchObject({ heights: [1.6, 1.7], surely: false });
    expect(height(1.4, 2)).toMatchObject({ heights: [1.4, 2], surely: true });
  });

  it('are compared where both were looked at, and where they stood farthest apart', () => {
    const looks = compareJars(
      jar('a', {}, [
        [2, 1.2],
        [6, 1.5],
      ]),
      jar('b', {}, [
        [2, 1.3],
        [6, 2.1],
        [9, 1],
      ]),
    ).differences;
    expect(looks[0]).toMatchObject({ of: 'height', hours: 6, heights: [1.5, 2.1] });
    const apart = compareJars(jar('a', {}, [[2, 1.2]]), jar('b', {}, [[8, 2]])).differences;
    expect(apart.map(({ of }) => of)).toEqual(['peak']);
  });

  it('peak surely apart in a warm spot and a larder, and not in the same place', () => {
    const peak = (place: string) =>
      compareJars(jar('a', { place: 'warm' }), jar('b', { place })).differences.find(
        (difference) => difference.of === 'peak',
      )!;
    expect(peak('larder').surely).toBe(true);
    expect(peak('warm')).toMatchObject({ surely: false });
  });
});
