import { type Stage } from '@core/ferment';
import {
  type Bubbles,
  type Destination,
  type Liquid,
  type Sign,
  type Smell,
  type Standing,
  type Jar,
} from '@core/journal';
import { type Blend, HOUR, blendShares, doubledHeight } from '@core/measure';
import { type NextStep, nextStepFor } from '@core/plan';

import { FLOUR_WORDS } from './flourWords';
import { type KitchenWords } from './kitchenWords';
import { capital, rhythmWords } from './rhythmWords';

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
  bake: "today's bake",
  discardJar: 'discard jar',
  freezer: 'freezer',
  compost: 'compost',
  animals: 'animals',
  bin: 'bin',
};

export const SMELL_WORDS: Readonly<Record<Smell, string>> = {
  wetFlour: 'wet flour',
  yoghurt: 'yoghurt',
  fruit: 'ripe fruit',
  vinegar: 'vinegar',
  solvent: 'nail varnish',
  cheese: 'cheese, rot',
};

/** What a full rise is called for a flour: "doubled", or how far it lifts where it does not stretch so far. */
export function fullRiseWords(flour: Blend): string {
  const measure = doubledHeight(flour);
  return measure > 1.97 ? 'doubled' : `risen by ${Math.round(20 * (measure - 1)) * 5} %`;
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

/** "white, a fifth whole wheat" for a blend: its main flour, and the shares of the rest. */
export function blendWords(blend: Blend): string {
  const [main, ...rest] = [...blendShares(blend)].sort((a, b) => b[1] - a[1]);
  return [
    FLOUR_WORDS[main![0]],
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

/** All of it was taken out: no height is to be seen, and what sticks can still be fed. */
const isEmptied = ({ massG }: Jar) => massG < 1;

/** A few words under a jar on the shelf. */
export function shelfWords(standing: Standing, words: KitchenWords): string {
  const { jar, moment, stage, outlook } = standing;
  const at = (hours: number) => words.about(jar.since + hours * HOUR);
  const { ripeUntilH, ripeFromH, feedByH } = outlook.forecast;
  if (isEmptied(jar)) return 'emptied, only what sticks';
  const next = nextStepFor(standing);
  // A jar that keeps to its rhythm is not called hungry before its hour.
  if (next.reason === 'rhythm' && stage !== 'ripe' && stage !== 'waking' && stage !== 'rising')
    return next.by! <= standing.now
      ? `${STAGE_WORDS[stage]}, feed it`
      : `${STAGE_WORDS[stage]}, feed ${words.about(next.by!)}`;
  if (next.reason === 'onlyForBakes' && (stage === 'hungry' || stage === 'hooch')) return 'at rest';
  switch (stage) {
    case 'ripe':
      return ripeUntilH === null ? 'ripe' : `ripe till ${at(ripeUntilH)}`;
    case 'settled':
    case 'waking':
    case 'rising':
      return ripeFromH === null
        ? `${STAGE_WORDS[stage]}, ${Math.round((moment.height - 1) * 100)} % up`
        : `${STAGE_WORDS[stage]}, ripe about ${at(ripeFromH)}`;
    case 'asleep':
    case 'resting':
      return feedByH === null
        ? STAGE_WORDS[stage]
        : `${STAGE_WORDS[stage]}, feed by ${words.day(jar.since + feedByH * HOUR)}`;
    case 'past':
    case 'sunk':
      return STAGE_WORDS[stage];
    case 'hungry':
      return 'hungry, feed it';
    case 'hooch':
      return 'hungry, look at it';
  }
}

/** What somebody hears in place of the drawing. */
export function jarSentence(standing: Standing, words: KitchenWords): string {
  const { jar, moment, stage, outlook } = standing;
  const { ripeFromH, ripeUntilH } = outlook.forecast;
  if (isEmptied(jar)) return `${jar.card.name}, emptied but for what sticks to the glass`;
  const facts = [
    jar.card.name,
    stage === 'hooch' ? 'hungry, liquid on top' : STAGE_WORDS[stage],
    `${Math.round((moment.height - 1) * 100)} % up`,
  ];
  if (stage === 'ripe' && ripeUntilH !== null)
    facts.push(`until about ${words.about(jar.since + ripeUntilH * HOUR)}`);
  else if (ripeFromH !== null && standing.hours < ripeFromH)
    facts.push(`ripe about ${words.about(jar.since + ripeFromH * HOUR)}`);
  return facts.join(', ');
}

/** The heading of the next step: what, and by when. */
export function stepTitle(step: NextStep, name: string, now: number, words: KitchenWords): string {
  if (step.reason === 'rhythm')
    return step.by! <= now
      ? `Feed ${name}: due since ${words.about(step.by!)}`
      : `Feed ${name} about ${words.about(step.by!)}`;
  if (step.reason === 'onlyForBakes') return `${name} rests until a bake`;
  if (step.reason === 'warming' && step.by! > now)
    return `Feed ${name} by ${words.about(step.by!)}`;
  if (step.from > now) return `Feed ${name} from ${words.about(step.from)}`;
  if (step.by === null) return `Nothing presses: ${name} next`;
  if (step.by <= now) return `Feed ${name} now`;
  return `Feed ${name} by ${words.about(step.by)}`;
}

/** Why, in a sentence. */
export function stepReason(step: NextStep, standing: Standing, words: KitchenWords): string {
  const { jar, outlook, now } = standing;
  const { emptyAtH, hoochAtH } = outlook.forecast;
  if (jar.unfedH && (step.reason === 'hooch' || step.reason === 'hungry'))
    return guessedReason(standing, jar.unfedH, words);
  const since = (hours: number | null) =>
    // What came without food has been so for nobody knows how long.
    hours === null || hours === 0
      ? ''
      : ` for about ${words.span((now - jar.since) / HOUR - hours)}`;
  switch (step.reason) {
    case 'hooch':
      return `Out of food${since(emptyAtH)}, and liquid should show${hoochAtH === null ? '' : ' by now'}. It is hunger, not death.`;
    case 'hungry':
      return `Out of food${since(emptyAtH)}. Its yeast is starving.`;
    case 'ripe':
      return step.by === null
        ? 'Ripe now, full of gas and at its strongest.'
        : `Ripe now, and until about ${words.about(step.by)}.`;
    case 'past':
      return 'Past its peak and sinking. A feed now loses little.';
    case 'ripens':
      return `Ripe about ${words.about(step.from)}. Until then it needs nothing${jar.coming ? ' but its move' : ''}.`;
    case 'asleep':
      return step.by === null
        ? 'Asleep in the cold, with food for weeks.'
        : `Asleep in the cold. After ${words.day(step.by)} half of its yeast has starved.`;
    case 'warming':
      return standing.outAt! > now
        ? `Out of the cold ${words.about(standing.outAt!)}. An hour or two later it is ready for its feed.`
        : `Out of the cold since ${words.about(standing.outAt!)}. An hour or two takes the chill off; then feed it.`;
    case 'rhythm':
      return `${capital(rhythmWords(jar.card.rhythm!, words))}, as its card says.${
        standing.stage === 'hungry' || standing.stage === 'hooch'
          ? ' It is hungry by then, as before.'
          : ''
      }`;
    case 'onlyForBakes':
      return step.by === null
        ? 'Fed only before a bake, as its card says.'
        : `Fed only before a bake, as its card says. After ${words.day(step.by)} half of its yeast has starved.`;
    case 'resting':
      return standing.stage === 'resting'
        ? 'Resting in the cold, its food nearly gone. Fed and warmed it comes back.'
        : 'It rises slowly where it stands.';
  }
}

/** What is known of a jar whose last feed was guessed at: as much as the guess bears. */
function guessedReason(
  { jar, outlook, now }: Standing,
  [least, most]: readonly [number, number],
  words: KitchenWords,
): string {
  const here = (now - jar.started) / HOUR;
  const empty = outlook.forecast.emptyAtH ?? 0;
  const from = Math.max(0, least + here - empty);
  const until = Math.max(0, most + here - empty);
  const unfed = `Last fed ${roughSpan(least + here, most + here, words)} ago, as you said`;
  if (until <= 0) return `${unfed}. It should have food left.`;
  return from < 12
    ? `${unfed}: out of food for up to ${roughSpan(until, until, words).replace('about ', '')}.`
    : `${unfed}: out of food for ${roughSpan(from, until, words)}.`;
}

/** "2 to 7 days", "3 to 5 weeks": no sharper than it is known. */
export function roughSpan(fromH: number, untilH: number, words: KitchenWords): string {
  if (untilH < 36) return `about ${words.span(Math.round(untilH))}`;
  const unit = untilH < 15 * 24 ? 'day' : untilH < 75 * 24 ? 'week' : 'month';
  const hours = { day: 24, week: 7 * 24, month: 30 * 24 }[unit];
  const [from, until] = [fromH, untilH].map((h) => Math.round(h / hours)) as [number, number];
  const named = (n: number) => `${n} ${unit}${n === 1 ? '' : 's'}`;
  return from < until && from > 0 ? `${from} to ${named(until)}` : `about ${named(until)}`;
}

/** "ripe tomorrow 02:40 to 06:10", or what there is instead. */
export function ripeWords({ jar, outlook }: Standing, words: KitchenWords): string {
  const { ripeFromH, ripeUntilH, curve } = outlook.forecast;
  const at = (hours: number) => jar.since + hours * HOUR;
  return ripeFromH === null
    ? `not ripe within ${words.span(curve[curve.length - 1]!.hours)}`
    : ripeStretch(at(ripeFromH), ripeUntilH === null ? null : at(ripeUntilH), words);
}

/** "ripe 14:20 to 18:05", or from when on where no end is in sight. */
export const ripeStretch = (from: number, until: number | null, words: KitchenWords): string =>
  until === null ? `ripe from ${words.about(from)}` : `ripe ${words.stretch(from, until)}`;
