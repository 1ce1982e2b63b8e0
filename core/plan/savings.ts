import { highest, lowest } from '../measure';
import { type PlannedJar, type Saving, type Step } from './problem';

/** What feeding leaner than the cards say saves, for each jar that is fed so. */
export function savingsOf(jars: readonly PlannedJar[], steps: readonly Step[]): readonly Saving[] {
  return jars.flatMap((jar): readonly Saving[] => {
    const lean = steps.filter(
      ({ kind, jar: fed, keepG = 0 }) => kind === 'feed' && fed === jar.id && keepG < jar.keepG,
    );
    if (lean.length === 0) return [];
    const flourG = lean.reduce(
      (sum, { flourG: fed = 0, keepG = 1 }) => sum + fed * (jar.keepG / keepG - 1),
      0,
    );
    return [
      {
        jar: jar.id,
        keepG: highest(lean.map(({ keepG = 0 }) => keepG)),
        insteadOfG: jar.keepG,
        flourG: Math.round(flourG),
        from: lowest(lean.map(({ at }) => at)),
        until: highest(lean.map(({ at }) => at)),
      },
    ];
  });
}
