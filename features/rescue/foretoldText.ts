import { type Instant } from '@core/measure';
import { type Foretold, type Programme, promiseOf } from '@core/rescue';

import { type KitchenWords } from '../words';

/** "3 to 5 feeds in “Oven, lamp on”: well by Sun 15 Mar to Tue 17 Mar, as far as anyone can tell." */
export function foretoldText(
  foretold: Foretold,
  programme: Programme,
  given: number,
  now: Instant,
  place: string | null,
  words: KitchenWords,
): string {
  const { ends, at, feeds } = foretold;
  if (ends === 'useBackup')
    return `${place === null ? 'The' : `Even in “${place}” the`} forecast does not see it back within ${programme.patienceDays} days. Keep a backup ready.`;
  if (at <= now) return 'By the forecast it should be lively by now.';
  const where = place === null ? '' : ` in “${place}”`;
  if (feeds.length === 0)
    return `No more feed${where}: lively ${dayAndPart(words, at)}, by the forecast.`;
  const promised = promiseOf(foretold, programme, given);
  const [low, high] = promised.feeds;
  const [from, until] = promised.at.map((when) => words.day(when));
  return `${low} to ${high} feeds${where}: well by ${from === until ? from : `${from} to ${until}`}, as far as anyone can tell.`;
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
