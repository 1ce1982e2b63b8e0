import { type Mix, type Pace, type Vessel } from '../ferment';
import { type LeftAlone, type PlanChoice, type Places, type Rhythm, type Stay } from '../journal';
import { type Blend, type Instant, type KitchenTime } from '../measure';

/** A jar to be planned for, as it stands. */
export interface PlannedJar {
  readonly id: string;
  readonly fedMix: Mix;
  readonly since: Instant;
  readonly stays: readonly Stay[];
  /** Where it is to go by what was said already. */
  readonly coming?: readonly Stay[];
  /** Where it usually lives; where it stands when not given. */
  readonly home?: string;
  readonly massG: number;
  /** Liquid poured off since the band was set, grams. */
  readonly pouredG?: number;
  readonly keepG: number;
  readonly vessel: Vessel;
  readonly flour: Blend;
  /** Flour to one of keep in its usual feed. */
  readonly parts: number;
  /** Water over flour of its usual feed. */
  readonly hydration: number;
  readonly pace: Pace;
  /** Standard deviation of the logarithm of its pace. */
  readonly paceSd: number;
  /** How often it is fed, where its card says so. */
  readonly rhythm?: Rhythm;
  /** Feeds in a row before a levain is built, where its card says so. */
  readonly buildUp?: number;
  /** Its levains are built in a bowl beside it; it is never used up. */
  readonly beside?: boolean;
  /** Feeds in a row before the present one that doubled, as far as it is known. */
  readonly strongBefore?: number;
}

/** Levain that must be ripe through a stretch of time. */
export interface Wanted {
  readonly id: string;
  readonly jar: string;
  readonly levainG: number;
  /** Water over flour of the levain; the jar's usual when not given. */
  readonly hydration?: number;
  readonly from: Instant;
  readonly until: Instant;
  /** The bakes that one levain is made for, where this is all of them together; in order of time. */
  readonly serves?: readonly Wanted[];
}

export type { LeftAlone } from '../journal';

/** A stretch in which the baker can touch a jar. */
export interface Hands {
  readonly from: Instant;
  readonly until: Instant;
}

export interface Limits {
  readonly partsMin: number;
  readonly partsMax: number;
  /** Longest hunger, hours without food counted at 22 °C. */
  readonly hungryMaxH: number;
  /** Feeds in a row that must have doubled before a levain is built. */
  readonly strongFeeds: number;
  /** Flour in the house, grams; no limit when not given. */
  readonly flourAtHandG?: number;
}

/** What matters: a gram of flour, a touch, an odd hour, and a bake missed, in the same coin. */
export interface Weights {
  readonly flour: number;
  readonly touches: number;
  readonly oddHours: number;
  readonly risk: number;
}

export interface Problem {
  readonly now: Instant;
  readonly until: Instant;
  readonly time: KitchenTime;
  readonly jars: readonly PlannedJar[];
  readonly places: Places;
  readonly hands: readonly Hands[];
  readonly wanted: readonly Wanted[];
  readonly leftAlone?: readonly LeftAlone[];
  readonly limits: Limits;
  readonly weights: Weights;
}

export const USUAL_LIMITS: Limits = { partsMin: 1, partsMax: 10, hungryMaxH: 24, strongFeeds: 0 };

export const USUAL_WEIGHTS: Weights = { flour: 1, touches: 1, oddHours: 1, risk: 1 };

/** Something to do: all masses whole grams, and within `earliest` to `latest` it works as well. */
export interface Step {
  readonly at: Instant;
  readonly earliest: Instant;
  readonly latest: Instant;
  /** A top-up is a levain made by adding flour and water to all that is in the jar. */
  readonly kind: 'feed' | 'build' | 'topUp' | 'take' | 'move';
  readonly jar: string;
  /** It is done to the bowl in which the levain of `wanted` is built beside the jar; what is kept is then its seed. */
  readonly bowl?: true;
  readonly wanted?: string;
  readonly keepG?: number;
  readonly flourG?: number;
  readonly waterG?: number;
  readonly discardG?: number;
  readonly takeG?: number;
  readonly place?: string;
  /** Taken out of the cold then, to be warmer when it is fed. */
  readonly outAt?: Instant;
  /** Water that makes up for a cold keep, °C; none is named where the room's will do, or the jar goes into the cold. */
  readonly waterCelsius?: number;
  /** The walk that follows. */
  readonly then?: { readonly at: Instant; readonly place: string };
}

/** Steps in the order in which they are done: of what falls into one minute, what a bake takes comes first, before it is fed away. */
export const inTurn = (a: Step, b: Step): number =>
  a.at - b.at || Number(b.kind === 'take') - Number(a.kind === 'take');

/** How sure a bake is: the chance that its levain is ripe through the window, and when it peaks. */
export interface Prospect {
  readonly id: string;
  readonly chance: number;
  readonly peakAt: Instant;
  readonly low: Instant;
  readonly high: Instant;
  /** Where it is not likely, what would make it likelier, the best first; left out until that was looked for. */
  readonly raisedBy?: readonly Raise[];
}

/** A change that makes a bake likelier, and the chance that it has then. */
export type Raise = { readonly chance: number } & (
  | { readonly kind: 'otherHour' | 'shorter'; readonly from: Instant; readonly until: Instant }
  | { readonly kind: 'handsAt'; readonly times: readonly Instant[] }
  /** Two heights logged while it rises after a feed before the levain's. */
  | { readonly kind: 'looks' }
);

/** A jar through a plan: its height against the band each hour, and when it is ripe. */
export interface PlanCurve {
  readonly jar: string;
  /** The bake whose levain stands in a bowl beside it, where the curve is of that. */
  readonly bowl?: string;
  readonly heights: readonly (readonly [Instant, number])[];
  readonly ripe: readonly (readonly [Instant, Instant])[];
}

export interface Plan {
  readonly name: PlanName;
  readonly steps: readonly Step[];
  readonly wanted: readonly Prospect[];
  readonly flourG: number;
  readonly discardG: number;
  readonly touches: number;
  readonly curves: readonly PlanCurve[];
  /** What leaner keeps save against those on the cards. */
  readonly savings: readonly Saving[];
}

/** A jar kept leaner than its card says, from a feed to a feed, and the flour that saves. Grams. */
export interface Saving {
  readonly jar: string;
  readonly keepG: number;
  readonly insteadOfG: number;
  readonly flourG: number;
  readonly from: Instant;
  readonly until: Instant;
}

/** What a plan is best at among those offered with it. */
export type PlanName = PlanChoice;

/** Why there is no plan, and what comes nearest. */
export interface Impossible {
  readonly wanted: string;
  readonly because:
    | 'handsAway'
    | 'tooSoon'
    | 'jarTooSmall'
    | 'flourShort'
    | 'neverRipe'
    | 'inProgramme'
    | 'heldBack'
    | 'neglected';
  readonly nearest: readonly Nearest[];
}

/** A change that would make it possible. */
/** A stretch in which a levain is to be ripe. */
export interface RipeWindow {
  readonly from: Instant;
  readonly until: Instant;
}

export type Nearest =
  | ({ readonly kind: 'otherHour' } & RipeWindow)
  | { readonly kind: 'handsAt'; readonly times: readonly Instant[] }
  /** Of less levain; at another hour too where it says one. */
  | { readonly kind: 'less'; readonly levainG: number; readonly at?: RipeWindow }
  | { readonly kind: 'moreFlour'; readonly flourG: number };

/** Plans that differ, the best first, for all bakes that can be had; and why the others cannot. */
export interface Planned {
  readonly plans: readonly Plan[];
  readonly impossible: readonly Impossible[];
}
