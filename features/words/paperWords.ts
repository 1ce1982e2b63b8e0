import { ratioText } from '@core/bench';
import { type Pace } from '@core/ferment';
import { usuallyRipeH } from '@core/ferment/usuallyRipe';
import { type Standing } from '@core/journal';
import { type Blend, doubledHeight, isGlutenFree, risesUpward } from '@core/measure';
import { type WhatNext } from '@core/next';
import { type LabelText } from '@kit/labelSvg';

import { blendWords, fullRiseWords } from './jarWords';
import { timesWords } from './listed';
import { rhythmWords } from './rhythmWords';
import { type KitchenWords } from './kitchenWords';

/** Name, when it was fed and with what, and when it is due. */
export function labelText(
  { jar }: Standing,
  next: WhatNext | null,
  words: KitchenWords,
): LabelText {
  const { lastFed, since, card } = jar;
  return {
    name: card.name,
    lines: [
      lastFed ? `Fed ${words.date(since)} ${words.time(since)}` : `Since ${words.date(since)}`,
      lastFed ? `${words.feed(lastFed)}` : ratioText(card.ratio),
      blendWords(card.flour, card.flourCalled),
      ...dueLine(next, card, words),
    ],
  };
}

/** When it is to be fed, in words that are true for as long as the paper hangs there; nothing where nothing presses. */
function dueLine(
  next: WhatNext | null,
  card: Standing['jar']['card'],
  words: KitchenWords,
): readonly string[] {
  if (!next || next.by === null) return [];
  const { because, from, by, late } = next;
  switch (because.is) {
    case 'quarantined':
      return ['Not to be used before it was looked over'];
    case 'programme':
      return [`Day ${because.run.day} of its programme, feed ${words.dated(from)}`];
    case 'plan':
      return [`Next ${words.dated(because.step.at)}, as planned`];
    case 'wish':
      return [`Wanted for ${because.wish.name}, ${words.date(because.wish.from)}`];
    case 'feed':
      if (because.reason === 'neglected') return ['To be looked after'];
      if (late) return [`Due since ${words.date(by)}`];
      return because.reason === 'rhythm'
        ? [`Feed ${words.date(by)}, ${rhythmWords(card.rhythm!, words)}`]
        : [`Feed by ${words.date(by)}`];
    case 'dough':
    case 'build':
    case 'move':
    case 'rests':
      return [];
  }
}

/** What a ripe starter looks like: rye and flours without gluten make no dome, and dough makes cracks. */
function ripeLook(flour: Blend, hydrationPct: number): string {
  if (!risesUpward(hydrationPct)) return 'swollen, cracked on top and light when cut';
  return doubledHeight(flour) > STRETCHES
    ? 'domed and full of bubbles'
    : `full of holes and ${fullRiseWords(flour)} or more`;
}

/** A flour that rises higher stretches into a dome. */
const STRETCHES = 1.75;
/** A rhythm of about a week or more, hours. */
const WEEKLY_H = 144;
/** Where whoever gets a part of a starter will keep it, as far as anybody can say, °C. */
const IN_A_ROOM = 22;

/**
 * How to keep a starter, for whoever gets a part of it.
 *
 * @param pace its own
 */
export function careText(
  { jar }: Standing,
  next: WhatNext | null,
  pace: Pace,
  words: KitchenWords,
): string {
  const { card, feeds, started } = jar;
  const { keepG, ratio, flour } = card;
  const hydration = Math.round((100 * ratio.water) / ratio.flour);
  const usual = { keepG, flourG: keepG * ratio.flour, waterG: keepG * ratio.water, flour };
  const ripe = usuallyRipeH(usual, pace, IN_A_ROOM);
  return [
    `This is a part of ${card.name}, kept since ${words.datedForGood(started)}${feeds > 0 ? ` and fed ${timesWords(feeds)}` : ''}.`,
    '',
    `Keep ${words.grams(keepG)}, add ${words.grams(keepG * ratio.water)} water and ${words.grams(keepG * ratio.flour)} flour (${ratioText(ratio)}, ${hydration} % hydration). Flour: ${blendWords(flour, card.flourCalled)}${card.flourCalled ? `, much like ${blendWords(flour)}` : ''}.`,
    ripe === null
      ? `It is ripe when it is ${ripeLook(flour, hydration)}.`
      : `It is ripe about ${words.span(ripe)} after such a feed in a room of ${words.celsius(IN_A_ROOM)}: ${ripeLook(flour, hydration)}.`,
    ...(card.rhythm ? [`I feed it ${rhythmWords(card.rhythm, words)}.`] : []),
    (card.rhythm?.everyH ?? 0) < WEEKLY_H
      ? 'In the fridge: feed it once a week, an hour or two out before and after.'
      : 'In the fridge: an hour or two out before and after its feed.',
    ...(next?.because.is === 'feed' && next.by !== null && !next.late
      ? [`Its next feed is due by ${words.date(next.by)}; sooner is better.`]
      : []),
    '',
    'Cover it loosely: a tight lid on a feeding starter is under pressure. Grey liquid on top is hunger: pour it off or stir it in, and feed. Fuzz, coloured spots, pink or orange streaks: throw all of it out.',
    `Do not taste it raw. ${isGlutenFree(flour) ? 'Its flour holds no gluten, but spoons and hands may bring some.' : 'It holds gluten.'}`,
  ].join('\n');
}
