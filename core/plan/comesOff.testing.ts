import { type Chance } from '../measure/chance';
import { type Mix, feed, forecast, simulate } from '../ferment';
import { airOf } from '../journal';
import { HOUR, type Instant } from '../measure';
import { type Plan, type PlannedJar, type Problem, type Step, type Wanted } from './problem';

/** Feeds in the same kitchen go quicker or slower by so much, as a logarithm. */
const MOOD = 0.08;
/** How far starters differ in what hunger does to them, as a logarithm. */
const FRAILTY = 0.4;
const TRIALS = 400;

/**
 * Whether a bake's levain is ripe through its window when the jar, its feeds and its thermometer are somewhere around what is
 * believed: everything from now on is lived through once, by nothing that the planner reckons chances with.
 */
function comesOff(
  problem: Problem,
  jar: PlannedJar,
  steps: readonly Step[],
  bake: Wanted,
  chance: Chance,
) {
  const own = jar.pace.pace * Math.exp(jar.paceSd * chance.normal());
  const frailty = jar.pace.frailty * Math.exp(FRAILTY * chance.normal());
  const off = chance.normal();
  let mood = Math.exp(MOOD * chance.normal());
  let { fedMix: mix, since: from } = jar;
  let stays = [...jar.stays];
  const conditions = () => {
    const { sd } = problem.places.get(stays[0]!.place)!.arranged.at(-1)!.place;
    return {
      air: airOf(stays, from, problem.places, problem.time, sd * off),
      vessel: jar.vessel,
      pace: { ...jar.pace, pace: own * mood, frailty },
    };
  };
  const at = (when: Instant): Mix => simulate(mix, conditions(), (when - from) / HOUR);
  for (const step of steps) {
    if (step.kind === 'take' && step.wanted === bake.id) break;
    if (step.keepG !== undefined) {
      const { keepG, flourG = 0, waterG = 0 } = step;
      const kitchen = airOf(
        [{ from: step.at, place: 'counter' }],
        step.at,
        problem.places,
        problem.time,
        0,
      )(0);
      mix = feed(at(step.at), {
        keepG,
        flourG,
        waterG,
        flour: jar.flour,
        flourCelsius: kitchen,
        waterCelsius: kitchen,
      });
      from = step.at;
      stays = [{ from, place: step.place! }];
      mood = Math.exp(MOOD * chance.normal());
    } else if (step.kind === 'move') stays.push({ from: step.at, place: step.place! });
  }
  // Walks after the take do not matter to it; those between its mixing and the window do.
  const f = forecast(mix, conditions(), (bake.until - from) / HOUR + 6);
  const ripeFrom = f.ripeFromH === null ? Infinity : from + f.ripeFromH * HOUR;
  const ripeUntil = f.ripeUntilH === null ? Infinity : from + f.ripeUntilH * HOUR;
  return ripeFrom <= bake.from && ripeUntil >= bake.until;
}

/** What a plan claims for its bakes, beside how often each of them comes off. */
export const claimsOf = (problem: Problem, plan: Plan, chance: Chance) =>
  plan.wanted.map(({ id, chance: claimed }) => {
    const bake = problem.wanted.find((wanted) => wanted.id === id)!;
    const jar = problem.jars.find((one) => one.id === bake.jar)!;
    const steps = plan.steps.filter((step) => step.jar === jar.id);
    let came = 0;
    for (let trial = 0; trial < TRIALS; trial++)
      if (comesOff(problem, jar, steps, bake, chance)) came += 1 / TRIALS;
    return { claimed, came };
  });
