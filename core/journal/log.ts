import { type Instant } from '../measure';
import { type JarEvent, type JournalEvent, instantOf, isJarEvent } from './events';

type Kind = JournalEvent['kind'];
export type EventOf<K extends Kind> = Extract<JournalEvent, { readonly kind: K }>;

/** A clock of another device may run ahead by so much, ms. */
const CLOCK_SLACK = 2 * 60_000;

/**
 * The entries of a journal that count: withdrawn ones are gone, and those that speak of later wait for their time. Oldest
 * first; those of one instant stay in order of entry.
 */
export interface Log {
  readonly all: readonly JournalEvent[];
  /** What is said of each jar. */
  readonly byJar: ReadonlyMap<string, readonly JarEvent[]>;
  readonly of: <K extends Kind>(kind: K) => readonly EventOf<K>[];
  /** What waits for its time, of each jar. */
  readonly coming: ReadonlyMap<string, readonly JarEvent[]>;
  /** When the next entry happens that waits; Infinity when none does. */
  readonly until: Instant;
}

/** A log with what it was made from: one entry more is then added without going through all the others. */
interface Kept {
  readonly journal: readonly JournalEvent[];
  readonly now: Instant;
  readonly log: Log & {
    readonly byKind: ReadonlyMap<Kind, readonly JournalEvent[]>;
    /** What was withdrawn, whether it is here or still to come. */
    readonly gone: ReadonlySet<string>;
  };
}

/**
 * The log of a journal at an hour, made anew only where it must be. Keep one of these for each kitchen that is open.
 *
 * @example logKeeper()([], 0).all // = []
 */
export function logKeeper(): (journal: readonly JournalEvent[], now: Instant) => Log {
  let kept: Kept | null = null;
  return (journal, now) => {
    if (kept && kept.journal === journal && now >= kept.now && now < kept.log.until)
      return kept.log;
    const added = kept && addedTo(kept, journal, now);
    const log = kept && added ? grown(kept.log, added) : logOf(journal, now);
    kept = { journal, now, log };
    return log;
  };
}

/**
 * The log of a journal at an hour.
 *
 * @example logOf([], 0).all // = []
 */
export function logOf(journal: readonly JournalEvent[], now: Instant): Kept['log'] {
  const gone = withdrawnIn(journal);
  const live = without(journal, gone);
  // In order of time, so what waits is at the end.
  let happened = live.length;
  while (happened > 0 && instantOf(live[happened - 1]!) > now + CLOCK_SLACK) happened--;
  const all = live.slice(0, happened);
  const waits = live.slice(happened);
  const byKind = new Map<Kind, JournalEvent[]>();
  for (const event of all) {
    const same = byKind.get(event.kind);
    if (same) same.push(event);
    else byKind.set(event.kind, [event]);
  }
  const until = waits[0] ? instantOf(waits[0]) - CLOCK_SLACK : Infinity;
  return logWith(all, eventsByJar(all), byKind, gone, { coming: eventsByJar(waits), until });
}

const NONE: readonly never[] = [];

const logWith = (
  all: readonly JournalEvent[],
  byJar: Log['byJar'],
  byKind: ReadonlyMap<Kind, readonly JournalEvent[]>,
  gone: ReadonlySet<string>,
  { coming, until }: Pick<Log, 'coming' | 'until'>,
): Kept['log'] => ({
  all,
  byJar,
  byKind,
  gone,
  of: <K extends Kind>(kind: K) => (byKind.get(kind) ?? NONE) as readonly EventOf<K>[],
  coming,
  until,
});

/** The entries that a journal has more than the one kept, where they only come on top of it; null otherwise. */
function addedTo(
  { journal: before, now: then, log }: Kept,
  journal: readonly JournalEvent[],
  now: Instant,
): readonly JournalEvent[] | null {
  const last = before.length - 1;
  const goesOn =
    journal.length > before.length &&
    last >= 0 &&
    journal[last] === before[last] &&
    journal[0] === before[0];
  if (!goesOn || now < then || now >= log.until) return null;
  const added = journal.slice(before.length);
  const changesMore = (event: JournalEvent) =>
    event.kind === 'withdrew' || log.gone.has(event.id) || instantOf(event) > now + CLOCK_SLACK;
  return added.some(changesMore) ? null : added;
}

function grown(log: Kept['log'], added: readonly JournalEvent[]): Kept['log'] {
  const all = [...log.all];
  const byKind = new Map(log.byKind);
  const touchedJars = new Map<string, JarEvent[]>();
  const touchedKinds = new Map<Kind, JournalEvent[]>();
  for (const event of added) {
    insert(all, event);
    let same = touchedKinds.get(event.kind);
    if (!same) touchedKinds.set(event.kind, (same = [...(byKind.get(event.kind) ?? [])]));
    insert(same, event);
    if (!isJarEvent(event)) continue;
    let own = touchedJars.get(event.jar);
    if (!own) touchedJars.set(event.jar, (own = [...(log.byJar.get(event.jar) ?? [])]));
    insert(own, event);
  }
  // What touches no jar leaves all jars as they were, for whoever waits for them to change.
  const byJar = touchedJars.size === 0 ? log.byJar : new Map([...log.byJar, ...touchedJars]);
  for (const [kind, events] of touchedKinds) byKind.set(kind, events);
  return logWith(all, byJar, byKind, log.gone, log);
}

/** Puts an event in its place by time, behind those of the same instant; nearly always at the end. */
function insert<E extends JournalEvent>(sorted: E[], event: E): void {
  const at = instantOf(event);
  let place = sorted.length;
  while (place > 0 && instantOf(sorted[place - 1]!) > at) place--;
  sorted.splice(place, 0, event);
}

/**
 * The events that count, oldest first: withdrawn ones are gone, and those of the same instant stay in order of entry. A
 * withdrawal can itself be withdrawn. In which order the entries came makes no difference to what counts.
 */
export const liveEvents = (events: readonly JournalEvent[]): readonly JournalEvent[] =>
  without(events, withdrawnIn(events));

function without(
  events: readonly JournalEvent[],
  gone: ReadonlySet<string>,
): readonly JournalEvent[] {
  const live: { readonly event: JournalEvent; readonly at: Instant }[] = [];
  for (const event of events)
    if (event.kind !== 'withdrew' && !gone.has(event.id))
      live.push({ event, at: instantOf(event) });
  // The sort is stable, and quick where nearly all is in order already.
  return live.sort((a, b) => a.at - b.at).map(({ event }) => event);
}

function withdrawnIn(events: readonly JournalEvent[]): ReadonlySet<string> {
  const withdrawals = events.filter((event) => event.kind === 'withdrew');
  if (withdrawals.length === 0) return new Set();
  const byTarget = new Map<string, string[]>();
  for (const { id, entries } of withdrawals)
    for (const target of entries) {
      const others = byTarget.get(target);
      if (others) others.push(id);
      else byTarget.set(target, [id]);
    }
  // Whether a withdrawal stands depends on those that withdraw it. Two that withdraw each other are nobody's doing; the
  // one that is asked about first then stands.
  const stands = new Map<string, boolean>();
  const asked = new Set<string>();
  for (const { id: first } of withdrawals) {
    const stack = [first];
    while (stack.length > 0) {
      const id = stack[stack.length - 1]!;
      if (stands.has(id)) {
        stack.pop();
        continue;
      }
      const against = byTarget.get(id) ?? [];
      const open = against.filter((other) => !stands.has(other) && !asked.has(other));
      asked.add(id);
      if (open.length > 0) for (const other of open) stack.push(other);
      else {
        stands.set(id, !against.some((other) => stands.get(other) === true));
        stack.pop();
      }
    }
  }
  const gone = new Set<string>();
  for (const { id, entries } of withdrawals)
    if (stands.get(id)) for (const target of entries) gone.add(target);
  return gone;
}

/**
 * Live events by jar, oldest first.
 *
 * @example eventsByJar([]) // = new Map()
 */
export function eventsByJar(
  live: readonly JournalEvent[],
): ReadonlyMap<string, readonly JarEvent[]> {
  const byJar = new Map<string, JarEvent[]>();
  for (const event of live) {
    if (!isJarEvent(event)) continue;
    const own = byJar.get(event.jar);
    if (own) own.push(event);
    else byJar.set(event.jar, [event]);
  }
  return byJar;
}
