import { fitCommand } from '../cli';
import {
  USUAL_BELIEF,
  USUAL_PLACES,
  evenDraws,
  middlePace,
  normalQuantile,
  paceAtQuantile,
  tenthAndNineTenths,
} from '../ferment';
import { type Arranged, type JarEvent, placesOf } from '../journal';
import { someStart } from '../journal/someJar.testing';
import { HOUR, kitchenTime } from '../measure';
import { once } from '../measure/once.testing';
import { calibrateJar } from './calibrateJar';
import { chanceFrom } from '../measure/chance';
import { KITCHENS, someLog } from './otherKitchens.testing';
import { changeIn } from './change';
import { NOTHING_LEARNT } from './watch';

interface Band {
  mean: number;
  low: number;
  high: number;
}
interface Fit {
  pace: Band;
  doublesAtH: Band | null;
  peaksAtH: Band | null;
}

/** How far forecasts are off, as shares of the truth in order, and how many bands held it, over all kitchens. */
function trial(feeds: number, seeds: number) {
  const errors: number[] = [];
  let held = 0;
  for (const [k, kitchen] of Object.values(KITCHENS).entries())
    for (let seed = 1; seed <= seeds; seed++) {
      const starter = kitchen(chanceFrom(seed * 7919 + 307 * k));
      const { input, peaksAtH } = someLog(feeds, starter, chanceFrom(seed * 104_729 + 1301 * k));
      const { peaksAtH: band } = fitCommand(input) as Fit;
      errors.push(Math.abs(band!.mean - peaksAtH) / peaksAtH);
      if (peaksAtH >= band!.low && peaksAtH <= band!.high) held++;
    }
  errors.sort((a, b) => a - b);
  const at = (share: number) => errors[Math.floor(share * errors.length)]!;
  return { median: at(0.5), oneInTen: at(0.9), held: held / errors.length };
}

describe('the fit, on logs of kitchens whose laws are not ours, with a wrong entry in every fourth feed', () => {
  const SEEDS = 24;
  const none = once(() => trial(0, SEEDS));

  it('without any log has a sensible band already', () => {
    expect(none().median).toBeLessThan(0.2);
    expect(none().held).toBeGreaterThan(0.8);
  });

  it('is better with one feed, and with two, than with none', () => {
    expect(trial(1, SEEDS).median).toBeLessThan(none().median);
    expect(trial(2, SEEDS).median).toBeLessThan(0.8 * none().median);
  });

  it('after eight feeds foretells the peak to 7 % in the middle and 16 % for nine in ten; its band holds most truths', () => {
    const { median, oneInTen, held } = trial(8, SEEDS);
    expect(median).toBeLessThan(0.07);
    expect(oneInTen).toBeLessThan(0.16);
    expect(held).toBeGreaterThanOrEqual(0.7);
    expect(held).toBeLessThanOrEqual(0.9);
  });

  it('widens its band for a starter that does as it likes', () => {
    const width = (mood: number) => {
      const chance = chanceFrom(17);
      const { input } = someLog(20, KITCHENS.logistic(chance), chance, { mood });
      const { peaksAtH } = fitCommand(input) as Fit;
      return Math.log(peaksAtH!.high / peaksAtH!.low);
    };
    expect(width(0.3)).toBeGreaterThan(1.4 * width(0.02));
  });
});

describe('what is believed', () => {
  it('narrows with every watched feed', () => {
    const chance = chanceFrom(7);
    const { input } = someLog(8, KITCHENS.gompertz(chance), chance);
    const width = (feeds: number) => {
      const { pace } = fitCommand({ ...input, feeds: input.feeds.slice(0, feeds) }) as Fit;
      return pace.high / pace.low;
    };
    expect(width(1)).toBeLessThan(width(0));
    expect(width(8)).toBeLessThan(width(1));
  });

  it('begins in the middle of all starters', () => {
    expect(middlePace(USUAL_BELIEF).pace).toBe(1);
    expect(paceAtQuantile(USUAL_BELIEF, 1)).toBeCloseTo(Math.exp(0.25), 9);
  });

  it('is drawn from evenly', () => {
    expect(normalQuantile(0.5)).toBeCloseTo(0, 9);
    expect(normalQuantile(0.975)).toBeCloseTo(1.959964, 5);
    expect(normalQuantile(0.001)).toBeCloseTo(-3.090232, 5);
    const draws = evenDraws(200, 3);
    for (let d = 0; d < 3; d++) {
      const column = draws.map((draw) => draw[d]!);
      const mean = column.reduce((sum, x) => sum + x, 0) / column.length;
      const { low, high } = tenthAndNineTenths(column);
      expect(Math.abs(mean)).toBeLessThan(0.08);
      expect(Math.abs(low + 1.28)).toBeLessThan(0.15);
      expect(Math.abs(high - 1.28)).toBeLessThan(0.15);
    }
  });
});

describe('a sudden change of pace', () => {
  const steady = Array.from({ length: 12 }, (_, i) => 0.1 + 0.01 * (i % 2));

  it('is noticed after the pace had settled, with its factor', () => {
    const history = [...steady, 0.02, -0.08, -0.15];
    const change = changeIn({ ...NOTHING_LEARNT, history })!;
    expect(change.factor).toBeLessThan(0.9);
    expect(change.feeds).toBeLessThanOrEqual(5);
  });

  it('is not seen in a steady pace, nor while it is still being learnt', () => {
    expect(changeIn({ ...NOTHING_LEARNT, history: steady })).toBeNull();
    expect(changeIn({ ...NOTHING_LEARNT, history: [0, 0.2, 0.4] })).toBeNull();
  });

  it('is followed, though every reading of it looks like a mistake at first', () => {
    const chance = chanceFrom(11);
    const quick = someLog(10, KITCHENS.logistic(chanceFrom(2), 1.2), chance).input;
    const slow = someLog(7, KITCHENS.logistic(chanceFrom(2), 0.8), chance).input;
    const end = Date.parse(quick.feeds[9]!.at) + 24 * HOUR;
    const begin = Date.parse(slow.feeds[0]!.at);
    const later = slow.feeds.map((feed) => ({
      ...feed,
      at: new Date(Date.parse(feed.at) - begin + end).toISOString(),
    }));
    const before = fitCommand(quick) as Fit;
    const after = fitCommand({ ...slow, feeds: [...quick.feeds, ...later] }) as Fit;
    expect(after.pace.mean / before.pace.mean).toBeLessThan(0.85);
  });
});

describe('a jar', () => {
  const arranged: Arranged[] = USUAL_PLACES.map((place) => ({
    kind: 'arranged',
    id: place.id,
    at: '2025-12-01T00:00:00.000Z',
    place: { ...place, temperature: { kind: 'constant', celsius: 22 } },
  }));
  const context = { places: placesOf(arranged), time: kitchenTime('Europe/Lisbon') };
  const chance = chanceFrom(5);
  const { input } = someLog(9, KITCHENS.straight(chance, 1.1), chance);
  const events: JarEvent[] = [
    someStart('2026-01-05T07:59:00.000Z', { massG: 60, condition: 'hungry' }),
    ...input.feeds.flatMap((feed, n): JarEvent[] => [
      {
        kind: 'fed',
        id: `fed-${n}`,
        at: feed.at,
        jar: 'tern',
        keepG: feed.keepG,
        flourG: feed.flourG,
        waterG: feed.waterG,
        flour: { white: 1 },
      },
      ...feed.looks.map((look, k): JarEvent => ({
        kind: 'looked',
        id: `look-${n}-${k}`,
        at: new Date(Date.parse(feed.at) + look.afterH * HOUR).toISOString(),
        jar: 'tern',
        ...(look.height === undefined ? { sign: 'peaked' as const } : { height: look.height }),
      })),
    ]),
  ];

  it('goes on with what was learnt of the one its starter came from', () => {
    const split: JarEvent = {
      ...(events[0] as Extract<JarEvent, { kind: 'started' }>),
      id: 'split',
      jar: 'puffin',
      at: new Date(Date.parse(events[events.length - 1]!.at) + HOUR).toISOString(),
      condition: 'ripe',
      from: 'tern',
    };
    const mother = calibrateJar(events, context);
    const child = calibrateJar([...events, split], context);
    expect(child.feeds).toBe(mother.feeds);
    expect(child.belief.mean[0]).toBeCloseTo(mother.belief.mean[0]!, 9);
    // Its first feed is its own: what stood in the other jar before says nothing of it.
    const own: JarEvent = {
      ...(events.find(({ kind }) => kind === 'fed') as Extract<JarEvent, { kind: 'fed' }>),
      id: 'own feed',
      jar: 'puffin',
      at: new Date(Date.parse(split.at) + 10 * HOUR).toISOString(),
    };
    const looked: JarEvent = {
      kind: 'looked',
      id: 'own look',
      jar: 'puffin',
      at: new Date(Date.parse(own.at) + 4 * HOUR).toISOString(),
      height: 1.9,
    };
    const watched = calibrateJar([...events, split, own, looked], context);
    expect(watched.feeds).toBe(mother.feeds + 1);
  });

  it('remembers how its peaks were foretold', () => {
    const { foretold } = calibrateJar(events, context);
    expect(foretold.length).toBeGreaterThan(0);
    for (const { low, expectedH, high } of foretold) {
      expect(low).toBeLessThan(expectedH);
      expect(high).toBeGreaterThan(expectedH);
    }
  });
});
