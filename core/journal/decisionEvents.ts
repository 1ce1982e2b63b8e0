import { type DoughFormula, type YeastRecipe } from '../bench';
import { type Entry } from './entry';
import { type HandsChange } from './hands';
import { type Settings } from './settings';
import { type PlanChoice } from './vocabulary';

/** A bake is wanted, or wanted otherwise: the last entry of a wish is how it stands. */
export interface Wished extends Entry {
  readonly kind: 'wished';
  readonly wish: string;
  readonly name: string;
  /** The jar its levain comes from. */
  readonly jar: string;
  readonly what: LevainWish;
  /** It is wanted again every so many weeks. */
  readonly every?: { readonly weeks: number };
}

/** So much levain, ripe through a stretch of time; or so much of anything that is there, which need not be ripe. */
export interface LevainWish {
  readonly levainG: number;
  readonly anything?: boolean;
  /** ISO 8601. */
  readonly from: string;
  readonly until: string;
}

export interface WishDropped extends Entry {
  readonly kind: 'wishDropped';
  readonly wish: string;
}

/** When hands are there from now on. */
export interface HandsAre extends Entry {
  readonly kind: 'handsAre';
  readonly hands: HandsChange;
}

/** Nobody is there: a trip, or a night away. */
export interface Away extends Entry {
  readonly kind: 'away';
  readonly from: string;
  readonly until: string;
}

/** A step is skipped or put off: so long its jar is left alone, but for one moment if there is one. */
export interface LetBe extends Entry {
  readonly kind: 'letBe';
  readonly jar: string;
  readonly from: string;
  readonly until: string;
  readonly butAt: string | null;
}

/** Which of the plans offered is followed; null when none is any more. */
export interface PlanFollowed extends Entry {
  readonly kind: 'planFollowed';
  readonly plan: PlanChoice | null;
}

/** How the kitchen likes things, from now on: only what changed. */
export interface Settled extends Entry {
  readonly kind: 'settled';
  readonly settings: Partial<Settings>;
}

/** The dough on the card, as it was last worked out. */
export interface Dough {
  readonly from: 'percentages' | 'yeastRecipe';
  readonly formula: DoughFormula;
  readonly recipe: YeastRecipe;
  /** The jar its levain comes from; null for the first on the shelf. */
  readonly jar: string | null;
  /** Temperature of the bulk; null for the kitchen as it is. */
  readonly celsius: number | null;
}

export interface DoughKept extends Entry {
  readonly kind: 'doughKept';
  readonly dough: Dough;
}

/** The kitchen's own time: an IANA zone. */
export interface Zoned extends Entry {
  readonly kind: 'zoned';
  readonly zone: string;
  /** It has been so all along; otherwise from this entry on. */
  readonly always: boolean;
  /** The zone of the device it was asked about on: it is not asked there again. */
  readonly device?: string;
}

/** A copy of the whole kitchen was made. */
export interface Copied extends Entry {
  readonly kind: 'copied';
}

/** A step as it was written for calendars. */
export interface SentStep {
  /** Its own, for as long as it is the same step; with `@ombrello` behind it, the UID of its event. */
  readonly uid: string;
  readonly at: string;
  readonly title: string;
  /** How often it has been changed. */
  readonly sequence: number;
  /** A fingerprint of all that its event says. */
  readonly print: string;
  /** It is not wanted any more. */
  readonly dropped?: boolean;
}

/** Steps were written into a file for calendars: the next file moves and cancels what this one brought. */
export interface CalendarSent extends Entry {
  readonly kind: 'calendarSent';
  /** `plan`, or the jar whose programme it is. */
  readonly calendar: string;
  readonly steps: readonly SentStep[];
}

/** What is decided: wishes, hands, plans, tastes. */
export type DecisionEvent =
  | Wished
  | WishDropped
  | HandsAre
  | Away
  | LetBe
  | PlanFollowed
  | Settled
  | DoughKept
  | Zoned
  | Copied
  | CalendarSent;
