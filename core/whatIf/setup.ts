import {
  CONDITIONS,
  type Condition,
  type DayTemperature,
  PACE_KEYS,
  type Pace,
  USUAL_PACE,
} from '../ferment';
import { fitsOf } from '../journal/fits';
import { either, fields, number, one } from '../journal/shape';
import { DAY_TEMPERATURE } from '../journal/shapes';
import { type Blend, FLOUR_KINDS } from '../measure';

/** A way of keeping a starter, whole: all that its course depends on. */
export interface Setup {
  readonly flour: Blend;
  readonly keepG: number;
  /** Flour to one of keep. */
  readonly parts: number;
  readonly hydrationPct: number;
  readonly temperature: DayTemperature;
  /** Hours from feed to feed. */
  readonly everyH: number;
  /** Hours out after each feed, before the fridge; null where it never goes there. */
  readonly outH: number | null;
  /** How the starter is when it is first fed. */
  readonly from: Condition;
  readonly pace: Pace;
}

export const USUAL_SETUP: Setup = {
  flour: { white: 1 },
  keepG: 20,
  parts: 2,
  hydrationPct: 100,
  temperature: { kind: 'constant', celsius: 22 },
  everyH: 24,
  outH: null,
  from: 'ripe',
  pace: USUAL_PACE,
};

/** From, and up to: what the room can be set to. */
export const SETUP_LIMITS = {
  keepG: [1, 2000],
  parts: [0.2, 20],
  hydrationPct: [45, 200],
  everyH: [4, 720],
  outH: [0, 24],
} as const;

const within = (of: keyof typeof SETUP_LIMITS) => {
  const [low, high] = SETUP_LIMITS[of];
  return number(low, high);
};

const fits = fitsOf(
  fields({
    flour: fields(Object.fromEntries(FLOUR_KINDS.map((kind) => [`${kind}?`, number(0, 1)])), 1),
    keepG: within('keepG'),
    parts: within('parts'),
    hydrationPct: within('hydrationPct'),
    temperature: DAY_TEMPERATURE,
    everyH: within('everyH'),
    outH: either(one(null), within('outH')),
    from: one(...CONDITIONS),
    pace: fields(Object.fromEntries(PACE_KEYS.map((key) => [key, number(0.05, 20)]))),
  }),
);

/** Whether something from a link or a store is a set-up. */
export const isSetup = (raw: unknown): raw is Setup =>
  fits(raw, 0) && Object.values((raw as Setup).flour).some((share) => share > 0);

/** A set-up as a text that holds all of it, for a link. */
export const setupText = (setup: Setup): string =>
  JSON.stringify(setup, (_, value: unknown) =>
    typeof value === 'number' ? Math.round(value * 1e4) / 1e4 : value,
  );

/**
 * The set-up of such a text; null where it is none.
 *
 * @example setupFrom('no set-up') // = null
 */
export function setupFrom(text: string): Setup | null {
  try {
    const raw: unknown = JSON.parse(text);
    return isSetup(raw) ? raw : null;
  } catch {
    return null;
  }
}
