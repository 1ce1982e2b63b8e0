import {
  type Forecast,
  USUAL_PACE,
  feed,
  forecast,
  momentAt,
  stageAt,
  starterIn,
  usualVessel,
} from '../ferment';
import { type Smell } from '../journal';
import { type Blend } from '../measure';
import { type Chance, between, chanceFrom, oneOf, shuffled } from '../measure/chance';
import {
  CASES,
  type Case,
  type CaseId,
  type Judgement,
  type Level,
  type SignsShown,
} from './cases';

/** A jar to be judged: how it was fed, what it looks like by now, and what is right. */
export interface Round {
  readonly of: CaseId;
  readonly aim: Case['aim'];
  readonly right: Judgement;
  /** What does no harm either. */
  readonly also: readonly Judgement[];
  readonly fed: {
    readonly keepG: number;
    readonly flourG: number;
    readonly waterG: number;
    readonly flour: Blend;
  };
  /** A starter of flour and water in its first week, not a feed. */
  readonly young: boolean;
  /** Of the room, °C. */
  readonly celsius: number;
  /** Hours out before it went into the fridge; null where it stands in the room. */
  readonly outH: number | null;
  /** Since its feed. */
  readonly hours: number;
  /** Against the band. */
  readonly height: number;
  /** Height of the streaks on the glass; null where it has not fallen. */
  readonly streak: number | null;
  readonly signs: SignsShown;
  readonly forecast: Forecast;
}

/** Of the fridge, °C. */
const FRIDGE = 4;
const KEEP_G = 20;
/** A jar is looked at well inside a stage: this share of it at either end is left out. */
const EDGE = 0.2;
/** Draws until a case is given up: none of them has ever taken so many. */
const TRIES = 60;

/**
 * A round of an endless row. Every case of a level comes once before any comes again, those of lower levels now and then
 * among them.
 *
 * @param seed of the row
 * @param level 1 plain, 2 harder, 3 tricky
 * @param n counted from 0
 * @throws RangeError when no jar becomes what a kind of round asks for, which its own tests rule out
 * @example roundOf(7, 1, 0).right // = 'feed'
 */
export function roundOf(seed: number, level: Level, n: number): Round {
  const own = CASES.filter((one) => one.level === level);
  const deck = Math.floor(n / own.length);
  const order = shuffled(chanceFrom(seed * 1009 + level * 101 + deck), own);
  return draw(order[n % own.length]!, chanceFrom(seed * 7919 + level * 613 + n));
}

/** A jar of some kind, as the model lets it become. */
function draw(of: Case, chance: Chance): Round {
  for (let i = 0; i < TRIES; i++) {
    const round = tried(of, chance);
    if (round) return round;
  }
  throw new RangeError(`no jar becomes ${of.id}`);
}

function tried(of: Case, chance: Chance): Round | null {
  const flour = oneOf(chance, of.flours);
  const parts = oneOf(chance, of.parts);
  const celsius = Math.round(2 * between(chance, ...of.celsius)) / 2;
  const flourG = KEEP_G * parts;
  const fed = { keepG: KEEP_G, flourG, waterG: (flourG * of.hydrationPct) / 100, flour };
  const young = of.from === 'new';
  const begun = starterIn(of.from, flour, of.hydrationPct, young ? 100 : KEEP_G);
  // The room where it is kept ready is not the oven where it was forgotten.
  const mix = young ? begun : feed({ ...begun, celsius: Math.min(24, celsius) }, fed);
  const { outH } = of;
  const air = (hours: number) => (outH !== null && hours >= outH ? FRIDGE : celsius);
  const horizon = typeof of.at === 'string' ? 120 : of.at[1] + 48;
  const conditions = { air, vessel: usualVessel(mix.massG, mix.hydrationPct), pace: USUAL_PACE };
  const all = forecast(mix, conditions, horizon);
  const hours = typeof of.at === 'string' ? within(all, of.at, chance) : between(chance, ...of.at);
  if (hours === null) return null;
  const moment = momentAt(all.curve, hours);
  const fallen = all.peaksAtH !== null && hours > all.peaksAtH;
  // Other microbes lift a young jar, and they are not in the model.
  const height = of.id === 'falseRise' ? between(chance, 2.1, 2.8) : moment.height;
  return {
    of: of.id,
    aim: of.aim,
    right: of.right,
    also: of.also,
    fed,
    young,
    celsius,
    outH,
    hours,
    height,
    streak: fallen && !young && all.peakHeight > height + 0.1 ? all.peakHeight : null,
    signs: { ...signsAt(all, hours), ...of.but },
    forecast: all,
  };
}

/** An hour well inside a stage; null where a jar never comes there, or only for a moment. */
function within(all: Forecast, stage: Case['at'], chance: Chance): number | null {
  const hours = all.curve.map((m) => m.hours).filter((at) => stageAt(all, at) === stage);
  const [first, last] = [hours[0], hours.at(-1)];
  if (first === undefined || last === undefined || last - first < 0.25) return null;
  const edge = EDGE * (last - first);
  return between(chance, first + edge, last - edge);
}

/** What goes with a stage, in a jar that nothing else has happened to. */
function signsAt(all: Forecast, hours: number): SignsShown {
  const { hunger, food } = momentAt(all.curve, hours);
  const stage = stageAt(all, hours);
  const plain = { liquidAt: 'top', growth: null, float: null } as const;
  const liquid = hunger < all.hoochHunger ? 'none' : hunger < 1.5 * all.hoochHunger ? 'clear' : 'grey'; // oxfmt-ignore
  const smell = smellOf(food, hunger);
  switch (stage) {
    case 'asleep':
    case 'resting':
    case 'settled':
      return {
        ...plain,
        top: 'flat',
        bubbles: stage === 'settled' ? 'none' : 'few',
        smell,
        liquid,
      };
    case 'waking':
      return { ...plain, top: 'flat', bubbles: 'few', smell, liquid };
    case 'rising':
      return { ...plain, top: 'dome', bubbles: 'many', smell, liquid };
    case 'ripe':
      return { ...plain, top: 'dome', bubbles: 'mousse', smell, liquid };
    case 'past':
      return { ...plain, top: 'flat', bubbles: 'many', smell, liquid };
    case 'sunk':
      return { ...plain, top: 'slump', bubbles: 'few', smell, liquid };
    case 'hungry':
    case 'hooch':
      return { ...plain, top: 'slump', bubbles: 'few', smell, liquid };
  }
}

/** From wet flour, while most food is there, to vinegar and beyond when there is none. */
const smellOf = (food: number, hunger: number): Smell =>
  food > 0.85 ? 'wetFlour' : food > 0.5 ? 'yoghurt' : hunger < 4 ? 'fruit' : hunger < 40 ? 'vinegar' : 'solvent'; // oxfmt-ignore
