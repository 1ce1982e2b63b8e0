import { isHungry } from '@core/ferment';
import { type Standing } from '@core/journal';
import { DAY, HOUR, type Instant } from '@core/measure';
import {
  type WhatNext,
  goesCold,
  hasBorne,
  isForgotten,
  isKnownToDay,
  mayHaveDied,
} from '@core/next';

import { guessedReason } from './guessedFeed';
import { type KitchenWords } from './kitchenWords';
import { PROGRAMME_WORDS } from './rescueWords';
import { capital, rhythmWords } from './rhythmWords';

/** Food for longer than this is food for weeks. */
const FOR_WEEKS = 14 * DAY;

/** Why, in a sentence or two; and what it costs where it is late. */
export function nextReason(next: WhatNext, standing: Standing, words: KitchenWords): string {
  const { because } = next;
  switch (because.is) {
    case 'quarantined':
      return 'It came from a jar that was thrown out. Look at it and smell it first.';
    case 'programme':
      return `Being ${PROGRAMME_WORDS[because.run.programme.id].doing}, day ${because.run.day}.`;
    case 'plan':
      return 'As planned.';
    case 'rests':
      return 'The plan you follow has nothing for it until then.';
    case 'wish':
      return `Its levain is to be ripe ${words.stretch(because.wish.from, because.wish.until)}. A feed now could spoil that, so choose a way to it first.`;
    case 'move':
      return 'Say whether it was, and its hours will be right again.';
    case 'dough':
      return `${doughReason(next, standing)}${because.wish ? ` Wanted ${words.stretch(because.wish.from, because.wish.until)}.` : ''}`;
    case 'build':
      return `Build ${because.nth} of ${because.of}: all of it stays in the bowl, and is fed again while it is ripe.`;
    case 'feed':
      return `${feedReason(next, standing, words)}${lateWords(next, standing, words)}${restingRhythm(standing, words)}`;
  }
}

/** How a levain stands in its bowl, and what that means for its dough. */
function doughReason(next: WhatNext, { now, jar, stage }: Standing): string {
  const { from, late, by } = next;
  if (!jar.lastFed) return 'It is in its bowl as it came out of the jar, and was not fed since.';
  if (by === null && stage !== 'ripe') return 'It rises slowly where it stands.';
  if (isForgotten(next, now)) return 'It was ripe long ago, and nobody has said what became of it.';
  if (from > now) return 'In its bowl, on the way up.';
  return late
    ? 'Past its best: it still raises a dough, but more slowly, and sourer.'
    : 'Ripe in its bowl, full of gas.';
}

function feedReason(
  { because, from, by }: WhatNext,
  standing: Standing,
  words: KitchenWords,
): string {
  const { jar, outlook, now, outAt } = standing;
  const { emptyAtH, hoochAtH } = outlook.forecast;
  const reason = because.is === 'feed' ? because.reason : 'ripe';
  if (jar.unfedH && reason !== 'warming') return guessedReason(standing, jar.unfedH, words);
  const since = (hours: number | null) =>
    // What came without food has been so for nobody knows how long.
    hours === null || hours === 0
      ? ''
      : ` for about ${words.span((now - jar.since) / HOUR - hours)}`;
  switch (reason) {
    case 'hooch':
      return `Out of food${since(emptyAtH)}, and liquid should show${hoochAtH === null ? '' : ' by now'}. It is hungry, not dead.`;
    case 'hungry':
      return `Out of food${since(emptyAtH)}.`;
    case 'neglected':
      if (mayHaveDied(standing))
        return `Last fed ${words.span((now - jar.since) / HOUR)} ago, and never in the cold since. It may still be alive: say what you see, and you get the way back.`;
      return `Last fed ${words.span((now - jar.since) / HOUR)} ago. Most likely it is alive, but one feed may not be enough: say what you see, and you get the way back.`;
    case 'ripe':
      return by === null
        ? 'Ripe now, full of gas and at its strongest.'
        : `Ripe now, and until ${words.about(by)}.`;
    case 'past':
      return 'Past its peak and sinking.';
    case 'ripens':
      return `Ripe ${words.about(from)}. Until then it needs nothing${jar.coming ? ' but its move' : ''}.`;
    case 'asleep':
      return asleepReason('Asleep in the cold', by, standing, words);
    case 'warming':
      return outAt! > now
        ? `Out of the cold ${words.moment(outAt!)}. An hour or two later it is ready for its feed.`
        : `Out of the cold since ${words.moment(outAt!)}. An hour or two takes the chill off; then feed it.`;
    case 'rhythm':
      return `${capital(rhythmWords(jar.card.rhythm!, words))}, as its card says.${
        !isHungry(standing.stage)
          ? ''
          : hasBorne(standing, standing.hours)
            ? ' It is hungry by then, as before.'
            : ` Out of food${since(emptyAtH)}.`
      }`;
    case 'onlyForBakes':
      return 'Fed only before a bake, as its card says.';
    case 'resting':
      return standing.stage === 'resting'
        ? 'Resting in the cold, its food nearly gone. Fed and warmed it comes back.'
        : goesCold(outlook.forecast)
          ? asleepReason('Going to sleep in the cold', by, standing, words)
          : 'It rises slowly where it stands.';
  }
}

function asleepReason(
  asleep: string,
  by: Instant | null,
  { jar, now, outlook }: Standing,
  words: KitchenWords,
): string {
  if (by !== null)
    return `${asleep}. Feed it by ${words.day(by)}, before half of its yeast has starved.`;
  const { emptyAtH } = outlook.forecast;
  const emptyAt = emptyAtH === null ? Infinity : jar.since + emptyAtH * HOUR;
  return emptyAt - now > FOR_WEEKS
    ? `${asleep}, with food for weeks.`
    : `${asleep}, with food until about ${words.day(emptyAt)}. It comes to no harm for weeks after that.`;
}

/** Why a jar in the cold is not due, though its card has it fed every day. */
function restingRhythm({ jar, rhythm, stage, outAt }: Standing, words: KitchenWords): string {
  const asleep = stage === 'asleep' || stage === 'settled';
  return jar.card.rhythm && !rhythm && asleep && !jar.unfedH && outAt === null
    ? ` In the cold it need not be fed ${rhythmWords({ everyH: jar.card.rhythm.everyH }, words)}.`
    : '';
}

/** After a longer rest one feed is rarely enough. */
const LONG_REST = 10 * DAY;

/** "one feed", or "two or three feeds": what a jar takes after it went so long without. */
export const feedsBack = ({ jar, now }: Standing): string =>
  now - jar.since > LONG_REST ? 'two or three feeds' : 'one feed';

/** What waiting costs, for what is late or out of food: nothing is said to be dying that a feed puts right. */
function lateWords(
  { because, harmAt, late }: WhatNext,
  standing: Standing,
  words: KitchenWords,
): string {
  const { now, jar, place } = standing;
  const toDay = harmAt !== null && isKnownToDay({ jar }, harmAt);
  const after = harmAt === null ? '' : toDay ? words.day(harmAt) : words.hourOrDay(harmAt);
  if (because.is !== 'feed' || because.reason === 'neglected' || jar.unfedH) return '';
  if (because.reason === 'onlyForBakes')
    return harmAt !== null && harmAt > now
      ? ` By ${words.day(harmAt)} half of its yeast will have starved${
          place?.kind === 'fridge' ? '' : '; in the fridge it keeps longer'
        }.`
      : '';
  if (because.reason === 'rhythm') {
    if (!isHungry(standing.stage) || hasBorne(standing, standing.hours)) return '';
  } else if (!late && !isHungry(standing.stage)) return '';
  if (harmAt !== null && harmAt <= now)
    return ' Half of its yeast has starved: it comes back, but it may take more than one feed.';
  if (now - jar.since > LONG_REST)
    return ` Two or three feeds bring it back to strength${after && `; from ${after} on it may take more`}.`;
  return ` A feed now puts it right${after && `; after ${after} it may take more than one`}.`;
}
