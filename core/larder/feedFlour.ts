import { type Jar, flourChange, nextFlour } from '../journal';
import { type Blend } from '../measure';
import { type Tub } from './tubs';

/** Another flour for one feed: out of a tub, or weighed by itself. The jar's card stays as it is. */
export type OtherFlour = { readonly tub: string } | { readonly flour: Blend };

/**
 * What a jar is fed with next: out of its tub, or as its card has it. While it changes flours, each is weighed by itself.
 *
 * @param other what this feed is given instead; a tub that is not there any more is none
 * @example feedFlour(jar, tubsOf(live)).tub?.name
 */
export function feedFlour(
  jar: Jar,
  tubs: readonly Tub[],
  other: OtherFlour | null = null,
): { readonly flour: Blend; readonly tub: Tub | null } {
  if (other && 'flour' in other) return { flour: other.flour, tub: null };
  const named = other ? other.tub : flourChange(jar) ? undefined : jar.card.tub;
  const tub = tubs.find(({ id }) => id === named);
  if (tub) return { flour: tub.flour, tub };
  return other ? feedFlour(jar, tubs) : { flour: nextFlour(jar), tub: null };
}
