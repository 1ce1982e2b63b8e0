import { drained } from '../ferment';
import { type Blend } from '../measure';
import { type Jar } from './fold';

/** What is in a jar now. */
export interface Content {
  readonly massG: number;
  /** Percent; less once liquid was poured off. */
  readonly hydrationPct: number;
  readonly flour: Blend;
}

/**
 * What is in a jar now: the one door to it, for the bench, the planner, the shelf and every sentence. What was taken out and
 * poured off is gone; what was poured off took water along, so that the rest is stiffer.
 *
 * @example contentOf(jar).massG
 */
export function contentOf({ fedMix, pouredG, massG }: Jar): Content {
  const { hydrationPct, flour } = drained(fedMix, pouredG);
  return { massG, hydrationPct, flour };
}
