import { type Instant } from '../measure';
import { type StepAmounts } from './amounts';
import { type Course } from './course';
import { type Hold } from './likelyBuilds';
import { type Label } from './label';

/** A levain that could be made, with a guess of what it comes to: nothing is mixed or followed yet. */
export interface LevainGuess {
  readonly kind: 'build' | 'topUp';
  readonly at: Instant;
  readonly parts: number;
  readonly amounts: StepAmounts;
  readonly place: string;
  readonly hold?: Hold;
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

export function levainGuesses(): LevainGuesses {
  const alike = new Map<string, LevainGuess[]>();
  let best = Infinity;
  return {
    get best() {
      return best;
    },
    add(guess) {
      if (isPlain(guess)) best = Math.min(best, guess.guess);
      const { kind, at, parts, place, hold, strong } = guess;
      const key = `${kind} ${at} ${parts} ${place} ${hold?.place ?? ''} ${hold?.afterH ?? ''} ${strong}`;
      const same = alike.get(key);
      if (!same) alike.set(key, [guess]);
      else if (same.length < ALIKE_KEPT) same.push(guess);
      else {
        const worst = same.reduce((a, b) => (a.guess >= b.guess ? a : b));
        if (worst.guess > guess.guess) same[same.indexOf(worst)] = guess;
      }
    },
    inOrder(ofEach) {
      const sorted = [...alike.values()].flat().sort((a, b) => a.guess - b.guess);
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
