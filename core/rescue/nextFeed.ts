import { HOUR, type Instant } from '../measure';
import { type PlannedFeed } from './programmes';
import { type Run } from './run';

/** The next feed of a programme, whole grams. */
export interface NextFeed {
  /** When it is due, and not before hands are there. */
  readonly at: Instant;
  readonly keepG: number;
  readonly flourG: number;
  readonly waterG: number;
  /** Why then. `first`: it begins. `peaked`: it has peaked and is fed then. `quiet`: nothing rose, so it is left longer. */
  readonly because: 'first' | 'daily' | 'peaked' | 'quiet' | 'missed';
}

/** Hands between two instants. */
interface Hands {
  readonly from: Instant;
  readonly until: Instant;
}

/** Whoever begins something that takes no longer stays for it, hours. */
const STAYS_H = 3;
/** From doubling to its peak a starter takes about so much longer. */
const DOUBLED_TO_PEAK = 1.35;
/** Where nothing has risen, cells need time more than food. */
const PATIENT = 1.5;
/** Later than this the day was missed. */
const MISSED_H = 16;
/** What is due while nobody is there may be done so much earlier. */
const EARLIER_H = 3;
/** More than this in one jar is another starter's worth. */
const MOST_KEPT_G = 60;

/**
 * What to feed next, by what was logged: at the peak when it peaked, later where nothing rose, else by the programme's
 * rhythm; where nothing rises the feed is smaller, for a large one would only thin out the few cells there are.
 *
 * @param massG what is in the jar
 * @param hands when somebody is there; nothing is moved where none are given
 * @example nextFeed(runOf(begun, events, now, () => 26), 80, now).at
 */
export function nextFeed(
  run: Run,
  massG: number,
  now: Instant,
  hands: readonly Hands[] = [],
): NextFeed {
  const { programme, feeds, begunAt } = run;
  const given = feeds.length + run.feedsSoFar;
  const planned = programme.feeds[Math.min(given, programme.feeds.length - 1)]!;
  const last = feeds[feeds.length - 1];
  const amounts = amountsOf(planned, massG, gentlenessOf(run));
  if (!last) {
    // What was joined on its way has had its beginning.
    const due = run.feedsSoFar > 0 ? now : begunAt + programme.firstAfterH * HOUR;
    // Whoever begins a soak is there for its end.
    const soaking = programme.firstAfterH <= STAYS_H && due >= now;
    return {
      at: soaking ? due : withHands(Math.max(due, now), hands),
      ...amounts,
      because: 'first',
    };
  }
  const usualH = programme.feeds[Math.min(given, programme.feeds.length) - 1]!.waitH;
  // A new starter is fed by the clock.
  const waitH = programme.falseUntilDay > 0 ? usualH : usualH * run.slower;
  const seenPeak =
    last.peakedH ?? (last.doubledH === null ? null : last.doubledH * DOUBLED_TO_PEAK);
  const peak = seenPeak === null ? null : Math.max(programme.leastWaitH, seenPeak);
  const quiet = last.highest !== null && last.highest < 1.1 && last.doubledH === null;
  const dueH =
    peak !== null && peak < waitH ? peak : quiet && feeds.length <= 2 ? waitH * PATIENT : waitH;
  const due = last.at + dueH * HOUR;
  const missed = now - due > MISSED_H * HOUR;
  return {
    at: withHands(Math.max(due, missed ? now : due), hands),
    ...amounts,
    because: missed ? 'missed' : dueH === peak ? 'peaked' : dueH > waitH ? 'quiet' : 'daily',
  };
}

/** Where it is cool, and after each feed that did not double, the next is half as large: a large one thins out the few cells there are. */
const gentlenessOf = ({ slower, misses }: Run): number =>
  0.5 ** ((slower > COOL ? 1 : 0) + Math.max(0, misses - (slower > COOL ? 0 : 1)));

/** A place is cool where everything takes so many times longer. */
const COOL = 1.2;

function amountsOf(
  { keep, flour, water }: PlannedFeed,
  massG: number,
  strength: number,
): Pick<NextFeed, 'keepG' | 'flourG' | 'waterG'> {
  const all = Math.max(1, Math.round(massG));
  const wanted =
    keep === 'all' ? all : keep === 'half' ? Math.max(1, Math.round(all / 2)) : Math.min(all, keep);
  const keepG = keep === 'half' ? Math.min(MOST_KEPT_G, wanted) : wanted;
  const per = keepG * (flour > 1 ? Math.max(1 / flour, strength) : 1);
  return { keepG, flourG: Math.max(1, Math.round(flour * per)), waterG: Math.round(water * per) };
}

/** An hour at which somebody is there: a little earlier rather than much later. */
function withHands(at: Instant, hands: readonly Hands[]): Instant {
  if (hands.length === 0 || hands.some(({ from, until }) => at >= from && at < until)) return at;
  const before = hands.findLast(({ until }) => until <= at);
  const after = hands.find(({ from }) => from > at);
  if (before && at - before.until <= EARLIER_H * HOUR) return before.until - HOUR / 4;
  return after?.from ?? at;
}
