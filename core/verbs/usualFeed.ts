import { type FeedAmounts, amountsAfter } from '../bench';
import { type Jar, type JarEvent, contentOf, lastWay } from '../journal';

/**
 * The feed a jar is given as always, for a baker who only writes it down: as its card has it, whatever slip the last one was;
 * or what was added to all of it, or about as much by eye, where that is how it is fed.
 *
 * @example usualFeed(jar, events).amounts // { keepG: 20, flourG: 80, waterG: 80 }
 */
export function usualFeed(
  jar: Jar,
  events: readonly JarEvent[],
): { readonly amounts: FeedAmounts; readonly rough: boolean } {
  const way = lastWay(jar, events);
  const { lastFed } = jar;
  if (way === 'ratio' || !lastFed) return { amounts: amountsAfter(jar.card, {}), rough: false };
  const thereG = Math.max(1, Math.round(contentOf(jar).massG));
  return {
    amounts: {
      keepG: way === 'add' ? thereG : Math.min(thereG, lastFed.keepG),
      flourG: lastFed.flourG,
      waterG: lastFed.waterG,
    },
    rough: way === 'eye',
  };
}
