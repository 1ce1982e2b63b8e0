import { HOUR, type Instant } from '../measure';
import { fullness, keepingFeed, neededG, totalG } from './amounts';
import { type Course } from './course';
import { fedWith } from './fedWith';
import { type CourseBook, type Stand } from './courseBook';
import { type Way, guessing } from './guessing';
import { isCold, kitchenOf } from './kitchen';
import { type Label, frontier, likeness, withStand } from './label';
import { HELD_CHANCE, type Hold, weakSpread } from './likelyBuilds';
import {
  COIN,
  type JarTask,
  LEAST_CHANCE,
  MOVE_SHARE,
  SHARED_TOUCH,
  STILL_FED,
  hungerCost,
  mostHunger,
} from './price';
import { type Wanted } from './problem';
import { quickChance, ripeningSpread, risesWell } from './risk';
import { type Slots, firstAt, firstHandsIn, inHands, isOddHour } from './slots';

/** Tells how far a search has come, and may stop it by throwing. */
export type OnProgress = (share: number) => void;

/** How a search is steered. */
export interface Steering {
  readonly slots: Slots;
  readonly book: CourseBook;
  readonly progress?: OnProgress;
}

/** Before the fridge: so long on the counter first. */
export const FIRST_OUT_H = 1.5;
/** A mix may stand on so long after its bake's window, to be seen through. */
const AFTER_BAKE = 8 * HOUR;
/** No mix is left alone for longer, hours. */
const FOLLOWED_WARM_H = 48;
const FOLLOWED_COLD_H = 400;
/** Levains are made for a bake within so long before it. */
const MADE_WITHIN = 60 * HOUR;
/** Of each sort of levain the best guesses are followed, while they can be among the cheapest. */
const GUESSES_FOLLOWED = 28;
const NEARLY = 5;
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
  const { problem, jar, start, bakes, weights, touched } = task;
  const { slots, book, progress } = steering;
  const { limits, hands, time } = problem;
  const { places, byId, counter } = kitchenOf(problem);
  const ways = frontier();
  const ends: Label[] = [];
  const keepParts = [
    ...new Set([jar.parts, 10].map((p) => Math.min(limits.partsMax, Math.max(limits.partsMin, p)))),
  ];
  const { guess, best, hopeless, holdsFor, countedH, laterH } = guessing(task, slots);
  const takeTimes = bakes.map((bake) => firstHandsIn(problem, bake));
  const moveCost = weights.touches * COIN.touch * MOVE_SHARE;
  const risk = (chance: number) => weights.risk * COIN.missed * (1 - chance);

  /** Leaves a jar that is no levain in every place it may stand in. */
  const expand = (label: Label) => {
    const fed = label.touch?.kind === 'feed';
    const canMove = fed || inHands(hands, label.at);
    for (const { id, kind } of places) {
      const moved = id !== label.place;
      // A jar that need not be ripe soon goes to the fridge, or stays out where it is.
      if (moved && (!canMove || kind === 'warm' || kind === 'larder')) continue;
      const out = label.at + FIRST_OUT_H * HOUR;
      const first = kind === 'fridge' && fed && counter && inHands(hands, out);
      leave(
        label,
        first ? { place: counter.id, thenAfterH: FIRST_OUT_H, then: id } : { place: id },
      );
    }
  };

  const leave = (label: Label, stand: Stand) => {
    const bake = bakes[label.done]!;
    const fed = label.touch?.kind === 'feed';
    const serves = !fed && label.massG >= neededG(jar, bake);
    const end = (serves ? bake.until + AFTER_BAKE : bake.from) - label.at;
    const longest = isCold(byId.get(stand.then ?? stand.place)!)
      ? FOLLOWED_COLD_H
      : FOLLOWED_WARM_H;
    const hours = Math.min(longest, end / HOUR);
    if (hours <= 0) return;
    const course = book.courseOf(label.mix, label.at, stand, hours);
    const movedAlone = !fed && stand.place !== label.place;
    const left: Label = {
      ...label,
      place: stand.then ?? stand.place,
      cost: label.cost + (stand.then !== undefined || movedAlone ? moveCost : 0),
      touch: withStand(label.touch, stand, movedAlone),
    };
    // A levain that was built already, or plenty left from a bake, needs no other feed.
    if (serves) {
      serve(left, course, bake);
      const { ripeFromH, ripeUntilH, lastH } = course;
      const ripe = ripeFromH === null ? null : { fromH: ripeFromH, untilH: ripeUntilH ?? lastH };
      const holds = ripe ? holdsFor(label.at, ripe, bake) : [];
      for (const hold of holds) {
        const where = { place: stand.place, thenAfterH: hold.afterH, then: hold.place };
        const held = {
          ...left,
          place: hold.place,
          cost: left.cost + moveCost,
          touch: withStand(label.touch, where, true),
        };
        serve(held, course, bake, hold);
      }
    }
    feedLater(left, course, bake);
  };

  /** What stands in the jar is taken for the bake, if it is ripe in the window. Returns what the way comes to. */
  const serve = (label: Label, course: Course, bake: Wanted, hold?: Hold): number => {
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
      cost: label.cost + risk(chance),
      before: label,
      touch: { kind: 'take', bake },
    };
    if (taken.done < bakes.length) ways.offer(taken, likeness(taken.done, 'take', 0, taken.strong));
    else ends.push(taken);
    return taken.cost;
  };

  const feedLater = (label: Label, course: Course, bake: Wanted) => {
    const { touch, mix, done } = label;
    const most = mostHunger(problem, mix.hunger);
    const { all, forFeeds } = slots;
    for (let i = firstAt(all, label.at); i < all.length; i++) {
      const slot = all[i]!;
      if (slot === label.at && touch?.kind === 'feed') continue;
      const h = (slot - label.at) / HOUR;
      if (h > course.lastH || slot >= bake.from) break;
      const hunger = course.hungerAt(h);
      if (hunger > most) break;
      const cost =
        label.cost +
        weights.touches * COIN.touch * (touched.has(slot) ? SHARED_TOUCH : 1) +
        (isOddHour(time, slot) ? weights.oddHours * COIN.oddHour : 0) +
        hungerCost(mix.hunger, hunger);
      if (hopeless(cost, done)) continue;
      const doubled = touch?.kind === 'take' || (course.doublesH !== null && course.doublesH <= h);
      const already = label.before === null && start.strong > 0;
      const strong = doubled || already ? Math.min(limits.strongFeeds, label.strong + 1) : 0;
      const way = {
        way: label,
        course,
        strong,
        at: slot,
        yeast: course.yeastAt(h),
        ready: course.readyAt(h),
        cost,
      };
      if (bake.from - slot <= MADE_WITHIN && strong >= limits.strongFeeds) guess(way);
      if (forFeeds.has(slot) && course.foodAt(h) <= STILL_FED)
        for (const parts of keepParts) offerFeed(way, h, parts);
    }
  };

  /** A feed that keeps the jar well, or strengthens it. */
  const offerFeed = ({ way, course, strong, at, yeast, cost }: Way, h: number, parts: number) => {
    const amounts = keepingFeed(jar, way.massG, parts);
    const dear = cost + weights.flour * COIN.flour * amounts.flourG;
    const massG = totalG(amounts);
    const alike = likeness(way.done, 'feed', parts, strong);
    // Mixing costs more than asking whether the label would be kept at all.
    if (!ways.wants(at, dear, (yeast * amounts.keepG) / massG, alike)) return;
    const before = { ...way, mix: course.mixAt(h) };
    ways.offer(
      {
        at,
        mix: fedWith(problem, jar, before.mix, at, amounts),
        massG,
        place: way.place,
        done: way.done,
        strong,
        cost: dear,
        before,
        touch: { kind: 'feed', amounts },
      },
      alike,
    );
  };

  /** Mixes and follows the best of the levains guessed at for a bake. */
  const makeLevains = (done: number) => {
    const bake = bakes[done]!;
    let cheapest = Infinity;
    for (const levain of best(done, GUESSES_FOLLOWED)) {
      if (levain.guess > cheapest + NEARLY) break;
      const { kind, at, amounts, place, hold, way, course, strong, cost } = levain;
      const before = { ...way, mix: course.mixAt((at - way.at) / HOUR) };
      const mix = fedWith(problem, jar, before.mix, at, amounts);
      const ripening = book.courseOf(mix, at, { place }, (bake.until + AFTER_BAKE - at) / HOUR);
      const massG = totalG(amounts);
      if (fullness(jar, massG, mix.hydrationPct, ripening.peakHeight) > 1) continue;
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
      cheapest = Math.min(cheapest, serve(label, ripening, bake, hold));
    }
  };

  expand({
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
  const times = [...new Set([...slots.all, ...takeTimes.map((at) => at ?? -1)])]
    .filter((at) => at >= problem.now)
    .sort((a, b) => a - b);
  times.forEach((slot, i) => {
    progress?.(i / times.length);
    takeTimes.forEach((at, done) => at === slot && makeLevains(done));
    for (const label of ways.takeAt(slot)) if (!hopeless(label.cost, label.done)) expand(label);
  });
  return ends.sort((a, b) => a.cost - b.cost).slice(0, ENDS_KEPT);
}
