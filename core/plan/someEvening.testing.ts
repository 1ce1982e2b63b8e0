/** Small kitchens in which little can be done, so that all ways through them can be read: for tests of the search. */
import { HOUR } from '../measure';
import { courseBookOf } from './courseBook';
import { type JarTask } from './price';
import {
  type PlannedJar,
  type Problem,
  type Step,
  USUAL_LIMITS,
  USUAL_WEIGHTS,
  type Wanted,
} from './problem';
import { type Steering } from './search';
import { slotsFor } from './slots';
import { NOW, bakeIn, jarFed, kitchenWith } from './someKitchen.testing';
import { loaves, sureJar, taskOf } from './someSteps.testing';

/** A kitchen in which somebody looks in now and then; hours from now, for half an hour each. */
export interface Evening {
  readonly hands: readonly number[];
  readonly jar?: PlannedJar;
  readonly bakes?: readonly Wanted[];
  readonly over?: Partial<Problem>;
  readonly task?: Partial<JarTask>;
}

export function evening({ hands, jar = sureJar(), bakes = [loaves], over, task: also }: Evening) {
  const task: JarTask = {
    ...taskOf(
      {
        hands: hands.map((h) => ({ from: NOW + h * HOUR, until: NOW + (h + 0.5) * HOUR })),
        until: NOW + 60 * HOUR,
        ...over,
      },
      jar,
      bakes,
    ),
    ...also,
  };
  const { problem } = task;
  const steering: Steering = {
    slots: slotsFor(NOW, problem.until, problem.hands, bakes, problem.time),
    book: courseBookOf(problem, jar, task.start),
  };
  return { task, steering };
}

/** Steps as a baker would jot them down: hours from now, what, and where it stands then. */
export const jotted = (steps: readonly Step[]): string =>
  steps
    .map(({ at, kind, keepG, flourG, waterG, takeG, place }) =>
      [
        (at - NOW) / HOUR,
        kind,
        ...(keepG === undefined ? [] : [`${keepG}+${waterG}+${flourG}`]),
        ...(takeG === undefined ? [] : [takeG]),
        ...(place === undefined ? [] : [place]),
      ].join(' '),
    )
    .join(', ');

const cold = jarFed(40, 'fridge', { paceSd: 0.03 });
const limits = (over: Partial<Problem['limits']>) => ({ limits: { ...USUAL_LIMITS, ...over } });
const weights = (over: Partial<Problem['weights']>) => ({ weights: { ...USUAL_WEIGHTS, ...over } });
const warmth = (celsius: number) => ({ places: kitchenWith({ kind: 'constant', celsius }) });
const tins = bakeIn(50, { id: 'tins', levainG: 100, until: NOW + 51 * HOUR });
/** Ripe for an hour, so many hours from now. */
const wanted = (hours: number, levainG: number) =>
  bakeIn(hours, { levainG, until: NOW + (hours + 1) * HOUR });
const NOW_NIGHT_MORNING_EVENING = [0, 4, 13, 26];

/** At six in the evening; 150 g of levain for eight o'clock of the next, where nothing else is said. */
export const EVENINGS = {
  'fed this morning, on the counter': { hands: NOW_NIGHT_MORNING_EVENING },
  'asleep in the fridge': { hands: NOW_NIGHT_MORNING_EVENING, jar: cold },
  'a strong feed is asked for': {
    hands: NOW_NIGHT_MORNING_EVENING,
    jar: cold,
    over: limits({ strongFeeds: 1 }),
  },
  'two strong feeds are asked for': {
    hands: [0, 14, 26, 38, 50],
    jar: cold,
    bakes: [tins],
    over: limits({ strongFeeds: 2 }),
  },
  'two strong feeds, and no time for them': {
    hands: [0, 6, 13, 26],
    over: limits({ strongFeeds: 2 }),
  },
  'a warm kitchen': { hands: [0, 7, 12, 26], over: warmth(26) },
  'a cool kitchen': { hands: [0, 7, 12, 26], over: warmth(17) },
  'two bakes': { hands: [0, 10, 26, 36, 50], bakes: [loaves, tins] },
  'there is enough in the jar': {
    hands: [0, 2, 4, 8],
    jar: sureJar({ massG: 400 }),
    bakes: [wanted(4, 120)],
  },
  'there is enough, for later': {
    hands: [0, 3, 12, 20],
    jar: jarFed(1, 'counter', { massG: 400, paceSd: 0.03 }),
    bakes: [wanted(12, 120)],
  },
  'little is wanted soon': {
    hands: [0, 5, 9],
    jar: sureJar({ massG: 60 }),
    bakes: [wanted(9, 60)],
  },
  'somebody is there at night alone': { hands: [0, 8, 9, 19], bakes: [wanted(19, 150)] },
  'touches are dear': {
    hands: NOW_NIGHT_MORNING_EVENING,
    jar: cold,
    over: weights({ touches: 4 }),
  },
  'flour is dear': { hands: NOW_NIGHT_MORNING_EVENING, over: weights({ flour: 6 }) },
  'another jar is fed in the morning': {
    hands: NOW_NIGHT_MORNING_EVENING,
    task: { touched: new Set([NOW + 13 * HOUR]) },
  },
  'a small jar': {
    hands: NOW_NIGHT_MORNING_EVENING,
    jar: sureJar({ vessel: { emptyG: 200, capacityMl: 420 } }),
  },
  'small ratios alone': { hands: NOW_NIGHT_MORNING_EVENING, over: limits({ partsMax: 3 }) },
  'nobody is there in the window': { hands: [0, 4, 13] },
  'hungry for days': {
    hands: NOW_NIGHT_MORNING_EVENING,
    jar: jarFed(120, 'counter', { paceSd: 0.03 }),
  },
  'a pace hardly known': { hands: NOW_NIGHT_MORNING_EVENING, jar: sureJar({ paceSd: 0.2 }) },
} satisfies Readonly<Record<string, Evening>>;
