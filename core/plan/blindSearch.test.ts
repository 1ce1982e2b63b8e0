import { type Chance, chanceFrom } from '../measure/chance';
import { HOUR, type Instant } from '../measure';
import { buildingFeed, keepingFeed, toppingUp, totalG } from './amounts';
import { courseBookOf } from './courseBook';
import { type JarTask, type Priced, priceOf } from './price';
import { type Step } from './problem';
import { inHands } from './slots';
import { solveJar, solvedOtherwise } from './solveJar';
import { NOW } from './someKitchen.testing';
import { someTask } from './someTask.testing';

/**
 * The judge: every list of at most two feeds in the slots given, in every place, priced by living through it. It knows
 * nothing of labels, guesses or courses kept.
 */
function cheapestOfAll(task: JarTask, slots: readonly Instant[]): Priced | null {
  const { problem, jar, bakes } = task;
  const [bake] = bakes;
  let best: Priced | null = null;
  const take: Step = {
    at: bake!.from,
    earliest: bake!.from,
    latest: bake!.until,
    kind: 'take',
    jar: jar.id,
    wanted: bake!.id,
    takeG: bake!.levainG,
  };
  const consider = (steps: readonly Step[]) => {
    const priced = priceOf(
      task,
      [...steps, take].sort((a, b) => a.at - b.at),
      best?.cost,
    );
    if (priced && (!best || priced.cost < best.cost)) best = priced;
  };
  const at = (when: Instant) => ({ at: when, earliest: when, latest: when, jar: jar.id });
  const feeds = (when: Instant, massG: number): readonly (readonly Step[])[] =>
    [4, 10].flatMap((parts) => {
      const amounts = keepingFeed(jar, massG, parts);
      const fed = (place: string): Step => ({ ...at(when), kind: 'feed', ...amounts, place });
      const out = when + 1.5 * HOUR;
      const cold: Step = { ...at(out), kind: 'move', place: 'fridge' };
      return [
        [fed('counter')],
        [fed('fridge')],
        ...(inHands(problem.hands, out) ? [[fed('counter'), cold]] : []),
      ];
    });
  const builds = (when: Instant, massG: number, before: readonly Step[]) => {
    for (const place of ['counter', 'warm', 'larder']) {
      const make = (kind: 'build' | 'topUp', amounts: ReturnType<typeof toppingUp>) => {
        if (amounts)
          consider([...before, { ...at(when), kind, wanted: bake!.id, ...amounts, place }]);
      };
      for (const parts of [1, 2, 4, 7]) make('build', buildingFeed(jar, massG, 100, parts, bake!));
      make('topUp', toppingUp(jar, massG, 100, bake!));
    }
  };
  consider([]);
  slots.forEach((first, i) => {
    builds(first, jar.massG, []);
    for (const fed of feeds(first, jar.massG))
      for (const second of slots.slice(i + 1))
        if (second > fed[fed.length - 1]!.at)
          builds(
            second,
            totalG(keepingFeed(jar, jar.massG, fed[0]!.flourG! / fed[0]!.keepG!)),
            fed,
          );
  });
  return best;
}

/** Three moments at which a jar may be touched. */
const someSlots = (chance: Chance, hours: number): readonly Instant[] =>
  [0, 1, 2].map((i) => {
    const h = 0.5 + ((hours - 3) * (i + chance.even())) / 3;
    return NOW + Math.round(h * 2) * (HOUR / 2);
  });

/** Two hundred held as well. */
const JUDGED = 24;

describe('in small cases a plan comes within 3 % of the cheapest of all lists of steps', () => {
  const chance = chanceFrom(31);
  const cases = Array.from({ length: JUDGED }, (_, n) => {
    const { task, hours } = someTask(chance);
    return { n, hours: Math.round(hours), task, slots: someSlots(chance, hours) };
  });
  let possible = 0;

  it.each(cases)('case $n, a bake in $hours hours', ({ task, slots }) => {
    const judged = cheapestOfAll(task, slots);
    if (judged) possible++;
    const solved = solveJar(task, {
      slots: { all: slots, forFeeds: new Set(slots) },
      book: courseBookOf(task.problem, task.jar, task.start),
    });
    const cost = solved ? solvedOtherwise(task, solved).cost : Infinity;
    // One that the judge does not find is no fault: he may not touch the jar between the slots.
    expect(cost).toBeLessThanOrEqual(judged ? 1.03 * judged.cost : Infinity);
  });

  it('most of which can be had at all', () => {
    expect(possible).toBeGreaterThan(0.7 * JUDGED);
  });
});
