import { type Pace, asMixed, middlePace } from '../ferment';
import {
  type FoldContext,
  type Jar,
  type JarEvent,
  conditionsOf,
  feedParts,
  instantOf,
  withEvent,
} from '../journal';
import { HOUR, fingerprint } from '../measure';
import { type Reading } from './reading';
import { type Course } from './update';
import { type Learnt, NOTHING_LEARNT, learn } from './watch';

/** What was learnt of a jar, and where to take it up: nothing before the feed under way is read again. */
export interface Calibration {
  readonly learnt: Learnt;
  readonly settled: {
    /** Entries before the feed under way, and their fingerprint. */
    readonly events: number;
    readonly print: string;
    readonly learnt: Learnt;
    readonly jar: Jar;
    /** The pace its present mix was fed with. */
    readonly pace: Pace;
  } | null;
}

/**
 * The pace of a jar from its live events, oldest first: each watched feed in its turn moves the belief. The history of
 * the mix is folded along with the pace believed at the time. Events of the jar its starter came from may go before.
 *
 * @param from an earlier calibration of the same jar, used when its events are still the first ones
 */
export function calibrateJar(
  events: readonly JarEvent[],
  context: Omit<FoldContext, 'pace'>,
  from?: Calibration,
): Calibration {
  const resumed = from?.settled;
  const settledHere = resumed && resumed.print === printOf(events, resumed.events) ? resumed : null;
  let learnt = settledHere?.learnt ?? NOTHING_LEARNT;
  let jar: Jar | null = settledHere?.jar ?? null;
  let fedWith: Pace = settledHere?.pace ?? middlePace(learnt.belief);
  let fed: Watched | null = null;
  let settled: Calibration['settled'] = settledHere;
  const taught = firstLesson(events);
  for (let i = settledHere?.events ?? 0; i < events.length; i++) {
    const event = events[i]!;
    if (event.kind === 'fed' && jar) {
      if (fed && i > taught) learnt = learnFrom(jar, fed, learnt, context);
      settled = { events: i, print: '', learnt, jar, pace: fedWith };
      fed = {
        before: {
          mix: asMixed(jar.fedMix, fedWith),
          conditions: conditionsOf(jar, { ...context, pace: fedWith }),
          hours: (instantOf(event) - jar.since) / HOUR,
        },
        parts: feedParts(jar, event, { ...context, pace: fedWith }),
      };
      fedWith = middlePace(learnt.belief);
    }
    if (event.kind === 'started') {
      // Another jar goes on with what was learnt of the one before.
      if (jar && fed && i > taught) learnt = learnFrom(jar, fed, learnt, context);
      fed = null;
      fedWith = middlePace(learnt.belief);
    }
    jar = withEvent(jar, event, { ...context, pace: middlePace(learnt.belief) });
  }
  return {
    learnt: jar && fed ? learnFrom(jar, fed, learnt, context) : learnt,
    settled: settled && { ...settled, print: printOf(events, settled.events) },
  };
}

const printOf = (events: readonly JarEvent[], count: number): string =>
  fingerprint(events.slice(0, count).map(({ id }) => id));

/** Watched feeds that a first reading goes back over: what lies before has drifted out of the belief. */
const REMEMBERED = 40;

/** Where the remembered feeds begin: the entry after which lessons count. */
function firstLesson(events: readonly JarEvent[]): number {
  let watched = 0;
  let looked = false;
  for (let i = events.length - 1; i >= 0; i--) {
    const { kind } = events[i]!;
    if (kind === 'looked') looked = true;
    if (kind === 'fed') {
      if (looked && ++watched === REMEMBERED) return i;
      looked = false;
    }
  }
  return -1;
}

type Watched = Pick<Course, 'before' | 'parts'>;

const learnFrom = (
  jar: Jar,
  fed: Watched,
  learnt: Learnt,
  context: Omit<FoldContext, 'pace'>,
): Learnt =>
  learn(learnt, {
    ...fed,
    conditions: conditionsOf(jar, { ...context, pace: middlePace(learnt.belief) }),
    readings: readingsOf(jar),
  });

/** A reading within this of the band says nothing of the pace, hours. */
const TOO_SOON = 0.25;
/** Nobody's memory of a feed reaches further, hours. */
const TOO_LATE = 60;

function readingsOf(jar: Jar): readonly Reading[] {
  return jar.looks.flatMap((look): Reading[] => {
    const afterH = (instantOf(look) - jar.since) / HOUR;
    if (afterH < TOO_SOON || afterH > TOO_LATE) return [];
    return [
      ...(look.height !== undefined ? [{ afterH, height: look.height }] : []),
      ...(look.sign !== undefined ? [{ afterH, sign: look.sign }] : []),
    ];
  });
}
