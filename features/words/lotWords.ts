import { type Keeping, type Lot } from '@core/larder';

import { type KitchenWords } from './kitchenWords';

const KEEPING_WORDS: Readonly<Record<Keeping, string>> = {
  good: '',
  soonOld: 'use it soon',
  old: 'past its time',
  gone: 'too old for anything',
};

/** "3 days, tangy" or "frozen 12 days": how a lot of discard stands. */
export function lotWords(lot: Lot, now: number, words: KitchenWords): string {
  const age =
    lot.store === 'freezer'
      ? `frozen ${days(lot.frozenDays, words)}`
      : `${days(lot.fridgeDays, words)} in the fridge`;
  const thaws =
    lot.thawedAt !== null && lot.thawedAt > now ? `thawed ${words.hourOrDay(lot.thawedAt)}` : '';
  return [age, lot.taste, thaws, KEEPING_WORDS[lot.keeping]].filter(Boolean).join(', ');
}

const days = (count: number, words: KitchenWords) =>
  count < 1 ? 'under a day' : count < 1.5 ? 'a day' : words.span(Math.round(count) * 24);
