import Joi from 'joi';

import { type DayTemperature, USUAL_PACE, feed, starterIn } from '../ferment';
import { type Arranged, placesOf } from '../journal';
import { type Blend, DAY, FLOUR_KINDS, HOUR, kitchenTime } from '../measure';
import {
  type Problem,
  type Step,
  USUAL_LIMITS,
  USUAL_WEIGHTS,
  handsFrom,
  makePlans,
} from '../plan';

interface PlanInput {
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

const SCHEMA = Joi.object<PlanInput>({
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

/** A baker who sleeps from eleven to half past six. */
const AWAKE = Array.from({ length: 7 }, () => [[6.5, 23] as const]);

/**
 * `plan`: what to do with which jar and when, so that every levain is ripe in its window. Described in docs/formats.
 * @throws Error naming the field
 */
export function planCommand(raw: unknown): unknown {
  const problem = problemFrom(Joi.attempt(raw, SCHEMA, { convert: false }));
  const planned = makePlans(problem);
  if ('impossible' in planned) {
    const [first] = planned.impossible;
    return {
      impossible: {
        wanted: first!.wanted,
        because: first!.because,
        nearest: first!.nearest.map(dated),
      },
    };
  }
  return {
    plans: planned.plans.map(({ name, steps, wanted, flourG, discardG, touches }) => ({
      name,
      steps: steps.map((step: Step) => dated(step)),
      wanted: wanted.map(dated),
      flourG,
      discardG,
      touches,
    })),
  };
}

/** Instants as ISO 8601. */
const DATED = ['at', 'earliest', 'latest', 'from', 'until', 'peakAt', 'low', 'high'];
const dated = (record: object) =>
  Object.fromEntries(
    Object.entries(record).map(([k, v]) => [
      k,
      DATED.includes(k) && typeof v === 'number' ? new Date(v).toISOString() : (v as unknown),
    ]),
  );

function problemFrom(input: PlanInput): Problem {
  const now = Date.parse(input.now);
  const until = now + input.days * DAY;
  const time = kitchenTime(input.zone);
  const places = placesOf(input.places.map(arranged));
  const known = (field: string, id: string) => {
    if (!places.has(id)) throw new Error(`"${field}" names no place of "places": ${id}`);
  };
  input.jars.forEach((jar, i) => {
    known(`jars[${i}].place`, jar.place);
    jar.moves.forEach((move, m) => known(`jars[${i}].moves[${m}].place`, move.place));
    if (jar.lastFed.place !== undefined) known(`jars[${i}].lastFed.place`, jar.lastFed.place);
  });
  input.wanted.forEach((bake, i) => {
    if (!input.jars.some(({ id }) => id === bake.jar))
      throw new Error(`"wanted[${i}].jar" names no jar of "jars": ${bake.jar}`);
    if (Date.parse(bake.until) < Date.parse(bake.from))
      throw new Error(`"wanted[${i}].until" is before its "from"`);
  });
  return {
    now,
    until,
    time,
    places,
    hands:
      input.hands?.map(({ from, until: to }) => ({
        from: Date.parse(from),
        until: Date.parse(to),
      })) ?? handsFrom(AWAKE, [], now, until, time),
    wanted: input.wanted.map(({ id, jar, levainG, hydrationPct, from, until: to }) => ({
      id,
      jar,
      levainG,
      ...(hydrationPct === undefined ? {} : { hydration: hydrationPct / 100 }),
      from: Date.parse(from),
      until: Date.parse(to),
    })),
    limits: input.limits,
    weights: input.weights,
    jars: input.jars.map((jar) => {
      const { lastFed } = jar;
      const hydration = jar.hydrationPct / 100;
      const before = starterIn('hungry', jar.flour, jar.hydrationPct, lastFed.keepG);
      const fedMix = { ...feed(before, { ...lastFed, flour: jar.flour }), celsius: 21 };
      const since = Date.parse(lastFed.at);
      const begun = lastFed.place ?? (jar.moves.length === 0 ? jar.place : input.places[0]!.id);
      return {
        id: jar.id,
        fedMix,
        since,
        stays: [
          { from: since, place: begun },
          ...jar.moves.map((move) => ({ from: Date.parse(move.at), place: move.place })),
          ...(jar.moves[jar.moves.length - 1]?.place === jar.place || begun === jar.place
            ? []
            : [{ from: since + 1.5 * HOUR, place: jar.place }]),
        ],
        massG: jar.massG ?? fedMix.massG,
        keepG: jar.keepG,
        vessel: { capacityMl: jar.capacityMl, emptyG: 0.55 * jar.capacityMl },
        flour: jar.flour,
        parts: jar.parts,
        hydration,
        pace: { ...USUAL_PACE, pace: jar.pace },
        paceSd: jar.paceSd,
      };
    }),
  };
}

/** Places of a problem carry no kind: below 9 °C it is a fridge, below 17 a larder, above 25 a warm spot. */
function arranged({ id, celsius, sd }: PlanInput['places'][number]): Arranged {
  const temperature: DayTemperature =
    typeof celsius === 'number'
      ? { kind: 'constant', celsius }
      : { kind: 'hourly', points: celsius };
  const mean =
    typeof celsius === 'number'
      ? celsius
      : celsius.reduce((sum, [, c]) => sum + c, 0) / celsius.length;
  const kind = mean < 9 ? 'fridge' : mean < 17 ? 'larder' : mean > 25 ? 'warm' : 'counter';
  return {
    kind: 'arranged',
    id,
    at: '2000-01-01T00:00:00.000Z',
    place: { id, name: id, kind, temperature, sd },
  };
}
