import { type FeedWay } from '@core/journal';
import { Choice } from '@kit';

import { type Bench } from './useBench';

const WAYS: readonly { readonly is: FeedWay; readonly text: string }[] = [
  { is: 'ratio', text: 'By ratio' },
  { is: 'add', text: 'Add to it' },
  { is: 'eye', text: 'By eye' },
];

/** How this feed is given. */
export function WayChoice({ bench }: { readonly bench: Bench }) {
  return (
    <Choice
      label="How you feed it"
      hideLabel
      options={WAYS}
      chosen={bench.way}
      onChoose={(way) => bench.change({ way, landed: {} })}
    />
  );
}
