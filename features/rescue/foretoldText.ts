import { type Instant } from '@core/measure';
import { type Foretold, type Programme } from '@core/rescue';

import { type KitchenWords } from '../words';

/** "The model expects three more feeds, and it lively by Sun 15 Mar in the evening." */
export function foretoldText(
  { feeds, ends, at }: Foretold,
  { patienceDays }: Programme,
  now: Instant,
  place: string | null,
  words: KitchenWords,
): string {
  if (ends === 'useBackup')
    return `${place === null ? 'The' : `Even in the place called ${place} the`} model does not expect it back within ${patienceDays} days. Keep a backup ready.`;
  const count =
    feeds.length === 0 ? 'no more feed' : feeds.length === 1 ? 'one feed' : `${feeds.length} feeds`;
  return at <= now
    ? 'The model expects it lively by now.'
    : `The model expects ${count}${place === null ? '' : ` in the place called ${place}`}, and it lively ${words.day(at)} ${partOfDay(words, at)}.`;
}

/** Morning, afternoon or evening of an instant, by the kitchen's clock. */
function partOfDay(words: KitchenWords, at: Instant): string {
  const hour = words.hourOf(at);
  if (hour < 5) return 'in the night';
  if (hour < 12) return 'in the morning';
  return hour < 17.5 ? 'in the afternoon' : 'in the evening';
}
