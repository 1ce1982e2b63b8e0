import { type Mix, type Place, celsiusAt, growthRate } from '../ferment';
import { placeAt } from '../journal';
import { HOUR, type Instant, blendTraits, freshDensity } from '../measure';
import { STICKS_G, type StepAmounts, buildingFeed, keepingFeed } from './amounts';
import { type Course, type Stand, courseOf, fedWith } from './course';
import {
  type PlannedJar,
  type Problem,
  type Prospect,
  type Step,
  type Wanted,
  type Weights,
} from './problem';
import { inHands, isCoarse, isOddHour } from './slots';

/** A jar at a touch: what was done so far and what it cost. `mix` is as the touch leaves it. */
interface Label {
  readonly at: Instant;
  readonly mix: Mix;
  readonly massG: number;
  readonly place: string;
  /** Bakes done so far. */
  readonly done: number;
  readonly cost: number;
  readonly before: Label | null;
  readonly touch: Touch | null;
}

/** What a label's touch did. A feed's amounts are settled when it is known whether it makes a levain. */
interface Touch {
  readonly kind: 'feed' | 'move' | 'take';
  readonly parts?: number;
  readonly stand?: Stand;
  readonly build?: { readonly wanted: Wanted; readonly amounts: StepAmounts };
  readonly take?: { readonly wanted: Wanted; readonly prospect: Prospect };
  /** Fed to be the levain of the next bake. */
  readonly forBake?: boolean;
}

/** A jar as a plan leaves it. */
export interface Left {
  readonly at: Instant;
  readonly mix: Mix;
  readonly massG: number;
  readonly place: string;
}

/** What a plan for one jar comes to. */
export interface JarPlan {
  readonly steps: readonly Step[];
  readonly prospects: readonly Prospect[];
  readonly cost: number;
  /** How the jar is left, for the rhythm that follows. */
  readonly left: {
    readonly at: Instant;
    readonly mix: Mix;
    readonly massG: number;
    readonly place: string;
  };
}

/** The coins: a gram of flour, a touch, an odd hour, a bake missed for sure, an hour of hunger. */
const COIN = { flour: 0.012, touch: 1, oddHour: 1.2, missed: 25, hunger: 0.04 } as const;
/** Builds kept at one slot for one ratio; of feeds that only keep the jar well, one is enough. */
const KEPT = 2;
/** Classes of strength to a factor of e in active yeast. */
const STRENGTHS = 1.2;
/** Parts of flour that a levain may be built with. */
export const BUILD_PARTS = [1, 1.5, 2, 3, 4, 5, 7, 10] as const;
/** From the fridge-bound: so long on the counter first. */
const FIRST_OUT_H = 1.5;
/** Hours followed in a warm or cool place, and in a fridge. */
const FOLLOWED = { warm: 48, larder: 120, fridge: 400 } as const;
/** Active yeast of a lively starter before its feed. */
const LIVELY = 0.3;
/** A build whose nominal ripe hours miss the window by more than this factor is not followed ... */
const NOMINAL_SLACK = 1.15;
/** ... or not even considered, before the strength of the jar is known. */
const WIDE_SLACK = 1.4;
/** A levain that rises less than this share of what its flour could is no levain. */
const LEAST_LIFT = 0.62;
const LEAST_CHANCE = 0.3;
/** Spread of ripening that neither pace nor thermometer explains; growth per degree. */
const OWN_SPREAD = 0.06;
const GROWTH_PER_CELSIUS = 0.09;

/** Tells how far a search has come, and may stop it by throwing. */
export type Progress = (share: number) => void;

/**
 * The cheapest way to have a jar's bakes ripe in their windows: label-setting over the slots in order of time. A label is
 * a jar just touched; from it every place it may stand in is followed with the full model, and each later slot offers a
 * feed of every ratio. Of labels in the same slot and state only the cheapest survive.
 *
 * @param slots moments at which the jar may be touched, in order
 * @param start how the jar stands at `problem.now`
 * @param avoid a place in which no levain is built, to find another way
 * @param kept labels kept alike; more search longer and find little
 * @returns null when no way was found
 */
export function solveJar(
  problem: Problem,
  jar: PlannedJar,
  bakes: readonly Wanted[],
  slots: readonly Instant[],
  start: { readonly mix: Mix; readonly place: string },
  weights: Weights,
  avoid: string | null = null,
  progress?: Progress,
  kept = KEPT,
): JarPlan | null {
  const first: Label = {
    at: problem.now,
    mix: start.mix,
    massG: jar.massG,
    place: start.place,
    done: 0,
    cost: 0,
    before: null,
    touch: null,
  };
  const waiting = new Map<Instant, Map<string, Label[]>>();
  let best: Label | null = null;
  const { partsMin, partsMax } = problem.limits;
  const allowed = (p: number) => p >= partsMin && p <= partsMax;
  const buildParts = BUILD_PARTS.filter(allowed);
  const keepParts = [
    ...new Set([jar.parts, 10].map((p) => Math.min(partsMax, Math.max(partsMin, p)))),
  ];
  const places = [...problem.places.keys()].map((id) => placeAt(problem.places, id, problem.now)!);
  const nominal = bakes.map((bake) =>
    nominalRipe(problem, jar, bake, buildParts, places, start.mix),
  );

  const offer = (label: Label) => {
    if (best && label.cost >= best.cost) return;
    if (label.done === bakes.length) {
      best = label;
      return;
    }
    const alike = alikeTo(label.at, keyOf(label, label.mix.yeast));
    const room = label.touch?.forBake ? kept : kept - 1;
    if (alike.length < room) alike.push(label);
    else {
      const worst = alike.reduce((a, b) => (a.cost >= b.cost ? a : b));
      if (worst.cost > label.cost) alike[alike.indexOf(worst)] = label;
    }
  };

  const alikeTo = (at: Instant, key: string): Label[] => {
    let here = waiting.get(at);
    if (!here) waiting.set(at, (here = new Map<string, Label[]>()));
    let alike = here.get(key);
    if (!alike) here.set(key, (alike = []));
    return alike;
  };

  const expand = (label: Label) => {
    const bake = bakes[label.done]!;
    const { forBake } = label.touch ?? {};
    for (const stand of standsFor(label, places, problem)) {
      const moved = stand.place !== label.place;
      const untouched = label.touch?.kind !== 'feed';
      if (untouched && moved && !inHands(problem.hands, label.at)) continue;
      if (forBake && stand.place === avoid) continue;
      if (
        forBake &&
        !nominal[label.done]!.fits(label.at, label.touch!.parts!, stand, label.before!.mix.yeast)
      )
        continue;
      // A jar that need not be ripe soon goes to the fridge, or stays out where it is.
      const kind = places.find(({ id }) => id === stand.place)?.kind;
      if (!forBake && moved && (kind === 'warm' || kind === 'larder')) continue;
      const end = forBake || untouched ? bake.until + 8 * HOUR : bake.from;
      const hours = Math.min(followedFor(stand, places), (end - label.at) / HOUR);
      if (hours <= 0) continue;
      const course = courseOf(problem, jar, label.mix, label.at, stand, hours);
      const standing: Label = {
        ...label,
        place: stand.then ?? stand.place,
        cost: label.cost + standCost(stand, untouched && moved, weights),
        touch: touchWith(label, stand, untouched),
      };
      if (forBake) bakeWith(standing, course, bake);
      else {
        // A levain that was built already, or plenty left from a bake, needs no other feed.
        if (untouched && label.massG >= bake.levainG + STICKS_G + jar.keepG)
          serve(standing, course, bake);
        feedLater(standing, course, bake);
      }
    }
  };

  /** A build is the levain of its bake, as far as jar and starter give it. */
  const bakeWith = (label: Label, course: Course, bake: Wanted) => {
    const parts = label.touch!.parts!;
    const { massG } = label.before!;
    const amounts = buildingFeed(jar, massG, parts, bake.levainG);
    if (!amounts) return;
    const total = amounts.keepG + amounts.flourG + amounts.waterG;
    const fills = total / freshDensity(label.mix.hydrationPct) / jar.vessel.capacityMl;
    if (fills * course.peakHeight > 1) return;
    const extraG = amounts.flourG - keepingFeed(jar, massG, parts).flourG;
    const touch = { ...label.touch!, build: { wanted: bake, amounts } };
    const cost = label.cost + weights.flour * COIN.flour * extraG;
    serve({ ...label, massG: total, cost, touch }, course, bake);
  };

  /** What stands in the jar is taken for the bake, if it is ripe in the window. */
  const serve = (label: Label, course: Course, bake: Wanted) => {
    const chance = chanceOf(problem, jar, label, course, bake);
    const takeAt = firstHandsIn(problem, bake);
    if (chance < LEAST_CHANCE || takeAt === null) return;
    const spread = spreadOf(problem, jar, label);
    const peakAt = label.at + course.peakH! * HOUR;
    const swing = course.peakH! * (Math.exp(1.2816 * spread) - 1) * HOUR;
    const prospect = { id: bake.id, chance, peakAt, low: peakAt - swing, high: peakAt + swing };
    offer({
      at: takeAt,
      mix: course.mixAt((takeAt - label.at) / HOUR),
      massG: label.massG - bake.levainG,
      place: label.place,
      done: label.done + 1,
      cost: label.cost + weights.risk * COIN.missed * (1 - chance),
      before: label,
      touch: { kind: 'take', take: { wanted: bake, prospect } },
    });
  };

  const feedLater = (label: Label, course: Course, bake: Wanted) => {
    const lastH = course.hours[course.hours.length - 1]!;
    const alreadyHungry = label.mix.hunger;
    const hungriest = Math.max(problem.limits.hungryMaxH, alreadyHungry + 1);
    for (const slot of slots) {
      if (slot < label.at || (slot === label.at && label.touch?.kind === 'feed')) continue;
      const h = (slot - label.at) / HOUR;
      if (h > lastH || slot >= bake.from) break;
      if (course.hungerAt(h) > hungriest) break;
      const odd = isOddHour(problem.time, slot) ? weights.oddHours * COIN.oddHour : 0;
      const hunger = COIN.hunger * Math.max(0, course.hungerAt(h) - alreadyHungry);
      const touched = label.cost + weights.touches * COIN.touch + odd + hunger;
      const builds = nominal[label.done]!.partsAt(slot);
      const keeps = isCoarse(slot) ? keepParts : [];
      if (builds.length + keeps.length === 0 || (best && touched >= best.cost)) continue;
      const mix = course.mixAt(h);
      const before = { ...label, mix };
      for (const [list, forBake] of [[builds, true] as const, [keeps, false] as const])
        for (const p of list) {
          const amounts = keepingFeed(jar, label.massG, p);
          const massG = amounts.keepG + amounts.flourG + amounts.waterG;
          const cost = touched + weights.flour * COIN.flour * amounts.flourG;
          const touch: Touch = { kind: 'feed', parts: p, forBake };
          const fed = {
            at: slot,
            massG,
            place: label.place,
            done: label.done,
            cost,
            before,
            touch,
          };
          // Mixing costs more than asking whether the label would be kept at all.
          const alike = alikeTo(slot, keyOf(fed, (mix.yeast * amounts.keepG) / massG));
          const room = forBake ? kept : kept - 1;
          if (alike.length >= room && alike.every((other) => other.cost <= cost)) continue;
          offer({ ...fed, mix: fedWith(problem, jar, mix, slot, p, amounts.keepG) });
        }
    }
  };

  expand(first);
  // Slots come in order of time, so that everything that can lead to a label is known when it is its turn.
  const times = [...new Set([...slots, ...bakes.map((bake) => firstHandsIn(problem, bake) ?? -1)])]
    .filter((at) => at >= problem.now)
    .sort((a, b) => a - b);
  times.forEach((slot, i) => {
    progress?.(i / times.length);
    for (const labels of waiting.get(slot)?.values() ?? [])
      for (const label of labels) if (!best || label.cost < best.cost) expand(label);
    waiting.delete(slot);
  });
  return best && planOf(best, jar, start.place);

  function touchWith(label: Label, stand: Stand, untouched: boolean): Touch | null {
    if (untouched && stand.place === label.place) return label.touch;
    return { ...(label.touch ?? { kind: 'move' }), stand };
  }
}

/** Of jars touched alike in one slot and about as strong, the cheapest stand for all. */
function keyOf({ done, touch }: Pick<Label, 'done' | 'touch'>, yeast: number): string {
  const strength = Math.round(Math.log(yeast + 1e-6) * STRENGTHS);
  return `${done} ${touch?.kind} ${touch?.parts} ${!!touch?.forBake} ${strength}`;
}

/** Which builds can be ripe in a bake's window at all, judged by one nominal course of each. */
function nominalRipe(
  problem: Problem,
  jar: PlannedJar,
  bake: Wanted,
  parts: readonly number[],
  places: readonly Place[],
  mix: Mix,
) {
  const lively = { ...mix, yeast: LIVELY, ready: Math.max(mix.ready, 8), hunger: 0 };
  const table = new Map<string, { readonly from: number; readonly until: number }>();
  const growth = new Map<string, number>();
  for (const place of places) {
    const noon = celsiusAt(place.temperature, 12);
    growth.set(place.id, growthRate('yeast', noon) * jar.pace.pace + 1e-3);
    for (const p of parts) {
      const at = bake.from - 12 * HOUR;
      const fed = fedWith(problem, jar, lively, at, p);
      const hours = place.kind === 'fridge' ? 60 : 72;
      const { ripeFromH, ripeUntilH } = courseOf(problem, jar, fed, at, { place: place.id }, hours);
      if (ripeFromH !== null && ripeUntilH !== null)
        table.set(`${place.id} ${p}`, { from: ripeFromH, until: ripeUntilH });
    }
  }
  // A weaker starter comes later by the time its yeast takes to make up for it.
  const fits = (
    at: Instant,
    p: number,
    { place, then }: Stand,
    yeast: number,
    slack = NOMINAL_SLACK,
  ): boolean => {
    const ripe = then === undefined ? table.get(`${place} ${p}`) : undefined;
    if (!ripe) return false;
    const later = Math.log(LIVELY / Math.max(1e-4, yeast)) / growth.get(place)!;
    const fromH = (bake.from - at) / HOUR;
    const untilH = (bake.until - at) / HOUR;
    return (ripe.from + later) / slack <= fromH && (ripe.until + later) * slack >= untilH;
  };
  const known = new Map<Instant, readonly number[]>();
  return {
    fits,
    partsAt(at: Instant): readonly number[] {
      let found = known.get(at);
      if (!found) {
        found = parts.filter((p) =>
          places.some(({ id }) => fits(at, p, { place: id }, LIVELY, WIDE_SLACK)),
        );
        known.set(at, found);
      }
      return found;
    },
  };
}

/** Where a jar may be left after a touch. Without a feed it stays, or is moved for the price of a touch. */
function standsFor(label: Label, places: readonly Place[], problem: Problem): readonly Stand[] {
  const stands: Stand[] = [];
  const room = places.find(({ kind }) => kind === 'counter');
  for (const { id, kind } of places) {
    if (kind === 'fridge' && label.touch?.kind === 'feed') {
      const later = label.at + FIRST_OUT_H * HOUR;
      if (room && inHands(problem.hands, later))
        stands.push({ place: room.id, thenAfterH: FIRST_OUT_H, then: id });
      else stands.push({ place: id });
    } else stands.push({ place: id });
  }
  return stands;
}

/** Moving a jar that is touched anyway is free; a walk to the fridge afterwards, or a move alone, is half a touch. */
function standCost(stand: Stand, movedAlone: boolean, weights: Weights): number {
  return stand.then !== undefined || movedAlone ? 0.5 * weights.touches * COIN.touch : 0;
}

function followedFor(stand: Stand, places: readonly Place[]): number {
  const kind = places.find(({ id }) => id === (stand.then ?? stand.place))?.kind;
  if (kind === 'fridge') return FOLLOWED.fridge;
  return kind === 'larder' ? FOLLOWED.larder : FOLLOWED.warm;
}

/** Spread of the ripening in time, as a logarithm: the pace, the place's thermometer, and what neither explains. */
function spreadOf(problem: Problem, jar: PlannedJar, label: Label): number {
  const place = placeAt(problem.places, label.touch?.stand?.place ?? label.place, label.at);
  return Math.hypot(jar.paceSd, (place?.sd ?? 1) * GROWTH_PER_CELSIUS, OWN_SPREAD);
}

/** The chance that a levain is ripe all through its window, when its ripening may be quicker or slower as a whole. */
function chanceOf(
  problem: Problem,
  jar: PlannedJar,
  label: Label,
  course: Course,
  bake: Wanted,
): number {
  const { ripeFromH, ripeUntilH, peakHeight } = course;
  if (ripeFromH === null || ripeUntilH === null) return 0;
  const lift = blendTraits(label.mix.flour).lift * jar.pace.lift;
  if (peakHeight - 1 < LEAST_LIFT * 1.37 * lift) return 0;
  const fromH = (bake.from - label.at) / HOUR;
  const untilH = (bake.until - label.at) / HOUR;
  if (fromH <= 0) return 0;
  const spread = spreadOf(problem, jar, label);
  return Math.max(
    0,
    normalShare(Math.log(fromH / ripeFromH) / spread) -
      normalShare(Math.log(untilH / ripeUntilH) / spread),
  );
}

/** Share of a standard normal distribution below z (Abramowitz & Stegun 26.2.17, error below 8e-8). */
export function normalShare(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    0.3989422804014327 *
    Math.exp((-z * z) / 2) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z > 0 ? 1 - tail : tail;
}

/** The first moment in a bake's window at which hands are there; null when they never are. */
function firstHandsIn(problem: Problem, bake: Wanted): Instant | null {
  const times = problem.hands
    .map(({ from, until }) => [Math.max(from, bake.from), Math.min(until, bake.until)] as const)
    .filter(([from, until]) => from <= until)
    .map(([from]) => from);
  return times.length > 0 ? Math.min(...times) : null;
}

/** The steps that a chain of labels stands for; `from` is where the jar stood before the first. */
function planOf(last: Label, jar: PlannedJar, from: string): JarPlan {
  const chain: Label[] = [];
  for (let label: Label | null = last; label; label = label.before) chain.unshift(label);
  const steps: Step[] = [];
  const prospects: Prospect[] = [];
  let massG = jar.massG;
  let place = from;
  for (const { at, touch } of chain) {
    if (!touch) continue;
    const common = { at, earliest: at, latest: at, jar: jar.id };
    if (touch.kind === 'feed') {
      const amounts = touch.build?.amounts ?? keepingFeed(jar, massG, touch.parts!);
      // The mass may differ from the search's where a levain was built before: discard what is really over.
      steps.push({
        ...common,
        kind: touch.build ? 'build' : 'feed',
        ...(touch.build ? { wanted: touch.build.wanted.id } : {}),
        ...amounts,
        discardG: Math.max(0, Math.round(massG) - amounts.keepG),
        place: touch.stand!.place,
      });
      massG = amounts.keepG + amounts.flourG + amounts.waterG;
    }
    if (touch.take) {
      const { wanted, prospect } = touch.take;
      steps.push({
        ...common,
        latest: wanted.until,
        kind: 'take',
        wanted: wanted.id,
        takeG: wanted.levainG,
      });
      massG -= wanted.levainG;
      prospects.push(prospect);
    }
    if (touch.kind !== 'feed' && touch.stand && touch.stand.place !== place)
      steps.push({ ...common, kind: 'move', place: touch.stand.place });
    if (touch.stand) place = touch.stand.place;
    if (touch.stand?.then !== undefined) {
      const then = at + touch.stand.thenAfterH! * HOUR;
      steps.push({
        ...common,
        at: then,
        earliest: then - HOUR / 2,
        latest: then + HOUR / 2,
        kind: 'move',
        place: touch.stand.then,
      });
      place = touch.stand.then;
    }
  }
  return { steps, prospects, cost: last.cost, left: { at: last.at, mix: last.mix, massG, place } };
}
