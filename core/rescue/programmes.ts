import { type ProgrammeId } from '../journal';
import { type Blend } from '../measure';

/** One feed of a programme. */
export interface PlannedFeed {
  /** What stays of what is in the jar: all of it, half of it, or some grams. */
  readonly keep: 'all' | 'half' | number;
  /** Flour and water to one of keep. */
  readonly flour: number;
  readonly water: number;
  /** Hours until the next, if it does not peak before. */
  readonly waitH: number;
}

/** A plan of feeds that adapts to what is logged and ends on evidence. */
export interface Programme {
  readonly id: ProgrammeId;
  /** In their order; the last is repeated until the programme ends. */
  readonly feeds: readonly PlannedFeed[];
  /** Hours from its beginning to the first feed: what soaks, thaws or was just mixed. */
  readonly firstAfterH: number;
  /** It is not fed again before, however soon it peaks, hours. */
  readonly leastWaitH: number;
  /** Doubled within so many hours at 24 °C is in time. */
  readonly inTimeH: number;
  /** A usual course takes so many feeds, at least and at most, until it is well. */
  readonly usualFeeds: readonly [number, number];
  /** Days without any doubling after which it is given up. */
  readonly patienceDays: number;
  /** It ends by then in any case, days. */
  readonly longestDays: number;
  /** The flour that helps most; null where its own will do. */
  readonly medicine: Blend | null;
  /** Where it should stand, °C. */
  readonly warmth: readonly [number, number];
  /** A rise before this day is of other microbes and does not count; 0 where there is none. */
  readonly falseUntilDay: number;
}

const toKeep = (
  keep: PlannedFeed['keep'],
  flour: number,
  water: number,
  waitH = 24,
): PlannedFeed => ({ keep, flour, water, waitH });

const WHOLE: Blend = { wholeWheat: 1 };
const HALF_WHOLE: Blend = { white: 0.5, wholeWheat: 0.5 };
const WARM = [22, 27] as const;

/** Small inoculum, large feeds: the neglected starter's way, from which others differ. */
const NEGLECTED: Programme = {
  id: 'neglected',
  feeds: [toKeep(10, 4.5, 4.5)],
  firstAfterH: 0,
  leastWaitH: 10,
  inTimeH: 12,
  usualFeeds: [3, 5],
  patienceDays: 7,
  longestDays: 12,
  medicine: HALF_WHOLE,
  warmth: WARM,
  falseUntilDay: 0,
};

/** Nothing is amiss but a rest: a usual feed or two. */
const AWAKE: Omit<Programme, 'id'> = {
  ...NEGLECTED,
  feeds: [toKeep(20, 2, 2)],
  inTimeH: 10,
  usualFeeds: [2, 3],
  patienceDays: 5,
  longestDays: 9,
  medicine: null,
};

/** Most cells sleep and wake over some feeds. */
const ASLEEP: Omit<Programme, 'id' | 'feeds'> = {
  ...AWAKE,
  usualFeeds: [4, 7],
  patienceDays: 9,
  longestDays: 14,
};

const START: Omit<Programme, 'id' | 'feeds'> = {
  firstAfterH: 24,
  leastWaitH: 20,
  inTimeH: 8,
  usualFeeds: [7, 14],
  patienceDays: 14,
  longestDays: 24,
  medicine: WHOLE,
  warmth: WARM,
  falseUntilDay: 5,
};

/** Every programme, as keepers report them; amounts for one small jar. */
export const PROGRAMME: Readonly<Record<ProgrammeId, Programme>> = {
  neglected: NEGLECTED,
  // The gentler school, for short neglect: tip half away, feed to a texture.
  halfOut: {
    ...NEGLECTED,
    id: 'halfOut',
    feeds: [toKeep('half', 1, 1)],
    inTimeH: 9,
    usualFeeds: [2, 3],
    patienceDays: 4,
    longestDays: 8,
  },
  overheated: {
    ...NEGLECTED,
    id: 'overheated',
    feeds: [toKeep(10, 4, 4)],
    patienceDays: 6,
    warmth: [18, 24],
  },
  afterFridge: { ...AWAKE, id: 'afterFridge' },
  // One of flakes soaked in two of water; then one of flour, the day after one and one, two and two, until it can be reduced.
  flakesInStages: {
    ...ASLEEP,
    id: 'flakesInStages',
    feeds: [
      toKeep('all', 1 / 3, 0, 22),
      toKeep('all', 1 / 4, 1 / 4),
      toKeep('all', 1 / 3, 1 / 3),
      toKeep(30, 1, 1),
    ],
    firstAfterH: 2,
    inTimeH: 9,
  },
  // 1 : 2 : 2 of flakes, water and flour at once, and the same again daily.
  flakesAtOnce: {
    ...ASLEEP,
    id: 'flakesAtOnce',
    feeds: [toKeep('all', 2 / 3, 0), toKeep(15, 2, 2)],
  },
  stiffBall: { ...ASLEEP, id: 'stiffBall', feeds: [toKeep(15, 3, 2)], inTimeH: 12 },
  // It thaws overnight.
  frozen: {
    ...ASLEEP,
    id: 'frozen',
    feeds: [toKeep('all', 1, 1), toKeep(20, 2, 2)],
    firstAfterH: 12,
    usualFeeds: [3, 4],
    patienceDays: 7,
    longestDays: 12,
  },
  byPost: { ...AWAKE, id: 'byPost' },
  // Thick with whole flour at first; then daily feeds while the keep shrinks.
  wholeGrainTaper: {
    ...START,
    id: 'wholeGrainTaper',
    feeds: [
      toKeep('all', 0.5, 0.5),
      toKeep(60, 1, 1),
      toKeep(50, 1, 1),
      toKeep(40, 1, 1),
      toKeep(30, 1.5, 1.5),
      toKeep(25, 2, 2),
    ],
  },
  // A teaspoon each: three feeds of its own weight without discard, then equal parts with it.
  tinyBuild: {
    ...START,
    id: 'tinyBuild',
    // Its own weight each day, half of it flour: from 8 g it comes to 64, and is reduced from then on.
    feeds: [
      toKeep('all', 0.5, 0.5),
      toKeep('all', 0.5, 0.5),
      toKeep('all', 0.5, 0.5),
      toKeep(20, 1, 1),
    ],
  },
  halfOutDaily: {
    ...START,
    id: 'halfOutDaily',
    feeds: [toKeep('half', 1, 1)],
    usualFeeds: [7, 18],
    patienceDays: 18,
  },
  // Begun with the water of steeped dried fruit, fed every other day.
  fruitWater: {
    ...START,
    id: 'fruitWater',
    feeds: [toKeep('all', 0.5, 0.5, 48), toKeep(30, 1, 1, 48)],
    usualFeeds: [6, 14],
    patienceDays: 24,
    longestDays: 32,
  },
};

/** What the first mix of a programme is made from, where it does not begin with a jar of starter. Grams. */
export const BEGINNINGS: Readonly<
  Partial<Record<ProgrammeId, { readonly dryG: number; readonly waterG: number }>>
> = {
  flakesInStages: { dryG: 10, waterG: 20 },
  flakesAtOnce: { dryG: 10, waterG: 20 },
  wholeGrainTaper: { dryG: 40, waterG: 30 },
  tinyBuild: { dryG: 4, waterG: 4 },
  halfOutDaily: { dryG: 50, waterG: 50 },
  fruitWater: { dryG: 40, waterG: 40 },
};

/** Programmes that begin a new starter from flour and water. */
export const FROM_NOTHING = [
  'wholeGrainTaper',
  'tinyBuild',
  'halfOutDaily',
  'fruitWater',
] as const satisfies readonly ProgrammeId[];
