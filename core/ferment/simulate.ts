import { blendTraits, flourAndWater } from '../measure';
import { MODEL } from './constants';
import { type Mix } from './mix';
import { type Pace } from './pace';
import { growthRate, leakFactor } from './rates';
import { jarTimeConstant, type Vessel } from './vessel';

/** Where a mix stands: the air's temperature in °C by hours from the start, its jar, and the starter's pace. */
export interface Conditions {
  readonly air: (hours: number) => number;
  readonly vessel: Vessel;
  readonly pace: Pace;
}

/** The part of a {@link Mix} that moves, written in place by the integrator. */
export type MovingState = {
  -readonly [K in keyof Omit<Mix, 'massG' | 'hydrationPct' | 'flour' | 'old'>]: number;
};

/**
 * Called after each step with hours from the start; the numbers of the state are valid only during the call, and it must
 * not simulate anything itself.
 */
export type Watch = (hours: number, state: Readonly<MovingState>) => void;

/** Longest step in hours at 22 °C and above. Colder it grows as everything slows down. */
const WARM_STEP = 0.25;
/** No simulation goes on for longer, hours: after more than a year unfed nothing changes that anybody could tell. */
export const LONGEST = 500 * 24;
/** Hunger beyond which so little happens that steps may be twice as long. */
const IDLE_HUNGER = 12;

/**
 * Lets a mix stand for some hours and returns what it has become. Fourth-order Runge–Kutta on cells, food, acid, gluten
 * and gas; the jar's temperature and death by heat are solved exactly within each step. The height is within 0.5 % of a
 * run with steps ten times finer. Beyond {@link LONGEST} hours it stays as it is.
 *
 * @param refine divides the step length, for checks of accuracy
 * @example simulate(starterIn('ripe', { white: 1 }, 100, 100), { air: () => 24, vessel: { emptyG: 300, capacityMl: 400 }, pace: USUAL_PACE }, 6).massG // = 100
 */
export function simulate(
  mix: Mix,
  conditions: Conditions,
  hours: number,
  watch?: Watch,
  refine = 1,
): Mix {
  const system = systemOf(mix, conditions.pace);
  const tau = jarTimeConstant(conditions.vessel, mix.massG, mix.hydrationPct);
  const { now, trial, k1, k2, k3, k4 } = DESK;
  now[YEAST] = mix.yeast;
  now[LACTIC] = mix.lactic;
  now[DORMANT] = mix.dormant;
  now[READY] = mix.ready;
  now[FOOD] = mix.food;
  now[ACID] = mix.acid;
  now[GLUTEN] = mix.gluten;
  now[GAS] = mix.gas;
  now[HUNGER] = mix.hunger;
  const seen = copyOf(mix);

  let celsius = mix.celsius;
  let air = conditions.air(0);
  const { middle } = DESK;
  let { begin, after } = DESK;
  warm(begin, system, celsius);
  let elapsed = 0;
  let knownStep = 0;
  let halfway = 1;
  const end = Math.min(hours, LONGEST);
  while (elapsed < end - 1e-9) {
    const pause = now[HUNGER] > IDLE_HUNGER ? 2 : 1;
    const longest =
      (WARM_STEP * pause) / Math.min(1, leakFactor(Math.max(celsius, air, 0))) / refine;
    const dt = Math.min(longest, end - elapsed);
    // The air moves in a straight line during the step, and the jar follows it exactly.
    const airAfter = conditions.air(elapsed + dt);
    const slope = (airAfter - air) / dt;
    const lagged = air - slope * tau;
    const gap = celsius - lagged;
    if (dt !== knownStep) {
      knownStep = dt;
      halfway = Math.exp(-dt / 2 / tau);
    }
    const half = lagged + (slope * dt) / 2 + gap * halfway;
    celsius = lagged + slope * dt + gap * halfway * halfway;
    warm(middle, system, half);
    warm(after, system, celsius);

    derive(system, begin, now, k1);
    advance(trial, now, 0.5 * dt, k1);
    derive(system, middle, trial, k2);
    advance(trial, now, 0.5 * dt, k2);
    derive(system, middle, trial, k3);
    advance(trial, now, dt, k3);
    derive(system, after, trial, k4);
    settle(now, dt / 6, DESK);
    if (half > 40) {
      const alive = Math.exp(-heatDeath(half) * dt);
      now[YEAST] *= alive;
      now[LACTIC] *= alive;
      now[DORMANT] *= alive;
    }
    // It goes on as warm as it has come to be.
    [begin, after] = [after, begin];
    air = airAfter;
    elapsed += dt;
    if (watch) watch(elapsed, write(now, celsius, seen));
  }
  return write(now, celsius, seen);
}

/** Places in the arrays of the integrator. */
const YEAST = 0;
const LACTIC = 1;
const DORMANT = 2;
const READY = 3;
const FOOD = 4;
const ACID = 5;
const GLUTEN = 6;
const GAS = 7;
const HUNGER = 8;
const SIZE = 9;

/** What the temperature alone makes of the equations, shared by all that is reckoned at one. */
interface Warmth {
  /** Growth of yeast and bacteria, 1/h, as published. */
  yeast: number;
  lactic: number;
  /** {@link leakFactor} */
  leak: number;
  /** Least fermentation by yeast, 1/h. */
  heat: number;
  /** This starter's own, against the usual one. */
  pace: number;
}

const noWarmth = (): Warmth => ({ yeast: 0, lactic: 0, leak: 0, heat: 0, pace: 0 });

function warm(warmth: Warmth, system: System, celsius: number): void {
  warmth.yeast = growthRate('yeast', celsius);
  warmth.lactic = growthRate('lactic', celsius);
  warmth.leak = leakFactor(celsius);
  warmth.heat = heatFermentation(celsius);
  warmth.pace = system.pace * tilted(system.tilt, celsius);
}

// Written out place by place: a loop over them costs a quarter more of all that is simulated.

/** Goes from a state for some hours along rates, into another. */
function advance(to: Float64Array, from: Float64Array, hours: number, rates: Float64Array): void {
  to[YEAST] = from[YEAST]! + hours * rates[YEAST]!;
  to[LACTIC] = from[LACTIC]! + hours * rates[LACTIC]!;
  to[DORMANT] = from[DORMANT]! + hours * rates[DORMANT]!;
  to[READY] = from[READY]! + hours * rates[READY]!;
  to[FOOD] = from[FOOD]! + hours * rates[FOOD]!;
  to[ACID] = from[ACID]! + hours * rates[ACID]!;
  to[GLUTEN] = from[GLUTEN]! + hours * rates[GLUTEN]!;
  to[GAS] = from[GAS]! + hours * rates[GAS]!;
  to[HUNGER] = from[HUNGER]! + hours * rates[HUNGER]!;
}

/** Goes on by the mean of the four rates, a sixth of a step at a time; nothing falls below nought. */
function settle(now: Float64Array, sixth: number, { k1, k2, k3, k4 }: typeof DESK): void {
  now[YEAST] = settled(now[YEAST]!, sixth, k1[YEAST]!, k2[YEAST]!, k3[YEAST]!, k4[YEAST]!);
  now[LACTIC] = settled(now[LACTIC]!, sixth, k1[LACTIC]!, k2[LACTIC]!, k3[LACTIC]!, k4[LACTIC]!);
  now[DORMANT] = settled(
    now[DORMANT]!,
    sixth,
    k1[DORMANT]!,
    k2[DORMANT]!,
    k3[DORMANT]!,
    k4[DORMANT]!,
  );
  now[READY] = settled(now[READY]!, sixth, k1[READY]!, k2[READY]!, k3[READY]!, k4[READY]!);
  now[FOOD] = settled(now[FOOD]!, sixth, k1[FOOD]!, k2[FOOD]!, k3[FOOD]!, k4[FOOD]!);
  now[ACID] = settled(now[ACID]!, sixth, k1[ACID]!, k2[ACID]!, k3[ACID]!, k4[ACID]!);
  now[GLUTEN] = settled(now[GLUTEN]!, sixth, k1[GLUTEN]!, k2[GLUTEN]!, k3[GLUTEN]!, k4[GLUTEN]!);
  now[GAS] = settled(now[GAS]!, sixth, k1[GAS]!, k2[GAS]!, k3[GAS]!, k4[GAS]!);
  now[HUNGER] = settled(now[HUNGER]!, sixth, k1[HUNGER]!, k2[HUNGER]!, k3[HUNGER]!, k4[HUNGER]!);
}

function settled(x: number, sixth: number, a: number, b: number, c: number, d: number): number {
  const next = x + sixth * (a + 2 * (b + c) + d);
  return next > 0 ? next : 0;
}

function scale(rates: Float64Array, by: number): void {
  rates[YEAST] = rates[YEAST]! * by;
  rates[LACTIC] = rates[LACTIC]! * by;
  rates[DORMANT] = rates[DORMANT]! * by;
  rates[READY] = rates[READY]! * by;
  rates[FOOD] = rates[FOOD]! * by;
  rates[ACID] = rates[ACID]! * by;
  rates[GLUTEN] = rates[GLUTEN]! * by;
  rates[GAS] = rates[GAS]! * by;
  rates[HUNGER] = rates[HUNGER]! * by;
}

/** One desk for all simulations, which never run inside each other: clearing it costs less than a new one each time. */
const DESK = {
  now: new Float64Array(SIZE),
  trial: new Float64Array(SIZE),
  k1: new Float64Array(SIZE),
  k2: new Float64Array(SIZE),
  k3: new Float64Array(SIZE),
  k4: new Float64Array(SIZE),
  begin: noWarmth(),
  middle: noWarmth(),
  after: noWarmth(),
};

/** A mix of its own, field by field: all that are simulated are then of one shape, which the engine reads much sooner. */
const copyOf = (mix: Mix) => ({
  yeast: mix.yeast,
  lactic: mix.lactic,
  dormant: mix.dormant,
  ready: mix.ready,
  food: mix.food,
  acid: mix.acid,
  gluten: mix.gluten,
  gas: mix.gas,
  hunger: mix.hunger,
  celsius: mix.celsius,
  old: mix.old,
  massG: mix.massG,
  hydrationPct: mix.hydrationPct,
  flour: mix.flour,
});

function write<State extends MovingState>(now: Float64Array, celsius: number, seen: State): State {
  seen.yeast = now[YEAST]!;
  seen.lactic = now[LACTIC]!;
  seen.dormant = now[DORMANT]!;
  seen.ready = now[READY]!;
  seen.food = now[FOOD]!;
  seen.acid = now[ACID]!;
  seen.gluten = now[GLUTEN]!;
  seen.gas = now[GAS]!;
  seen.hunger = now[HUNGER]!;
  seen.celsius = celsius;
  return seen;
}

/** Share of old flour in a feed of equal parts, and in the thinnest that is told from thinner ones. */
const EQUAL_PARTS = 1 / 3;
const THINNEST = 1 / 30;

/** What stays the same while a mix stands. */
interface System {
  /** How much quicker than usual everything goes at 22 °C. */
  readonly pace: number;
  /** Logarithm of its factor for each °C above. */
  readonly tilt: number;
  readonly rate: number;
  readonly foodPerWork: number;
  readonly ceiling: number;
  readonly leak: number;
  readonly phScale: number;
  readonly fade: number;
  readonly starvation: number;
}

function systemOf(mix: Mix, pace: Pace): System {
  const traits = blendTraits(mix.flour);
  const hydration = mix.hydrationPct / 100;
  // Only water beyond what the flour binds makes a mix runny.
  const runny = Math.max(1, hydration / traits.binds);
  const { flourG } = flourAndWater(1, mix.hydrationPct);
  return {
    pace: pace.pace * pace.reach ** Math.log(EQUAL_PARTS / Math.max(THINNEST, mix.old)),
    tilt: Math.log(pace.tilt) / 3,
    rate: traits.rate * hydrationRate(hydration),
    // Cells are counted per gram of mix, food per gram of flour: a stiff mix has more flour to a cell.
    foodPerWork: 0.25 / flourG,
    // A runny mix lets gas through; a stiff one holds it.
    ceiling: MODEL.gasCeiling * traits.lift * pace.lift * runny ** -0.9,
    leak: MODEL.gasLeak * (hydration < 1 ? hydration : runny * runny),
    // More flour, more of what takes up acid.
    phScale: MODEL.phScale * traits.buffer * (0.5 + flourG),
    fade: (MODEL.glutenFade * traits.fade) / 0.374,
    starvation: MODEL.starvation * pace.frailty,
  };
}

/** The equations of the model at one temperature: rates of change of `x`, per hour, into `dx`. */
function derive(system: System, warmth: Readonly<Warmth>, x: Float64Array, dx: Float64Array): void {
  const { yeast: muYeastPlain, lactic: muLacticPlain, leak, heat, pace } = warmth;
  const yeast = x[YEAST]! > 0 ? x[YEAST]! : 0;
  const lactic = x[LACTIC]! > 0 ? x[LACTIC]! : 0;
  const ready = x[READY]! > 0 ? x[READY]! : 0;
  const food = x[FOOD]! > 0 ? x[FOOD]! : 0;
  const dormant = x[DORMANT]!;
  const acid = x[ACID]!;
  const gas = x[GAS]!;
  const gluten = x[GLUTEN]!;

  const fed = food / (MODEL.foodHalf + food);
  const starved = 1 - fed;
  const adapted = ready / (1 + ready);
  const active = MODEL.idleActivity + (1 - MODEL.idleActivity) * adapted;
  const muYeast = muYeastPlain * system.rate;
  const muLactic = muLacticPlain * system.rate * acidBrake(acid / system.phScale);
  const yeastWork = (muYeast > heat ? muYeast : heat) * yeast * fed * active;
  const lacticWork = muLactic * lactic * fed * active;
  const dying = system.starvation * (muYeastPlain / 0.3 + MODEL.coldStarvation) * starved;
  const waking = MODEL.waking * (muYeastPlain / 0.3) * fed * dormant;
  const over = gas - system.ceiling * gluten;

  dx[YEAST] = adapted * muYeast * yeast * fed * (1 - yeast) - dying * yeast + waking;
  dx[LACTIC] =
    adapted * muLactic * lactic * fed * (1 - lactic) -
    MODEL.lacticStarvation * dying * lactic +
    waking;
  dx[DORMANT] = MODEL.dormantShare * dying * yeast - waking - MODEL.dormantDeath * dormant;
  dx[READY] =
    (ready < MODEL.readyCells ? 2 * muYeast * ready * fed : 0) -
    MODEL.adaptationLoss * starved * ready;
  dx[FOOD] =
    -(MODEL.foodPerYeast * yeastWork + MODEL.foodPerLactic * lacticWork) * system.foodPerWork;
  dx[ACID] = 12 * MODEL.acidPerLactic * lacticWork;
  dx[GLUTEN] = -system.fade * muLacticPlain * (0.4 + acid) * gluten;
  dx[GAS] =
    0.5 * MODEL.gasPerYeast * yeastWork -
    leak * (system.leak * gas + (over > 0 ? MODEL.gasBurst * over : 0));
  dx[HUNGER] = (starved * muLacticPlain) / 0.3;

  if (pace !== 1) scale(dx, pace);
}

/** What a starter's own answer to temperature makes of its pace; beyond where it was learnt it goes no further. */
function tilted(tilt: number, celsius: number): number {
  return tilt === 0 ? 1 : Math.exp(tilt * Math.min(6, Math.max(-6, celsius - 22)));
}

const BRAKE_BEGINS = Math.log(
  MODEL.phSpan / (MODEL.lacticStopPh + MODEL.lacticBrakeWidth - MODEL.phFloor),
);
const BRAKE_ENDS = Math.log(MODEL.phSpan / (MODEL.lacticStopPh - MODEL.phFloor));

/** How far acid (over its pH scale) leaves the bacteria free to work, 1 to 0, by the pH it makes. */
function acidBrake(scaledAcid: number): number {
  if (scaledAcid <= BRAKE_BEGINS) return 1;
  if (scaledAcid >= BRAKE_ENDS) return 0;
  const ph = MODEL.phFloor + MODEL.phSpan * Math.exp(-scaledAcid);
  return (ph - MODEL.lacticStopPh) / MODEL.lacticBrakeWidth;
}

/** Growth against hydration (a ratio): slower when stiff, no faster when runny. */
function hydrationRate(hydration: number): number {
  return hydration >= 1 ? 1 : Math.max(0.5, 1 - 2 * (1 - MODEL.stiffRate) * (1 - hydration));
}

/** Fermentation that heat leaves to yeast that has stopped growing, 1/h. */
function heatFermentation(celsius: number): number {
  return celsius > 30 && celsius < 42
    ? MODEL.heatFermentation * Math.min(1, (42 - celsius) / 4)
    : 0;
}

/** Death by heat in 1/h: one at 45 °C, a hundred at 60 °C. */
function heatDeath(celsius: number): number {
  return Math.exp(((celsius - 45) * Math.log(100)) / 15);
}
