import { type Pace, type Place } from '@core/ferment';
import { type Jar } from '@core/journal';
import { type Setup, USUAL_SETUP } from '@core/whatIf';

/** A jar that lives in the fridge stands out so long after a feed, where nobody said, hours. */
const OUT_H = 1.5;

/** How a jar of the shelf is kept, as far as its card and its place tell. */
export function setupOf({ card, stays }: Jar, places: readonly Place[], pace: Pace): Setup {
  const place = places.find(({ id }) => id === stays.at(-1)?.place);
  const cold = place?.kind === 'fridge';
  const room = cold || !place ? places.find(({ kind }) => kind === 'counter') : place;
  return {
    flour: card.flour,
    keepG: card.keepG,
    parts: card.ratio.flour,
    hydrationPct: (100 * card.ratio.water) / card.ratio.flour,
    temperature: room?.temperature ?? USUAL_SETUP.temperature,
    everyH: card.rhythm?.everyH ?? (cold ? 168 : 24),
    outH: cold ? OUT_H : null,
    from: 'ripe',
    pace,
  };
}
