import { type Aim, type CaseId, type Judgement, type Round } from '@core/practice';

import {
  BUBBLE_WORDS,
  type KitchenWords,
  SMELL_WORDS,
  blendWords,
  fullRiseWords,
  riseWords,
} from '../words';

export const JUDGEMENT_WORDS: Readonly<Record<Judgement, string>> = {
  wait: 'Leave it alone',
  ripe: 'Bake with it',
  feed: 'Feed it',
  fridge: 'Into the fridge',
  rescue: 'Begin a rescue',
  throwOut: 'Throw it all out',
};

const AIM_WORDS: Readonly<Record<Aim, string>> = {
  bakeNow: 'You would like to mix a dough now.',
  bakeLater: 'You bake in five days, and have nothing to do with it until then.',
  nothing: 'No bake is planned.',
};

const TOP_WORDS: Readonly<Record<Round['signs']['top'], string>> = {
  dome: 'domed',
  flat: 'flat on top',
  holes: 'flat, with many small holes on top',
  slump: 'sunken in the middle',
  still: 'grey and still',
};

const GROWTH_WORDS = {
  fuzz: 'Fuzz: a grey-green spot as large as a lentil, where it meets the glass.',
  pink: 'A pink streak runs through it below the surface.',
  film: 'A dry white film lies on it. You cannot say whether it is flat or begins to be furry.',
} as const;

const FLOAT_WORDS = {
  floats: 'A spoonful of it floats in water.',
  sinks: 'A spoonful of it sinks in water.',
  sinksStirred: 'Somebody stirred a cup of it, and a spoonful from that cup sank in water.',
} as const;

/** What there is to know about a jar before it is judged, a line each. */
export function roundFacts(round: Round, words: KitchenWords): readonly string[] {
  const { fed, hours, signs, height, streak, celsius, outH, young } = round;
  const facts = [
    young
      ? `Begun ${words.span(hours)} ago from ${blendWords(fed.flour)} flour and water, fed once a day.`
      : `Fed ${words.span(hours)} ago: ${words.feed(fed)}, ${blendWords(fed.flour)}.`,
    outH === null
      ? celsius > 40
        ? `It stood in an oven that somebody had switched on: ${words.celsius(celsius)} in the middle of the jar.`
        : `It stands at ${words.celsius(celsius)}.`
      : `${words.span(outH)} out at ${words.celsius(celsius)}, and in the fridge ever since.`,
    height < 1.02
      ? `At the band, ${TOP_WORDS[signs.top]}.`
      : `${rise(height)} above the band, ${TOP_WORDS[signs.top]}.`,
  ];
  if (streak !== null) facts.push(`Streaks on the glass up to ${rise(streak)}.`);
  facts.push(`Bubbles: ${BUBBLE_WORDS[signs.bubbles]}. It smells of ${SMELL_WORDS[signs.smell]}.`);
  if (signs.liquid !== 'none')
    facts.push(
      signs.liquidAt === 'bottom'
        ? `A band of ${signs.liquid} liquid lies at the bottom of the jar.`
        : `${signs.liquid === 'clear' ? 'Clear' : signs.liquid === 'grey' ? 'Grey' : 'Dark'} liquid on top.`,
    );
  if (signs.growth) facts.push(GROWTH_WORDS[signs.growth]);
  if (signs.float) facts.push(FLOAT_WORDS[signs.float]);
  facts.push(AIM_WORDS[round.aim]);
  return facts;
}

/** In one piece wherever a line breaks. */
const rise = (height: number) => riseWords(height).replaceAll(' ', '\u00a0');

/** Hours of the jar's own curve that a reason names. */
const ripeIn = ({ forecast: { ripeFromH }, hours }: Round, words: KitchenWords) =>
  ripeFromH === null ? 'later' : `in about ${words.span(ripeFromH - hours)}`;

/** Why what is right is right. */
export const reasonFor: Readonly<Record<CaseId, (round: Round, words: KitchenWords) => string>> = {
  justFed: (round, words) =>
    `It was fed a moment ago and has all its food. There is nothing to see yet, and nothing to do: it is ripe ${ripeIn(round, words)}.`,
  rising: (round, words) =>
    `It is on its way up and still domed. Its yeast is not at its strongest: ripe ${ripeIn(round, words)}.`,
  ripe: () =>
    'Domed, near its highest, like mousse, and it smells of fruit: this is what you wait for.',
  ripeNothingPlanned: () =>
    'It is at its best, and there is no dough for it. Feed it before it goes hungry. A cold place holds it for some days as well, and an hour or two of waiting does not hurt.',
  sunk: () =>
    'The streaks say how high it was, and it has fallen from there. Its food is going: feed it.',
  hungry: () =>
    'Runny, sharp, far below its streaks: its food is gone, and a dough from it would rise slowly and taste sour. Feed it, and bake when it is up again.',
  fuzz: () =>
    'Fuzz is mould, whatever its colour, and its threads reach further than the eye. All of it goes, the jar is scalded, and a backup takes its place.',
  intoTheFridge: () =>
    'It has begun to work and has nearly all its food: so it keeps for many days in the cold. Left out, it would be hungry tomorrow.',
  coldAsIntended: () =>
    'That little is all that a jar does in the cold. It is not dead and not hungry: it sleeps with most of its food in front of it.',
  coolRoom: (round, words) =>
    `A cool room makes it slow, not weak. It is still rising: ripe ${ripeIn(round, words)}.`,
  hooch: () =>
    'Grey liquid is hunger after weeks in the cold, not death. Pour it off or stir it in, and feed a small keep; one or two more feeds before you bake.',
  solvent: () =>
    'Nail varnish is the smell of long hunger. It wants food, more than once. Nothing is spoilt.',
  falseRise: () =>
    'So early that is not the yeast. Other microbes lift a new starter on the second or third day and die off when it turns sour. Do not bake with it; go on with its daily feeds.',
  quietDays: () =>
    'Silence after the first false rise is the middle of the way. The yeast comes when it is sour enough, mostly within a week. Go on feeding it daily.',
  pink: () =>
    'Pink, orange or red is never hunger. Those are microbes that can make you ill: all of it goes, and the jar is scalded.',
  ryeRipe: ({ fed: { flour } }) =>
    `Rye does not stretch and makes no dome. Full of holes, ${fullRiseWords(flour)} or more and smelling of fruit it is ripe.`,
  glutenFreeRipe: ({ fed: { flour } }) =>
    `Without gluten there is no dome and less height. Full of holes and ${fullRiseWords(flour)} or more: it is as ripe as it gets.`,
  sinksStirred: () =>
    'Stirring knocks the gas out, so that spoonful says nothing. The height against the hours is the better evidence, and it is ripe.',
  streakOnly: () =>
    'The streak is how high it was, not how high it is. It has lost its gas: a small feed now, and it is up again in a few hours.',
  hoochBelow: () =>
    'Liquid settles at the bottom or in the middle too. It is hooch all the same: hunger. Stir it in or pour it off, and feed it.',
  looksDead: () =>
    'Two weeks unfed in the cold and nothing moves: that looks worse than it is. Most of its cells live. A feed in a warm place shows it by tomorrow.',
  neglected: () =>
    'After months few cells are left, in much acid. One plain feed keeps nearly all of that acid: take a spoonful from the clean middle and build it up over some days.',
  overheated: () =>
    'Yeast stops above 35 °C and dies from 45 °C on. Some may live in the middle: a little of that, fed daily in a cool place, and you know within days.',
  film: () =>
    'A flat film may be harmless yeast, and it may be mould that begins. When you cannot tell, throw it out: flour costs less than being wrong.',
};

/** What the wrong choice would have come to. */
export function missedWords(said: Judgement, right: Judgement): string {
  if (right === 'throwOut') return 'Nothing else makes that safe to eat.';
  switch (said) {
    case 'throwOut':
      return 'You would have thrown out a starter that lives.';
    case 'ripe':
      return 'A dough from it now would be slow, and heavy in the end.';
    case 'wait':
      return right === 'ripe'
        ? 'Wait much longer and it falls.'
        : 'Waiting makes it hungrier, not better.';
    case 'feed':
      return right === 'rescue'
        ? 'A feed by its usual ratio would not be enough.'
        : 'A feed now thins out what is just growing, and the hours begin anew.';
    case 'fridge':
      return right === 'feed' || right === 'rescue'
        ? 'Cold would only make its hunger longer.'
        : 'In the cold it would stop where it is, and you would wait for days.';
    case 'rescue':
      return 'It is well enough for its usual life: a rescue would cost days and flour.';
  }
}
