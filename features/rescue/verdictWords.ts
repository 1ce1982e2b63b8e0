import { type Certainty, type HoochAdvice, type VerdictKind } from '@core/rescue';
import { type Umbrella } from '@kit';

import { listed } from '../words/listed';

/** A verdict as it is told; temperatures as `KitchenWords.inUnits` reads them. */
export interface VerdictText {
  readonly title: string;
  /** In a list of others. */
  readonly short: string;
  readonly umbrella: Umbrella;
  readonly means: string;
  readonly does: readonly string[];
}

/** Each verdict: what it is, what that means, what to do. What is special to one case stands in `caseWords`. */
export const VERDICT_WORDS: Readonly<Record<VerdictKind, VerdictText>> = {
  contaminated: {
    title: 'Throw it all out',
    short: 'throw it out',
    umbrella: 'crossedOut',
    means:
      'Something grows in it that does not belong there. Threads and poisons reach further than the eye, so no part of it is kept.',
    does: [
      'All of it into the bin, well wrapped. Do not smell it closely.',
      'Wash jar, lid, spoons and band in hot soapy water. Rinse the glass with hot tap water so that it is warm before you scald it, or it may crack; a scratched or porous jar goes too.',
      'Start again from a backup that is older than the trouble, or from another jar.',
    ],
  },
  killed: {
    title: 'The heat has killed it',
    short: 'killed by heat',
    umbrella: 'crossedOut',
    means: 'Over {60} neither yeast nor bacteria survive. What is left is flour paste.',
    does: ['Throw it out and start again from a backup.', 'Without one, begin a new starter.'],
  },
  tooHot: {
    title: 'It got too hot',
    short: 'too hot',
    umbrella: 'insideOut',
    means:
      'Over {35} the yeast stops, over {45} it is harmed; the bacteria go on and make it sour and runny. The glass is hot long before the middle, so some cells usually live there. How it rose before the heat tells you nothing now.',
    does: ['Take a little from the middle, feed it well, and stand it somewhere cooler.'],
  },
  frozen: {
    title: 'It froze, and can be woken',
    short: 'frozen',
    umbrella: 'furled',
    means:
      'Freezing puts most of a starter to sleep and harms some of it. It comes back over two or three feeds.',
    does: [
      'Let it thaw overnight in the fridge. Look the jar over once more: glass that froze may crack as it warms.',
      'Then feed it, and feed it again each time it has peaked.',
    ],
  },
  smellsRotten: {
    title: 'It smells rotten: feed it once, then judge',
    short: 'smells rotten',
    umbrella: 'insideOut',
    means:
      'Nothing you can see is wrong with it; this rests on the smell alone. In a young starter it is a stage. In an old one it may still be hunger, or something that should not be there.',
    does: [
      'Take a spoonful from the middle into a clean jar and feed it. Do not bake with it, and keep its discard apart.',
      'Smell it again when that feed has peaked, or after a day. If the rot is still there, throw it all out.',
    ],
  },
  falseRise: {
    title: 'Do not bake with it yet',
    short: 'perhaps a false rise',
    umbrella: 'opening',
    means:
      'A starter under three weeks old may double because of other microbes that give up after a few days. You cannot tell by looking.',
    does: [
      'Go on feeding as its programme says. It is ready when it doubles within 4 to 8 hours several feeds in a row, and smells of yoghurt or fruit.',
    ],
  },
  tooYoung: {
    title: 'It is still too young',
    short: 'too young',
    umbrella: 'opening',
    means:
      'A new starter rises early, falls silent for days and smells of cheese or worse before its own yeast takes over. That is a stage, not a fault.',
    does: ['Go on feeding as its programme says. Do not bake with a rise of the first days.'],
  },
  neglected: {
    title: 'Neglected, but it can be brought back',
    short: 'neglected',
    umbrella: 'dripping',
    means:
      'Most of its yeast has starved. What is left is asleep: a little of it, fed well and kept warm, comes back over a few days.',
    does: [
      'If there is liquid, see to it as it says below. Take a little from the clean middle into a clean jar.',
      'Feed it four to five times its weight of flour and of water, each day or when it has peaked.',
    ],
  },
  wrongThingIn: {
    title: 'Something in it holds it back',
    short: 'held back by what went in',
    umbrella: 'drooping',
    means: 'It is not spoilt. A few feeds with a small keep will wash it out.',
    does: ['Keep a tablespoon of it, feed it five times its weight of flour and of water, twice.'],
  },
  hungry: {
    title: 'It is hungry',
    short: 'hungry',
    umbrella: 'insideOut',
    means:
      'The food is gone. Grey or dark liquid, a grey skin and sharp smells are hunger, not death.',
    does: ['Feed it, and once more when that feed has peaked.'],
  },
  dryCover: {
    title: 'Its cover lets it dry out',
    short: 'dry on top',
    umbrella: 'opening',
    means:
      'It was fed within the day, so the skin is not hunger: air has dried the surface. Underneath it is as it should be.',
    does: [
      'Lift the skin off and stir in what is soft.',
      'Cover it so that air hardly moves but gas can leave: a lid laid on loosely rather than a cloth.',
    ],
  },
  tooCold: {
    title: 'It stands too cold',
    short: 'too cold',
    umbrella: 'furled',
    means:
      'In the cold everything takes its time: a rise of a day in the fridge takes hours on the counter.',
    does: ['Stand it at {22-27} and look again in some hours. No feed is needed yet.'],
  },
  wrongProportion: {
    title: 'Too thin or too thick to rise',
    short: 'too thin or too thick',
    umbrella: 'drooping',
    means:
      'A thin mix lets its gas go, shows no rise and settles with liquid at the bottom or in the middle. A very stiff one cannot move. Both may be alive.',
    does: [
      'Next time feed it to a thick batter, as much water as flour by weight, and judge it by that.',
    ],
  },
  weak: {
    title: 'Weak, but it can be strengthened',
    short: 'weak',
    umbrella: 'drooping',
    means:
      'Weeks of feeds without a doubling usually mean that it is fed before it has peaked, or with too little: its yeast is thinned out each time.',
    does: [
      'A small keep, four to five times its weight of flour and of water, half of the flour whole wheat or rye, at {24-27}. A gluten-free starter keeps to its own flour.',
      'Then wait until it has peaked, even if that takes a day, before the next.',
    ],
  },
  underPressure: {
    title: 'Let the pressure out, then go on',
    short: 'under pressure',
    umbrella: 'opening',
    means: 'The starter itself takes no harm from a tight lid. The jar may.',
    does: ['Open it as said above. After that, cover it loosely and feed it as usual.'],
  },
  waiting: {
    title: 'Give it time',
    short: 'still early',
    umbrella: 'opening',
    means:
      'It was fed within the day and nothing else is amiss. Some feeds need a whole day to show.',
    does: ['Leave it where it is warm, and look again before the day is over.'],
  },
  fine: {
    title: 'It is fine',
    short: 'fine',
    umbrella: 'open',
    means: 'It rises and smells as it should.',
    does: ['Feed it when it has peaked, or bake with it.'],
  },
  cannotTell: {
    title: 'The signs do not say',
    short: 'nothing sure',
    umbrella: 'furled',
    means: 'Nothing points to harm, and nothing to hunger either.',
    does: [
      'Feed it once, one part to two of flour and of water, and keep it at {22-27}.',
      'Set the band and look after 12 and 24 hours: how far it rises tells the rest.',
    ],
  },
};

export const CERTAINTY_WORDS: Readonly<Record<Certainty, string>> = {
  sure: 'sure',
  likely: 'likely',
  guess: 'a guess',
};

/** Why liquid is poured off or stirred in. */
export function hoochWords({ do: way, because }: HoochAdvice): string {
  const reason = {
    dark: 'dark liquid is the sharpest, and without it the starter is milder',
    much: 'that much of it would thin the mix',
    little: 'there is only a little, and the hydration stays as it is; it gets a bit sourer',
    notOnTop: 'it does not stand on top, so it cannot be poured',
  }[because];
  return `${way === 'pourOff' ? 'Pour it off' : 'Stir it in'}: ${reason}. Bakers do both.`;
}

/** What else is the matter with it: the verdict comes before that. */
export function alsoWords(kinds: readonly VerdictKind[]): string {
  const [verbs, states] = [true, false].map((verb) =>
    kinds
      .map((kind) => VERDICT_WORDS[kind].short)
      .filter((short) => /^smells/.test(short) === verb),
  ) as [string[], string[]];
  const is = listed(states);
  const said = verbs.length > 0 ? `also ${listed(verbs)}${is && ` and is ${is}`}` : `is also ${is}`;
  return `It ${said}. Deal with this first.`;
}
