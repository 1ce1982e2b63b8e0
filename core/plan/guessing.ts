import { type Mix } from '../ferment';
import { HOUR, type Instant } from '../measure';
import { type StepAmounts, buildingFeed, toppingUp } from './amounts';
import { type Course } from './course';
import { type CourseBook } from './courseBook';
import { isCold, kitchenOf } from './kitchen';
import { type Label } from './label';
import { type LevainGuess, levainGuesses } from './levainGuesses';
import { HELD_CHANCE, type ColdWait } from './likelyBuilds';
import { COIN, type JarTask, LEAST_CHANCE, MOVE_SHARE } from './price';
import { type Wanted } from './problem';
import { type Slots, firstAt } from './slots';

/** Only so long before a bake a jar is topped up for it, with so much hope as long as it is not followed. */
const TOPPED_WITHIN = 18 * HOUR;
const TOPPED_CHANCE = 0.95;
/** A levain is put into the cold so long before it is ripe at the earliest, at one of the next few slots. */
const HELD_BEFORE_RIPE_H = 1;
const HOLDS = 3;
const LONGEST_HOLD = 12 * HOUR;
/** A guess may be so much too hopeful. */
const TOO_HOPEFUL = 5;

/** A way to a slot: the jar as it was left, its course, and what the touch there costs before anything is mixed. */
export interface Way {
  readonly way: Label;
  readonly course: Course;
  readonly strong: number;
  readonly at: Instant;
  /** Active yeast by then, and how ready it is to grow. */
  readonly yeast: number;
  readonly ready: number;
  readonly cost: number;
}

/** Guesses the levains that ways could be ended with; nothing is mixed or followed for it. */
export interface Guessing {
  /** Guesses the levains for the next bake that a way could be followed by. */
  readonly guess: (from: Way) => void;
  /** The best guesses for a bake, so many of each sort. */
  readonly best: (done: number, ofEach: number) => readonly LevainGuess[];
  /** Whether a way costs more than the best guess for its next bake could turn out to. */
  readonly hopeless: (cost: number, done: number) => boolean;
  /** The cold places and moments in which a levain that ripens too soon may wait. */
  readonly holdsFor: (
    at: Instant,
    ripe: { readonly fromH: number; readonly untilH: number },
    bake: Wanted,
  ) => readonly ColdWait[];
  /** The hours of a course that have passed when a levain is held in the cold. */
  readonly countedH: (done: number, hours: number, place: string, hold?: ColdWait) => number;
  /** How many hours later a levain ripens of a starter as weak as some mix. */
  readonly laterH: (done: number, place: string, mix: Mix) => number;
}

export function guessing(task: JarTask, { all }: Slots, book: CourseBook): Guessing {
  const { problem, jar, bakes, weights } = task;
  const { places } = kitchenOf(problem);
  const likely = bakes.map((bake) => book.buildsFor(bake));
  const known = bakes.map(levainGuesses);
  const moveCost = weights.touches * COIN.touch * MOVE_SHARE;
  const risk = (chance: number) => weights.risk * COIN.missed * (1 - chance);
  const hopeless: Guessing['hopeless'] = (cost, done) => cost > known[done]!.best + TOO_HOPEFUL;

  const holdsFor: Guessing['holdsFor'] = (at, { fromH, untilH }, bake) => {
    const until = Math.min(bake.from, at + untilH * HOUR);
    const holds: ColdWait[] = [];
    let i = firstAt(all, Math.max(at + 1, at + (fromH - HELD_BEFORE_RIPE_H) * HOUR));
    for (const last = i + HOLDS; i < last && all[i]! < until; i++)
      for (const place of places)
        if (isCold(place)) holds.push({ afterH: (all[i]! - at) / HOUR, place: place.id });
    return holds;
  };

  const guess: Guessing['guess'] = ({ way, course, strong, at, yeast, ready, cost }) => {
    const { done, massG } = way;
    const { hydrationPct } = way.mix;
    const bake = bakes[done]!;
    const { parts: allowed, chance, ripe, laterH } = likely[done]!;
    const worthIt = (hope: number, hold?: ColdWait) =>
      hope >= LEAST_CHANCE && !hopeless(cost + risk(hope) + (hold ? moveCost : 0), done);
    const add = (
      kind: LevainGuess['kind'],
      parts: number,
      amounts: StepAmounts,
      place: string,
      hope: number,
      hold?: ColdWait,
    ) => {
      const dear = cost + weights.flour * COIN.flour * amounts.flourG + (hold ? moveCost : 0);
      const total = dear + risk(hope);
      if (hopeless(total, done)) return;
      known[done]!.add({
        kind,
        at,
        parts,
        amounts,
        place,
        hold,
        way,
        course,
        strong,
        cost: dear,
        guess: total,
      });
    };
    // No more than so much is hoped for of any that waits in the cold.
    const canWait = !hopeless(cost + moveCost + risk(HELD_CHANCE), done);
    const topUp = bake.from - at < TOPPED_WITHIN && toppingUp(jar, massG, hydrationPct, bake);
    for (const place of places) {
      const { id } = place;
      if (topUp && place.kind !== 'fridge') add('topUp', 0, topUp, id, TOPPED_CHANCE);
      const later = laterH(id, yeast, ready);
      for (const parts of allowed) {
        const ripens = ripe(parts, id, later);
        if (!ripens || at + ripens.fromH * HOUR > bake.until) continue;
        const hope = chance(at, ripens, id);
        let amounts: StepAmounts | null | undefined;
        if (worthIt(hope)) {
          amounts = buildingFeed(jar, massG, hydrationPct, parts, bake);
          if (!amounts) continue;
          add('build', parts, amounts, id, hope);
        }
        const waits = bake.from - at - ripens.untilH * HOUR;
        if (!canWait || hope > HELD_CHANCE || isCold(place) || waits > LONGEST_HOLD) continue;
        for (const hold of holdsFor(at, ripens, bake)) {
          const held = chance(at, ripens, id, hold);
          if (!worthIt(held, hold)) continue;
          amounts ??= buildingFeed(jar, massG, hydrationPct, parts, bake);
          if (!amounts) break;
          add('build', parts, amounts, id, held, hold);
        }
      }
    }
  };

  return {
    guess,
    best: (done, ofEach) => known[done]!.inOrder(ofEach),
    hopeless,
    holdsFor,
    countedH: (done, hours, place, hold) => likely[done]!.counted(hours, place, hold),
    laterH: (done, place, { yeast, ready }) => likely[done]!.laterH(place, yeast, ready),
  };
}
