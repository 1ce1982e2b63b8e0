import { type Comparison, type Difference } from '@core/journal';

import { riseWords } from './jarWords';
import { type KitchenWords } from './kitchenWords';

/** What two jars side by side come to, in sentences. */
export function comparisonWords(
  { fedAlike, differences }: Comparison,
  [a, b]: readonly [string, string],
  words: KitchenWords,
): readonly string[] {
  const sure = differences.filter(({ surely }) => surely);
  return [
    fedAlike
      ? `${a} and ${b} were fed alike and together: any difference is the starter, its flour or its place.`
      : `${a} and ${b} were not fed alike, or not together: their heights at the same hour do not compare.`,
    ...differences.map((difference) => differenceWords(difference, [a, b], words)),
    ...(differences.length === 0
      ? ['Nothing to compare yet. Look at both at the same hours.']
      : sure.length === 0
        ? ['So far there is no difference that you could be sure of by eye.']
        : []),
  ];
}

function differenceWords(
  difference: Difference,
  names: readonly [string, string],
  words: KitchenWords,
): string {
  const doubt = difference.surely ? '' : ', which may be nothing';
  if (difference.of === 'height') {
    const [mine, yours] = difference.heights;
    const higher = mine >= yours ? 0 : 1;
    return `After ${words.span(difference.hours)} ${names[higher]} stood higher: ${riseWords(difference.heights[higher])} against ${riseWords(difference.heights[1 - higher]!)}${doubt}.`;
  }
  const [mine, yours] = difference.hours;
  if (Math.abs(mine - yours) < 0.25) return 'They peak together.';
  const first = mine <= yours ? 0 : 1;
  return `${names[first]} peaks first, ${words.span(difference.hours[first])} after its feed, ${names[1 - first]} ${words.span(Math.abs(mine - yours))} later${doubt}.`;
}
