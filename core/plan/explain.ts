import { HOUR } from '../measure';
import { buildingFeed, fullness, totalG } from './amounts';
import { BUILD_PARTS } from './likelyBuilds';
import { type JarTask } from './price';
import {
  type Impossible,
  type Nearest,
  type PlannedJar,
  type Problem,
  type Wanted,
} from './problem';
import { courseBookOf } from './courseBook';
import { searchJar } from './searchJar';
import { inHands, slotsFor } from './slots';
import { stepsOf } from './stepsOf';

/** Hours around its window that a bake which cannot be had might be had at. */
const SHIFTS = [1, 2, 3, 4, 6, 8, 12, 18, 24];
/** A levain rises to about so much against the band. */
const USUAL_PEAK = 2.4;

/** Why a jar's bakes cannot be had, and what comes nearest. */
export function explain(task: JarTask): Impossible {
  const { problem, jar, bakes } = task;
  const waysFor = (given: Problem, wanted: readonly Wanted[]) =>
    searchJar(
      { ...task, problem: given, bakes: wanted },
      {
        slots: slotsFor(given.now, given.until, given.hands, wanted),
        book,
        avoid: null,
      },
    );
  const book = courseBookOf(problem, jar);
  const possible = (given: Problem, wanted: readonly Wanted[]) => waysFor(given, wanted).length > 0;
  const bake =
    bakes.find((_, i) => !possible(problem, bakes.slice(0, i + 1))) ?? bakes[bakes.length - 1]!;
  const earlier = bakes.slice(0, bakes.indexOf(bake));
  const nearest: Nearest[] = [];

  if (!problem.hands.some((h) => h.from <= bake.until && h.until >= bake.from))
    nearest.push({ kind: 'handsAt', at: bake.from });

  const shift = SHIFTS.flatMap((hours) => [hours, -hours]).find((hours) => {
    const moved = { ...bake, from: bake.from + hours * HOUR, until: bake.until + hours * HOUR };
    return (
      moved.from > problem.now &&
      moved.until < problem.until &&
      possible(problem, [...earlier, moved])
    );
  });
  if (shift !== undefined)
    nearest.push({
      kind: 'otherHour',
      from: bake.from + shift * HOUR,
      until: bake.until + shift * HOUR,
    });

  const always = { ...problem, hands: [{ from: problem.now, until: problem.until }] };
  const [withHands] = waysFor(always, [...earlier, bake]);
  const missing =
    withHands &&
    stepsOf(withHands, jar, task.start.place).find(
      ({ kind, at }) => kind !== 'take' && !inHands(problem.hands, at),
    );
  if (missing) nearest.push({ kind: 'handsAt', at: missing.at });

  const room = mostLevain(jar, task.start.mix.hydrationPct, bake);
  if (bake.levainG > room) nearest.push({ kind: 'less', levainG: room });
  const because =
    bake.levainG > room
      ? 'jarTooSmall'
      : withHands
        ? 'handsAway'
        : shift !== undefined && shift > 0
          ? 'tooSoon'
          : 'neverRipe';
  return { wanted: bake.id, because, nearest };
}

/** The most levain a jar can build without climbing out, at whatever ratio suits best; whole tens of grams. */
function mostLevain(jar: PlannedJar, hydrationPct: number, bake: Wanted): number {
  const fits = (levainG: number) =>
    BUILD_PARTS.some((parts) => {
      const amounts = buildingFeed(jar, jar.massG, hydrationPct, parts, { ...bake, levainG });
      return amounts !== null && fullness(jar, totalG(amounts), hydrationPct, USUAL_PEAK) <= 1;
    });
  let levainG = 0;
  while (levainG < 5000 && fits(levainG + 10)) levainG += 10;
  return levainG;
}
