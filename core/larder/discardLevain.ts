import {
  type Conditions,
  type Forecast,
  USUAL_PACE,
  feed,
  forecast,
  starterIn,
  usualVessel,
} from '../ferment';
import { type Lot } from './ledger';

/** Fed one part to three: quick, and not too sour. */
const PARTS = 3;
/** After so long in the fridge it is a neglected starter, days. */
const WEAK_AFTER = 12;
/** Three days tell whether it ripens, hours. */
const FOLLOWED_H = 72;

/** Discard fed as a levain, whole grams, and what becomes of it. */
export interface DiscardLevain {
  readonly seedG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly forecast: Forecast;
}

/**
 * A levain of so many grams out of a lot, by the model; weaker the longer the lot stood, or when it was frozen.
 *
 * @example discardLevain(lot, 180, () => 24).forecast.ripeFromH
 */
export function discardLevain(lot: Lot, levainG: number, air: Conditions['air']): DiscardLevain {
  const seedG = Math.max(1, Math.round(levainG / (1 + 2 * PARTS)));
  const partG = Math.round((levainG - seedG) / 2);
  const condition =
    lot.frozenDays > 0 ? 'frozen' : lot.fridgeDays > WEAK_AFTER ? 'neglected' : 'hungry';
  const flour = { white: 1 };
  const mix = feed(starterIn(condition, flour, lot.hydrationPct, seedG), {
    keepG: seedG,
    flourG: partG,
    waterG: partG,
    flour,
  });
  const conditions = { air, vessel: usualVessel(levainG, 100), pace: USUAL_PACE };
  return { seedG, flourG: partG, waterG: partG, forecast: forecast(mix, conditions, FOLLOWED_H) };
}
