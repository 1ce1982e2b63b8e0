import { HOUR, type Instant } from '@core/measure';
import { type WhatNext, isForgotten } from '@core/next';
import { type Run } from '@core/rescue';

import { type KitchenWords } from './kitchenWords';
import { plannedTitle } from './planWords';

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
  if (because.reason === 'rhythm') return `Feed ${name} ${words.about(by!)}`;
  if (because.reason === 'warming') return `Feed ${name} by ${words.hourOrDay(by!)}`;
  if (from > now) return `Feed ${name} from ${words.hourOrDay(from)}`;
  if (by === null) return `${name} can wait`;
  return by - now < HOUR / 12 ? `Feed ${name} now` : `Feed ${name} by ${words.hourOrDay(by)}`;
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
    ? words.hourOrDay(by!)
    : `by ${words.hourOrDay(by!)}`;
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
  if (late) return `Feed ${name} now: it was due ${words.hourOrDay(from)}`;
  return from <= now ? `Feed ${name} now` : `Feed ${name} ${words.about(from)}`;
}

function doughTitle(next: WhatNext, levain: string, now: Instant, words: KitchenWords): string {
  const { from, by, late } = next;
  if (from > now) return `${levain}: ripe ${words.about(from)}`;
  if (isForgotten(next, now)) return `${levain}: is it in its dough?`;
  if (late) return `${levain}: into the dough now, it was ripe until ${words.hourOrDay(by!)}`;
  return by === null
    ? `${levain}: into the dough`
    : `${levain}: into the dough by ${words.hourOrDay(by)}`;
}

function buildTitle(next: WhatNext, name: string, now: Instant, words: KitchenWords): string {
  const { from, by, late } = next;
  if (from > now) return `${name}: feed it again ${words.about(from)}`;
  return late || by === null
    ? `${name}: feed it again now`
    : `${name}: feed it again by ${words.hourOrDay(by)}`;
}
