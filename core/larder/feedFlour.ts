import { type Jar, flourChange, nextFlour } from '../journal';
import { type Blend } from '../measure';
import { type Tub } from './tubs';

/** What a jar is fed with next: out of its tub, or as its card has it. While it changes flours, each is weighed by itself. */
export function feedFlour(
  jar: Jar,
  tubs: readonly Tub[],
): { readonly flour: Blend; readonly tub: Tub | null } {
  const tub = flourChange(jar) ? undefined : tubs.find(({ id }) => id === jar.card.tub);
  return tub ? { flour: tub.flour, tub } : { flour: nextFlour(jar), tub: null };
}
