import {
  type JarEvent,
  type JournalEvent,
  type LookedOver,
  type ReachedKind,
  type Spoilage,
  type ThrownOut,
  instantOf,
} from '../journal';
import { DAY, type Instant } from '../measure';

/** Something that may have the trouble of a jar that was thrown out. */
export interface Reached {
  readonly what: ReachedKind;
  /** The jar or the tub, or the entry that names the rest. */
  readonly of: string;
  /** The jar it came from; for a tub the one that was fed from it. */
  readonly jar: string;
  /** When it was taken out, made or split off. */
  readonly at: Instant;
}

/** A jar that was thrown out, and what came from it and has not been looked at yet. */
export interface Quarantine {
  readonly thrownOut: ThrownOut;
  readonly reached: readonly Reached[];
}

/** What is here that may have come from a jar. */
export interface Shelf {
  readonly lots: readonly {
    readonly id: string;
    readonly jar: string;
    readonly takenAt: Instant;
  }[];
  readonly backups: readonly {
    readonly id: string;
    readonly jar: string;
    readonly madeAt: Instant;
  }[];
  readonly drying: readonly {
    readonly id: string;
    readonly jar: string;
    readonly since: Instant;
  }[];
  /** Jars that are not put away. */
  readonly jars: readonly { readonly id: string }[];
  readonly tubs: readonly { readonly id: string }[];
}

/**
 * What each jar that was thrown out has reached: what was taken out of it since its trouble may have begun, and out of the
 * jars that were split off it; with insects, every tub of flour. What was looked at since, or is used up, is not named.
 *
 * @param byJar live events by jar, oldest first
 * @example quarantinesOf(eventsByJar(live), live, shelf).at(0)?.reached
 */
export function quarantinesOf(
  byJar: ReadonlyMap<string, readonly JarEvent[]>,
  live: readonly JournalEvent[],
  shelf: Shelf,
): readonly Quarantine[] {
  const lookedOver = live.filter((event): event is LookedOver => event.kind === 'lookedOver');
  return [...byJar.values()]
    .flat()
    .filter((event): event is ThrownOut => event.kind === 'thrownOut')
    .map((thrownOut) => {
      const open = ({ what, of }: Reached) =>
        !lookedOver.some(
          (look) => look.what === what && look.of === of && instantOf(look) >= instantOf(thrownOut),
        );
      return { thrownOut, reached: reachedBy(thrownOut, byJar, shelf).filter(open) };
    })
    .filter(({ reached }) => reached.length > 0);
}

function reachedBy(
  { jar, why, since, at }: ThrownOut,
  byJar: ReadonlyMap<string, readonly JarEvent[]>,
  { lots, backups, drying, jars, tubs }: Shelf,
): readonly Reached[] {
  // Heat kills a starter; nothing is wrong with what was taken out before.
  if (why === 'heat') return [];
  const from = splitSince(jar, Date.parse(since), byJar);
  const until = Date.parse(at);
  const isSince = (of: { readonly jar: string }, when: Instant) => {
    const begun = from.get(of.jar);
    return begun !== undefined && when >= begun && (of.jar !== jar || when <= until);
  };
  return [
    ...[...from]
      .filter(([id]) => id !== jar && jars.some((one) => one.id === id))
      .map(([id, begun]): Reached => ({ what: 'jar', of: id, jar, at: begun })),
    ...lots
      .filter((lot) => isSince(lot, lot.takenAt))
      .map((lot): Reached => ({ what: 'lot', of: lot.id, jar: lot.jar, at: lot.takenAt })),
    ...backups
      .filter((backup) => isSince(backup, backup.madeAt))
      .map((one): Reached => ({ what: 'backup', of: one.id, jar: one.jar, at: one.madeAt })),
    ...drying
      .filter((batch) => isSince(batch, batch.since))
      .map((one): Reached => ({ what: 'drying', of: one.id, jar: one.jar, at: one.since })),
    ...(why === 'insects'
      ? tubs.map(({ id }): Reached => ({ what: 'tub', of: id, jar, at: until }))
      : []),
  ];
}

/** The jar, and those split off it since and off these, with the instant from which each may have the trouble. */
function splitSince(
  jar: string,
  since: Instant,
  byJar: ReadonlyMap<string, readonly JarEvent[]>,
): ReadonlyMap<string, Instant> {
  const reached = new Map([[jar, since]]);
  const waiting = [jar];
  for (let parent = waiting.shift(); parent !== undefined; parent = waiting.shift())
    for (const [id, events] of byJar) {
      const begun = events.find((event) => event.kind === 'started');
      if (begun?.kind !== 'started' || begun.from !== parent || reached.has(id)) continue;
      const at = instantOf(begun);
      if (at < reached.get(parent)!) continue;
      reached.set(id, at);
      waiting.push(id);
    }
  return reached;
}

/** Mould was there for so long before it shows, at the most; so was what smells. */
const UNSEEN = 14 * DAY;
/** What fell in or was put in by mistake is hardly older than the last feed, or than a day. */
const AT_LEAST = DAY;

/**
 * Since when a trouble may have been in a jar, at the latest: before that, what came from it is not touched by it.
 *
 * @example troubleSince('growth', jar, now)
 */
export function troubleSince(
  why: Spoilage,
  { since, started }: { readonly since: Instant; readonly started: Instant },
  now: Instant,
): Instant {
  const slow = why === 'growth' || why === 'smell' || why === 'unsure' || why === 'insects';
  return Math.max(started, Math.min(since, now - (slow ? UNSEEN : AT_LEAST)));
}
