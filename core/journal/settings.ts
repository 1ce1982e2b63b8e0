import { type Weighing } from '../bench';

/** How the kitchen likes things shown and done. */
export interface Settings {
  readonly theme: 'system' | 'light' | 'dark';
  readonly temperature: 'celsius' | 'fahrenheit';
  /** Ounces and cups are shown beside grams when wanted. */
  readonly ounces: boolean;
  /** Cups and spoons are shown beside grams when wanted, for those without a scale. */
  readonly cups: boolean;
  readonly clock: '24' | '12';
  /** The order in which days are typed. */
  readonly dates: 'dayFirst' | 'monthFirst' | 'yearFirst';
  /** The school: what a new starter is fed, and how the bench weighs. */
  readonly parts: number;
  readonly hydrationPct: number;
  readonly order: 'waterFirst' | 'flourFirst';
  readonly weighing: Weighing;
  /** The school of levains: built in the jar itself, or in a bowl beside a mother that is only fed. */
  readonly levainIn: 'jar' | 'beside';
  /** How long a fed jar stands out before the cold, hours; null to go by the kitchen's warmth. */
  readonly outBeforeColdH: number | null;
  /** After a portion came out otherwise: what is still to come follows it, or stays as it was planned. */
  readonly afterSlip: 'follows' | 'asPlanned';
  /** What water comes from: from the tap as it is, stood or boiled, or through a filter. */
  readonly water: 'tap' | 'stood' | 'filtered';
  /** The school of glass: washed at every feed, after some weeks, or when it looks so. */
  readonly cleanJar: 'eachFeed' | 'weeks' | 'asItLooks';
  /** What the discard jar holds, millilitres. */
  readonly discardJarMl: number;
  /** Whether the browser says when a step is due; asked once a plan is followed. */
  readonly reminders: 'ask' | 'on' | 'off';
  /** Whether steps in a calendar ring. */
  readonly calendarAlarms: boolean;
  /** Feeds in a row that must have doubled before a levain is built. */
  readonly strongFeeds: 0 | 1 | 2;
  /** Flour in the house, grams; null when there is plenty. */
  readonly flourAtHandG: number | null;
  /** What flour is paid in, an ISO 4217 code like EUR; empty where nobody said. */
  readonly currency: string;
  /** From when on a copy of the kitchen is asked for; null for the usual time after the first entry. */
  readonly copyFrom: string | null;
}
