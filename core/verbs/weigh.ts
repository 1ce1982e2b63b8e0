import { type Answer, type JarAtHand, answer, isoOf, objectionsAtHand } from '../journal';
import { type Instant, freshDensity } from '../measure';

/**
 * What is in a jar by the scale: it corrects the log from then on. What was missing stuck to spoons, or was never written
 * down; no discard is made up for it.
 *
 * @returns objections to `grams` or `at`
 * @example weigh(atHand, { grams: 180 })
 */
export function weigh(
  atHand: JarAtHand,
  { grams, at = atHand.now }: { readonly grams: number; readonly at?: Instant },
): Answer {
  const { jar } = atHand;
  const entry = {
    kind: 'weighed' as const,
    jar: jar.id,
    at: isoOf(at),
    grams: Math.round(grams * 10) / 10,
  };
  const { capacityMl } = jar.card.vessel;
  const most = Math.round(capacityMl * freshDensity(jar.fedMix.hydrationPct));
  const tooMuch = grams > most * SLACK;
  return answer(
    [entry],
    tooMuch
      ? [{ field: 'grams', message: `A jar of ${capacityMl} ml holds about ${most} g at most.` }]
      : objectionsAtHand(entry, atHand),
  );
}

/** Nobody knows to the millilitre what a jar holds. */
const SLACK = 1.15;
