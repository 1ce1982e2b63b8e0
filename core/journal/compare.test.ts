import { HOUR } from '../measure';
import { bestPair, compareJars } from './compare';
import { type JarEvent } from './events';
import { foldJar } from './fold';
import { someCard, someFeed, someStart, usualKitchen } from './someJar.testing';
import { outlookOf, standingAt } from './standing';

const T0 = Date.parse('2026-02-02T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const context = usualKitchen();

function jar(
  id: string,
  { place = 'counter', parts = 4, fedAt = 1 }: { place?: string; parts?: number; fedAt?: number },
  looks: readonly (readonly [hours: number, height: number])[] = [],
) {
  const common = { jar: id };
  const events: JarEvent[] = [
    someStart(iso(0), { ...common, card: someCard({ name: id }), massG: 150, place }),
    someFeed('f', iso(fedAt), { ...common, flourG: 20 * parts, waterG: 20 * parts }),
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

describe('the pair that says most', () => {
  const idsOf = (...asked: Parameters<typeof bestPair>) =>
    bestPair(...asked)?.map(({ jar: { id } }) => id);
  const [a, b, c] = [
    jar('a', { fedAt: 1 }),
    jar('b', { fedAt: 6, parts: 2 }),
    jar('c', { fedAt: 7 }),
  ];

  it('was fed alike and together, else at hours that lie nearest', () => {
    expect(idsOf([a, b, c])).toEqual(['b', 'c']);
    expect(idsOf([a, b, c, jar('d', { fedAt: 1.5 })])).toEqual(['a', 'd']);
  });

  it('holds the jar that was asked for, first', () => {
    expect(idsOf([a, b, c], 'a')).toEqual(['a', 'b']);
    expect(idsOf([a, b, c], 'c')).toEqual(['c', 'b']);
  });

  it('is none where there are not two', () => {
    expect(bestPair([a])).toBeNull();
  });
});

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
