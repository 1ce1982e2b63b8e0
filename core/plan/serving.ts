import { filledShare } from '../bench';
import { HOUR, type Instant } from '../measure';
import { totalG } from './amounts';
import { type Course } from './course';
import { fedWith } from './fedWith';
import { type Label, likeness } from './label';
import { HELD_CHANCE, type ColdWait, weakSpread } from './likelyBuilds';
import { COIN, LEAST_CHANCE } from './price';
import { type Wanted } from './problem';
import { quickChance, ripeningSpread, risesWell } from './risk';
import { type Search } from './search';

/** A mix may stand on so long after its bake's window, to be seen through. */
export const AFTER_BAKE = 8 * HOUR;
/** Of each sort of levain the best guesses are followed, while they can be among the cheapest. */
const GUESSES_FOLLOWED = 28;
const NEARLY = 5;

/** What stands in the jar is taken for the bake, if it is ripe in the window. Returns what the way comes to. */
export function serve(
  search: Search,
  label: Label,
  course: Course,
  bake: Wanted,
  hold?: ColdWait,
): number {
  const { task, takeTimes, guesses, ways, ends } = search;
  const { problem, jar, bakes, weights } = task;
  const { countedH, laterH } = guesses;
  const { limits } = problem;
  const takeAt = takeTimes[label.done]!;
  if (takeAt === null || label.strong < limits.strongFeeds) return Infinity;
  if (!risesWell(jar, label.mix, course)) return Infinity;
  const { place } = label.touch?.stand ?? label;
  const hoursTo = (at: Instant) => countedH(label.done, (at - label.at) / HOUR, place, hold);
  const built = label.touch && label.touch.kind !== 'take' && label.before;
  const weak =
    built && course.ripeFromH !== null
      ? weakSpread(laterH(label.done, place, built.mix), course.ripeFromH)
      : 0;
  const spread = Math.hypot(ripeningSpread(problem, jar, place), weak);
  const reckoned = quickChance(course, hoursTo(bake.from), hoursTo(bake.until), spread);
  const chance = hold ? Math.min(HELD_CHANCE, reckoned) : reckoned;
  if (chance < LEAST_CHANCE) return Infinity;
  const taken: Label = {
    at: takeAt,
    mix: course.mixAt(hoursTo(takeAt)),
    massG: label.massG - bake.levainG,
    place: label.place,
    done: label.done + 1,
    strong: label.strong,
    cost: label.cost + weights.risk * COIN.missed * (1 - chance),
    before: label,
    touch: { kind: 'take', bake },
  };
  if (taken.done < bakes.length) ways.offer(taken, likeness(taken.done, 'take', 0, taken.strong));
  else ends.push(taken);
  return taken.cost;
}

/** Mixes and follows the best of the levains guessed at for a bake. */
export function makeLevains(search: Search, done: number): void {
  const { task, book, guesses } = search;
  const { problem, jar, bakes } = task;
  const bake = bakes[done]!;
  let cheapest = Infinity;
  for (const levain of guesses.best(done, GUESSES_FOLLOWED)) {
    if (levain.guess > cheapest + NEARLY) break;
    const { kind, at, amounts, place, hold, way, course, strong, cost } = levain;
    const before = { ...way, mix: course.mixAt((at - way.at) / HOUR) };
    const mix = fedWith(problem, jar, before.mix, at, amounts);
    const ripening = book.courseOf(mix, at, { place }, (bake.until + AFTER_BAKE - at) / HOUR);
    const massG = totalG(amounts);
    if (filledShare(jar.vessel, massG, mix.hydrationPct, ripening.peakHeight) > 1) continue;
    const stand = hold ? { place, thenAfterH: hold.afterH, then: hold.place } : { place };
    const label: Label = {
      at,
      mix,
      massG,
      place: hold?.place ?? place,
      done,
      strong,
      cost,
      before,
      touch: { kind, bake, amounts, stand },
    };
    cheapest = Math.min(cheapest, serve(search, label, ripening, bake, hold));
  }
}
