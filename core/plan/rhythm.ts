import { type Place } from '../ferment';
import { placeAt } from '../journal';
import { HOUR, type Instant } from '../measure';
import { keepingFeed } from './amounts';
import { courseOf, fedWith } from './course';
import { type PlannedJar, type Problem, type Step } from './problem';
import { type Left } from './solveJar';
import { inHands, isOddHour } from './slots';

/** Hunger at which a keeper feeds at the latest, hours without food counted at 22 °C. */
const FEED_AT_HUNGER = 14;
/** A fridge jar is looked after once a week or so, even when it would last longer. */
const LONGEST_REST_H = 10 * 24;
const FIRST_OUT_H = 1.5;
/** No feed is put off for longer, however well it would bear it. */
const LONGEST_SLACK = 6 * HOUR;

/**
 * Keeps a jar well until a plan's end: where it lives, as lean as the school has it, fed before it goes hungry, at hours
 * that suit. A bake needs a search; this only needs care.
 *
 * @param parts flour to one of keep
 */
export function keepRhythm(
  problem: Problem,
  jar: PlannedJar,
  left: Left,
  home: Place,
  parts: number,
  slots: readonly Instant[],
): readonly Step[] {
  const steps: Step[] = [];
  const room = [...problem.places.keys()]
    .map((id) => placeAt(problem.places, id, problem.now)!)
    .find(({ kind }) => kind === 'counter');
  let { at, mix, massG, place } = left;
  // What a bake leaves in the jar is fed at once: the hands are there, and the keep is past its best.
  let next: Instant | null = at > problem.now && inHands(problem.hands, at) ? at : null;
  for (;;) {
    const hours = Math.max(1, Math.min(LONGEST_REST_H, (problem.until - at) / HOUR + 24));
    const course = courseOf(problem, jar, mix, at, { place }, hours);
    const hungryAt = course.hunger.findIndex((hunger) => hunger >= FEED_AT_HUNGER);
    const deadline = at + (hungryAt < 0 ? hours : course.hours[hungryAt]!) * HOUR;
    const ready = at + (course.ripeFromH ?? 0) * HOUR;
    const slot = next ?? chooseSlot(problem, slots, at, deadline);
    next = null;
    if (slot === null || slot >= problem.until) return steps;
    const amounts = keepingFeed(jar, massG, parts);
    const put = slot + FIRST_OUT_H * HOUR;
    // An hour or two out before the fridge, where somebody is there to put it in.
    const out = home.kind === 'fridge' && inHands(problem.hands, put) ? room : undefined;
    steps.push({
      at: slot,
      earliest: slot === at ? slot : Math.min(slot, firstFrom(slots, ready) ?? slot),
      latest: Math.max(slot, lastBefore(slots, Math.min(deadline, slot + LONGEST_SLACK)) ?? slot),
      kind: 'feed',
      jar: jar.id,
      ...amounts,
      place: (out ?? home).id,
    });
    mix = fedWith(problem, jar, course.mixAt((slot - at) / HOUR), slot, parts, amounts.keepG);
    massG = amounts.keepG + amounts.flourG + amounts.waterG;
    at = slot;
    place = home.id;
    if (!out) continue;
    mix = courseOf(problem, jar, mix, slot, { place: out.id }, FIRST_OUT_H).mixAt(FIRST_OUT_H);
    at = put;
    steps.push({
      at: put,
      earliest: put - HOUR / 2,
      latest: put + HOUR / 2,
      kind: 'move',
      jar: jar.id,
      place: home.id,
    });
  }
}

/** The last good slot before a deadline that is no odd hour; the first one after it where there is none. */
function chooseSlot(
  problem: Problem,
  slots: readonly Instant[],
  after: Instant,
  deadline: Instant,
): Instant | null {
  const before = slots.filter((slot) => slot > after && slot <= deadline);
  const good = before.findLast((slot) => !isOddHour(problem.time, slot));
  return (
    good ??
    before[before.length - 1] ??
    slots.find((slot) => slot > after && slot > deadline) ??
    null
  );
}

const firstFrom = (slots: readonly Instant[], at: Instant) => slots.find((slot) => slot >= at);
const lastBefore = (slots: readonly Instant[], at: Instant) => slots.findLast((slot) => slot <= at);
