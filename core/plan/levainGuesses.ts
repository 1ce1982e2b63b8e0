import { type Instant } from '../measure';
import { type StepAmounts } from './amounts';
import { type Course } from './course';
import { type ColdWait } from './likelyBuilds';
import { type Label } from './label';
import { remembered } from './remembered';

/** A levain that could be made, with a guess of what it comes to: nothing is mixed or followed yet. */
export interface LevainGuess {
  readonly kind: 'build' | 'topUp';
  readonly at: Instant;
  readonly parts: number;
  readonly amounts: StepAmounts;
  readonly place: string;
  readonly hold: ColdWait | undefined;
  /** The way that leads to it, and its course. */
  readonly way: Label;
  readonly course: Course;
  readonly strong: number;
  /** Without the risk. */
  readonly cost: number;
  /** With the risk, as far as it can be told. */
  readonly guess: number;
}

/** The levains that could be made for a bake; of those that are alike, the best few. */
export interface LevainGuesses {
  /** The best guess of a plain build, which is not often too hopeful. */
  readonly best: number;
  add(guess: LevainGuess): void;
  /** As many of those that are built, held and topped up. */
  inOrder(ofEach: number): readonly LevainGuess[];
}

/** Ways to the same levain that are kept. */
const ALIKE_KEPT = 6;
/** No likeness has more places, minutes before it is held, or strong feeds: a top-up is told apart by its no parts. */
const PLACES = 64;
const MINUTES = 2 ** 13;
const FEEDS = 16;

export function levainGuesses(): LevainGuesses {
  const alike = new Map<Instant, Map<number, LevainGuess[]>>();
  const numbers = new Map<string, number>();
  const numberOf = (place: string) => remembered(numbers, place, () => numbers.size + 1);
  /** A number for guesses at an hour that differ in nothing but the way there. */
  const likeness = ({ parts, place, hold, strong }: LevainGuess) => {
    const stands = numberOf(place) * PLACES + (hold ? numberOf(hold.place) : 0);
    const heldFrom = hold ? Math.round(60 * hold.afterH) : 0;
    return ((4 * parts * PLACES * PLACES + stands) * MINUTES + heldFrom) * FEEDS + strong;
  };
  let best = Infinity;
  return {
    get best() {
      return best;
    },
    add(guess) {
      if (isPlain(guess)) best = Math.min(best, guess.guess);
      const here = remembered(alike, guess.at, () => new Map<number, LevainGuess[]>());
      /** The cheapest first. */
      const same = remembered(here, likeness(guess), () => []);
      const place = same.findLastIndex((other) => other.guess <= guess.guess) + 1;
      if (place === ALIKE_KEPT) return;
      same.splice(place, 0, guess);
      same.splice(ALIKE_KEPT);
    },
    inOrder(ofEach) {
      const sorted = [...alike.values()]
        .flatMap((here) => [...here.values()].flat())
        .sort((a, b) => a.guess - b.guess);
      const sorts = [isPlain, isHeld, isToppedUp];
      return sorts
        .flatMap((of) => sorted.filter(of).slice(0, ofEach))
        .sort((a, b) => a.guess - b.guess);
    },
  };
}

const isToppedUp = ({ kind }: LevainGuess) => kind === 'topUp';
const isHeld = ({ hold }: LevainGuess) => hold !== undefined;
const isPlain = (guess: LevainGuess) => !isToppedUp(guess) && !isHeld(guess);
