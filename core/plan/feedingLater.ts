import { HOUR } from '../measure';
import { keepingFeed, totalG } from './amounts';
import { type Course } from './course';
import { fedWith } from './fedWith';
import { type Way } from './guessing';
import { type Label, likeness } from './label';
import { COIN, SHARED_TOUCH, STILL_FED, hungerCost, mostHunger } from './price';
import { type Wanted } from './problem';
import { type Search } from './search';
import { firstAt, isOddHour } from './slots';

/** Levains are made for a bake within so long before it. */
const MADE_WITHIN = 60 * HOUR;

/** Offers, at each later slot, feeds that strengthen a jar left alone, and guesses at levains for its next bake. */
export function feedLater(search: Search, label: Label, course: Course, bake: Wanted): void {
  const { task, slots, guesses, keepParts } = search;
  const { problem, start, weights, touched } = task;
  const { limits, time } = problem;
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
    if (guesses.hopeless(cost, done)) continue;
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
    if (bake.from - slot <= MADE_WITHIN && strong >= limits.strongFeeds) guesses.guess(way);
    if (forFeeds.has(slot) && course.foodAt(h) <= STILL_FED)
      for (const parts of keepParts) offerFeed(search, way, h, parts);
  }
}

/** A feed that keeps the jar well, or strengthens it. */
function offerFeed(
  { task, ways }: Search,
  { way, course, strong, at, yeast, cost }: Way,
  h: number,
  parts: number,
): void {
  const { problem, jar, weights } = task;
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
}
