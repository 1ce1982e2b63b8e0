import { type Instant } from '../measure';
import { type CourseBook } from './courseBook';
import { guessing } from './guessing';
import { kitchenOf } from './kitchen';
import { type Label, frontier } from './label';
import { COIN, type JarTask, MOVE_SHARE } from './price';
import { type Slots, firstHandsIn } from './slots';

/** Tells how far a search has come, and may stop it by throwing. */
export type OnProgress = (share: number) => void;

/** How a search is steered. */
export interface Steering {
  readonly slots: Slots;
  readonly book: CourseBook;
  readonly progress?: OnProgress;
}

/** A search for the cheapest ways of one jar: what is asked, and what it has come to so far. */
export interface Search {
  readonly task: JarTask;
  readonly slots: Slots;
  readonly book: CourseBook;
  readonly kitchen: ReturnType<typeof kitchenOf>;
  /** Parts of flour that a feed is tried with which is no levain. */
  readonly keepParts: readonly number[];
  /** When each bake's levain is taken: the first hands in its window; null where there are none. */
  readonly takeTimes: readonly (Instant | null)[];
  readonly moveCost: number;
  readonly guesses: ReturnType<typeof guessing>;
  /** Labels that wait for their slot. */
  readonly ways: ReturnType<typeof frontier>;
  /** Labels with all bakes served. */
  readonly ends: Label[];
}

/** A search that has not begun. */
export function searchOf(task: JarTask, { slots, book }: Steering): Search {
  const { problem, jar, bakes, weights } = task;
  const { partsMin, partsMax } = problem.limits;
  return {
    task,
    slots,
    book,
    kitchen: kitchenOf(problem),
    keepParts: [
      ...new Set([jar.parts, 10].map((parts) => Math.min(partsMax, Math.max(partsMin, parts)))),
    ],
    takeTimes: bakes.map((bake) => firstHandsIn(problem, bake)),
    moveCost: weights.touches * COIN.touch * MOVE_SHARE,
    guesses: guessing(task, slots, book),
    ways: frontier(),
    ends: [],
  };
}
