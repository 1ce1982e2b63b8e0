import { USUAL_PACE } from '../ferment';
import {
  type FoldContext,
  type Jar,
  type JarEvent,
  asRipe,
  conditionsOf,
  feedParts,
  instantOf,
  mixAt,
  withEvent,
} from '../journal';
import { HOUR, risesUpward } from '../measure';
import { type WatchedFeed } from './watchedFeed';
import { watchedFrom } from './watchedFrom';
import { type Sighting } from './reading';
import { type Learnt, learn } from './watch';

/**
 * What a jar's live events, oldest first, teach of its pace. Events of the jar its starter came from may go before. The
 * mixes are followed at the usual pace: only the feed right before a watched one matters, and that is gone through again.
 *
 * @example calibrateJar(lineage('tern', eventsByJar(live)), { places, time }).belief
 */
export function calibrateJar(
  events: readonly JarEvent[],
  places: Omit<FoldContext, 'pace'>,
): Learnt {
  const context = { ...places, pace: USUAL_PACE };
  const watchedFeeds: WatchedFeed[] = [];
  const remembered = watchedFrom(events, REMEMBERED);
  let jar: Jar | null = null;
  let fed: Omit<WatchedFeed, 'conditions' | 'readings'> | null = null;
  const close = () => {
    if (jar && fed)
      watchedFeeds.push({
        ...fed,
        conditions: conditionsOf(jar, context),
        readings: readingsOf(jar),
        ...(jar.lastFed?.rough && { rough: true }),
      });
    fed = null;
  };
  for (const [i, event] of events.entries()) {
    const fresh = i >= remembered;
    if (event.kind === 'fed' && jar) {
      close();
      if (fresh && i > remembered)
        fed = {
          before: {
            mix: jar.fedMix,
            conditions: conditionsOf(jar, context),
            hours: (instantOf(event) - jar.since) / HOUR,
          },
          parts: feedParts(jar, event, context),
        };
    }
    // Another jar goes on with what was learnt of the one before.
    if (event.kind === 'started') close();
    jar = withEvent(jar, event, context, fresh ? mixAt : asRipe);
  }
  close();
  return learn(watchedFeeds);
}

/** Watched feeds that are read: what lies before has drifted out of what is believed. */
const REMEMBERED = 30;

/** A reading within this of the band says nothing of the pace, hours. */
const TOO_SOON = 0.25;
/** Nobody's memory of a feed reaches further, hours. */
const TOO_LATE = 60;

function readingsOf(jar: Jar): readonly Sighting[] {
  const upward = risesUpward(jar.fedMix.hydrationPct);
  return jar.looks.flatMap((look): Sighting[] => {
    const afterH = (instantOf(look) - jar.since) / HOUR;
    if (afterH < TOO_SOON || afterH > TOO_LATE) return [];
    return [
      ...(upward && look.height !== undefined ? [{ afterH, height: look.height }] : []),
      ...(upward && look.streak !== undefined ? [{ afterH, streak: look.streak }] : []),
      ...(look.sign !== undefined ? [{ afterH, sign: look.sign }] : []),
    ];
  });
}
