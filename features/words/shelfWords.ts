import { isHungry } from '@core/ferment';
import { type Standing, isAnybodysGuess } from '@core/journal';
import { HOUR } from '@core/measure';
import { type WhatNext } from '@core/next';

import { STAGE_WORDS, isEmptied } from './jarWords';
import { type KitchenWords } from './kitchenWords';

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
          : `day ${because.run.day}, feed ${words.hourOrDay(from)}`
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
  if (late || isHungry(standing.stage)) return `${state}, feed it`;
  if (because.reason === 'rhythm' && stage !== 'ripe' && stage !== 'waking' && stage !== 'rising')
    return `${state}, feed ${words.hourOrDay(by!)}`;
  if (stage === 'ripe') return by === null ? 'ripe' : `ripe till ${words.hourOrDay(by)}`;
  if (because.reason === 'ripens') return `${state}, ripe ${words.about(from)}`;
  return by === null ? state : `${state}, feed by ${words.day(by)}`;
}

/** How a levain stands in its bowl. */
function inBowl({ jar, stage, outlook }: Standing, words: KitchenWords): string {
  const { ripeFromH, ripeUntilH } = outlook.forecast;
  const at = (hours: number) => jar.since + hours * HOUR;
  if (stage === 'ripe')
    return ripeUntilH === null ? 'ripe' : `ripe till ${words.hourOrDay(at(ripeUntilH))}`;
  return ripeFromH !== null && ['settled', 'waking', 'rising'].includes(stage)
    ? `${STAGE_WORDS[stage]}, ripe ${words.about(at(ripeFromH))}`
    : STAGE_WORDS[stage];
}
