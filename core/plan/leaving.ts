import { HOUR } from '../measure';
import { neededG } from './amounts';
import { type Stand } from './courseBook';
import { feedLater } from './feedingLater';
import { isCold } from './kitchen';
import { type Label, withStand } from './label';
import { type Search } from './search';
import { AFTER_BAKE, serve } from './serving';
import { inHands } from './slots';

/** Before the fridge: so long on the counter first. */
export const FIRST_OUT_H = 1.5;
/** No mix is left alone for longer, hours. */
const FOLLOWED_WARM_H = 48;
const FOLLOWED_COLD_H = 400;

/** Leaves a jar that is no levain in every place it may stand in. */
export function expand(search: Search, label: Label): void {
  const { places, counter } = search.kitchen;
  const { hands } = search.task.problem;
  const fed = label.touch?.kind === 'feed';
  const canMove = fed || inHands(hands, label.at);
  for (const { id, kind } of places) {
    const moved = id !== label.place;
    // A jar that need not be ripe soon goes to the fridge, or stays out where it is.
    if (moved && (!canMove || kind === 'warm' || kind === 'larder')) continue;
    const out = label.at + FIRST_OUT_H * HOUR;
    const first = kind === 'fridge' && fed && counter && inHands(hands, out);
    leave(
      search,
      label,
      first ? { place: counter.id, thenAfterH: FIRST_OUT_H, then: id } : { place: id },
    );
  }
}

/** Leaves a jar in one place, to be taken from there or fed later. */
function leave(search: Search, label: Label, stand: Stand): void {
  const { task, book, kitchen, moveCost } = search;
  const { jar, bakes } = task;
  const bake = bakes[label.done]!;
  const fed = label.touch?.kind === 'feed';
  const serves = !fed && label.massG >= neededG(jar, bake);
  const end = (serves ? bake.until + AFTER_BAKE : bake.from) - label.at;
  const longest = isCold(kitchen.byId.get(stand.then ?? stand.place)!)
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
    serve(search, left, course, bake);
    const { ripeFromH, ripeUntilH, lastH } = course;
    const ripe = ripeFromH === null ? null : { fromH: ripeFromH, untilH: ripeUntilH ?? lastH };
    const holds = ripe ? search.guesses.holdsFor(label.at, ripe, bake) : [];
    for (const hold of holds) {
      const where = { place: stand.place, thenAfterH: hold.afterH, then: hold.place };
      const held = {
        ...left,
        place: hold.place,
        cost: left.cost + moveCost,
        touch: withStand(label.touch, where, true),
      };
      serve(search, held, course, bake, hold);
    }
  }
  feedLater(search, left, course, bake);
}
