import { type CourseDifference, type Setup } from '@core/whatIf';

import { type KitchenWords } from '../words';
import { listed } from '../words/listed';

/** Below these nobody would notice: hours, ml 0.1 N per 10 g, a share of the usual yeast. */
const NOTICED = { hours: 0.4, acid: 0.35, vigour: 0.06 } as const;

/** What the second way changes, in a sentence or two. */
export function differenceWords(
  d: CourseDifference,
  setups: readonly [Setup, Setup],
  words: KitchenWords,
): string {
  const [a, b] = d.feeds;
  const said: string[] = [];
  if (d.ripens[0] !== d.ripens[1]) {
    const [yes, no] = d.ripens[0] ? (['this', 'other'] as const) : (['other', 'this'] as const);
    const ripe = (d.ripens[0] ? a : b).ripeFromH!;
    said.push(
      `${WAYS[yes]} it is ripe after ${words.span(ripe)}; ${WAYS[no].toLowerCase()} it never gets there before it is fed again`,
    );
  } else if (!d.ripens[0]) said.push('It is not ripe before it is fed again, either way');
  else if (Math.abs(d.laterH!) >= NOTICED.hours)
    said.push(
      `The other way it is ripe ${words.span(Math.abs(d.laterH!))} ${d.laterH! > 0 ? 'later' : 'sooner'}, after ${words.span(b.ripeFromH!)}`,
    );
  const also: string[] = [];
  if (d.longerH !== null && Math.abs(d.longerH) >= NOTICED.hours)
    also.push(`stays ripe ${words.span(Math.abs(d.longerH))} ${d.longerH > 0 ? 'longer' : 'less'}`);
  if (Math.abs(d.acid) >= NOTICED.acid) also.push(`is ${d.acid > 0 ? 'sourer' : 'milder'}`);
  if (Math.abs(d.hungryH) >= NOTICED.hours)
    also.push(
      b.hungryH < NOTICED.hours
        ? 'is no longer hungry when it is fed'
        : `is without food ${words.span(Math.abs(d.hungryH))} ${d.hungryH > 0 ? 'longer' : 'less'} before the next feed`,
    );
  if (Math.abs(d.vigour) >= NOTICED.vigour)
    also.push(`comes to its next feed ${d.vigour > 0 ? 'stronger' : 'weaker'}`);
  if (also.length > 0)
    said.push(
      `${said.length > 0 && d.laterH !== null && Math.abs(d.laterH) >= NOTICED.hours ? 'it' : 'The other way it'} ${listed(also)}`,
    );
  const sentences = said.join('; ');
  const flour = flourWords(d, setups, words);
  if (sentences === '')
    return `Nothing that anybody would notice${flour ? `, but for the flour: ${flour}` : ''}.`;
  return `${sentences}.${flour ? ` ${flour.charAt(0).toUpperCase()}${flour.slice(1)}.` : ''}`;
}

const WAYS = { this: 'This way', other: 'The other way' } as const;

function flourWords(
  { flourWeekG }: CourseDifference,
  [a]: readonly [Setup, Setup],
  words: KitchenWords,
): string | null {
  if (Math.abs(flourWeekG) < 5) return null;
  const before = (a.keepG * a.parts * 168) / a.everyH;
  return `it takes ${words.grams(before + flourWeekG)} of flour a week instead of ${words.grams(before)}`;
}
