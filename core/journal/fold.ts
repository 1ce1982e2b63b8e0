import {
  type Conditions,
  type FeedParts,
  type Mix,
  type Pace,
  celsiusAt,
  drained,
  feed,
  simulate,
  starterIn,
  takenUp,
} from '../ferment';
import { HOUR, type Instant, type KitchenTime } from '../measure';
import {
  type Fed,
  type JarCard,
  type JarEvent,
  type JournalEvent,
  type Looked,
  instantOf,
  isJarEvent,
} from './events';
import { type Places, type Stay, UNKNOWN_CELSIUS, airOf, placeAt } from './air';

/** A jar as its journal tells it, up to its last event. */
export interface Jar {
  readonly id: string;
  readonly card: JarCard;
  /** The mix as it was when the band was last set: at a feed, or when the jar joined the kitchen. */
  readonly fedMix: Mix;
  readonly since: Instant;
  /** The feed that set the band; null before the first one. */
  readonly lastFed: Fed | null;
  /** Where it has stood since then; never empty. */
  readonly stays: readonly Stay[];
  /** What is in the jar now, grams. */
  readonly massG: number;
  /** Looks since the band was set, oldest first. */
  readonly looks: readonly Looked[];
  readonly started: Instant;
  readonly feeds: number;
  /** Feeds since the change of flour on its card began. */
  readonly fedInChange: number;
  /** Since when it has stood in this glass without a wash. */
  readonly cleanSince: Instant;
  /** Liquid poured off since the band was set, grams: the next feed should bring that water back. */
  readonly pouredG: number;
}

/** A fold that can be taken up again. Throw it away at any time. */
export interface Checkpoint {
  readonly events: number;
  readonly fingerprint: number;
  readonly jar: Jar;
}

/** What a fold needs to know besides the events. */
export interface FoldContext {
  readonly places: Places;
  readonly time: KitchenTime;
  readonly pace: Pace;
}

/**
 * The events that count, oldest first: withdrawn ones are gone, and those of the same minute stay in order of entry.
 * A withdrawal can itself be withdrawn.
 */
export function liveEvents(events: readonly JournalEvent[]): readonly JournalEvent[] {
  const gone = new Set<string>();
  for (const event of [...events].reverse())
    if (event.kind === 'withdrew' && !gone.has(event.id))
      event.entries.forEach((id) => gone.add(id));
  return events
    .filter((event) => event.kind !== 'withdrew' && !gone.has(event.id))
    .map((event, order) => ({ event, order, at: instantOf(event) }))
    .sort((a, b) => a.at - b.at || a.order - b.order)
    .map(({ event }) => event);
}

/** Live events by jar, oldest first. */
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

/**
 * A jar from its live events, oldest first; null when it was never started.
 *
 * @param checkpoint an earlier fold of the same jar, used when the events still begin with those it saw
 */
export function foldJar(
  events: readonly JarEvent[],
  context: FoldContext,
  checkpoint?: Checkpoint,
): Checkpoint | null {
  const resumed =
    checkpoint &&
    checkpoint.events <= events.length &&
    checkpoint.fingerprint === fingerprint(events, checkpoint.events)
      ? checkpoint
      : null;
  let jar: Jar | null = resumed?.jar ?? null;
  for (let i = resumed?.events ?? 0; i < events.length; i++)
    jar = withEvent(jar, events[i]!, context);
  return jar && { events: events.length, fingerprint: fingerprint(events, events.length), jar };
}

/** A jar after one more entry: a step of the fold. Entries before the jar was started change nothing. */
export function withEvent(jar: Jar | null, event: JarEvent, context: FoldContext): Jar | null {
  const at = instantOf(event);
  if (event.kind === 'started') {
    const mix = starterIn(
      event.condition,
      event.card.flour,
      event.hydrationPct,
      event.massG,
      event.alive,
    );
    return {
      id: event.jar,
      card: event.card,
      fedMix: mix,
      since: at,
      lastFed: null,
      stays: [{ from: at, place: event.place }],
      massG: event.massG,
      looks: [],
      started: at,
      feeds: 0,
      fedInChange: 0,
      cleanSince: at,
      pouredG: 0,
    };
  }
  if (!jar) return null;
  switch (event.kind) {
    case 'fed': {
      const place = jar.stays[jar.stays.length - 1]!.place;
      const mixed = feed(
        drained(mixAt(jar, at, context), jar.pouredG),
        feedParts(jar, event, context),
      );
      const fedMix = takenUp(mixed, context.pace);
      return {
        ...jar,
        fedMix,
        since: at,
        lastFed: event,
        stays: [{ from: at, place }],
        massG: fedMix.massG,
        pouredG: 0,
        looks: [],
        feeds: jar.feeds + 1,
        fedInChange: jar.card.change ? jar.fedInChange + 1 : 0,
      };
    }
    case 'moved':
      return { ...jar, stays: [...jar.stays, { from: at, place: event.place }] };
    case 'looked':
      return { ...jar, looks: [...jar.looks, event] };
    case 'took':
    case 'discarded':
    case 'drying':
      return { ...jar, massG: Math.max(0, jar.massG - event.grams) };
    case 'backedUp':
      return { ...jar, massG: Math.max(0, jar.massG - event.takenG) };
    case 'pouredOff':
      return {
        ...jar,
        massG: Math.max(0, jar.massG - event.grams),
        pouredG: jar.pouredG + event.grams,
      };
    case 'described':
      return {
        ...jar,
        card: event.card,
        fedInChange: sameChange(jar.card, event.card) ? jar.fedInChange : 0,
      };
    case 'rejarred':
      return { ...jar, card: { ...jar.card, vessel: event.vessel }, cleanSince: at };
    case 'noted':
    case 'programmeBegun':
    case 'programmeEnded':
    case 'backupUsed':
    case 'backupTended':
    case 'backupDeclined':
      return jar;
  }
}

const sameChange = ({ change: a }: JarCard, { change: b }: JarCard) =>
  a?.feeds === b?.feeds && JSON.stringify(a?.to) === JSON.stringify(b?.to);

/** What a feed puts into the jar, with the warmth it brings. */
export function feedParts(jar: Jar, event: Fed, context: FoldContext): FeedParts {
  const kitchen = kitchenCelsius(jar, instantOf(event), context);
  return { ...event, flourCelsius: kitchen, waterCelsius: event.waterCelsius ?? kitchen };
}

/** Water and flour stand in the kitchen: the counter's temperature, or the jar's own place without one. */
function kitchenCelsius(jar: Jar, at: Instant, { places, time }: FoldContext): number {
  let id = jar.stays[jar.stays.length - 1]!.place;
  for (const [place, history] of places)
    if (history[0]!.place.kind === 'counter') {
      id = place;
      break;
    }
  const place = placeAt(places, id, at);
  return place ? celsiusAt(place.temperature, time.hourOfDay(at)) : UNKNOWN_CELSIUS;
}

/** Hydration of what is in the jar, percent: less once liquid was poured off. */
export const hydrationNow = ({ fedMix, pouredG }: Jar): number =>
  drained(fedMix, pouredG).hydrationPct;

/** The mix in a jar at an instant after its band was set, by the model. */
export function mixAt(jar: Jar, at: Instant, context: FoldContext): Mix {
  return simulate(jar.fedMix, conditionsOf(jar, context), Math.max(0, (at - jar.since) / HOUR));
}

/** What the model needs to follow a jar from the setting of its band. */
export const conditionsOf = (
  jar: Jar,
  { places, time, pace }: FoldContext,
  shiftCelsius = 0,
): Conditions => ({
  air: airOf(jar.stays, jar.since, places, time, shiftCelsius),
  vessel: jar.card.vessel,
  pace,
});

/** FNV-1a over the ids of the first events: changes when one is added among them, corrected or withdrawn. */
function fingerprint(events: readonly JarEvent[], count: number): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < count; i++) {
    const { id } = events[i]!;
    for (let c = 0; c < id.length; c++) hash = Math.imul(hash ^ id.charCodeAt(c), 0x01000193);
  }
  return hash >>> 0;
}
