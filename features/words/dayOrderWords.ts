import { type Settings } from '@core/journal';

/** How a day is written, by the last of January. */
export const ORDER_WORDS: Readonly<Record<Settings['dates'], string>> = {
  dayFirst: '31/1/2026',
  monthFirst: '1/31/2026',
  yearFirst: '2026-01-31',
};

export const ORDER_OPTIONS = (Object.keys(ORDER_WORDS) as Settings['dates'][]).map((is) => ({
  is,
  text: ORDER_WORDS[is],
}));
