import { type Mix } from '../ferment';
import { type Stay } from '../journal';
import { HOUR, type Instant } from '../measure';
import { courseOf } from './course';
import { fedWith } from './fedWith';
import { isCold, kitchenOf } from './kitchen';
import { type PlannedJar, type Problem, type Wanted } from './problem';
import { FRAILTY_SPREAD } from './drawnMixes';
import { quickChance, ripeningSpread } from './risk';

/** Parts of flour that a levain may be built with. */
export const BUILD_PARTS = [1, 1.5, 2, 3, 4, 5, 7, 10] as const;
/** Active yeast of a lively starter before its feed, and how ready its cells are to grow. */
const LIVELY = 0.3;
const READY = 8;
/** Hours a nominal build is followed. */
const FOLLOWED = { warm: 48, cold: 72 } as const;
/** How far a guess of the ripe hours is off, as a logarithm. */
const GUESS_SPREAD = 0.12;
/** A build whose nominal hours miss the window by such a factor is never ripe in it. */
const FAR = 1.5;
/** How a levain takes to the cold is reckoned roughly, so no more than this is hoped for of one that is held there. */
export const HELD_CHANCE = 0.85;

/** A cold place in which a levain waits, and after how many hours it goes there. */
export interface ColdWait {
  readonly afterH: number;
  readonly place: string;
}

/** When a build is ripe, hours from its mixing. */
interface RipeHours {
  readonly fromH: number;
  readonly untilH: number;
  /** How much less sure a weak starter makes them, as a logarithm. */
  readonly unsure?: number;
}

/** Guesses how builds come to a bake's window. */
export interface LikelyBuilds {
  readonly parts: readonly number[];
  /** How many hours later a build ripens of a starter with so much yeast, so ready to grow. */
  readonly laterH: (place: string, yeast: number, ready: number) => number;
  /** When a build is ripe, hours from its mixing, so much later than usual; null when it hardly rises. */
  readonly ripe: (parts: number, place: string, laterH: number) => RipeHours | null;
  /** The chance that a build ripe at such hours is ripe through the window. */
  readonly chance: (at: Instant, ripe: RipeHours, place: string, hold?: ColdWait) => number;
  /** The hours of a course that have passed when a levain is held in the cold, where an hour counts for less. */
  readonly counted: (hours: number, place: string, hold: ColdWait | undefined) => number;
}

/** What hunger has done to a starter is not known well: so much less sure is a levain that comes later for it. */
export const weakSpread = (laterH: number, ripeFromH: number): number =>
  (FRAILTY_SPREAD * Math.max(0, laterH)) / ripeFromH;

/** Guesses from one nominal course for each ratio and place, moved by the strength of the starter. */
export function likelyBuilds(
  problem: Problem,
  jar: PlannedJar,
  bake: Wanted,
  mix: Mix,
): LikelyBuilds {
  const { partsMin, partsMax } = problem.limits;
  const { places, growth } = kitchenOf(problem);
  const parts = BUILD_PARTS.filter((p) => p >= partsMin && p <= partsMax);
  const lively = { ...mix, yeast: LIVELY, ready: READY, hunger: 0 };
  const at = bake.from - 12 * HOUR;
  const built = (p: number, stays: readonly Stay[], hours: number): RipeHours | null => {
    const { keepG } = jar;
    const flourG = keepG * p;
    const waterG = flourG * (bake.hydration ?? jar.hydration);
    const fed = fedWith(problem, jar, lively, at, { keepG, flourG, waterG });
    const { ripeFromH, ripeUntilH } = courseOf(problem, jar, fed, at, stays, hours);
    return ripeFromH === null ? null : { fromH: ripeFromH, untilH: ripeUntilH ?? hours };
  };
  const nominal = new Map(
    places.map((place) => {
      const hours = FOLLOWED[isCold(place) ? 'cold' : 'warm'];
      const stays = [{ from: at, place: place.id }];
      return [
        place.id,
        new Map<number, RipeHours | null>(parts.map((p) => [p, built(p, stays, hours)])),
      ];
    }),
  );
  const spread = new Map(
    places.map(({ id }) => [id, Math.hypot(GUESS_SPREAD, ripeningSpread(problem, jar, id))]),
  );
  /** How much less an hour counts in the cold: a levain moved there as it ripens stays ripe for so much longer. */
  const slower = new Map(places.map(({ id }) => [id, new Map<string, number>()]));
  const usual: number = parts[parts.length >> 1]!;
  for (const warm of places.filter((place) => !isCold(place)))
    for (const cold of places.filter(isCold)) {
      const plain = nominal.get(warm.id)!.get(usual);
      if (!plain) continue;
      const moved = { from: at + plain.fromH * HOUR, place: cold.id };
      const held = built(usual, [{ from: at, place: warm.id }, moved], FOLLOWED.cold);
      const longer = held && held.untilH - plain.fromH;
      if (longer && longer > 0)
        slower.get(warm.id)!.set(cold.id, (plain.untilH - plain.fromH) / longer);
    }
  const counted: LikelyBuilds['counted'] = (hours, place, hold) =>
    !hold || hours <= hold.afterH
      ? hours
      : hold.afterH + (hours - hold.afterH) * (slower.get(place)!.get(hold.place) ?? 1);
  return {
    parts,
    counted,
    laterH(place, yeast, ready) {
      // A weaker starter comes later by the time its yeast takes to make up for it; one that is not ready, by its lag.
      const weaker = LIVELY / Math.max(1e-4, yeast);
      const lag = (1 + 1 / (ready + 0.01)) / (1 + 1 / READY);
      return Math.log(weaker * lag) / (growth.get(place)!.perHour * jar.pace.pace);
    },
    ripe(p, place, laterH) {
      const known = nominal.get(place)!.get(p);
      if (!known) return null;
      const fromH = Math.max(0.5, known.fromH + laterH);
      return {
        fromH,
        untilH: Math.max(fromH + 0.5, known.untilH + laterH),
        unsure: weakSpread(laterH, fromH),
      };
    },
    chance(when, ripe, place, hold) {
      // Most are far off, and logarithms are dear.
      const until = counted((bake.until - when) / HOUR, place, hold);
      if (ripe.fromH > FAR * until || until > FAR * ripe.untilH) return 0;
      const from = counted((bake.from - when) / HOUR, place, hold);
      const ripeness = { ripeFromH: ripe.fromH, ripeUntilH: ripe.untilH };
      const chance = quickChance(
        ripeness,
        from,
        until,
        Math.hypot(spread.get(place)!, ripe.unsure ?? 0),
      );
      return hold ? Math.min(HELD_CHANCE, chance) : chance;
    },
  };
}
