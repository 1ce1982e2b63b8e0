import { HOUR } from '../measure';
import { courseBookOf } from './courseBook';
import { explain, planFor } from './explain';
import { type PlannedJar, type Problem, type Wanted } from './problem';
import { NOW, bakeIn, jarFed } from './someKitchen.testing';
import { taskOf } from './someSteps.testing';

interface Asked {
  readonly bakes: readonly Wanted[];
  readonly over?: Partial<Problem>;
  readonly jar?: PlannedJar;
}

const hoursFrom = (at: number) => Math.round((at - NOW) / HOUR / 0.5) * 0.5;

/** Why the last bake cannot be had, and what was named, in hours from now and grams. */
function told({ bakes, over, jar = jarFed(40, 'fridge') }: Asked): string {
  const { because, nearest } = explain(taskOf(over, jar, bakes));
  const named = nearest.map((near) => {
    if (near.kind === 'otherHour')
      return `from ${hoursFrom(near.from)} to ${hoursFrom(near.until)}`;
    if (near.kind === 'handsAt') return `hands at ${near.times.map(hoursFrom).join(' and ')}`;
    return near.kind === 'less' ? `${near.levainG} g` : near.kind;
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
    'jarTooSmall',
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
