import { HOUR } from '../measure';
import { type Label } from './label';
import { type PlannedJar, type Step, inTurn } from './problem';

/** A walk to the fridge may come a little sooner or later. */
export const MOVE_SLACK = HOUR / 2;

/** The steps of a way that has come to an end; `from` is where the jar stood before the first. */
export function stepsOf(end: Label, jar: PlannedJar, from: string): readonly Step[] {
  const chain: Label[] = [];
  for (let label: Label | null = end; label; label = label.before) chain.unshift(label);
  const steps: Step[] = [];
  let place = from;
  for (const { at, touch } of chain) {
    if (!touch) continue;
    const common = { at, earliest: at, latest: at, jar: jar.id };
    const { stand } = touch;
    if (touch.kind === 'take') {
      const { id, until, levainG } = touch.bake;
      steps.push({ ...common, latest: until, kind: 'take', wanted: id, takeG: levainG });
    } else if (touch.kind !== 'move') {
      const { amounts, kind } = touch;
      steps.push({
        ...common,
        kind,
        ...(touch.kind === 'feed' ? {} : { wanted: touch.bake.id }),
        ...amounts,
        place: stand!.place,
      });
    }
    if ((touch.kind === 'take' || touch.kind === 'move') && stand && stand.place !== place)
      steps.push({ ...common, kind: 'move', place: stand.place });
    if (stand) place = stand.place;
    if (stand?.then !== undefined) {
      const then = at + stand.thenAfterH! * HOUR;
      steps.push({
        at: then,
        earliest: then - MOVE_SLACK,
        latest: then + MOVE_SLACK,
        kind: 'move',
        jar: jar.id,
        place: stand.then,
      });
      place = stand.then;
    }
  }
  // A take may come before the walk that its levain's feed began.
  return steps.sort(inTurn);
}
