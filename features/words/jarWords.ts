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
import { type Blend, type FlourKind, HOUR, blendShares } from '@core/measure';
import { type NextStep } from '@core/plan';

import { type KitchenWords } from './kitchenWords';

export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  asleep: 'asleep',
  settled: 'settled',
  waking: 'waking',
  rising: 'rising',
  ripe: 'ripe',
  past: 'just past',
  sunk: 'sunk',
  hungry: 'hungry',
  hooch: 'hooch',
};

export const FLOUR_WORDS: Readonly<Record<FlourKind, string>> = {
  white: 'white',
  strongWhite: 'strong white',
  wholeWheat: 'whole wheat',
  rye: 'rye',
  spelt: 'spelt',
  glutenFree: 'gluten-free',
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
      return feedByH === null
        ? 'asleep'
        : `asleep, feed by ${words.day(jar.since + feedByH * HOUR)}`;
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
  if (step.from > now) return `Feed ${name} from ${words.about(step.from)}`;
  if (step.by === null) return `Nothing presses: ${name} next`;
  if (step.by <= now) return `Feed ${name} now`;
  return `Feed ${name} by ${words.about(step.by)}`;
}

/** Why, in a sentence. */
export function stepReason(step: NextStep, standing: Standing, words: KitchenWords): string {
  const { jar, outlook, now } = standing;
  const { emptyAtH, hoochAtH } = outlook.forecast;
  const since = (hours: number | null) =>
    hours === null ? '' : ` for about ${words.span((now - jar.since) / HOUR - hours)}`;
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
      return `Ripe about ${words.about(step.from)}. Until then it needs nothing.`;
    case 'asleep':
      return step.by === null
        ? 'Asleep in the cold, with food for weeks.'
        : `Asleep in the cold. After ${words.day(step.by)} half of its yeast has starved.`;
    case 'resting':
      return 'It rises slowly where it stands.';
  }
}

/** "ripe tomorrow 02:40 to 06:10", or what there is instead. */
export function ripeWords({ jar, outlook }: Standing, words: KitchenWords): string {
  const { ripeFromH, ripeUntilH, curve } = outlook.forecast;
  const at = (hours: number) => jar.since + hours * HOUR;
  if (ripeFromH === null) return `not ripe within ${words.span(curve[curve.length - 1]!.hours)}`;
  return ripeUntilH === null
    ? `ripe from ${words.about(at(ripeFromH))}`
    : `ripe ${words.stretch(at(ripeFromH), at(ripeUntilH))}`;
}
