import Joi from 'joi';

import { type Organism, growthRate } from '../ferment';

const SCHEMA = Joi.object<{ organism: Organism; celsius: number[] }>({
  organism: Joi.valid('yeast', 'lactic').required(),
  celsius: Joi.array().items(Joi.number().min(-50).max(120)).min(1).max(100_000).required(),
});

/**
 * `rate`: growth rates in 1/h of one organism at temperatures in °C.
 * @throws Joi.ValidationError naming the field
 * @example rateCommand({ organism: 'yeast', celsius: [24] }).perHour.length // = 1
 */
export function rateCommand(raw: unknown): { readonly perHour: readonly number[] } {
  const { organism, celsius } = Joi.attempt(raw, SCHEMA, { convert: false });
  return { perHour: celsius.map((at) => growthRate(organism, at)) };
}
