import { type Standing, isAnybodysGuess } from '@core/journal';
import { DAY, HOUR, type Instant } from '@core/measure';
import {
  type WhatNext,
  goesCold,
  hasBorne,
  isForgotten,
  isKnownToDay,
  mayHaveDied,
} from '@core/next';
import { type Run } from '@core/rescue';

import { STAGE_WORDS, isEmptied } from './jarWords';
import { type KitchenWords } from './kitchenWords';
import { plannedTitle } from './planWords';
import { PROGRAMME_WORDS } from './rescueWords';
import { capital, rhythmWords } from './rhythmWords';

/** The heading of what is next for a jar: what, and by when. */
export function nextTitle(next: WhatNext, name: string, now: Instant, words: KitchenWords): string {
  const { because, from, by, late } = next;
  switch (because.is) {
    case 'quarantined':
      return `Look ${name} over before you use it`;
    case 'programme':
      return programmeTitle(because.run.verdict, next, name, now, words);
    case 'plan':
      return plannedTitle(because.step, name, now, words);
    case 'rests':
      return `${name} rests until ${words.day(because.until)}, as planned`;
    case 'wish':
      return `Choose a plan for ${because.wish.name}`;
    case 'move':
      return `${name} was to be moved ${words.at(because.promise.from)}`;
    case 'dough':
      return doughTitle(next, because.wish ? `Levain for ${name}` : name, now, words);
    case 'build':
      return buildTitle(next, name, now, words);
    case 'feed':
      break;
  }
  if (because.reason === 'neglected') return `${name} needs looking after`;
  if (because.reason === 'onlyForBakes' && (by === null || from > now))
    return `${name} rests until a bake`;
  if (late) return `Feed ${name} now: it was due ${dueWords(next, words)}`;
  if (next.toDay) return dayTitle(next, name, now, words);
  if (because.reason === 'rhythm') return `Feed ${name} about ${words.about(by!)}`;
  if (because.reason === 'warming') return `Feed ${name} by ${words.about(by!)}`;
  if (from > now) return `Feed ${name} from ${words.about(from)}`;
  if (by === null) return `${name} can wait`;
  return by - now < HOUR / 12 ? `Feed ${name} now` : `Feed ${name} by ${words.about(by)}`;
}

/** As far as only the day is known: "Feed Skua today", "Feed Skua by Fri 4 Dec". */
function dayTitle({ from, by }: WhatNext, name: string, now: Instant, words: KitchenWords): string {
  const day = (at: Instant) => words.day(at);
  if (from > now && day(from) !== 'today') return `Feed ${name} from ${day(from)}`;
  if (by === null) return `${name} can wait`;
  return `Feed ${name} ${day(by) === 'today' ? 'today' : `by ${day(by)}`}`;
}

/** "by 19:55"; a rhythm has an hour at which it is due. */
const dueWords = ({ because, by, toDay }: WhatNext, words: KitchenWords): string => {
  if (toDay) return words.day(by!);
  return because.is === 'feed' && because.reason === 'rhythm'
    ? words.about(by!)
    : `by ${words.about(by!)}`;
};

function programmeTitle(
  verdict: Run['verdict'],
  { from, late }: WhatNext,
  name: string,
  now: Instant,
  words: KitchenWords,
): string {
  if (verdict === 'well') return `${name} is well again`;
  if (verdict === 'useBackup') return `${name} has had long enough: see what to do`;
  if (late) return `Feed ${name} now: it was due ${words.about(from)}`;
  return from <= now ? `Feed ${name} now` : `Feed ${name} about ${words.about(from)}`;
}

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

function doughTitle(next: WhatNext, levain: string, now: Instant, words: KitchenWords): string {
  const { from, by, late } = next;
  if (from > now) return `${levain}: ripe about ${words.about(from)}`;
  if (isForgotten(next, now)) return `${levain}: is it in its dough?`;
  if (late) return `${levain}: into the dough now, it was ripe until ${words.about(by!)}`;
  return by === null
    ? `${levain}: into the dough`
    : `${levain}: into the dough by ${words.about(by)}`;
}

function buildTitle(next: WhatNext, name: string, now: Instant, words: KitchenWords): string {
  const { from, by, late } = next;
  if (from > now) return `${name}: feed it again about ${words.about(from)}`;
  return late || by === null
    ? `${name}: feed it again now`
    : `${name}: feed it again by ${words.about(by)}`;
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
        : `Ripe now, and until about ${words.about(by)}.`;
    case 'past':
      return 'Past its peak and sinking.';
    case 'ripens':
      return `Ripe about ${words.about(from)}. Until then it needs nothing${jar.coming ? ' but its move' : ''}.`;
    case 'asleep':
      return asleepReason('Asleep in the cold', by, standing, words);
    case 'warming':
      return outAt! > now
        ? `Out of the cold ${words.about(outAt!)}. An hour or two later it is ready for its feed.`
        : `Out of the cold since ${words.about(outAt!)}. An hour or two takes the chill off; then feed it.`;
    case 'rhythm':
      return `${capital(rhythmWords(jar.card.rhythm!, words))}, as its card says.${
        !isHungry(standing)
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

const isHungry = ({ stage }: Standing): boolean => stage === 'hungry' || stage === 'hooch';

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
  const after = harmAt === null ? '' : toDay ? words.day(harmAt) : words.about(harmAt);
  if (because.is !== 'feed' || because.reason === 'neglected' || jar.unfedH) return '';
  if (because.reason === 'onlyForBakes')
    return harmAt !== null && harmAt > now
      ? ` By ${words.day(harmAt)} half of its yeast will have starved${
          place?.kind === 'fridge' ? '' : '; in the fridge it keeps longer'
        }.`
      : '';
  if (because.reason === 'rhythm') {
    if (!isHungry(standing) || hasBorne(standing, standing.hours)) return '';
  } else if (!late && !isHungry(standing)) return '';
  if (harmAt !== null && harmAt <= now)
    return ' Half of its yeast has starved: it comes back, but it may take more than one feed.';
  if (now - jar.since > LONG_REST)
    return ` Two or three feeds bring it back to strength${after && `; from ${after} on it may take more`}.`;
  return ` A feed now puts it right${after && `; after ${after} it may take more than one`}.`;
}

/** A few words under a jar on the shelf: how it stands, and what is next. */
export function shelfWords(standing: Standing, next: WhatNext | null, words: KitchenWords): string {
  const { jar, stage } = standing;
  const state = stage === 'hooch' ? 'hungry' : STAGE_WORDS[stage];
  if (isEmptied(jar)) return 'emptied, only what sticks';
  if (!next) return inBowl(standing, words);
  const { because, from, by, late } = next;
  switch (because.is) {
    case 'quarantined':
      return 'look it over';
    case 'programme':
      return because.run.verdict === 'going'
        ? from <= standing.now
          ? `day ${because.run.day}, feed it`
          : `day ${because.run.day}, feed ${words.about(from)}`
        : because.run.verdict === 'well'
          ? 'well again'
          : 'see what to do';
    case 'plan':
      return `${state}, ${because.step.at <= standing.now ? 'next now' : `next ${words.moment(because.step.at)}`}`;
    case 'rests':
      return `${state}, nothing to do`;
    case 'wish':
      return `${state}, wanted ${words.day(because.wish.from)}`;
    case 'move':
      return `${state}, was it moved?`;
    case 'dough':
    case 'build':
      return inBowl(standing, words);
    case 'feed':
      break;
  }
  if (because.reason === 'neglected')
    return isAnybodysGuess(standing.jar) ? 'look it over' : 'long unfed, look at it';
  if (because.reason === 'onlyForBakes' && (by === null || from > standing.now)) return 'at rest';
  if (late || isHungry(standing)) return `${state}, feed it`;
  if (because.reason === 'rhythm' && stage !== 'ripe' && stage !== 'waking' && stage !== 'rising')
    return `${state}, feed ${words.about(by!)}`;
  if (stage === 'ripe') return by === null ? 'ripe' : `ripe till ${words.about(by)}`;
  if (because.reason === 'ripens') return `${state}, ripe about ${words.about(from)}`;
  return by === null ? state : `${state}, feed by ${words.day(by)}`;
}

/** How a levain stands in its bowl. */
function inBowl({ jar, stage, outlook }: Standing, words: KitchenWords): string {
  const { ripeFromH, ripeUntilH } = outlook.forecast;
  const at = (hours: number) => words.about(jar.since + hours * HOUR);
  if (stage === 'ripe') return ripeUntilH === null ? 'ripe' : `ripe till ${at(ripeUntilH)}`;
  return ripeFromH !== null && ['settled', 'waking', 'rising'].includes(stage)
    ? `${STAGE_WORDS[stage]}, ripe about ${at(ripeFromH)}`
    : STAGE_WORDS[stage];
}

/** "Last fed 2 to 7 days ago", for a jar whose last feed was guessed at. */
export function guessedFeed({ jar, now }: Standing, words: KitchenWords): string {
  const [least, most] = jar.unfedH!.map((h) => h + (now - jar.started) / HOUR) as [number, number];
  return isAnybodysGuess(jar)
    ? 'Nobody knows when it was last fed'
    : `Last fed ${roughSpan(least, most, words)} ago`;
}

/** What is known of a jar whose last feed was guessed at: as much as the guess bears. */
function guessedReason(
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
