import { type Forecast, type Stage } from '@core/ferment';
import {
  type Bubbles,
  type Destination,
  type Liquid,
  type Sign,
  type Smell,
  type Standing,
  type Jar,
  hasHeights,
} from '@core/journal';
import { type Blend, HOUR, type Instant, blendShares, doubledHeight } from '@core/measure';
import { goesCold } from '@core/next';
import { type OutTo } from '@core/verbs';

import { FLOUR_WORDS } from './flourWords';
import { type KitchenWords } from './kitchenWords';

export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  asleep: 'asleep',
  resting: 'resting',
  settled: 'settled',
  waking: 'waking',
  rising: 'rising',
  ripe: 'ripe',
  past: 'just past',
  sunk: 'sunk',
  hungry: 'hungry',
  hooch: 'hooch',
};

export const DESTINATION_WORDS: Readonly<Record<Destination, string>> = {
  bake: 'today’s bake',
  discardJar: 'discard jar',
  freezer: 'freezer',
  compost: 'compost',
  animals: 'animals',
  bin: 'bin',
};

/** Where what comes out of a jar can go. */
export const OUT_WORDS: Readonly<Record<OutTo, string>> = { ...DESTINATION_WORDS, bowl: 'a bowl' };

export const SMELL_WORDS: Readonly<Record<Smell, string>> = {
  wetFlour: 'wet flour',
  yoghurt: 'yoghurt',
  fruit: 'ripe fruit',
  vinegar: 'vinegar',
  solvent: 'nail varnish',
  cheese: 'cheese, rot',
};

/** As much as this is called doubled: a fifth of whole wheat makes no other word. */
const DOUBLED = 1.9;

/** What a full rise is called for a flour: "doubled", or how far it lifts where it does not stretch so far. */
export function fullRiseWords(flour: Blend): string {
  const measure = doubledHeight(flour);
  return measure > DOUBLED ? 'doubled' : `risen by ${Math.round(20 * (measure - 1)) * 5} %`;
}

/** A full rise as a line in a chart of heights: at twice the band, "doubled", or lower, "a full rise". */
export function fullRiseMark(flour: Blend): { readonly height: number; readonly name: string } {
  const measure = doubledHeight(flour);
  return measure > DOUBLED
    ? { height: 2, name: 'doubled' }
    : { height: 1 + Math.round(20 * (measure - 1)) / 20, name: 'a full rise' };
}

export const SIGN_WORDS: Readonly<Record<Sign, string>> = {
  doubled: 'just doubled',
  peaked: 'at its peak',
  fallen: 'fallen back',
};

export const BUBBLE_WORDS: Readonly<Record<Bubbles, string>> = {
  none: 'none',
  few: 'a few',
  many: 'many',
  mousse: 'like mousse',
};

export const LIQUID_WORDS: Readonly<Record<Liquid, string>> = {
  none: 'none',
  clear: 'clear',
  grey: 'grey',
  dark: 'dark',
};

/**
 * "white, a fifth whole wheat" for a blend: its main flour, and the shares of the rest.
 *
 * @param called the baker's own name for the main one
 */
export function blendWords(blend: Blend, called?: string): string {
  const [main, ...rest] = [...blendShares(blend)].sort((a, b) => b[1] - a[1]);
  return [
    called ?? FLOUR_WORDS[main![0]],
    ...rest.map(([kind, share]) => `${shareWords(share)} ${FLOUR_WORDS[kind]}`),
  ].join(', ');
}

function shareWords(share: number): string {
  const pct = Math.round(share * 100);
  const named: Readonly<Record<number, string>> = {
    50: 'half',
    33: 'a third',
    25: 'a quarter',
    20: 'a fifth',
    10: 'a tenth',
  };
  return named[pct] ?? `${pct} %`;
}

/** "+ 62 %" against the band. */
export const riseWords = (height: number): string => {
  const pct = Math.round((height - 1) * 100);
  return `${pct < 0 ? '−' : '+'} ${Math.abs(pct)} %`;
};

/** "80 % up", or "10 % below the band". */
export const upWords = (pct: number): string =>
  pct < 0 ? `${-pct} % below the band` : `${pct} % up`;

/** "100 %": water over flour, no sharper than a scale and a rounded feed make it. */
export const hydrationWords = (pct: number): string => `${Math.round(pct / 5) * 5} %`;

/** All of it was taken out: no height is to be seen, and what sticks can still be fed. */
export const isEmptied = ({ massG }: Jar) => massG < 1;

/** Why a jar has no height to be read off its glass. */
export const noHeightWords = ({ lastFed }: Jar): string =>
  lastFed
    ? 'A ball of dough swells to all sides: it has no height to log.'
    : 'Its band is set with its first feed here: until then there is no height to log.';

/** What somebody hears in place of the drawing. */
export function jarSentence(standing: Standing, words: KitchenWords): string {
  const { jar, moment, stage, outlook } = standing;
  const { ripeFromH, ripeUntilH } = outlook.forecast;
  if (isEmptied(jar)) return `${jar.card.name}, emptied but for what sticks to the glass`;
  const state = stage === 'hooch' ? 'hungry, liquid on top' : STAGE_WORDS[stage];
  // Neither height nor hour is known.
  if (jar.unfedH) return `${jar.card.name}, most likely ${state}`;
  const facts = [jar.card.name, state];
  if (hasHeights(jar)) facts.push(upWords(Math.round((moment.height - 1) * 100)));
  if (stage === 'ripe' && ripeUntilH !== null)
    facts.push(`until ${words.about(jar.since + ripeUntilH * HOUR)}`);
  else if (ripeFromH !== null && standing.hours < ripeFromH)
    facts.push(`ripe ${words.about(jar.since + ripeFromH * HOUR)}`);
  return facts.join(', ');
}

/**
 * When a feed is ripe: "ripe tomorrow 02:45 to 06:15", or "it goes to sleep in the cold".
 *
 * @param fromH when one begins to look, hours from the feed
 */
export function ripeWords(
  forecast: Forecast,
  fedAt: Instant,
  words: KitchenWords,
  fromH = 0,
): string {
  const { ripeFromH, ripeUntilH } = forecast;
  const at = (hours: number) => fedAt + hours * HOUR;
  return ripeFromH === null
    ? `it ${notRipeWords(forecast, words, fromH)}`
    : ripeStretch(at(ripeFromH), ripeUntilH === null ? null : at(ripeUntilH), words);
}

/**
 * What a feed does that is not ripe as far as one looks: "comes up to only 1.4 times the band, too low to call ripe".
 *
 * @param fromH when one begins to look, hours from the feed
 */
export function notRipeWords(forecast: Forecast, words: KitchenWords, fromH = 0): string {
  const { curve, peaksAtH, peakHeight, emptyAtH } = forecast;
  if (goesCold(forecast)) return 'goes to sleep in the cold';
  if (peaksAtH !== null && peaksAtH > fromH)
    return `comes up to only ${peakHeight.toFixed(1)} times the band, too low to call ripe`;
  if (emptyAtH !== null) return 'has too little food left to rise';
  return `will not be ripe within ${words.span(curve.at(-1)!.hours - fromH)}`;
}

/** "ripe 14:20 to 18:05", or from when on where no end is in sight. */
const ripeStretch = (from: number, until: number | null, words: KitchenWords): string =>
  until === null ? `ripe from ${words.hourOrDay(from)}` : `ripe ${words.stretch(from, until)}`;
