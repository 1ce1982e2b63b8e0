import Joi from 'joi';

import {
  type MixBefore,
  type Sighting,
  type WatchedFeed,
  learn,
  watchedForecast,
} from '../calibrate';
import {
  PACE_UNKNOWNS,
  type Pace,
  USUAL_PACE,
  drawnPace,
  evenDraws,
  feed,
  middlePace,
  paceAtQuantile,
  simulate,
  starterIn,
  tenthAndNineTenths,
  usualVessel,
} from '../ferment';
import { type Blend, FLOUR_KINDS, HOUR } from '../measure';

/** One temperature, or [hour after the feed, °C] in order, between them in straight lines. */
type Celsius = number | readonly (readonly [number, number])[];

interface FitInput {
  readonly feeds: readonly {
    readonly at: string;
    readonly keepG: number;
    readonly flourG: number;
    readonly waterG: number;
    readonly flour: Blend;
    readonly celsius: Celsius;
    readonly looks: readonly {
      readonly afterH: number;
      readonly height?: number;
      readonly doubled?: true;
      readonly peaked?: true;
      readonly fallen?: true;
    }[];
  }[];
  readonly ask: {
    readonly keepG: number;
    readonly flourG: number;
    readonly waterG: number;
    readonly celsius: Celsius;
    readonly lastFedHoursAgo: number;
    readonly hours: number;
  };
}

const grams = Joi.number().greater(0).max(20_000);
const hours = Joi.number()
  .min(0)
  .max(24 * 366);
const celsius = Joi.alternatives(
  Joi.number().min(-30).max(60),
  Joi.array()
    .items(Joi.array().ordered(hours.required(), Joi.number().min(-30).max(60).required()))
    .min(1),
);
const amounts = {
  keepG: grams.required(),
  flourG: grams.required(),
  waterG: Joi.number().min(0).max(20_000).required(),
};

const SCHEMA = Joi.object<FitInput>({
  feeds: Joi.array()
    .items(
      Joi.object({
        at: Joi.string().isoDate().required(),
        ...amounts,
        flour: Joi.object(Object.fromEntries(FLOUR_KINDS.map((k) => [k, Joi.number().min(0)])))
          .min(1)
          .default({ white: 1 }),
        celsius: celsius.required(),
        looks: Joi.array()
          .items(
            Joi.object({
              afterH: hours.required(),
              height: Joi.number().min(0.2).max(10),
              doubled: Joi.valid(true),
              peaked: Joi.valid(true),
              fallen: Joi.valid(true),
            }).or('height', 'doubled', 'peaked', 'fallen'),
          )
          .default([]),
      }),
    )
    .max(2000)
    .required(),
  ask: Joi.object({
    ...amounts,
    celsius: celsius.required(),
    lastFedHoursAgo: hours.default(24),
    hours: hours.greater(0).default(48),
  }).required(),
});

const ASK_DRAWS = evenDraws(80, PACE_UNKNOWNS);
const TENTH = 1.2816;

/**
 * `fit`: the pace of a starter from a log of feeds, and its forecast for one more. Described in docs/formats.
 * @throws Joi.ValidationError naming the field
 * @example fitCommand(JSON.parse(readFileSync('feeds.json', 'utf8')))
 */
export function fitCommand(raw: unknown): unknown {
  const input = Joi.attempt(raw, SCHEMA, { convert: false });
  const feeds = [...input.feeds].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  const { ask } = input;
  const first = feeds[0];
  const watchedFeeds: WatchedFeed[] = [];
  const flourOf = first?.flour ?? { white: 1 };
  let before: MixBefore = {
    mix: { ...starterIn('hungry', flourOf, 100, first?.keepG ?? ask.keepG) },
    conditions: { air: () => 22, vessel: usualVessel(100, 100) },
    hours: 0,
  };
  feeds.forEach((fed, i) => {
    const celsius = along(fed.celsius)(0);
    const massG = fed.keepG + fed.flourG + fed.waterG;
    const conditions = { air: along(fed.celsius), vessel: usualVessel(massG, 100) };
    const readings = fed.looks.flatMap(readingsOf);
    watchedFeeds.push({ before, parts: fed, celsius, conditions, readings });
    const stood = simulate(before.mix, { ...before.conditions, pace: USUAL_PACE }, before.hours);
    const next = feeds[i + 1];
    const hours = next ? (Date.parse(next.at) - Date.parse(fed.at)) / HOUR : ask.lastFedHoursAgo;
    before = { mix: { ...feed(stood, fed), celsius }, conditions, hours };
  });

  const learnt = learn(watchedFeeds);
  const flour = feeds[feeds.length - 1]?.flour ?? { white: 1 };
  const watchedFeed = {
    before,
    parts: { ...ask, flour },
    celsius: along(ask.celsius)(0),
    conditions: {
      air: along(ask.celsius),
      vessel: usualVessel(ask.keepG + ask.flourG + ask.waterG, 100),
    },
    readings: [],
  };
  const outcome = (pace: Pace) => watchedForecast(watchedFeed, pace, ask.hours);
  const middle = outcome(middlePace(learnt.belief));
  const draws = ASK_DRAWS.map((normal) => outcome(drawnPace(learnt.belief, normal)));
  const band = (mean: number | null, found: readonly (number | null)[]) => {
    const known = found.filter((h) => h !== null);
    return mean === null || known.length < found.length / 2
      ? null
      : { mean, ...tenthAndNineTenths(known) };
  };
  return {
    pace: {
      mean: middlePace(learnt.belief).pace,
      low: paceAtQuantile(learnt.belief, -TENTH),
      high: paceAtQuantile(learnt.belief, TENTH),
    },
    doublesAtH: band(
      middle.doublesAtH,
      draws.map((d) => d.doublesAtH),
    ),
    peaksAtH: band(
      middle.peaksAtH,
      draws.map((d) => d.peaksAtH),
    ),
  };
}

function readingsOf(look: FitInput['feeds'][number]['looks'][number]): readonly Sighting[] {
  const { afterH, height } = look;
  return [
    ...(height === undefined ? [] : [{ afterH, height }]),
    ...(['doubled', 'peaked', 'fallen'] as const)
      .filter((sign) => look[sign])
      .map((sign) => ({ afterH, sign })),
  ];
}

function along(temperature: Celsius): (h: number) => number {
  if (typeof temperature === 'number') return () => temperature;
  const points = [...temperature].sort((a, b) => a[0] - b[0]);
  return (h) => {
    const after = points.findIndex(([hour]) => hour >= h);
    const right = points[after < 0 ? points.length - 1 : after]!;
    const left = points[after <= 0 ? (after < 0 ? points.length - 1 : 0) : after - 1]!;
    return right[0] === left[0]
      ? right[1]
      : left[1] + ((right[1] - left[1]) * (h - left[0])) / (right[0] - left[0]);
  };
}
