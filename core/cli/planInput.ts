import Joi from 'joi';

import { type Blend, FLOUR_KINDS } from '../measure';
import { type Problem, USUAL_LIMITS, USUAL_WEIGHTS } from '../plan';

/** A kitchen and what is wished of it, as the command takes it in. Described in docs/formats. */
export interface PlanInput {
  readonly now: string;
  readonly zone: string;
  readonly jars: readonly {
    readonly id: string;
    readonly flour: Blend;
    readonly hydrationPct: number;
    readonly massG: number;
    readonly keepG: number;
    readonly capacityMl: number;
    readonly place: string;
    readonly lastFed: {
      readonly at: string;
      readonly keepG: number;
      readonly flourG: number;
      readonly waterG: number;
      readonly place?: string;
    };
    readonly moves: readonly { readonly at: string; readonly place: string }[];
    readonly pace: number;
    readonly paceSd: number;
    readonly parts: number;
  }[];
  readonly places: readonly {
    readonly id: string;
    readonly celsius: number | readonly (readonly [number, number])[];
    readonly sd: number;
  }[];
  readonly hands?: readonly { readonly from: string; readonly until: string }[];
  readonly wanted: readonly {
    readonly id: string;
    readonly jar: string;
    readonly levainG: number;
    readonly hydrationPct?: number;
    readonly from: string;
    readonly until: string;
  }[];
  readonly limits: Problem['limits'];
  readonly weights: Problem['weights'];
  readonly days: number;
}

const iso = Joi.string().isoDate();
const grams = Joi.number().greater(0).max(20_000);
const key = Joi.string().min(1).max(80);
const weight = Joi.number().min(0).max(1000).default(1);

/** What is let in, with what stands for what is left out. */
export const PLAN_SCHEMA = Joi.object<PlanInput>({
  now: iso.required(),
  zone: Joi.string().default('UTC'),
  jars: Joi.array()
    .items(
      Joi.object({
        id: key.required(),
        flour: Joi.object(Object.fromEntries(FLOUR_KINDS.map((k) => [k, Joi.number().min(0)])))
          .min(1)
          .default({ white: 1 }),
        hydrationPct: Joi.number().min(40).max(250).default(100),
        massG: grams,
        keepG: grams.default(20),
        capacityMl: grams.default(750),
        place: key.required(),
        lastFed: Joi.object({
          at: iso.required(),
          keepG: grams.required(),
          flourG: grams.required(),
          waterG: Joi.number().min(0).max(20_000).required(),
          place: key,
        }).required(),
        moves: Joi.array()
          .items(Joi.object({ at: iso.required(), place: key.required() }))
          .default([]),
        pace: Joi.number().min(0.1).max(10).default(1),
        paceSd: Joi.number().min(0).max(1).default(0.1),
        parts: Joi.number().min(0.5).max(20).default(4),
      }),
    )
    .min(1)
    .required(),
  places: Joi.array()
    .items(
      Joi.object({
        id: key.required(),
        celsius: Joi.alternatives(
          Joi.number().min(-10).max(60),
          Joi.array()
            .items(
              Joi.array().ordered(
                Joi.number().min(0).max(24).required(),
                Joi.number().min(-10).max(60).required(),
              ),
            )
            .min(1),
        ).required(),
        sd: Joi.number().min(0).max(10).default(1),
      }),
    )
    .min(1)
    .required(),
  hands: Joi.array().items(Joi.object({ from: iso.required(), until: iso.required() })),
  wanted: Joi.array()
    .items(
      Joi.object({
        id: key.required(),
        jar: key.required(),
        levainG: grams.required(),
        hydrationPct: Joi.number().min(40).max(250),
        from: iso.required(),
        until: iso.required(),
      }),
    )
    .default([]),
  limits: Joi.object({
    partsMin: Joi.number().min(0.5).max(10).default(USUAL_LIMITS.partsMin),
    partsMax: Joi.number().min(0.5).max(10).default(USUAL_LIMITS.partsMax),
    hungryMaxH: Joi.number().min(1).max(1000).default(USUAL_LIMITS.hungryMaxH),
    strongFeeds: Joi.number().integer().min(0).max(4).default(USUAL_LIMITS.strongFeeds),
    flourAtHandG: Joi.number().min(0),
  }).default(USUAL_LIMITS),
  weights: Joi.object({ flour: weight, touches: weight, oddHours: weight, risk: weight }).default(
    USUAL_WEIGHTS,
  ),
  days: Joi.number().integer().min(1).max(28).default(7),
});
