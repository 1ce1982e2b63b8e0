import {
  EQUATIONS,
  MODEL,
  PACE_KEYS,
  type Conditions,
  type FeedParts,
  type Mix,
  type Pace,
  drained,
  feed,
  simulate,
  starterIn,
} from '../ferment';
import {
  FLOURS,
  HOUR,
  type Instant,
  type KitchenTime,
  fingerprint,
  flourAndWater,
} from '../measure';
import {
  type Fed,
  type JarCard,
  type JarEvent,
  type Looked,
  type Started,
  instantOf,
  isPromise,
} from './events';
import { type Places, type Stay, airOf, celsiusOf, placeAt } from './air';
import { guessedHours } from './guess';

/** A jar as its journal tells it, up to its last event. */
export interface Jar {
  readonly id: string;
  readonly card: JarCard;
  /** The mix as it was when the band was last set: at a feed, or when the jar joined the kitchen. */
  readonly fedMix: Mix;
  readonly since: Instant;
  /** Where the last feed was only guessed at when it came: from and to, hours before. */
  readonly unfedH?: readonly [number, number];
  /** The feed that set the band; null before the first one. */
  readonly lastFed: Fed | null;
  /** Where it has stood since then; never empty. */
  readonly stays: readonly Stay[];
  /** Where it is to go, in order of time. */
  readonly coming?: readonly Stay[];
  /** The last of its stays, where that was only meant to happen: nobody said yet that it did. */
  readonly promised?: DueMove;
  /** What is in the jar now, grams. */
  readonly massG: number;
  /** Looks since the band was set, oldest first. */
  readonly looks: readonly Looked[];
  readonly started: Instant;
  readonly feeds: number;
  /** Feeds since the change of flour on its card began. */
  readonly fedInChange: number;
  /** The longest it has gone from one feed to the next and come through, hours. */
  readonly borneH: number;
  /** How long it had gone when it was last fed, where it was in a fridge meanwhile, hours. */
  readonly coldRestH: number | null;
  /** Since when it has stood in this glass without a wash. */
  readonly cleanSince: Instant;
  /** Liquid poured off since the band was set, grams: the next feed should bring that water back. */
  readonly pouredG: number;
}

/**
 * The place a jar stands in.
 *
 * @example standsIn(jar) // e.g. 'counter'
 */
export const standsIn = ({ stays }: Pick<Jar, 'stays'>): string => stays[stays.length - 1]!.place;

/** A move that was to happen by now, and the entry that says so. */
export interface DueMove extends Stay {
  readonly entry: string;
}

/** Looks at one feed that are kept in sight; a sensor may log more. */
const MOST_LOOKS = 1000;

/** A fold that can be taken up again: the events that it saw, and what they came to. Throw it away at any time. */
export interface Checkpoint {
  readonly events: readonly JarEvent[];
  readonly jar: Jar;
}

/** What a fold needs to know besides the events. */
export interface FoldContext {
  readonly places: Places;
  readonly time: KitchenTime;
  readonly pace: Pace;
}

/** So many feeds back nothing is left of what was in a jar then: at half and half a millionth of a millionth of it. */
const FORGOTTEN_FEEDS = 40;

/**
 * A jar from its live events, oldest first; null when it was never started.
 *
 * What was in it is followed through its last feeds only: of what went before, cells and acid have been diluted away.
 *
 * @param checkpoint an earlier fold of the same jar, used when the events still begin with those it saw
 * @example foldJar([], context) // null: it was never started
 */
export function foldJar(
  events: readonly JarEvent[],
  context: FoldContext,
  checkpoint?: Checkpoint,
): Checkpoint | null {
  const resumed = checkpoint && beginsWith(events, checkpoint.events) ? checkpoint : null;
  const followed = resumed ? 0 : followedFrom(events, events.length);
  let jar: Jar | null = resumed?.jar ?? null;
  for (let i = resumed?.events.length ?? 0; i < events.length; i++)
    jar = withEvent(jar, events[i]!, context, i < followed ? asRipe : mixAt);
  return jar && { events, jar };
}

const beginsWith = (events: readonly JarEvent[], first: readonly JarEvent[]): boolean =>
  events === first ||
  (first.length <= events.length && first.every((event, i) => event === events[i]));

/**
 * Where one has to begin to know what is in a jar at an entry.
 *
 * @example followedFrom(events, events.length - 1)
 */
export function followedFrom(events: readonly JarEvent[], entry: number): number {
  let feeds = 0;
  for (let i = entry - 1; i >= 0; i--)
    if (events[i]!.kind === 'fed' && ++feeds > FORGOTTEN_FEEDS) return i;
  return 0;
}

/** Starter as good as any, where it does not matter any more how it was. */
export const asRipe = ({ fedMix }: Jar): Mix => ({
  ...fedMix,
  yeast: 1,
  lactic: 1,
  dormant: 0,
  ready: 1,
  food: 0,
  acid: 10,
  gluten: 0.3,
  gas: 0,
  hunger: 0,
});

/**
 * What came into the kitchen: by its condition, or as freshly fed so long before, where somebody guessed how long.
 *
 * @param there what stood in the jar that it came from; null where nothing is known of that
 */
function asItCame(event: Started, there: Mix | null): Mix {
  const { condition, card, hydrationPct, massG, alive, unfedH } = event;
  if (condition === 'asItStood')
    return there
      ? { ...there, hydrationPct, massG }
      : starterIn('ripe', card.flour, hydrationPct, massG);
  if (!unfedH) return starterIn(condition, card.flour, hydrationPct, massG, alive);
  const third = massG / 3;
  const { flourG, waterG } = flourAndWater(massG - third, hydrationPct);
  const starter = starterIn('hungry', card.flour, hydrationPct, third);
  return feed(starter, { keepG: third, flourG, waterG, flour: card.flour });
}

/**
 * A jar after one more entry: a step of the fold. Entries before the jar was started change nothing.
 *
 * @param jar the jar as it was, or the one that its starter comes from where it is only now started
 * @param mixThen what was in it at an instant: by the model, when not given
 * @example withEvent(jar, { kind: 'moved', id: 'm', at: '2026-03-13T18:20Z', jar: 'tern', place: 'fridge' }, context)
 */
export function withEvent(
  jar: Jar | null,
  event: JarEvent,
  context: FoldContext,
  mixThen: (jar: Jar, at: Instant, context: FoldContext) => Mix = mixAt,
): Jar | null {
  const at = instantOf(event);
  if (event.kind === 'started') {
    const since = at - guessedHours(event.unfedH) * HOUR;
    const there = jar && jar.id === event.from ? mixThen(jar, at, context) : null;
    return {
      id: event.jar,
      card: event.card,
      fedMix: asItCame(event, there),
      since,
      ...(event.unfedH && { unfedH: event.unfedH }),
      lastFed: null,
      stays: [{ from: since, place: event.place }],
      massG: event.massG,
      looks: [],
      started: at,
      feeds: 0,
      fedInChange: 0,
      borneH: 0,
      coldRestH: null,
      cleanSince: at,
      pouredG: 0,
    };
  }
  if (!jar) return null;
  switch (event.kind) {
    case 'fed': {
      const place = standsIn(jar);
      const fedMix = feed(
        drained(mixThen(jar, at, context), jar.pouredG),
        feedParts(jar, event, context),
      );
      const { unfedH: _, promised: __, ...known } = jar;
      return {
        ...known,
        fedMix,
        since: at,
        lastFed: event,
        stays: [{ from: at, place }],
        massG: fedMix.massG,
        pouredG: 0,
        looks: [],
        feeds: jar.feeds + 1,
        coldRestH: wasCold(jar, context) ? (at - jar.since) / HOUR : null,
        borneH: jar.lastFed ? Math.max(jar.borneH, (at - jar.since) / HOUR) : jar.borneH,
        fedInChange: jar.card.change ? jar.fedInChange + 1 : 0,
      };
    }
    case 'moved': {
      const { promised: _, ...known } = jar;
      const stay = { from: at, place: event.place };
      return {
        ...known,
        stays: [...jar.stays, stay],
        ...(isPromise(event) && { promised: { ...stay, entry: event.id } }),
      };
    }
    case 'weighed':
      return { ...jar, massG: event.grams };
    case 'looked':
      return { ...jar, looks: [...jar.looks.slice(1 - MOST_LOOKS), event] };
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
    case 'baked':
    case 'pictured':
    case 'thrownOut':
    case 'programmeBegun':
    case 'programmeEnded':
    case 'backupUsed':
    case 'backupTended':
    case 'backupDeclined':
      return jar;
  }
}

/** Whether a jar has been in a fridge since its band was set. */
const wasCold = ({ stays }: Jar, { places }: FoldContext) =>
  stays.some(({ place, from }) => placeAt(places, place, from)?.kind === 'fridge');

const sameChange = ({ change: a }: JarCard, { change: b }: JarCard) =>
  a?.feeds === b?.feeds && JSON.stringify(a?.to) === JSON.stringify(b?.to);

/**
 * What a feed puts into the jar, with the warmth it brings.
 *
 * @example feedParts(jar, fed, context).flourCelsius
 */
export function feedParts(jar: Jar, event: Fed, context: FoldContext): FeedParts {
  const kitchen = kitchenCelsius(jar, instantOf(event), context);
  return { ...event, flourCelsius: kitchen, waterCelsius: event.waterCelsius ?? kitchen };
}

/** Water and flour stand in the kitchen: the counter's temperature, or the jar's own place without one. */
function kitchenCelsius(jar: Jar, at: Instant, { places, time }: FoldContext): number {
  let id = standsIn(jar);
  for (const [place, { arranged }] of places)
    if (arranged[0]!.place.kind === 'counter') {
      id = place;
      break;
    }
  return celsiusOf(places, id, at, time);
}

/**
 * The mix in a jar at an instant after its band was set, by the model.
 *
 * @example mixAt(jar, now, context).acid
 */
export function mixAt(jar: Jar, at: Instant, context: FoldContext): Mix {
  return simulate(jar.fedMix, conditionsOf(jar, context), Math.max(0, (at - jar.since) / HOUR));
}

/** What the model needs to follow a jar from the setting of its band. */
export const conditionsOf = (
  jar: Jar,
  { places, time, pace }: FoldContext,
  shiftCelsius = 0,
): Conditions => ({
  air: airOf([...jar.stays, ...(jar.coming ?? [])], jar.since, places, time, shiftCelsius),
  vessel: jar.card.vessel,
  pace,
});

/**
 * What a fold depends on besides its events, in few characters: the places, the clock, the pace and the model itself.
 *
 * @example contextPrint(context) === contextPrint({ ...context, time: kitchenTime('UTC') })
 */
export function contextPrint({ places, time, pace }: FoldContext): string {
  const said = [...places.values()].flatMap(({ arranged, measured }) => [...arranged, ...measured]);
  return fingerprint([
    MODEL_PRINT,
    ...time.zones.map(({ from, zone }) => `${from} ${zone}`),
    ...said.map(({ id }) => id),
    ...PACE_KEYS.map((key) => String(pace[key])),
  ]);
}

/** The version of the model: its equations and every constant in them. */
export const MODEL_PRINT = fingerprint([String(EQUATIONS), JSON.stringify([MODEL, FLOURS])]);
