import { type FlourUse, type Tub } from '@core/larder';
import { DAY, type Instant } from '@core/measure';

import { type KitchenWords } from './kitchenWords';

/** A use-by day counts as soon when it is this close. */
const SOON = 21 * DAY;

/** How a tub stands: "840 g, for about 3 weeks", "60 g: running low", and its day when that is near. */
export function tubWords(
  { grams, lowG, useBy }: Tub,
  { gramsPerWeek }: FlourUse,
  now: Instant,
  words: KitchenWords,
): string {
  const facts: string[] = [];
  if (grams < 1) facts.push('empty');
  else if (grams <= lowG) facts.push(`${words.grams(grams)}, running low`);
  else facts.push(words.grams(grams));
  if (grams >= 1 && gramsPerWeek > 0)
    facts.push(`for about ${words.span((grams / gramsPerWeek) * 7 * 24)}`);
  if (useBy !== null) {
    const day = words.instantOf(`${useBy}T23:59`);
    if (day < now) facts.push(`past its day, ${words.date(day)}`);
    else if (day - now < SOON) facts.push(`use by ${words.date(day)}`);
  }
  return facts.join(', ');
}

/** "850 g", "13.6 kg": of what nobody weighs at once. */
export const kilos = (grams: number): string =>
  grams < 1000 ? `${Math.round(grams)} g` : `${(grams / 1000).toFixed(1)} kg`;
