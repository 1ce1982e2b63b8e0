import { type Bake } from '../journal';
import { type Lot, isOfUse, takeOldest } from './ledger';

/** Discard that a wish will take, and what is still wanting for it, grams. */
export interface Claim {
  readonly wish: string;
  readonly name: string;
  readonly at: number;
  readonly thereG: number;
  readonly lacksG: number;
}

/** Which discard is spoken for, and what is free. */
export interface SpokenFor {
  readonly claims: readonly Claim[];
  /** The lots without what is spoken for, the oldest first. */
  readonly free: readonly Lot[];
}

/**
 * What the wishes that take anything lay claim to: the earliest wish first, the oldest discard first. What is too old for
 * anything is nobody's.
 *
 * @param lots the discard that is here, the oldest first
 * @param bakes all that is wanted; those that want ripe levain take no discard
 * @example spokenFor(lots, bakes, now).free
 */
export function spokenFor(lots: readonly Lot[], bakes: readonly Bake[], now: number): SpokenFor {
  let free = lots;
  const wishes = bakes
    .filter(({ anything, until }) => anything && until > now)
    .sort((a, b) => a.from - b.from);
  const claims = wishes.map(({ id, name, from: at, levainG }): Claim => {
    const usable = free.filter(isOfUse);
    const { from, lacksG } = takeOldest(usable, levainG);
    const taken = new Map(from.map(({ lot, grams }) => [lot, grams]));
    free = free.flatMap((lot) => {
      const grams = lot.grams - (taken.get(lot.id) ?? 0);
      return grams < 0.5 ? [] : [{ ...lot, grams }];
    });
    return { wish: id, name, at, thereG: Math.round(levainG - lacksG), lacksG };
  });
  return { claims, free };
}
