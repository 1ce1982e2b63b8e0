import { waterFor } from '../bench';
import { celsiusAt } from '../ferment';
import { HOUR } from '../measure';
import { isCold, kitchenCelsius, kitchenOf } from './kitchen';
import { type Problem, type Step } from './problem';
import { inHands } from './slots';
import { isMixing } from './walk';

/** A jar from the cold is taken out so long before it is fed, where somebody is there to do it. */
const OUT_BEFORE = HOUR;
/** A walk within so long of a feed belongs to it. */
const BELONGS = 3 * HOUR;
/** Water nobody would tell from the room's, °C. */
const SAME_WARMTH = 2;
/** A mix that the warmest water leaves so much colder than the room has to stand, whatever its water, °C. */
const STAYS_COLD = 5;

/**
 * A jar's steps with what the hands need besides grams: when to take it out of the cold, how warm the water has to be so that
 * the mix begins at the room's warmth, and the walk that follows.
 *
 * @param place where the jar stands before the first step
 */
export function handling(problem: Problem, place: string, steps: readonly Step[]): readonly Step[] {
  const { byId } = kitchenOf(problem);
  let stands = byId.get(place);
  return steps.map((step, i) => {
    const before = stands;
    if (step.place !== undefined) stands = byId.get(step.place);
    if (!isMixing(step)) return step;
    const { at, keepG = 0, flourG = 0, waterG = 0 } = step;
    const cold = before && isCold(before) ? before : null;
    const outAt = at - OUT_BEFORE;
    // A levain that waits in the cold for its bake stays there until it is taken.
    const waits = steps[i - 1]?.kind === 'take' && steps[i - 1]!.at > outAt;
    const hands = !waits && outAt >= problem.now && inHands(problem.hands, outAt);
    const room = kitchenCelsius(problem, at);
    const water = waterFor(
      {
        keepG,
        keepHydrationPct: 100,
        keepCelsius: cold ? celsiusAt(cold.temperature, problem.time.hourOfDay(at)) : room,
        flourG,
        flourCelsius: room,
        waterG,
      },
      room,
    );
    const warms = water.celsius - room >= SAME_WARMTH && room - water.reached < STAYS_COLD;
    const next = steps[i + 1];
    const follows = next?.kind === 'move' && next.at - at <= BELONGS ? next : null;
    return {
      ...step,
      ...(cold && hands ? { outAt } : {}),
      ...(cold && !follows && warms && stands && !isCold(stands)
        ? { waterCelsius: Math.round(water.celsius) }
        : {}),
      ...(follows ? { then: { at: follows.at, place: follows.place! } } : {}),
    };
  });
}
