import { type Instant } from '../measure';

/** A number that the scale showed. */
interface Shown {
  readonly at: Instant;
  readonly grams: number;
}

/** What the numbers of a scale mean while one portion is poured. */
export interface OnTheScale {
  /** What the scale shows without the portion; null until it has rested once. */
  readonly without: number | null;
  /** What it showed without the portion before somebody set it to nought. */
  readonly former: number | null;
  /** When that was taken from a rest; null where it was known. */
  readonly takenAt: Instant | null;
  /** What it had shown without the portion, and last of all, when it fell silent; null once it has rested on something. */
  readonly cut: { readonly without: number; readonly showed: number } | null;
  /** Numbers of the last second. */
  readonly shown: readonly Shown[];
  /** What it rests at; null while it moves. */
  readonly rests: number | null;
  /** Since when it has rested there. */
  readonly since: Instant | null;
  /** Grams of the portion, when it last rested. */
  readonly portionG: number;
  /** The jar was lifted off. */
  readonly lifted: boolean;
}

/** A second of numbers that differ by no more than this is rest, ms and g. */
const WINDOW = 1000;
const LEAST_SPAN = 600;
const LEAST_NUMBERS = 4;
const STILL = 1;
/** Silence for so long: it has switched itself off, or is out of reach; ms. */
export const SILENCE = 3000;
/** Around nought, g. */
const NOUGHT = 2;
/** Less than this is no portion yet: somebody may still set the scale to nought, g. */
const HARDLY = 3;

/**
 * @param without what it shows without the portion, where that is known: the jar and what is in it, on a scale at nought
 */
export const nothingWeighed = (without: number | null = null): OnTheScale => ({
  without,
  former: null,
  takenAt: null,
  cut: null,
  shown: [],
  rests: null,
  since: null,
  portionG: 0,
  lifted: false,
});

/**
 * Takes one more number in. After a silence it counts as it did before, with what came meanwhile, unless it rests at nought:
 * then it was switched on anew, and what it showed last is taken to be on it still. Nought in the middle of a portion is a jar
 * that was lifted; before one, a scale that was set to nought.
 *
 * @example weighedOn(nothingWeighed(412), { at: 0, grams: 436 }).shown.length // = 1
 */
export function weighedOn(state: OnTheScale, { at, grams }: Shown): OnTheScale {
  const silent = state.shown.length > 0 && at - state.shown.at(-1)!.at > SILENCE;
  const shown = [
    ...(silent ? [] : state.shown.filter((one) => one.at > at - WINDOW)),
    { at, grams },
  ];
  const came = silent ? cutOff(state) : state;
  const all = shown.map((one) => one.grams);
  const still =
    shown.length >= LEAST_NUMBERS &&
    at - shown[0]!.at >= LEAST_SPAN &&
    Math.max(...all) - Math.min(...all) <= STILL;
  if (!still) return { ...came, shown, rests: null, since: null };
  const rests = all.reduce((sum, one) => sum + one, 0) / all.length;
  return rested({ ...came, shown, rests, since: came.since ?? at }, rests, at);
}

/** The last number counts, whether it had come to rest or not: nobody knows more. */
function cutOff(state: OnTheScale): OnTheScale {
  const { without, cut, shown } = state;
  return {
    ...state,
    portionG: portionOn(state),
    without: null,
    cut: without === null ? cut : { without, showed: shown.at(-1)!.grams },
    rests: null,
    since: null,
  };
}

/** What a rest means. */
function rested(state: OnTheScale, rests: number, at: Instant): OnTheScale {
  const { former, cut, portionG, takenAt } = state;
  const from = (without: number, takenAt: Instant | null = at) =>
    ({ ...state, without, takenAt, lifted: false }) as const;
  const atNought = Math.abs(rests) <= NOUGHT;
  const first = state.without === null;
  if (first && (!cut || (atNought && Math.abs(cut.showed) > HARDLY))) return from(rests - portionG);
  // The first numbers of a rest still lean towards where it came from.
  const settles = !first && takenAt !== null && at - takenAt <= 2 * WINDOW;
  if (settles && Math.abs(rests - portionG - state.without) <= 2 * STILL)
    return from(rests - portionG, takenAt);
  // Nought after a silence may have been a jar that was off: as heavy as it was then, it is back.
  const wasOff = !first && cut !== null && cut.without > 2 * HARDLY;
  const back = cut !== null && (first || (wasOff && rests >= cut.without - HARDLY));
  const without = back ? cut.without : state.without!;
  if (former !== null && Math.abs(rests - former) <= HARDLY && portionG < HARDLY)
    return { ...from(former), former: null, portionG: 0 };
  if (atNought && Math.abs(without) > 2 * HARDLY && portionG < HARDLY)
    return { ...from(rests), former: without, portionG: 0 };
  const lifted = rests - without < -HARDLY;
  return {
    ...state,
    without,
    cut: atNought ? cut : null,
    portionG: lifted ? portionG : rests - without,
    lifted,
  };
}

/**
 * Grams of the portion by the last number, whether it rests or not; never less than nothing.
 *
 * @example portionOn(weighedOn(nothingWeighed(412), { at: 0, grams: 436 })) // = 24
 */
export function portionOn({ without, shown, portionG, lifted }: OnTheScale): number {
  const last = shown.at(-1);
  if (without === null || lifted || !last) return portionG;
  return Math.max(0, last.grams - without);
}

/**
 * How far a portion may be off and still be what was asked for, g.
 *
 * @example slackOf(100) // = 2
 */
export const slackOf = (wantedG: number): number => Math.max(1, 0.02 * wantedG);

/** It rests in range for so long before the bench goes on by itself, ms. */
const REST = 1200;

/**
 * Whether the portion is in, and nobody is pouring any more.
 *
 * @example isPoured(nothingWeighed(412), 24, 0) // = false
 */
export function isPoured(state: OnTheScale, wantedG: number, now: Instant): boolean {
  const { rests, since, portionG, lifted } = state;
  if (rests === null || since === null || lifted || now - since < REST) return false;
  return portionG > wantedG / 2 && Math.abs(portionG - wantedG) <= slackOf(wantedG);
}
