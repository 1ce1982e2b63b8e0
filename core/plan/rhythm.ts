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
  const { now, until, hands } = task.problem;
  const { fridge } = kitchenOf(task.problem);
  // A bake may have left it hungry, or somewhere else, and hands are there.
  const isThere = left.at > now && inHands(hands, left.at);
  let atOnce = isThere && left.mix.food <= STILL_FED;
  let kept: Kept = { ...left, steps: [] };
  if (isThere && !atOnce && left.place !== home.id) kept = walked(task, kept, left.at, home.id);
  for (;;) {
    const ahead = aheadOf(task, kept);
    const due = atOnce ? kept.at : dueSlot(task, kept, ahead, slots);
    atOnce = false;
    if (due === null || due >= until) return kept.steps;
    const before = lastWithHands(task, kept.at, ahead, due, slots);
    const sooner = before !== null && bearsSooner(task, ahead, before);
    let goes = home;
    if (before !== null && !sooner && fridge && kept.place !== fridge.id) {
      // The cold holds it until somebody is back.
      kept = walked(task, kept, before, fridge.id);
      goes = fridge;
    } else {
      kept = fed(task, kept, ahead, sooner ? before : due, slots);
      if (fridge && home.kind !== 'fridge' && starvesIn(home, task, kept, slots)) goes = fridge;
      kept = putAway(task, kept, goes);
      if (goes.id === home.id) continue;
    }
    // It comes home as soon as somebody is back; it need not be fed for that.
    const back = firstFrom(slots, kept.at + 1);
    if (back === undefined || back >= until) return kept.steps;
    if (goes.id !== home.id) kept = walked(task, kept, back, home.id);
  }
}

/** A jar under way through a plan, and what was done to it. */
interface Kept extends Left {
  readonly steps: readonly Step[];
}

/** How it goes on in a place. */
const courseIn = (
  place: string,
  { problem, jar }: JarTask,
  { mix, at }: Kept,
  hours: number,
): Course => courseOf(problem, jar, mix, at, [{ from: at, place }], hours);

/** Takes it to another place, and lets it stand where it was until then. */
function walked(task: JarTask, kept: Kept, at: Instant, place: string): Kept {
  const hours = (at - kept.at) / HOUR;
  const mix = courseIn(kept.place, task, kept, hours).mixAt(hours);
  const step: Step = {
    at,
    // Not before what was done last: a jar is taken from, and then carried home.
    earliest: Math.max(kept.at, at - MOVE_SLACK),
    latest: at + MOVE_SLACK,
    kind: 'move',
    jar: task.jar.id,
    place,
  };
  return { ...kept, at, mix, place, steps: [...kept.steps, step] };
}

/** Feeds it where it stands. */
function fed(
  task: JarTask,
  kept: Kept,
  ahead: Ahead,
  at: Instant,
  slots: readonly Instant[],
): Kept {
  const { problem, jar } = task;
  const { partsMin, partsMax } = problem.limits;
  const parts = Math.min(partsMax, Math.max(partsMin, jar.parts));
  const amounts = keepingFeed(jar, kept.massG, parts);
  const before = ahead.course.mixAt((at - kept.at) / HOUR);
  const mix = fedWith(problem, jar, before, at, amounts);
  const slack = slackAt(task, kept.at, ahead, at, slots);
  const step: Step = { at, ...slack, kind: 'feed', jar: jar.id, ...amounts };
  return { ...kept, at, fedAt: at, mix, massG: totalG(amounts), steps: [...kept.steps, step] };
}

/** Whether it would be far too hungry in a place before somebody comes by again. */
function starvesIn(place: Place, task: JarTask, kept: Kept, slots: readonly Instant[]): boolean {
  const { limits, until } = task.problem;
  const hungryH = courseIn(place.id, task, kept, LONGEST_REST_H).hungryH(limits.hungryMaxH);
  const later = firstFrom(slots, kept.at + 1) ?? until;
  return hungryH !== null && later > kept.at + hungryH * HOUR;
}

/** Where it goes when it is fed: an hour or two out before the fridge, where somebody is there to put it in. */
function putAway(task: JarTask, kept: Kept, goes: Place): Kept {
  const { counter } = kitchenOf(task.problem);
  const cold = kept.at + FIRST_OUT_H * HOUR;
  const out = goes.kind === 'fridge' && inHands(task.problem.hands, cold) ? counter : null;
  const place = (out ?? goes).id;
  const steps = [...kept.steps.slice(0, -1), { ...kept.steps.at(-1)!, place }];
  const put = { ...kept, place, steps };
  return out ? walked(task, put, cold, goes.id) : put;
}

/** How a kept jar goes on, and by when it is to be fed. */
interface Ahead {
  readonly course: Course;
  /** From here on a feed throws out little food. */
  readonly ready: Instant;
  /** The hour that its card promises; null where none can be kept, undefined where nothing is promised. */
  readonly promised: Instant | null | undefined;
  readonly deadline: Instant;
}

function aheadOf(task: JarTask, kept: Kept): Ahead {
  const { problem, jar } = task;
  const hours = Math.max(1, Math.min(LONGEST_REST_H, (problem.until - kept.at) / HOUR + 24));
  const course = courseIn(kept.place, task, kept, hours);
  const promised = jar.rhythm ? nextByRhythm(jar.rhythm, kept.fedAt, problem.time) : undefined;
  const restH = Math.min(course.hungryH(FEED_AT_HUNGER) ?? Infinity, LONGEST_REST_H);
  return {
    course,
    ready: kept.at + readyH(course, hours) * HOUR,
    promised,
    deadline: promised ?? kept.at + restH * HOUR,
  };
}

/** When it is fed next; null where it lasts, or nobody is there. */
function dueSlot(
  { problem, jar, touched }: JarTask,
  { at, fedAt }: Left,
  { ready, promised, deadline }: Ahead,
  slots: readonly Instant[],
): Instant | null {
  if (promised === null || deadline >= problem.until) return null;
  if (promised === undefined)
    return chooseSlot(problem, slots, Math.max(at, ready), deadline, touched);
  if (promised >= at && inHands(problem.hands, promised)) return promised;
  // Somebody who comes by once a day feeds it once then, however often its card says.
  return nearestSlot(slots, promised, Math.max(at, fedAt + (jar.rhythm!.everyH! * HOUR) / 2));
}

/**
 * Where nobody is there in time: when somebody is there for the last time before. Null where it bears the wait, and where
 * somebody is there all the while and just feeds it late.
 */
function lastWithHands(
  { problem }: JarTask,
  at: Instant,
  { course, deadline }: Ahead,
  due: Instant,
  slots: readonly Instant[],
): Instant | null {
  const late = course.hungryH(problem.limits.hungryMaxH);
  if (late === null || due <= at + late * HOUR) return null;
  const before = lastBefore(slots, Math.min(deadline, due - 1));
  if (before === undefined || before <= at) return null;
  return isInOneStretch(problem.hands, before, due) ? null : before;
}

/** Whether a promised feed may be so much sooner. */
const bearsSooner = ({ jar }: JarTask, { promised }: Ahead, before: Instant): boolean =>
  Boolean(promised) && promised! - before <= graceOf(jar.rhythm!);

/** How much earlier or later a feed may be. */
function slackAt(
  { jar }: JarTask,
  at: Instant,
  { ready, promised, deadline }: Ahead,
  slot: Instant,
  slots: readonly Instant[],
): { readonly earliest: Instant; readonly latest: Instant } {
  if (promised) return slackOf(slot, graceOf(jar.rhythm!), at);
  const last = lastBefore(slots, Math.min(deadline, slot + LONGEST_SLACK));
  return {
    earliest: slot === at ? slot : Math.min(slot, firstFrom(slots, ready) ?? slot),
    latest: Math.max(slot, last ?? slot),
  };
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

/** A promised feed may be a little early or late, by half hours, whoever is there then. */
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
