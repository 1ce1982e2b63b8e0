import { HOUR } from '../measure';
import { courseBookOf } from './courseBook';
import { explain, planFor } from './explain';
import { type JarTask } from './price';
import {
  type Hands,
  type Impossible,
  type PlannedJar,
  type Problem,
  type Step,
  type Wanted,
} from './problem';
import { NOW, bakeIn, jarFed } from './someKitchen.testing';
import { feed, take, taskOf } from './someSteps.testing';
import { type JarPlan } from './solveJar';

interface Asked {
  readonly bakes: readonly Wanted[];
  readonly over?: Partial<Problem>;
  readonly jar?: PlannedJar;
}

const hoursFrom = (at: number) => Math.round((at - NOW) / HOUR / 0.5) * 0.5;

/** Why the last bake cannot be had, and what was named, in hours from now and grams. */
const told = ({ bakes, over, jar = jarFed(40, 'fridge') }: Asked): string =>
  said(explain(taskOf(over, jar, bakes)));

function said({ because, nearest }: Impossible): string {
  const named = nearest.map((near) => {
    if (near.kind === 'otherHour')
      return `from ${hoursFrom(near.from)} to ${hoursFrom(near.until)}`;
    if (near.kind === 'handsAt') return `hands at ${near.times.map(hoursFrom).join(' and ')}`;
    if (near.kind !== 'less') return near.kind;
    return `${near.levainG} g${near.at ? ` from ${hoursFrom(near.at.from)} to ${hoursFrom(near.at.until)}` : ''}`;
  });
  return [because, ...named].join(', ');
}

const there = (from: number, until: number) => ({
  from: NOW + from * HOUR,
  until: NOW + until * HOUR,
});
const small = { emptyG: 200, capacityMl: 250 };

/** It is six in the evening, and the jar was fed the day before yesterday and stands in the fridge. */
const TOLD: readonly (readonly [string, Asked, string])[] = [
  ['in two hours', { bakes: [bakeIn(2)] }, 'tooSoon, from 14 to 16'],
  ['in half an hour', { bakes: [bakeIn(0.5)] }, 'tooSoon, from 12.5 to 14.5'],
  [
    'when nobody is there before it',
    { bakes: [bakeIn(40)], over: { hands: [there(40, 46)] } },
    'handsAway, hands at 19',
  ],
  [
    'when nobody is there when it is wanted',
    { bakes: [bakeIn(30)], over: { hands: [there(0, 4.5), there(12.5, 20)] } },
    'handsAway, from 18 to 20, hands at 30',
  ],
  ['of more than the jar holds', { bakes: [bakeIn(38, { levainG: 2500 })] }, 'jarTooSmall, 360 g'],
  [
    'of more than a small jar holds, and too soon',
    { bakes: [bakeIn(2, { levainG: 600 })], jar: jarFed(40, 'fridge', { vessel: small }) },
    'jarTooSmall, 80 g from 14 to 16',
  ],
  [
    'out of a thimble',
    { bakes: [bakeIn(38)], jar: jarFed(40, 'fridge', { vessel: { emptyG: 20, capacityMl: 12 } }) },
    'jarTooSmall, 0 g',
  ],
  [
    'beside another of the same morning, of more than is left',
    { bakes: [bakeIn(38, { id: 'a', levainG: 150 }), bakeIn(38, { id: 'b', levainG: 300 })] },
    'jarTooSmall, from 44 to 46, 210 g',
  ],
];

it.each(TOLD)('a bake %s', (_, asked, why) => {
  expect(told(asked)).toBe(why);
});

it('what is named works, and what comes nearer does not', () => {
  const works = ({ bakes, over, jar = jarFed(40, 'fridge') }: Asked) => {
    const task = taskOf(over, jar, bakes);
    const book = courseBookOf(task.problem, jar, task.start);
    return planFor(task, task.problem, bakes, book) !== null;
  };
  // Twelve hours later, and not eight.
  expect([8, 12].map((later) => works({ bakes: [bakeIn(2 + later)] }))).toEqual([false, true]);
  expect([360, 500].map((levainG) => works({ bakes: [bakeIn(38, { levainG })] }))).toEqual([
    true,
    false,
  ]);
  const withHands = (...all: readonly number[]) =>
    works({
      bakes: [bakeIn(40)],
      over: { hands: [...all.map((hours) => there(hours, hours)), there(40, 46)] },
    });
  expect([withHands(), withHands(19)]).toEqual([false, true]);
});

describe('with a plan for some bakes alone, as somebody made them up', () => {
  type Had = (bake: Wanted, problem: Problem) => readonly Step[] | null;

  /** Why a bake of forty hours from now cannot be had where plans are what they are said to be. */
  function toldWith(had: Had, { bakes = [bakeIn(40)], jar, over }: Partial<Asked> = {}): string {
    const find = (_: JarTask, problem: Problem, all: readonly Wanted[]) => {
      const steps = had(all.at(-1)!, problem);
      return steps && ({ steps } as JarPlan);
    };
    return said(explain(taskOf(over, jar ?? jarFed(40, 'fridge'), bakes), find));
  }
  const fromHours = ({ from }: Wanted) => (from - NOW) / HOUR;
  const touches = (...hours: readonly number[]) => hours.map((hour) => feed(hour));
  const evenings = [there(0, 4), there(24, 28), there(40, 44)];

  it.each<[string, Had, string]>([
    ['never', () => null, 'neverRipe'],
    ['later', (bake) => (fromHours(bake) >= 45 ? [] : null), 'tooSoon, from 46 to 48'],
    ['sooner', (bake) => (fromHours(bake) <= 37 ? [] : null), 'neverRipe, from 37 to 39'],
    [
      'as near later as sooner',
      (bake) => (fromHours(bake) === 40 ? null : []),
      'tooSoon, from 41 to 43',
    ],
  ])('it can be had %s', (_, had, why) => {
    expect(toldWith(had)).toBe(why);
  });

  it('a window that has begun, or ends with the week, is none', () => {
    const soon = { bakes: [bakeIn(1)] };
    expect(toldWith((bake) => (fromHours(bake) < 1 ? [] : null), soon)).toBe('neverRipe');
    const late = { over: { until: NOW + 43 * HOUR } };
    expect(toldWith((bake) => (fromHours(bake) === 41 ? [] : null), late)).toBe('neverRipe');
  });

  it('hands are named in order, without those that it can do without, the odd hours first', () => {
    const over = { hands: evenings };
    /** Whether somebody is there at all of some hours. */
    const areThere = (hands: readonly Hands[], ...hours: readonly number[]) =>
      hours.every((hour) =>
        hands.some(({ from, until }) => from <= NOW + hour * HOUR && until >= NOW + hour * HOUR),
      );
    const steps = [...touches(20, 8, 20, 14, 25), take(40.5)];
    const needs =
      (...hours: readonly number[]): Had =>
      (bake, { hands }) =>
        fromHours(bake) === 40 && areThere(hands, ...hours) ? steps : null;
    expect(toldWith(needs(8, 14, 20), { over })).toBe('handsAway, hands at 8 and 14 and 20');
    expect(toldWith(needs(14, 20), { over })).toBe('handsAway, hands at 14 and 20');
    // At two and at eight in the morning, either would do.
    const either: Had = (bake, { hands }) =>
      fromHours(bake) === 40 && (areThere(hands, 8) || areThere(hands, 14)) ? steps : null;
    expect(toldWith(either, { over })).toBe('handsAway, hands at 14');
    // With those hours alone there is none, only with others that its steps do not show.
    expect(toldWith(needs(8, 14, 20, 30), { over })).toBe('handsAway');
    // A levain is taken when it is wanted, whenever the search had it taken.
    const taken: Had = (bake, { hands }) =>
      fromHours(bake) === 40 && areThere(hands, 40) ? [take(2)] : null;
    expect(toldWith(taken, { over: { hands: [there(0, 4)] } })).toBe('handsAway, hands at 40');
  });

  it('so much levain as the jar can build is named where there is a plan for it', () => {
    const enough =
      (levainG: number): Had =>
      (bake) =>
        bake.levainG <= levainG ? [] : null;
    const of = (levainG: number) => ({ bakes: [bakeIn(40, { levainG })] });
    expect(toldWith(enough(360), of(370))).toBe('jarTooSmall, 360 g');
    expect(toldWith(enough(350), of(370))).toBe('jarTooSmall');
    const later: Had = (bake) => (bake.levainG <= 360 && fromHours(bake) >= 45 ? [] : null);
    expect(toldWith(later, of(370))).toBe('jarTooSmall, 360 g from 46 to 48');
    expect(toldWith(() => null, of(360))).toBe('neverRipe');
    const bucket = jarFed(40, 'fridge', { massG: 900, vessel: { emptyG: 900, capacityMl: 40000 } });
    expect(toldWith(enough(5000), { ...of(6000), jar: bucket })).toBe('jarTooSmall, 5000 g');
  });
});
