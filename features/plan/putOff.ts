import { HOUR, type Instant } from '@core/measure';
import { type LeftAlone, type Step } from '@core/plan';

/** Other steps keep so far from a stretch in which a jar is left alone. */
const APART = HOUR / 2 - 60_000;
/** A skipped step is skipped for as long at least. */
const SKIPPED_FOR = 8 * HOUR;
/** A step at another time stands alone for so long after it, when nothing follows. */
const ALONE_AFTER = 8 * HOUR;

/** The steps of a step's jar before and after it. The walk that belongs to it goes with it, and is none of them. */
function neighboursOf(step: Step, steps: readonly Step[]) {
  const ofJar = steps.filter(
    ({ jar, kind, at }) => jar === step.jar && !(kind === 'move' && at === step.then?.at),
  );
  const i = ofJar.findIndex(
    ({ at, kind, wanted }) => at === step.at && kind === step.kind && wanted === step.wanted,
  );
  return { before: ofJar[i - 1], after: ofJar[i + 1] };
}

/** A skipped step: its jar is left alone for the rest of the day, and eight hours at least. */
export function skipped(
  step: Step,
  steps: readonly Step[],
  now: Instant,
  endOfDay: Instant,
): LeftAlone {
  const { before } = neighboursOf(step, steps);
  return {
    jar: step.jar,
    from: Math.max(now, Math.min(step.earliest, step.at), before ? before.at + APART : now) - 1,
    until: Math.max(step.latest, step.at + SKIPPED_FOR, endOfDay),
    butAt: null,
  };
}

/** A step at another time: its jar is left alone between its other steps, but for that moment. */
export function putOff(step: Step, steps: readonly Step[], now: Instant, to: Instant): LeftAlone {
  const { before, after } = neighboursOf(step, steps);
  const from = before && before.at + APART < to ? before.at + APART : now;
  const until = after && after.at - APART > to ? after.at - APART : to + ALONE_AFTER;
  return { jar: step.jar, from: Math.min(from, to - 1), until: Math.max(until, to + 1), butAt: to };
}
