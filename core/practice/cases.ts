import { type Condition, type Stage } from '../ferment';
import { type Bubbles, type Liquid, type Smell } from '../journal';
import { type Blend } from '../measure';

/** What a keeper who has looked at a jar can decide. */
export const JUDGEMENTS = ['wait', 'ripe', 'feed', 'fridge', 'rescue', 'throwOut'] as const;
/** Leave it alone; bake with it now; feed it; put it in the cold; begin a rescue; throw all of it out. */
export type Judgement = (typeof JUDGEMENTS)[number];

/** From what can be seen at a glance to what misleads. */
export const LEVELS = [1, 2, 3] as const;
export type Level = (typeof LEVELS)[number];

/** What the keeper wants of the jar: it decides what is right for a jar that is well. */
export type Aim = 'bakeNow' | 'bakeLater' | 'nothing';

/** The surface, from the side. */
export type Top = 'dome' | 'flat' | 'holes' | 'slump' | 'still';

/** What grows on a jar, or may: fuzz is mould, a dry white film may be yeast or mould. */
export type Growth = 'fuzz' | 'pink' | 'film';

/** What can be told about a jar besides its height. */
export interface SignsShown {
  readonly top: Top;
  readonly bubbles: Bubbles;
  readonly smell: Smell;
  readonly liquid: Liquid;
  readonly liquidAt: 'top' | 'bottom';
  readonly growth: Growth | null;
  /** A spoonful in water, where somebody tried, and whether the jar was stirred before. */
  readonly float: 'floats' | 'sinks' | 'sinksStirred' | null;
}

/** A kind of jar that a keeper has to judge. */
export interface Case {
  readonly id: CaseId;
  readonly level: Level;
  readonly right: Judgement;
  /** What does no harm either. */
  readonly also: readonly Judgement[];
  readonly aim: Aim;
  readonly flours: readonly Blend[];
  /** Parts of flour to one of keep. */
  readonly parts: readonly number[];
  readonly hydrationPct: number;
  readonly from: Condition;
  /** Of the place, lowest and highest, °C. */
  readonly celsius: readonly [number, number];
  /** Hours out after the feed, before it went into the fridge; null where it never did. */
  readonly outH: number | null;
  /** When it is looked at: well inside a stage, or some hours after the feed. */
  readonly at: Stage | readonly [number, number];
  /** What the model does not know of, or what somebody did. */
  readonly but: Partial<SignsShown>;
}

export type CaseId =
  | 'justFed'
  | 'rising'
  | 'ripe'
  | 'ripeNothingPlanned'
  | 'sunk'
  | 'hungry'
  | 'fuzz'
  | 'intoTheFridge'
  | 'coldAsIntended'
  | 'coolRoom'
  | 'hooch'
  | 'solvent'
  | 'falseRise'
  | 'quietDays'
  | 'pink'
  | 'ryeRipe'
  | 'glutenFreeRipe'
  | 'sinksStirred'
  | 'streakOnly'
  | 'hoochBelow'
  | 'looksDead'
  | 'neglected'
  | 'overheated'
  | 'film';

const WHEAT: readonly Blend[] = [{ white: 1 }, { strongWhite: 1 }, { white: 0.8, wholeWheat: 0.2 }];

const USUAL = {
  also: [],
  aim: 'nothing',
  flours: WHEAT,
  parts: [1, 2, 4],
  hydrationPct: 100,
  from: 'ripe',
  celsius: [20, 25],
  outH: null,
  but: {},
} as const satisfies Partial<Case>;

const FRIDGE = { celsius: [19, 23], outH: 1.5, parts: [2, 4, 5] } as const;

/** What a first week of flour and water is fed, and where it stands. */
const YOUNG = {
  from: 'new',
  flours: [{ wholeWheat: 1 }, { white: 0.5, wholeWheat: 0.5 }],
  parts: [1],
  celsius: [22, 25],
  // The model knows the yeast that lasts, not the guests of the first days.
  aim: 'nothing',
} as const;

/** Every kind of jar there is to practise on. */
export const CASES: readonly Case[] = [
  { ...USUAL, id: 'justFed', level: 1, right: 'wait', also: ['fridge'], at: [0.2, 0.6] },
  { ...USUAL, id: 'rising', level: 1, right: 'wait', aim: 'bakeNow', at: 'rising' },
  { ...USUAL, id: 'ripe', level: 1, right: 'ripe', aim: 'bakeNow', at: 'ripe' },
  {
    ...USUAL,
    id: 'ripeNothingPlanned',
    level: 1,
    right: 'feed',
    also: ['fridge', 'wait'],
    at: 'ripe',
  },
  { ...USUAL, id: 'sunk', level: 1, right: 'feed', at: 'sunk' },
  { ...USUAL, id: 'hungry', level: 1, right: 'feed', aim: 'bakeNow', at: 'hungry' },
  { ...USUAL, id: 'fuzz', level: 1, right: 'throwOut', at: 'hungry', but: { growth: 'fuzz' } },
  {
    ...USUAL,
    id: 'intoTheFridge',
    level: 2,
    right: 'fridge',
    also: ['wait'],
    aim: 'bakeLater',
    parts: [2, 4, 5],
    at: 'waking',
  },
  { ...USUAL, ...FRIDGE, id: 'coldAsIntended', level: 2, right: 'wait', also: ['fridge'], at: [48, 110] }, // oxfmt-ignore
  { ...USUAL, id: 'coolRoom', level: 2, right: 'wait', aim: 'bakeNow', celsius: [14, 17], at: 'rising' }, // oxfmt-ignore
  { ...USUAL, ...FRIDGE, id: 'hooch', level: 2, right: 'feed', also: ['rescue'], at: [620, 900], but: { liquid: 'grey', smell: 'vinegar' } }, // oxfmt-ignore
  { ...USUAL, id: 'solvent', level: 2, right: 'feed', parts: [1, 2], celsius: [22, 26], at: [60, 84], but: { smell: 'solvent' } }, // oxfmt-ignore
  { ...USUAL, ...YOUNG, id: 'falseRise', level: 2, right: 'feed', also: ['wait'], aim: 'bakeNow', at: [40, 60], but: { top: 'dome', bubbles: 'many', smell: 'cheese' } }, // oxfmt-ignore
  { ...USUAL, ...YOUNG, id: 'quietDays', level: 2, right: 'feed', also: ['wait'], at: [96, 130], but: { top: 'flat', bubbles: 'few', smell: 'vinegar' } }, // oxfmt-ignore
  { ...USUAL, id: 'pink', level: 2, right: 'throwOut', at: 'past', but: { growth: 'pink' } },
  { ...USUAL, id: 'ryeRipe', level: 3, right: 'ripe', aim: 'bakeNow', flours: [{ rye: 1 }], at: 'ripe', but: { top: 'holes' } }, // oxfmt-ignore
  { ...USUAL, id: 'glutenFreeRipe', level: 3, right: 'ripe', aim: 'bakeNow', flours: [{ brownRice: 1 }, { sorghum: 1 }, { buckwheat: 1 }], at: 'ripe', but: { top: 'holes' } }, // oxfmt-ignore
  { ...USUAL, id: 'sinksStirred', level: 3, right: 'ripe', aim: 'bakeNow', at: 'ripe', but: { float: 'sinksStirred' } }, // oxfmt-ignore
  {
    ...USUAL,
    id: 'streakOnly',
    level: 3,
    right: 'feed',
    aim: 'bakeNow',
    parts: [1, 2],
    at: 'sunk',
  },
  { ...USUAL, id: 'hoochBelow', level: 3, right: 'feed', at: 'hooch', but: { liquid: 'clear', liquidAt: 'bottom' } }, // oxfmt-ignore
  { ...USUAL, ...FRIDGE, id: 'looksDead', level: 3, right: 'feed', also: ['rescue'], at: [250, 420], but: { top: 'still', bubbles: 'none', smell: 'vinegar', liquid: 'none' } }, // oxfmt-ignore
  { ...USUAL, ...FRIDGE, id: 'neglected', level: 3, right: 'rescue', at: [3600, 6500], but: { liquid: 'dark', smell: 'solvent' } }, // oxfmt-ignore
  { ...USUAL, id: 'overheated', level: 3, right: 'rescue', celsius: [46, 50], at: [6, 9], but: { smell: 'yoghurt', bubbles: 'none' } }, // oxfmt-ignore
  { ...USUAL, id: 'film', level: 3, right: 'throwOut', at: 'hungry', but: { growth: 'film' } },
];
