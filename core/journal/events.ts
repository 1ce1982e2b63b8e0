import { type Condition, type Place, type Vessel } from '../ferment';
import { type Blend } from '../measure';

/** Where starter goes that is taken out of a jar. */
export const DESTINATIONS = ['bake', 'discardJar', 'freezer', 'compost', 'animals', 'bin'] as const;
export type Destination = (typeof DESTINATIONS)[number];

/** What a nose can tell, from fresh to starved; the last is a stranger. */
export const SMELLS = ['wetFlour', 'yoghurt', 'fruit', 'vinegar', 'solvent', 'cheese'] as const;
export type Smell = (typeof SMELLS)[number];

/** What is told of the rise without a ruler. */
export const SIGNS = ['doubled', 'peaked', 'fallen'] as const;
export type Sign = (typeof SIGNS)[number];

export const BUBBLES = ['none', 'few', 'many', 'mousse'] as const;
export type Bubbles = (typeof BUBBLES)[number];

export const LIQUIDS = ['none', 'clear', 'grey', 'dark'] as const;
export type Liquid = (typeof LIQUIDS)[number];

/** What stands on a jar's card: the starter's name and how it is kept. */
export interface JarCard {
  readonly name: string;
  readonly vessel: Vessel;
  /** What stays in the jar at a feed, grams. */
  readonly keepG: number;
  /** The usual feed: parts of flour and water to one of starter, and the flour. */
  readonly ratio: { readonly flour: number; readonly water: number };
  readonly flour: Blend;
  readonly archived: boolean;
}

interface Entry {
  /** Unique over all kitchens. */
  readonly id: string;
  /** When it happened, ISO 8601 in UTC. */
  readonly at: string;
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
  readonly condition: Condition;
  readonly place: string;
}

/** The jar was reduced to its keep and fed. Temperatures only where they were measured. */
export interface Fed extends JarEntry {
  readonly kind: 'fed';
  readonly keepG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly flour: Blend;
  readonly waterCelsius?: number;
}

export interface Moved extends JarEntry {
  readonly kind: 'moved';
  readonly place: string;
}

/** Somebody looked. Height against the band, 1 at the band. */
export interface Looked extends JarEntry {
  readonly kind: 'looked';
  readonly height?: number;
  readonly sign?: Sign;
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

export interface Noted extends JarEntry {
  readonly kind: 'noted';
  readonly note: string;
}

/** The jar's card changed: a new name, another jar, put away for good. */
export interface Described extends JarEntry {
  readonly kind: 'described';
  readonly card: JarCard;
}

/** A place is set up, or has another temperature from this moment on. */
export interface Arranged extends Entry {
  readonly kind: 'arranged';
  readonly place: Place;
}

/** Earlier entries do not count: a mistake, or an undo. */
export interface Withdrew extends Entry {
  readonly kind: 'withdrew';
  readonly entries: readonly string[];
}

/** What is said of one jar. */
export type JarEvent = Started | Fed | Moved | Looked | Took | Discarded | Noted | Described;

/** All that a journal holds. */
export type JournalEvent = JarEvent | Arranged | Withdrew;

/** The instant of an event, milliseconds since 1970. */
export const instantOf = (event: { readonly at: string }): number => Date.parse(event.at);

export const isJarEvent = (event: JournalEvent): event is JarEvent => 'jar' in event;
