import { MOOD, type PaceBelief, UNTOLD, USUAL_BELIEF } from '../ferment';
import { highest } from '../measure';
import { type Normal, beliefOf, normalOf, taught, varianceOf, widened } from './belief';
import { type WatchedFeed } from './watchedFeed';
import { type Lesson, lessonOf } from './lesson';

/** A peak as it was forecast before the feed was watched, and as it was seen; hours after the feed. */
export interface Expected {
  readonly expectedH: number;
  readonly low: number;
  readonly high: number;
  readonly seenH: number;
}

/** What has been learnt of a starter so far; plain numbers. */
export interface Learnt {
  readonly belief: PaceBelief;
  /** Feeds and readings it rests on. */
  readonly feeds: number;
  readonly readings: number;
  readonly foretold: readonly Expected[];
  /** Middle of the logarithm of the pace after each watched feed. */
  readonly history: readonly number[];
}

/** Nothing learnt yet. */
export const NOTHING_LEARNT: Learnt = {
  belief: USUAL_BELIEF,
  feeds: 0,
  readings: 0,
  foretold: [],
  history: [],
};

/** From feed to feed a starter drifts: standard deviations of the logarithms added between two feeds. */
const DRIFT = [0.005, 0.005, 0.01, 0.002, 0.002, 0.005];
/** After a sudden change the pace is open again by so much. */
const CHANGED = [0.25, 0, 0, 0, 0, 0];
/** So often all feeds are gone through again near what was found: the lessons of a feed hold only near one pace. */
const ROUNDS = 7;
/** So many rounds go through the last few feeds alone. */
const ROUGHLY = 3;
const FEW_FEEDS = 8;
/** Nor once they lead nowhere, in the same spreads. */
const THERE = 0.03;
/** No step of a round goes further, in spreads of what is believed of any starter. */
const LONGEST_STEP = 1.5;
/** No starter is more than so far from the usual, as a logarithm. */
const FARTHEST = 1.6;
/** Degrees of freedom of the readings' Student distribution: few, so that one wrong entry weighs little. */
const FREEDOM = 3;
/** Most of a mood is known from the other readings of its feed: so much of it is allowed to each. */
const OF_THE_MOOD = 0.5;

/**
 * What watched feeds teach of a starter, oldest first. All of them are weighed together, so that a wrong entry stands out
 * against the rest wherever it stands; then they are gone through in their order, to see how each was foretold by those
 * before it. Feeds without readings teach nothing.
 *
 * @example learn([]).history // = []
 */
export function learn(watchedFeeds: readonly WatchedFeed[]): Learnt {
  const watched = watchedFeeds.filter(({ readings }) => readings.length > 0);
  if (watched.length === 0) return NOTHING_LEARNT;
  const usual = normalOf(USUAL_BELIEF);
  let at = usual.mean;
  let lessons: readonly Lesson[] = [];
  let weights: readonly (readonly number[])[] = [];
  let change = watched.length;
  let beliefs: readonly Normal[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    // The first rounds only have to come near, and the last feeds are enough for that.
    const gone = round < ROUGHLY ? watched.slice(-FEW_FEEDS) : watched;
    lessons = gone.map((watchedFeed) => lessonOf(watchedFeed, at));
    weights = lessons.map((lesson) => weightsOf(lesson, round < 2 ? usual : null));
    change = changeAmong(lessons);
    beliefs = followed(usual, lessons, at, weights, change);
    const step = stepTo(at, beliefs[beliefs.length - 1]!.mean, usual);
    if (round === ROUNDS - 1 || (round > ROUGHLY && step.spreads < THERE)) break;
    at = step.to;
  }
  return toldOf(watched, lessons, weights, beliefs, at);
}

/** The belief before the first feed and after each. */
function followed(
  usual: Normal,
  lessons: readonly Lesson[],
  at: readonly number[],
  weights: readonly (readonly number[])[],
  change: number,
): readonly Normal[] {
  const beliefs = [usual];
  lessons.forEach((lesson, i) => {
    const before = widened(beliefs[i]!, i === change ? CHANGED : DRIFT);
    beliefs.push(taught(before, lesson, at, weights[i]!));
  });
  return beliefs;
}

/** The next logarithms to go through the feeds with, and how far off they are in spreads of what is believed of any starter. */
function stepTo(from: readonly number[], goal: readonly number[], usual: Normal) {
  const step = goal.map((log, i) => log - from[i]!);
  const spreads = highest(step.map((s, i) => Math.abs(s) / Math.sqrt(usual.covariance.get(i, i))));
  const shorter = Math.min(1, LONGEST_STEP / Math.max(1e-9, spreads));
  const to = from.map((log, i) =>
    Math.max(-FARTHEST, Math.min(FARTHEST, log + shorter * step[i]!)),
  );
  return { to, spreads };
}

/**
 * How far each reading is believed: the less the more it misses what the others agree on, allowing for the mood of its feed
 * and, at first, for all that a starter may differ by.
 */
function weightsOf({ misses, slopes, moodSlopes }: Lesson, unsure: Normal | null) {
  return misses.map((miss, r) => {
    const open = unsure ? varianceOf(unsure, slopes.getRow(r)) : 0;
    const variance = 1 + open + OF_THE_MOOD * (MOOD * moodSlopes[r]!) ** 2;
    return (FREEDOM + 1) / (FREEDOM + (miss * miss) / variance);
  });
}

/** By how much a feed went quicker than expected, as a logarithm, and how well that is known. */
function moodOf({ misses, moodSlopes }: Lesson) {
  let mood = 0;
  let information = 0;
  // A wrong entry is found by what the rest of its own feed says.
  for (let round = 0; round < 4; round++) {
    let sum = 0;
    information = 1 / WILD_MOOD ** 2;
    misses.forEach((miss, r) => {
      const left = miss + moodSlopes[r]! * mood;
      const weight = (FREEDOM + 1) / (FREEDOM + left * left);
      sum -= weight * miss * moodSlopes[r]!;
      information += weight * moodSlopes[r]! ** 2;
    });
    mood = sum / information;
  }
  return { mood, variance: 1 / information + MOOD * MOOD };
}

/** No mood is wilder than this, as a logarithm. */
const WILD_MOOD = 0.5;
/** A change is seen in so many feeds at the least, and not looked for before the starter is known. */
const CHANGE_SHOWS = 2;
const KNOWN_AFTER = 4;
/** Fall of the squared misses from which a step in the pace explains the feeds better than none. */
const CHANGE_GAINS = 12;

/** The feed with which the pace changed suddenly; the number of feeds where it did not. */
function changeAmong(lessons: readonly Lesson[]): number {
  const moods = lessons.map(moodOf);
  const sums = (from: number, to: number) => {
    let weight = 0;
    let sum = 0;
    for (const { mood, variance } of moods.slice(from, to)) {
      weight += 1 / variance;
      sum += mood / variance;
    }
    return { weight, sum };
  };
  const all = sums(0, moods.length);
  let best = { at: moods.length, gain: CHANGE_GAINS };
  for (let at = KNOWN_AFTER; at <= moods.length - CHANGE_SHOWS; at++) {
    const before = sums(0, at);
    const after = sums(at, moods.length);
    const gain =
      before.sum ** 2 / before.weight + after.sum ** 2 / after.weight - all.sum ** 2 / all.weight;
    if (gain > best.gain) best = { at, gain };
  }
  return best.at;
}

/** As many feeds as these speak for forecasts that miss as they are believed to. */
const TRUSTED_FEEDS = 8;
/** A feed that went quite wrong says no more than one that missed by so many spreads. */
const FARTHEST_MISS = 3;
const TENTH = 1.2816;

function toldOf(
  watched: readonly WatchedFeed[],
  lessons: readonly Lesson[],
  weights: readonly (readonly number[])[],
  beliefs: readonly Normal[],
  at: readonly number[],
): Learnt {
  const foretold: Expected[] = [];
  let squares = TRUSTED_FEEDS;
  let counted = TRUSTED_FEEDS;
  const width = () => Math.sqrt(squares / counted);
  lessons.forEach((lesson, i) => {
    const { peak } = lesson;
    if (!peak) return;
    const before = widened(beliefs[i]!, DRIFT);
    const away = peak.slopes.reduce((sum, s, k) => sum + s * (before.mean[k]! - at[k]!), 0);
    const expected = peak.logH + away;
    const variance = varianceOf(before, peak.slopes) + UNTOLD * UNTOLD;
    const seen = watched[i]!.readings.find((r) => 'sign' in r && r.sign === 'peaked');
    if (seen) {
      const reach = TENTH * width() * Math.sqrt(variance);
      foretold.push({
        expectedH: Math.exp(expected),
        low: Math.exp(expected - reach),
        high: Math.exp(expected + reach),
        seenH: seen.afterH,
      });
    }
    const { mood, variance: unsure } = moodOf(lesson);
    const miss = (away + mood) ** 2 / (variance + unsure - MOOD * MOOD);
    squares += Math.min(FARTHEST_MISS ** 2, miss);
    counted++;
  });
  return {
    belief: beliefOf(beliefs[beliefs.length - 1]!, width()),
    feeds: watched.length,
    readings: weights.reduce((sum, of) => sum + of.length, 0),
    foretold,
    history: beliefs.slice(1).map(({ mean }) => mean[0]!),
  };
}
