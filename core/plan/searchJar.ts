import { type Label } from './label';
import { expand } from './leaving';
import { type JarTask } from './price';
import { type Steering, searchOf } from './search';
import { makeLevains } from './serving';

/** Ends kept: close ones are told apart by living through them. */
const ENDS_KEPT = 24;

/**
 * The cheapest ways to have a jar's bakes ripe in their windows: label-setting over the slots in order of time. A label
 * is a jar just touched; from it the places it may stand in are followed, and each later slot offers feeds that
 * strengthen it and levains for the next bake. Levains are only guessed at first; when their bake comes, the best
 * guesses are followed. What comes out is near enough to tell ways apart, and is to be lived through.
 *
 * @returns a few ends of ways, the cheapest first; none when there is no way
 */
export function searchJar(task: JarTask, steering: Steering): readonly Label[] {
  const { problem, jar, start } = task;
  const search = searchOf(task, steering);
  const { takeTimes, ways, guesses, ends } = search;
  expand(search, {
    at: problem.now,
    mix: start.mix,
    massG: jar.massG,
    place: start.place,
    done: 0,
    strong: Math.max(0, start.strong - 1),
    cost: 0,
    before: null,
    touch: null,
  });
  // Slots come in order of time, so that everything that can lead to a label is known when it is its turn.
  const times = [...new Set([...steering.slots.all, ...takeTimes.map((at) => at ?? -1)])]
    .filter((at) => at >= problem.now)
    .sort((a, b) => a - b);
  times.forEach((slot, i) => {
    steering.progress?.(i / times.length);
    takeTimes.forEach((at, done) => at === slot && makeLevains(search, done));
    for (const label of ways.takeAt(slot))
      if (!guesses.hopeless(label.cost, label.done)) expand(search, label);
  });
  return ends.sort((a, b) => a.cost - b.cost).slice(0, ENDS_KEPT);
}
