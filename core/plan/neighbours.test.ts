import { HOUR } from '../measure';
import { neighboursOf, settled, shifted } from './neighbours';
import { VARIATIONS, elsewhere, otherBeginnings } from './otherLevains';
import { priceOf } from './price';
import { type Step } from './problem';
import { savingsOf } from './savings';
import { withSlack } from './slack';
import { slotsFor } from './slots';
import { NOW, TIME, bakeIn } from './someKitchen.testing';
import { at, build, feed, loaves, take, taskOf, walk } from './someSteps.testing';

// Hands from half past six to half past ten.
const task = taskOf();
const { problem, jar } = task;

/** Steps in a few words, to be told apart by. */
const said = (steps: readonly Step[] | null) =>
  steps &&
  steps
    .map(({ kind, at: when, place, keepG, flourG }) =>
      [
        kind,
        (when - NOW) / HOUR,
        ...(place === undefined ? [] : [place]),
        ...(keepG === undefined ? [] : [`${keepG}+${flourG}`]),
      ].join(' '),
    )
    .join(', ');

describe('a mixing that is put off', () => {
  const hours = (steps: readonly Step[] | null) => steps?.map((step) => (step.at - NOW) / HOUR);

  it('takes the walks along that belong to it, with their slack', () => {
    const later = shifted(task, [feed(2), walk(3.5), build(15), take()], 0, HOUR)!;
    expect(hours(later)).toEqual([3, 4.5, 15, 26]);
    expect(later[1]).toEqual({ ...walk(4.5) });
  });

  it('leaves a walk that comes later than three hours, and what is not a walk', () => {
    expect(hours(shifted(task, [feed(1), walk(4.25), build(15)], 0, HOUR / 2))).toEqual([
      1.5, 4.25, 15,
    ]);
    expect(hours(shifted(task, [feed(0), walk(3), build(15)], 0, HOUR / 2))).toEqual([
      0.5, 3.5, 15,
    ]);
    expect(hours(shifted(task, [build(24), take()], 0, HOUR))).toEqual([25, 26]);
  });

  it('does not come before now or what was done before, nor at or after what comes next', () => {
    const steps = [feed(1), build(4), take()];
    expect(hours(shifted(task, steps, 0, -HOUR))).toEqual([0, 4, 26]);
    expect(shifted(task, steps, 0, -1.5 * HOUR)).toBeNull();
    expect(hours(shifted(task, steps, 0, 2.5 * HOUR))).toEqual([3.5, 4, 26]);
    expect(shifted(task, steps, 0, 3 * HOUR)).toBeNull();
    expect(hours(shifted(task, steps, 1, -3 * HOUR))).toEqual([1, 1, 26]);
    expect(shifted(task, steps, 1, -3.5 * HOUR)).toBeNull();
  });

  it('is not put where nobody is there, for itself or for the walk', () => {
    const steps = [feed(2), walk(3.5), build(15), take()];
    expect(shifted(task, steps, 0, HOUR)).not.toBeNull();
    expect(shifted(task, steps, 0, 1.5 * HOUR)).toBeNull();
    expect(shifted(task, steps, 2, -3 * HOUR)).toBeNull();
  });
});

describe('amounts that are reckoned anew', () => {
  it('follow what is in the jar: a feed leaves less for the levain', () => {
    // 180 g are there; the feed leaves 90.
    expect(said(settled(task, [feed(2), build(15), take()], null, 0))).toBe(
      'feed 2 counter 10+40, build 15 counter 20+80, take 26',
    );
    const [fed, built] = settled(task, [feed(2), build(15), take()], null, 0)!;
    expect([fed!.discardG, built!.discardG]).toEqual([170, 70]);
  });

  it('are those of another ratio where one is asked for', () => {
    const steps = [feed(2), build(15), take()];
    const other = settled(task, steps, steps[1]!, 2)!;
    // 177 are needed: of one part in five.
    expect(said(other)).toBe('feed 2 counter 10+40, build 15 counter 36+72, take 26');
    expect(said(settled(task, steps, steps[0]!, 7))).toBe(
      'feed 2 counter 10+70, build 15 counter 20+80, take 26',
    );
  });

  it('are no more than ten parts, and none where there is too little', () => {
    const thin = build(15, { keepG: 5, flourG: 80 });
    expect(said(settled(task, [thin, take()], null, 0))).toBe('build 15 counter 9+90, take 26');
    const steps = [feed(2, { flourG: 10, waterG: 10, keepG: 10 }), build(15), take()];
    expect(settled(task, steps, steps[1]!, 1)).toBeNull();
  });

  it('of a top-up are all there is, less what was taken before', () => {
    const top = { ...build(15), kind: 'topUp' as const };
    const short = settled({ ...task, jar: { ...jar, massG: 130 } }, [top, take()], null, 0)!;
    expect(short[0]).toMatchObject({ keepG: 130, flourG: 24, waterG: 23, discardG: 0 });
    const taken = [{ ...at(1), kind: 'take', takeG: 60 } as Step, top, take()];
    expect(settled(task, taken, null, 0)![1]).toMatchObject({ keepG: 120, discardG: 0 });
    expect(settled(task, [top, take()], null, 0)).toBeNull();
  });

  it('follow the water too: what a stiff keep lacks', () => {
    const stiff = { ...task, jar: { ...jar, hydration: 0.6 } };
    const [, built] = settled(stiff, [feed(2), build(15), take()], null, 0)!;
    // Kept 20 g at about 66 % after a feed of 40 + 24 on 5 + 5: 12 and 8.
    const flourG = built!.flourG! + 20 / 1.644;
    const waterG = built!.waterG! + 20 - 20 / 1.644;
    expect(waterG / flourG).toBeCloseTo(0.6, 1);
  });
});

const slots = slotsFor(problem.now, problem.until, problem.hands, [loaves], TIME);
const steps = [feed(2), walk(3.5), build(15), take()];

describe('plans that differ in one thing', () => {
  const priced = priceOf(task, [build(15), take()])!;
  const near = (of: readonly Step[], levains = priced.levains) =>
    [...neighboursOf(task, { ...priced, levains, steps: of }, slots)].map(said);
  const others = near(steps);

  it.each([
    ['a walk left out', 'feed 2 counter 10+40, build 15 counter 20+80, take 26'],
    [
      'a walk half an hour sooner',
      'feed 2 counter 10+40, move 3 fridge, build 15 counter 20+80, take 26',
    ],
    [
      'a walk an hour later',
      'feed 2 counter 10+40, move 4.5 fridge, build 15 counter 20+80, take 26',
    ],
    [
      'a walk to elsewhere',
      'feed 2 counter 10+40, move 3.5 larder, build 15 counter 20+80, take 26',
    ],
    ['a feed left out with its walk', 'build 15 counter 20+80, take 26'],
    [
      'a feed at the slot before',
      'feed 1 counter 10+40, move 2.5 fridge, build 15 counter 20+80, take 26',
    ],
    [
      'a feed of another ratio',
      'feed 2 counter 10+70, move 3.5 fridge, build 15 counter 20+80, take 26',
    ],
    ['a feed straight into the cold', 'feed 2 fridge 10+40, build 15 counter 20+80, take 26'],
    ['a feed that is left out', 'feed 2 counter 10+40, build 15 counter 20+80, take 26'],
    [
      'a levain half an hour later',
      'feed 2 counter 10+40, move 3.5 fridge, build 15.5 counter 20+80, take 26',
    ],
    [
      'a levain an hour sooner',
      'feed 2 counter 10+40, move 3.5 fridge, build 14 counter 20+80, take 26',
    ],
    [
      'a levain in the warmth',
      'feed 2 counter 10+40, move 3.5 fridge, build 15 warm 20+80, take 26',
    ],
    [
      'a levain of fewer parts',
      'feed 2 counter 10+40, move 3.5 fridge, build 15 counter 26+78, take 26',
    ],
    [
      'a levain of more parts',
      'feed 2 counter 10+40, move 3.5 fridge, build 15 counter 17+85, take 26',
    ],
  ])('hold %s', (_, way) => {
    expect(others).toContain(way);
  });

  it('hold none that is the plan itself', () => {
    expect(others).not.toContain(said(steps));
  });

  it('hold a levain that waits in the cold only where it is not sure', () => {
    const levain = priced.levains.get('loaves')!;
    const heldIn = (chance: number) =>
      near([build(15), take()], new Map([['loaves', { ...levain, chance }]])).filter((way) =>
        way?.includes('move'),
      );
    expect(heldIn(0.95)).toEqual([]);
    const held = heldIn(0.7);
    expect(held.length).toBeGreaterThan(2);
    const from = NOW + levain.stretch.course.ripeFromH! * HOUR + 15 * HOUR;
    for (const way of held) {
      expect(way).toMatch(/^build 15 counter 20\+80, move [\d.]+ fridge, take 26$/);
      const moved = NOW + Number(/move ([\d.]+)/.exec(way!)![1]) * HOUR;
      expect(moved).toBeGreaterThanOrEqual(from - 2 * HOUR);
      expect(moved).toBeLessThanOrEqual(from + 1.5 * HOUR);
    }
  });
});

describe('a levain made otherwise', () => {
  const [otherHours, otherRatios, otherPlaces, anotherWalk, aRefresh, withoutOne] = VARIATIONS.map(
    (line) => (of: readonly Step[]) => [...line(task, of)].map(said),
  );
  const plain = [build(15), take()];

  it('is mixed at every other half hour at which somebody is there', () => {
    const ways = otherHours!(plain);
    const hours = ways.map((way) => Number(/build ([\d.]+)/.exec(way!)![1]));
    expect(hours).not.toContain(15);
    expect(hours).toContain(0);
    expect(hours).toContain(4.5);
    expect(hours).not.toContain(5);
    expect(hours).toContain(12.5);
    expect(hours).toContain(25.5);
    expect(Math.max(...hours)).toBe(25.5);
    expect(hours.every((hour) => (2 * hour) % 1 === 0)).toBe(true);
  });

  it('does not pass another step', () => {
    const ways = otherHours!([feed(2), build(15), take()]);
    for (const way of ways) {
      const [fed, built] = [/feed ([\d.]+)/, /build ([\d.]+)/].map((of) =>
        Number(of.exec(way!)![1]),
      );
      expect(fed!).toBeLessThan(built!);
    }
  });

  it('is of every ratio, or topped up instead', () => {
    expect(otherRatios!(plain)).toEqual([
      'build 15 counter 59+59, take 26',
      'build 15 counter 45+68, take 26',
      'build 15 counter 36+72, take 26',
      'build 15 counter 26+78, take 26',
      'build 15 counter 20+80, take 26',
      'build 15 counter 17+85, take 26',
      'build 15 counter 12+84, take 26',
      'build 15 counter 9+90, take 26',
      null,
    ]);
  });

  it('stands in every other place', () => {
    expect(otherPlaces!(plain)).toEqual([
      'build 15 warm 20+80, take 26',
      'build 15 larder 20+80, take 26',
      'build 15 fridge 20+80, take 26',
    ]);
  });

  it('is carried elsewhere at any half hour, before or after it is mixed', () => {
    const ways = anotherWalk!(plain);
    expect(ways).toContain('move 2 fridge, build 15 counter 20+80, take 26');
    expect(ways).toContain('build 15 counter 20+80, move 20.5 warm, take 26');
    expect(ways.some((way) => way!.includes('move 15 '))).toBe(false);
    expect(ways.some((way) => /move [\d.]+ counter/.test(way!))).toBe(false);
    const inWarmth = anotherWalk!([build(15, { place: 'warm' }), take()]);
    expect(inWarmth).toContain('build 15 warm 20+80, move 20 counter, take 26');
    expect(inWarmth.some((way) => way!.includes('move 20 warm'))).toBe(false);
  });

  it('is made of starter that was refreshed at an even hour, in the room or in the first cold place', () => {
    const ways = aRefresh!(plain);
    expect(ways).toContain('feed 2 counter 10+40, build 15 counter 20+80, take 26');
    expect(ways).toContain('feed 14 larder 10+40, build 15 counter 20+80, take 26');
    const hours = ways.map((way) => Number(/feed ([\d.]+)/.exec(way!)![1]));
    expect(hours.every((hour) => hour % 2 === 0 && hour < 15)).toBe(true);
    // One that is refreshed already is not once more.
    expect(aRefresh!([feed(2), build(15), take()])).toEqual([]);
    // Walks of the jar before it are no part of it.
    expect(aRefresh!([walk(1), ...plain])).toContain(
      'feed 2 counter 10+40, build 15 counter 20+80, take 26',
    );
  });

  it('goes without a walk or a feed', () => {
    expect(withoutOne!(steps)).toEqual([
      'move 3.5 fridge, build 15 counter 20+80, take 26',
      'feed 2 counter 10+40, build 15 counter 20+80, take 26',
    ]);
    expect(withoutOne!(plain)).toEqual([]);
  });

  it('at another hour and in another place at once', () => {
    const ways = [...elsewhere(task, plain)].map(said);
    expect(ways).toContain('build 16.5 warm 20+80, take 26');
    expect(ways).toContain('build 15 warm 20+80, take 26');
    expect(ways.some((way) => way!.includes(' counter'))).toBe(false);
  });

  it('of one bake leaves what is done for the others', () => {
    const two = { ...task, bakes: [loaves, { ...bakeIn(50, { levainG: 150 }), id: 'tins' }] };
    const later = build(40, { wanted: 'tins' });
    const both = [build(15), take(), later, take(50, { wanted: 'tins' })];
    const firsts = (of?: string) =>
      [...VARIATIONS[0]!(two, both, of)].map((way) => said(way)!.split(', '));
    const changed = (of?: string) => {
      const touched = new Set<number>();
      for (const way of firsts(of))
        way.forEach((one, i) => one !== said(both)!.split(', ')[i] && touched.add(i));
      return [...touched].sort();
    };
    expect(changed()).toEqual([0, 2]);
    expect(changed('loaves')).toEqual([0]);
    expect(changed('tins')).toEqual([2]);
    // Not before the bake before it.
    for (const way of firsts('tins'))
      expect(Number(/build ([\d.]+)/.exec(way[2]!)![1])).toBeGreaterThan(26);
  });

  it('in a usual way is built within hours or the night before, after a refresh, or held at last', () => {
    const ways = [...otherBeginnings(task, plain)].map((way) => [way.of, said(way.steps)]);
    expect(ways).toEqual([
      [undefined, 'build 15 counter 20+80, move 25 fridge, take 26'],
      ['loaves', 'move 4.5 counter, build 20 counter 59+59, move 25 fridge, take 26'],
      ['loaves', 'build 14 counter 26+78, move 25 fridge, take 26'],
      ['loaves', 'feed 12.5 counter 10+40, build 18 counter 20+80, move 25 fridge, take 26'],
    ]);
  });

  it('more than five days ahead is left for its time', () => {
    const far = { ...bakeIn(130, { levainG: 150 }) };
    const tomorrow = { ...task, bakes: [far] };
    const plan = [build(119), take(130)];
    expect(VARIATIONS.flatMap((line) => [...line(tomorrow, plan)])).toEqual([]);
    expect([...otherBeginnings(tomorrow, plan)]).toEqual([]);
  });
});

describe('the slack of a step', () => {
  const told = withSlack(task, [build(15), take()]);

  it('reaches as far as its bake is as likely as before, within hands', () => {
    const { earliest, latest } = told[0]!;
    const chance = (at_: number) =>
      priceOf(task, shifted(task, [build(15), take()], 0, at_ - NOW - 15 * HOUR)!)?.levains.get(
        'loaves',
      )?.chance ?? 0;
    const promised = chance(NOW + 15 * HOUR);
    expect(earliest).toBeLessThanOrEqual(NOW + 15 * HOUR);
    expect(latest).toBeGreaterThanOrEqual(NOW + 15 * HOUR);
    expect(chance(earliest)).toBeGreaterThanOrEqual(promised - 0.06);
    expect(chance(latest)).toBeGreaterThanOrEqual(promised - 0.06);
    expect(chance(earliest - HOUR / 2)).toBeLessThan(promised - 0.06);
    expect(chance(latest + HOUR / 2)).toBeLessThan(promised - 0.06);
  });

  it('is none for what mixes nothing, and for a plan that is none', () => {
    expect(told[1]).toEqual(take());
    const none = [build(23), take()];
    expect(withSlack(task, none)).toBe(none);
  });

  it('is no more than six hours either way', () => {
    const long = { ...task, bakes: [] };
    const [fed] = withSlack(long, [feed(20)]);
    expect([fed!.earliest, fed!.latest]).toEqual([NOW + 14 * HOUR, NOW + 26 * HOUR]);
  });
});

describe('what leaner keeps save', () => {
  it('is the flour that the keep on the card would have asked for besides', () => {
    const lean = [
      feed(2),
      feed(30, { keepG: 8, flourG: 32 }),
      feed(5, { jar: 'grebe' }),
      build(15),
    ];
    // 40 more for ten instead of twenty, 48 for eight.
    expect(savingsOf([jar], lean)).toEqual([
      {
        jar: 'tern',
        keepG: 10,
        insteadOfG: 20,
        flourG: 88,
        from: NOW + 2 * HOUR,
        until: NOW + 30 * HOUR,
      },
    ]);
  });

  it('is nothing where nothing is kept leaner', () => {
    expect(savingsOf([jar], [feed(2, { keepG: 20 }), build(15, { keepG: 10 })])).toEqual([]);
    expect(savingsOf([jar], [])).toEqual([]);
  });
});
