import { type Condition, type Place, type Vessel } from '../ferment';
import { type Blend } from '../measure';
import { type DecisionEvent } from './decisionEvents';
import { type Entry } from './entry';
import { type Rhythm } from './rhythm';
import { type LotEvent, type TubEvent } from './larderEvents';
import {
  type Crumb,
  type Destination,
  type OvenRise,
  type Sourness,
  type Smell,
  type Sign,
  type Bubbles,
  type ProgrammeId,
  type ProgrammeEnd,
  type BackupForm,
  type Storage,
  type Liquid,
  type Spoilage,
} from './vocabulary';

export * from './decisionEvents';
export * from './larderEvents';

/** What stands on a jar's card: the starter's name and how it is kept. */
export interface JarCard {
  readonly name: string;
  readonly vessel: Vessel;
  /** What stays in the jar at a feed, grams. */
  readonly keepG: number;
  /** The usual feed: parts of flour and water to one of starter, and the flour. */
  readonly ratio: { readonly flour: number; readonly water: number };
  readonly flour: Blend;
  /** What its main flour is called, where that is none of those known here; `flour` then has the one it is most like. */
  readonly flourCalled?: string;
  /** A change to another flour, a little more of it at every feed. */
  readonly change?: FlourChange;
  /** How often it is fed; as it needs it when not given. */
  readonly rhythm?: Rhythm;
  /** The tub its flour comes from. */
  readonly tub?: string;
  /** It is no jar that is kept, but a bowl in which a levain is built: for a bake, or for whatever comes. */
  readonly bowl?: { readonly wish?: string; readonly builds?: readonly BowlBuild[] };
  readonly archived: boolean;
}

/** What a levain is fed in its bowl, nothing taken out; of several builds in a row the first is the feed it began with. */
export interface BowlBuild {
  readonly flourG: number;
  readonly waterG: number;
}

/** From one flour to another over some feeds: of four, the first takes a quarter of the new, the last all of it. */
export interface FlourChange {
  readonly to: Blend;
  readonly feeds: number;
}

interface JarEntry extends Entry {
  readonly jar: string;
}

/** A jar joins the kitchen with some starter in it. */
export interface Started extends JarEntry {
  readonly kind: 'started';
  readonly card: JarCard;
  readonly massG: number;
  readonly hydrationPct: number;
  /** How its starter was; `asItStood` in the jar that it came from. */
  readonly condition: Condition | 'asItStood';
  /** Share of the cells of that condition that are still alive, 0 to 1: an old backup has fewer. */
  readonly alive?: number;
  readonly place: string;
  /** Somebody's guess of how long it had not been fed when it came, from and to, hours; it stood in its place meanwhile. */
  readonly unfedH?: readonly [number, number];
  /** The jar its starter came from, when it was split off or woken from a backup. */
  readonly from?: string;
}

/** The jar was reduced to its keep and fed. Temperatures only where they were measured. */
export interface Fed extends JarEntry {
  readonly kind: 'fed';
  readonly keepG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly flour: Blend;
  /** The tub it was weighed out of. */
  readonly tub?: string;
  readonly waterCelsius?: number;
  /** Measured by eye only: the amounts are what they came to about. */
  readonly rough?: boolean;
}

/** What is in the jar by the scale: from now on that, whatever the log came to. */
export interface Weighed extends JarEntry {
  readonly kind: 'weighed';
  readonly grams: number;
}

/**
 * The jar went to another place. Where `said` is earlier than `at`, it is only what was meant to happen: a promise, until
 * another entry says what became of it.
 */
export interface Moved extends JarEntry {
  readonly kind: 'moved';
  readonly place: string;
}

/** Somebody looked. Heights against the band, 1 at the band, as a straight jar would show them. */
export interface Looked extends JarEntry {
  readonly kind: 'looked';
  readonly height?: number;
  readonly sign?: Sign;
  /** How high it had been, by the highest streak on the glass. */
  readonly streak?: number;
  readonly smell?: Smell;
  readonly bubbles?: Bubbles;
  readonly liquid?: Liquid;
  readonly floats?: boolean;
  readonly note?: string;
}

/** Ripe starter was taken for a bake. */
export interface Took extends JarEntry {
  readonly kind: 'took';
  readonly grams: number;
  readonly note?: string;
}

/** Starter was taken out to reduce the jar. */
export interface Discarded extends JarEntry {
  readonly kind: 'discarded';
  readonly grams: number;
  readonly to: Destination;
}

/** How a bake turned out; what is said last of one counts. */
export interface Baked extends JarEntry {
  readonly kind: 'baked';
  /** The entry that took its levain, by the id that one first had. */
  readonly of: string;
  readonly crumb?: Crumb;
  readonly sour?: Sourness;
  readonly rise?: OvenRise;
  readonly note?: string;
  /** What to do otherwise the next time. */
  readonly next?: string;
}

/** A picture was taken. The picture itself lies in a store of its own, under its name. */
export interface Pictured extends JarEntry {
  readonly kind: 'pictured';
  readonly picture: string;
  /** The entry it belongs to: a look, or what was taken for a bake; by the id that one first had. */
  readonly of?: string;
  /** Pixels, as it is kept. */
  readonly width: number;
  readonly height: number;
}

export interface Noted extends JarEntry {
  readonly kind: 'noted';
  readonly note: string;
}

/** The jar's card changed: a new name, another jar, put away for good. */
export interface Described extends JarEntry {
  readonly kind: 'described';
  readonly card: JarCard;
}

/** The starter now stands in another glass, or in its own, washed. */
export interface Rejarred extends JarEntry {
  readonly kind: 'rejarred';
  readonly vessel: Vessel;
}

/** Liquid was poured off the top. */
export interface PouredOff extends JarEntry {
  readonly kind: 'pouredOff';
  readonly grams: number;
}

/** All of it went into the bin. */
export interface ThrownOut extends JarEntry {
  readonly kind: 'thrownOut';
  readonly why: Spoilage;
  /** From then on what was taken out of it may have the same trouble. */
  readonly since: string;
}

export interface ProgrammeBegun extends JarEntry {
  readonly kind: 'programmeBegun';
  readonly programme: ProgrammeId;
  /** The day it is on already, where it was joined on its way; 1 when it begins. */
  readonly day?: number;
  /** Feeds that it had before those in the log. */
  readonly feedsSoFar?: number;
  /** The baker's own feeds in their order, the last one again and again, instead of the programme's. */
  readonly own?: readonly OwnFeed[];
}

/** A feed of a baker's own table: grams, and hours until the next. */
export interface OwnFeed {
  readonly keepG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly everyH: number;
}

export interface ProgrammeEnded extends JarEntry {
  readonly kind: 'programmeEnded';
  readonly because: ProgrammeEnd;
}

/** Some of the starter is spread out to dry. */
export interface Drying extends JarEntry {
  readonly kind: 'drying';
  readonly grams: number;
}

/** A backup is made; the entry's own id names it. */
export interface BackedUp extends JarEntry {
  readonly kind: 'backedUp';
  readonly form: BackupForm;
  /** What the backup weighs, grams. */
  readonly grams: number;
  /** What was taken out of the jar for it just now, grams; 0 when that is in an earlier entry. */
  readonly takenG: number;
  readonly store: Storage;
  /** Where exactly: "tin on the top shelf". */
  readonly note?: string;
  /** The drying that it comes from. */
  readonly drying?: string;
}

/** Some of a backup was woken, given away or thrown out. */
export interface BackupUsed extends JarEntry {
  readonly kind: 'backupUsed';
  readonly backup: string;
  readonly grams: number;
}

/** A twin in the fridge was fed. */
export interface BackupTended extends JarEntry {
  readonly kind: 'backupTended';
  readonly backup: string;
}

/** No backup is wanted for this jar; nobody asks again. */
export interface BackupDeclined extends JarEntry {
  readonly kind: 'backupDeclined';
}

/** A place is set up, or has another temperature from this moment on. */
export interface Arranged extends Entry {
  readonly kind: 'arranged';
  readonly place: Place;
}

/** What a thermometer gave of a place, hour by hour from a full hour in UTC on. */
export interface Measured extends Entry {
  readonly kind: 'measured';
  readonly place: string;
  /** The mean of each hour, °C; null where there was no reading. */
  readonly celsius: readonly (number | null)[];
}

/** The lowest and the highest that a thermometer kept of the day before it was read, °C. */
export interface LowHigh extends Entry {
  readonly kind: 'lowHigh';
  readonly place: string;
  readonly low: number;
  readonly high: number;
}

/** What is said of a place. */
export type PlaceEvent = Arranged | Measured | LowHigh;

/** Earlier entries do not count: a mistake, or an undo. */
export interface Withdrew extends Entry {
  readonly kind: 'withdrew';
  readonly entries: readonly string[];
}

/** What is said of one jar. */
export type JarEvent =
  | Started
  | Fed
  | Weighed
  | Moved
  | Looked
  | Took
  | Discarded
  | Baked
  | Pictured
  | Noted
  | Described
  | Rejarred
  | PouredOff
  | ThrownOut
  | ProgrammeBegun
  | ProgrammeEnded
  | Drying
  | BackedUp
  | BackupUsed
  | BackupTended
  | BackupDeclined;

/** All that a journal holds. */
export type JournalEvent = JarEvent | TubEvent | LotEvent | DecisionEvent | PlaceEvent | Withdrew;

/** The instant of an event, milliseconds since 1970. */
export const instantOf = (event: { readonly at: string }): number => Date.parse(event.at);

/**
 * The highest that a look knows of: where the surface stands, or its highest streak on the glass; 0 where neither was seen.
 *
 * @example risenTo({ kind: 'looked', id: 'l', at: '2026-03-13T18:20Z', jar: 'tern', height: 1.4, streak: 1.9 }) // = 1.9
 */
export const risenTo = ({ height = 0, streak = 0 }: Looked): number => Math.max(height, streak);

/** Whether an entry speaks of what was still to come when it was made. */
export const isPromise = (event: JarEvent): boolean =>
  event.kind === 'moved' && event.said !== undefined && Date.parse(event.said) < instantOf(event);

const JAR_KINDS: Readonly<Record<JarEvent['kind'], true>> = {
  started: true,
  fed: true,
  weighed: true,
  moved: true,
  looked: true,
  took: true,
  discarded: true,
  baked: true,
  pictured: true,
  noted: true,
  described: true,
  rejarred: true,
  pouredOff: true,
  thrownOut: true,
  programmeBegun: true,
  programmeEnded: true,
  drying: true,
  backedUp: true,
  backupUsed: true,
  backupTended: true,
  backupDeclined: true,
};

/** Whether an event tells of what is in a jar; a wish names one too, but changes nothing in it. */
export const isJarEvent = (event: JournalEvent): event is JarEvent =>
  Object.hasOwn(JAR_KINDS, event.kind);
