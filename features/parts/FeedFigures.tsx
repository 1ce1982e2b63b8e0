import { type FeedAmounts as Grams } from '@core/bench';
import { Amounts } from '@kit';

import { type BowlBuild } from '@core/journal';

import { useKitchenWords } from '../words';

/** The amounts of a feed, always in this order. */
export function FeedFigures({ keepG, waterG, flourG }: Grams) {
  const words = useKitchenWords();
  return (
    <Amounts
      beside={words.ounces}
      parts={[
        ['keep', keepG],
        ['water', waterG],
        ['flour', flourG],
      ]}
    />
  );
}

/** What goes into a bowl, nothing taken out. */
export function BuildFigures({ waterG, flourG }: BowlBuild) {
  const words = useKitchenWords();
  return (
    <Amounts
      beside={words.ounces}
      parts={[
        ['water', waterG],
        ['flour', flourG],
      ]}
    />
  );
}
