import { type Baked, type Crumb, type OvenRise, type Sourness } from '@core/journal';

export const CRUMB_WORDS: Readonly<Record<Crumb, string>> = {
  dense: 'dense',
  even: 'even',
  open: 'open',
  caves: 'caves under the crust',
  gummy: 'gummy',
};

export const SOUR_WORDS: Readonly<Record<Sourness, string>> = {
  hardly: 'hardly sour',
  mild: 'mildly sour',
  tangy: 'tangy',
  sharp: 'very sour',
};

export const OVEN_RISE_WORDS: Readonly<Record<OvenRise, string>> = {
  flat: 'stayed flat',
  fair: 'rose a little',
  high: 'rose well',
};

/** How a bake turned out: "rose well, crumb open, mildly sour; next time: a longer proof". */
export function bakedWords({ rise, crumb, sour, note, next }: Baked): string {
  const seen = [
    rise && OVEN_RISE_WORDS[rise],
    crumb && `crumb ${CRUMB_WORDS[crumb]}`,
    sour && SOUR_WORDS[sour],
    note,
  ].filter(Boolean);
  return [seen.join(', '), next && `next time: ${next}`].filter(Boolean).join('; ');
}
