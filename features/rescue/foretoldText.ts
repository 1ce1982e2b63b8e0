import { type Instant } from '@core/measure';
import { type Foretold, type Programme } from '@core/rescue';

import { type KitchenWords } from '../words';

/** "Two feeds in “Oven, lamp on”: lively tomorrow evening, the model expects." */
export function foretoldText(
  { feeds, ends, at }: Foretold,
  { patienceDays }: Programme,
  now: Instant,
  place: string | null,
  words: KitchenWords,
): string {
  if (ends === 'useBackup')
    return `${place === null ? 'The' : `Even in “${place}” the`} model does not expect it back within ${patienceDays} days. Keep a backup ready.`;
  const count =
    feeds.length === 0 ? 'No more feed' : feeds.length === 1 ? 'One feed' : `${feeds.length} feeds`;
  return at <= now
    ? 'The model expects it lively by now.'
    : `${count}${place === null ? '' : ` in “${place}”`}: lively ${dayAndPart(words, at)}, the model expects.`;
}

/** "this evening", "tomorrow morning", "Sun 15 Mar in the afternoon", by the kitchen's clock. */
function dayAndPart(words: KitchenWords, at: Instant): string {
  const hour = words.hourOf(at);
  const part =
    hour < 5 ? 'night' : hour < 12 ? 'morning' : hour < 17.5 ? 'afternoon' : ('evening' as const);
  const day = words.day(at);
  if (day === 'today') return part === 'night' ? 'tonight' : `this ${part}`;
  // The small hours of tomorrow are what everybody calls tonight.
  if (day === 'tomorrow') return part === 'night' ? 'tonight' : `tomorrow ${part}`;
  return `${day} in the ${part}`;
}
