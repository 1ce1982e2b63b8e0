import { type Blend } from '../measure';
import { type Entry } from './entry';
import { type Destination, type ReachedKind } from './vocabulary';

/** Discard goes from the fridge into the freezer, or out of it to thaw. */
export interface LotMoved extends Entry {
  readonly kind: 'lotMoved';
  /** The entry that took it out of its jar. */
  readonly lot: string;
  readonly store: 'fridge' | 'freezer';
}

/** Discard was used or thrown away, out of one lot or several. */
export interface LotsUsed extends Entry {
  readonly kind: 'lotsUsed';
  readonly lots: readonly { readonly lot: string; readonly grams: number }[];
  readonly to: Exclude<Destination, 'discardJar' | 'freezer'>;
  /** What became of it: "pancakes". */
  readonly note?: string;
}

/** What came from a jar that was thrown out was looked at: it is kept, or it went too. */
export interface LookedOver extends Entry {
  readonly kind: 'lookedOver';
  readonly what: ReachedKind;
  /** The jar or the tub, or the entry that names the rest. */
  readonly of: string;
  readonly keep: boolean;
}

/** Flour comes into a tub, on what is left in it. The first time sets the tub up. */
export interface Stocked extends Entry {
  readonly kind: 'stocked';
  readonly tub: string;
  readonly name: string;
  readonly flour: Blend;
  readonly grams: number;
  /** Warn when no more than this is left. */
  readonly lowG: number;
  /** What a kilogram of it cost, in the kitchen's own money. */
  readonly pricePerKg?: number;
  /** The day it should be used by, `2026-09-30`. */
  readonly useBy?: string;
}

/** A tub was put on the scale: that much is in it, whatever the log says. */
export interface TubWeighed extends Entry {
  readonly kind: 'tubWeighed';
  readonly tub: string;
  readonly grams: number;
}

/** A tub is put away for good. */
export interface TubGone extends Entry {
  readonly kind: 'tubGone';
  readonly tub: string;
}

/** What is said of the flour. */
export type TubEvent = Stocked | TubWeighed | TubGone;

/** What is said of discard that was kept. */
export type LotEvent = LotMoved | LotsUsed | LookedOver;
