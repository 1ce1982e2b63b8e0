import { type Certainty, type HoochAdvice, type VerdictKind } from '@core/rescue';
import { type Umbrella } from '@kit';

/** A verdict as it is told: what it is, what that means, what to do. */
export const VERDICT_WORDS: Readonly<
  Record<
    VerdictKind,
    {
      readonly title: string;
      /** In a list of others. */
      readonly short: string;
      readonly umbrella: Umbrella;
      readonly means: string;
      readonly does: readonly string[];
    }
  >
> = {
  contaminated: {
    title: 'Throw it all out',
    short: 'throw it out',
    umbrella: 'crossedOut',
    means:
      'Something grows or lies in it that does not belong there. Threads and poisons reach further than the eye, so no part of it is kept.',
    does: [
      'All of it into the bin, well wrapped. Do not smell at it closely.',
      'Wash jar, lid, spoons and band in hot soapy water, then scald them; a scratched or porous jar goes too.',
      'Begin again from a backup, or from another jar.',
    ],
  },
  killed: {
    title: 'The heat has killed it',
    short: 'killed by heat',
    umbrella: 'crossedOut',
    means: 'Over 60 °C neither yeast nor bacteria live on. What is left is paste.',
    does: ['Throw it out and begin from a backup.', 'Without one, begin anew.'],
  },
  tooHot: {
    title: 'It got too hot',
    short: 'too hot',
    umbrella: 'insideOut',
    means:
      'Over 35 °C the yeast stops, over 45 °C it is harmed; the bacteria go on and make it sour and runny. Some cells usually live, in the middle most of all.',
    does: ['Take a little from the middle, feed it well, and stand it somewhere cooler.'],
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
    title: 'Neglected, and worth bringing back',
    short: 'neglected',
    umbrella: 'dripping',
    means:
      'Most of its yeast has starved. What lives on is asleep: a little of it, fed well and kept warm, comes back over some days.',
    does: [
      'Pour off the liquid. Take a little from the clean middle into a clean jar.',
      'Feed it four to five times its weight of flour and of water, each day or when it has peaked.',
    ],
  },
  hungry: {
    title: 'It is hungry',
    short: 'hungry',
    umbrella: 'insideOut',
    means:
      'The food is gone. Grey or dark liquid, a grey skin and sharp smells are hunger, not death.',
    does: ['Feed it, and once more when that feed has peaked.'],
  },
  tooCold: {
    title: 'It stands too cold',
    short: 'too cold',
    umbrella: 'furled',
    means:
      'In the cold everything takes its time: a rise of a day in the fridge takes hours on the counter.',
    does: ['Stand it at 22 to 27 °C and look again in some hours. No feed is needed yet.'],
  },
  wrongProportion: {
    title: 'Too thin or too thick to rise',
    short: 'wrong proportion',
    umbrella: 'drooping',
    means:
      'A thin mix lets its gas go and shows no rise; a very stiff one cannot move. Both may be alive.',
    does: [
      'Feed it to a thick batter next time, as much water as flour by weight, and judge that.',
    ],
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
    means: 'Nothing speaks for harm, and nothing for hunger either.',
    does: [
      'Feed it once, one part to two of flour and of water, and keep it at 22 to 27 °C.',
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
    dark: 'dark liquid is the sharpest; without it the starter is milder',
    much: 'so much of it would thin the mix',
    little: 'there is little of it, and the hydration stays as it is; it gets a bit sourer',
    notOnTop: 'it does not stand on top, so it cannot be poured',
  }[because];
  return `${way === 'pourOff' ? 'Pour it off' : 'Stir it in'}: ${reason}. Both schools exist.`;
}
