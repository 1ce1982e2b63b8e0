import { type Mix, type Place } from '../ferment';
import { graceOf, nextByRhythm } from '../journal';
import { HOUR, type Instant } from '../measure';
import { keepingFeed, totalG } from './amounts';
import { type Course, courseOf } from './course';
import { fedWith } from './fedWith';
import { kitchenOf } from './kitchen';
import { type JarTask, STILL_FED } from './price';
import { type Hands, type Problem, type Step } from './problem';
import { FIRST_OUT_H } from './leaving';
import { GRAIN, inHands, isOddHour } from './slots';
import { MOVE_SLACK } from './stepsOf';
import { liveThrough } from './walk';

/** Hunger at which a keeper feeds at the latest, hours without food counted at 22 °C. */
const FEED_AT_HUNGER = 14;
/** A fridge jar is looked after once a week or so, even when it would last longer. */
const LONGEST_REST_H = 10 * 24;
/** No feed is put off for longer, however well it would bear it. */
const LONGEST_SLACK = 6 * HOUR;
/** A feed is drawn to the hour of another jar's when it is at most so much sooner. */
const SHARED_WITHIN = 8 * HOUR;

/** A jar as a plan leaves it. */
export interface Left {
  readonly at: Instant;
  /** Its last feed. */
  readonly fedAt: Instant;
  readonly mix: Mix;
  readonly massG: number;
  readonly place: string;
}

/** How a jar is left after steps. */
export function lastState({ problem, jar, start }: JarTask, steps: readonly Step[]): Left {
  const at = steps[steps.length - 1]?.at ?? problem.now;
  const last = liveThrough(problem, jar, start, steps, at).at(-1)!;
  let massG = jar.massG;
  for (const { keepG, flourG = 0, waterG = 0, takeG = 0 } of steps)
    massG = keepG === undefined ? massG - takeG : totalG({ keepG, flourG, waterG });
  return {
    at,
    fedAt: last.step?.at ?? jar.since,
    mix: last.course.mixAt((at - last.from) / HOUR),
    massG,
    // A walk that comes last begins a stay of no time.
    place: steps.findLast((step) => step.place !== undefined)?.place ?? last.stays.at(-1)!.place,
  };
}

/**
 * Keeps a jar well until a plan's end: where it lives, as lean as the school has it, fed when it is hungry and not before,
 * at hours that suit. A jar that lasts beyond the end is left in peace. Before hands are away for longer than it would last,
 * it goes to the fridge, and comes home by a walk. A bake needs a search; this only needs care.
 *
 * @param home where the jar lives
 * @param slots moments at which it may be touched, in order
 */
export function keepRhythm(
  task: JarTask,
  left: Left,
  home: Place,
  slots: readonly Instant[],
): readonly Step[] {
  const { problem, jar, touched } = task;
  const { limits, hands } = problem;
  const { counter, fridge } = kitchenOf(problem);
  const parts = Math.min(limits.partsMax, Math.max(limits.partsMin, jar.parts));
  const steps: Step[] = [];
  let { at, fedAt, mix, massG, place } = left;

  /** Takes the jar to another place, and lets it stand where it was until then. */
  const walk = (when: Instant, to: string) => {
    mix = courseOf(problem, jar, mix, at, [{ from: at, place }], (when - at) / HOUR).mixAt(
      (when - at) / HOUR,
    );
    // Not before what was done last: a jar is taken from, and then carried home.
    const earliest = Math.max(at, when - MOVE_SLACK);
    at = when;
    place = to;
    steps.push({ at, earliest, latest: when + MOVE_SLACK, kind: 'move', jar: jar.id, place });
  };

  // A bake may have left it somewhere else, and hands are there.
  let fedAtOnce = at > problem.now && inHands(hands, at) && mix.food <= STILL_FED;
  if (at > problem.now && !fedAtOnce && place !== home.id && inHands(hands, at)) walk(at, home.id);
  for (;;) {
    const hours = Math.max(1, Math.min(LONGEST_REST_H, (problem.until - at) / HOUR + 24));
    const course = courseOf(problem, jar, mix, at, [{ from: at, place }], hours);
    const promised = jar.rhythm ? nextByRhythm(jar.rhythm, fedAt, problem.time) : undefined;
    if (promised === null && !fedAtOnce) return steps;
    const deadline =
      promised ?? at + Math.min(course.hungryH(FEED_AT_HUNGER) ?? Infinity, LONGEST_REST_H) * HOUR;
    const ready = at + readyH(course, hours) * HOUR;
    let slot = fedAtOnce
      ? at
      : promised
        ? promised >= at && inHands(hands, promised)
          ? promised
          : nearestSlot(slots, promised, at)
        : chooseSlot(problem, slots, Math.max(at, ready), deadline, touched);
    if (!fedAtOnce && deadline >= problem.until) return steps;
    fedAtOnce = false;
    if (slot === null || slot >= problem.until) return steps;
    const late = course.hungryH(limits.hungryMaxH);
    const before = lastBefore(slots, Math.min(deadline, slot - 1));
    // Nobody is there in time, but before. Who is there all the while just feeds it late.
    if (
      late !== null &&
      slot > at + late * HOUR &&
      before !== undefined &&
      before > at &&
      !isInOneStretch(hands, before, slot)
    ) {
      if (promised && promised - before <= graceOf(jar.rhythm!)) slot = before;
      else if (fridge && place !== fridge.id) {
        // The cold holds it until then.
        walk(before, fridge.id);
        const back = firstFrom(slots, before + 1);
        if (back === undefined || back >= problem.until) return steps;
        if (home.id !== fridge.id) walk(back, home.id);
        continue;
      }
    }
    const amounts = keepingFeed(jar, massG, parts);
    mix = fedWith(problem, jar, course.mixAt((slot - at) / HOUR), slot, amounts);
    fedAt = slot;
    massG = totalG(amounts);
    const starves = () => {
      const stays = [{ from: slot, place: home.id }];
      const until = courseOf(problem, jar, mix, slot, stays, LONGEST_REST_H).hungryH(
        limits.hungryMaxH,
      );
      const later = firstFrom(slots, slot + 1);
      return until !== null && (later ?? problem.until) > slot + until * HOUR;
    };
    const goes = fridge && home.kind !== 'fridge' && starves() ? fridge : home;
    const put = slot + FIRST_OUT_H * HOUR;
    // An hour or two out before the fridge, where somebody is there to put it in.
    const out = goes.kind === 'fridge' && inHands(hands, put) ? counter : null;
    steps.push({
      at: slot,
      ...(promised
        ? slackOf(slot, graceOf(jar.rhythm!), at)
        : {
            earliest: slot === at ? slot : Math.min(slot, firstFrom(slots, ready) ?? slot),
            latest: Math.max(
              slot,
              lastBefore(slots, Math.min(deadline, slot + LONGEST_SLACK)) ?? slot,
            ),
          }),
      kind: 'feed',
      jar: jar.id,
      ...amounts,
      place: (out ?? goes).id,
    });
    at = slot;
    place = (out ?? goes).id;
    if (out) walk(put, goes.id);
    if (goes === home) continue;
    // It comes home as soon as somebody is back; it need not be fed for that.
    const back = firstFrom(slots, at + 1);
    if (back === undefined || back >= problem.until) return steps;
    walk(back, home.id);
  }
}

/** The moment nearest to a promised hour. */
function nearestSlot(slots: readonly Instant[], promised: Instant, after: Instant): Instant | null {
  const later = slots.filter((slot) => slot >= after);
  const [first = null] = later;
  return later.reduce(
    (best, slot) =>
      best === null || Math.abs(slot - promised) < Math.abs(best - promised) ? slot : best,
    first,
  );
}

/** A promised feed may be a little early or late, by half hours, as far as hands are there. */
function slackOf(slot: Instant, grace: number, after: Instant) {
  const slack = Math.floor(grace / GRAIN) * GRAIN;
  return { earliest: Math.max(after, slot - slack), latest: slot + slack };
}

const isInOneStretch = (hands: readonly Hands[], a: Instant, b: Instant): boolean =>
  hands.some(({ from, until }) => from <= a && b <= until);

/** When so much of the food is eaten that a feed throws out little of it. */
function readyH(course: Course, hours: number): number {
  let h = 0;
  while (h < hours && course.foodAt(h) > STILL_FED) h += 0.5;
  return h;
}

/**
 * The last good slot before a deadline that is no odd hour, sooner where another jar is fed anyway; the first one after
 * the deadline where there is none before.
 */
function chooseSlot(
  problem: Problem,
  slots: readonly Instant[],
  after: Instant,
  deadline: Instant,
  touched: ReadonlySet<Instant>,
): Instant | null {
  const before = slots.filter((slot) => slot >= after && slot <= deadline);
  const good = before.findLast((slot) => !isOddHour(problem.time, slot));
  const shared = before.findLast((slot) => touched.has(slot));
  if (good !== undefined && shared !== undefined && good - shared <= SHARED_WITHIN) return shared;
  return good ?? before[before.length - 1] ?? slots.find((slot) => slot > after) ?? null;
}

const firstFrom = (slots: readonly Instant[], at: Instant) => slots.find((slot) => slot >= at);
const lastBefore = (slots: readonly Instant[], at: Instant) => slots.findLast((slot) => slot <= at);
