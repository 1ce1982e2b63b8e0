import { type Mix } from '../ferment';
import { type Instant } from '../measure';
import { type StepAmounts } from './amounts';
import { type Stand } from './courseBook';
import { type Wanted } from './problem';

/** A jar at a touch, on one way through a plan: what was done so far and what it cost. `mix` is as the touch leaves it. */
export interface Label {
  readonly at: Instant;
  readonly mix: Mix;
  readonly massG: number;
  readonly place: string;
  /** Bakes done so far. */
  readonly done: number;
  /** Feeds in a row that have doubled, up to the one before this touch. */
  readonly strong: number;
  readonly cost: number;
  readonly before: Label | null;
  readonly touch: Touch | null;
}

/** What a touch did. Where the jar is left is known once it is chosen. */
export type Touch =
  | { readonly kind: 'feed'; readonly amounts: StepAmounts; readonly stand?: Stand }
  | {
      /** Fed to be the levain of a bake. */
      readonly kind: 'build' | 'topUp';
      readonly bake: Wanted;
      readonly amounts: StepAmounts;
      readonly stand: Stand;
    }
  | { readonly kind: 'take'; readonly bake: Wanted; readonly stand?: Stand }
  | { readonly kind: 'move'; readonly stand: Stand };

/** The ways that wait to be followed, slot by slot. */
export interface Frontier {
  /** Takes a way in, unless another that is alike is no dearer and no weaker. */
  offer(label: Label, likeness: number): void;
  /** Whether a way that comes to so much, with so much active yeast, would be taken in. */
  wants(at: Instant, cost: number, yeast: number, likeness: number): boolean;
  takeAt(at: Instant): readonly Label[];
}

/** A number for ways that are alike: as many bakes done, touched in the same way, as many strong feeds. */
export const likeness = (done: number, kind: 'feed' | 'take', parts: number, strong: number) =>
  ((done * 2 + (kind === 'feed' ? 0 : 1)) * 64 + Math.round(parts * 4)) * 8 + strong;

/** A jar a little weaker is as good. */
const AS_STRONG = 0.85;

const isNoWorse = (label: Label, cost: number, yeast: number): boolean =>
  label.cost <= cost && label.mix.yeast >= AS_STRONG * yeast;

export function frontier(): Frontier {
  const waiting = new Map<Instant, Map<number, readonly Label[]>>();
  return {
    wants: (at, cost, yeast, alike) =>
      !waiting
        .get(at)
        ?.get(alike)
        ?.some((other) => isNoWorse(other, cost, yeast)),
    offer(label, alike) {
      let here = waiting.get(label.at);
      if (!here) waiting.set(label.at, (here = new Map<number, readonly Label[]>()));
      const others = here.get(alike) ?? [];
      if (others.some((other) => isNoWorse(other, label.cost, label.mix.yeast))) return;
      const better = others.filter((other) => !isNoWorse(label, other.cost, other.mix.yeast));
      here.set(alike, [...better, label]);
    },
    takeAt(at) {
      const labels = [...(waiting.get(at)?.values() ?? [])].flat();
      waiting.delete(at);
      return labels;
    },
  };
}

/** A touch with where the jar is left after it; a jar that only changes its place is moved. */
export function withStand(touch: Touch | null, stand: Stand, movedAlone: boolean): Touch | null {
  if (touch && touch.kind !== 'move') return { ...touch, stand };
  return movedAlone ? { kind: 'move', stand } : touch;
}
