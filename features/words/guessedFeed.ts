import { type Standing, isAnybodysGuess } from '@core/journal';
import { HOUR } from '@core/measure';

import { type KitchenWords } from './kitchenWords';

/** "Last fed 2 to 7 days ago", for a jar whose last feed was guessed at. */
export function guessedFeed({ jar, now }: Standing, words: KitchenWords): string {
  const [least, most] = jar.unfedH!.map((h) => h + (now - jar.started) / HOUR) as [number, number];
  return isAnybodysGuess(jar)
    ? 'Nobody knows when it was last fed'
    : `Last fed ${roughSpan(least, most, words)} ago`;
}

/** What is known of a jar whose last feed was guessed at: as much as the guess bears. */
export function guessedReason(
  standing: Standing,
  [least, most]: readonly [number, number],
  words: KitchenWords,
): string {
  const { jar, outlook, now } = standing;
  if (isAnybodysGuess(jar))
    return `${guessedFeed(standing, words)}: say what you see and smell, and you get what it needs.`;
  const here = (now - jar.started) / HOUR;
  const empty = outlook.forecast.emptyAtH ?? 0;
  const from = Math.max(0, least + here - empty);
  const until = Math.max(0, most + here - empty);
  const unfed = `${guessedFeed(standing, words)}, as you said`;
  if (until <= 0) return `${unfed}. It should have food left.`;
  return from < 12
    ? `${unfed}: out of food for up to ${roughSpan(until, until, words).replace('about ', '')}.`
    : `${unfed}: out of food for ${roughSpan(from, until, words)}.`;
}

/** "2 to 7 days", "3 to 5 weeks": no sharper than it is known. */
function roughSpan(fromH: number, untilH: number, words: KitchenWords): string {
  if (untilH < 36) return `about ${words.span(Math.round(untilH))}`;
  const unit = untilH < 15 * 24 ? 'day' : untilH < 75 * 24 ? 'week' : 'month';
  const hours = { day: 24, week: 7 * 24, month: 30 * 24 }[unit];
  const [from, until] = [fromH, untilH].map((h) => Math.round(h / hours)) as [number, number];
  const named = (n: number) => `${n} ${unit}${n === 1 ? '' : 's'}`;
  return from < until && from > 0 ? `${from} to ${named(until)}` : `about ${named(until)}`;
}
