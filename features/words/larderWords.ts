import { type FlourUse, type MonthUse, type Tub } from '@core/larder';
import { DAY, type Instant } from '@core/measure';

import { type KitchenWords } from './kitchenWords';
import { listed } from './listed';

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

/** "about 80 %" of a backup is alive, or "hardly any". */
export const aliveWords = (share: number): string =>
  share < 0.02 ? 'hardly any' : `about ${Math.round(100 * share)} %`;

/** Uses of what was taken out, as a sentence tells them. */
const USES = [
  ['bakedG', 'went into bakes'],
  ['keptG', 'were kept as discard'],
  ['compostedG', 'were composted or fed to animals'],
  ['wastedG', 'were binned'],
] as const;

/** "Of 400 g that came out, 350 g went into bakes and 50 g were binned."; null where nothing came out. */
export function cameOutWords(months: readonly MonthUse[]): string | null {
  const used = USES.map(([use, verb]) => ({
    grams: months.reduce((sum, month) => sum + month[use], 0),
    verb,
  })).filter(({ grams }) => grams >= 1);
  const outG = used.reduce((sum, { grams }) => sum + grams, 0);
  if (used.length === 0) return null;
  return used.length === 1
    ? `All that came out, ${kilos(outG)}, ${used[0]!.verb.replace('were', 'was')}.`
    : `Of ${kilos(outG)} that came out, ${listed(used.map(({ grams, verb }) => `${kilos(grams)} ${verb}`))}.`;
}
