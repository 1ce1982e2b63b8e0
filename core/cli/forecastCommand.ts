import Joi from 'joi';

import {
  CONDITIONS,
  type Condition,
  type Forecast,
  type Mix,
  USUAL_PACE,
  feed,
  forecast,
  momentAt,
  simulate,
  stageAt,
  starterIn,
  usualVessel,
} from '../ferment';
import { type Blend, FLOUR_KINDS, highest } from '../measure';

interface FeedInput {
  readonly atH: number;
  readonly keepG: number;
  readonly flourG: number;
  readonly waterG: number;
}

interface ForecastInput {
  readonly flour: Blend;
  readonly keepG?: number;
  readonly flourG?: number;
  readonly waterG?: number;
  readonly feeds?: readonly FeedInput[];
  readonly keepHydrationPct: number;
  readonly condition: Condition;
  readonly place: readonly { readonly hours: number; readonly celsius: number }[];
  readonly hours: number;
  readonly every: number;
  readonly pace: number;
}

const grams = Joi.number().greater(0).max(20_000);
const hours = Joi.number()
  .min(0)
  .max(24 * 366);

const SCHEMA = Joi.object<ForecastInput>({
  flour: Joi.object(Object.fromEntries(FLOUR_KINDS.map((kind) => [kind, Joi.number().min(0)])))
    .min(1)
    .default({ white: 1 }),
  keepG: grams,
  flourG: grams,
  waterG: grams.min(0),
  feeds: Joi.array()
    .items(
      Joi.object({
        atH: hours.required(),
        keepG: grams.required(),
        flourG: grams.required(),
        waterG: Joi.number().min(0).max(20_000).required(),
      }),
    )
    .min(1)
    .max(2000),
  keepHydrationPct: Joi.number().min(30).max(400).default(100),
  condition: Joi.valid(...CONDITIONS).default('hungry'),
  place: Joi.array()
    .items(
      Joi.object({
        hours: hours.greater(0).required(),
        celsius: Joi.number().min(-30).max(100).required(),
      }),
    )
    .min(1)
    .required(),
  hours: hours.greater(0).default(24),
  every: Joi.number().min(0.01).max(1000).default(0.25),
  pace: Joi.number().min(0.1).max(10).default(1),
})
  .xor('feeds', 'keepG')
  .and('keepG', 'flourG', 'waterG');

/**
 * `forecast`: what becomes of one feed, or of several on the same jar. Hours count from the first moment; the readings on
 * top are those of the last feed, `feeds` holds them for each. Input and output are described in docs/formats.
 * @throws Joi.ValidationError naming the field
 * @example forecastCommand(JSON.parse(readFileSync('feed.json', 'utf8')))
 */
export function forecastCommand(raw: unknown): unknown {
  const input = Joi.attempt(raw, SCHEMA, { convert: false });
  const feeds = [
    ...(input.feeds ?? [
      { atH: 0, keepG: input.keepG!, flourG: input.flourG!, waterG: input.waterG! },
    ]),
  ].sort((a, b) => a.atH - b.atH);
  const first = feeds[0]!;
  const vessel = usualVessel(
    highest(feeds.map((f) => f.keepG + f.flourG + f.waterG)),
    input.keepHydrationPct,
  );
  const conditions = (from: number) => ({
    air: (h: number) => celsiusAfter(input.place, from + h),
    vessel,
    pace: { ...USUAL_PACE, pace: input.pace },
  });

  let mix: Mix = {
    ...starterIn(input.condition, input.flour, input.keepHydrationPct, first.keepG),
    celsius: celsiusAfter(input.place, 0),
  };
  if (first.atH > 0) mix = simulate(mix, conditions(0), first.atH);
  const outcomes = feeds.map((f, i) => {
    const until = Math.max(f.atH, feeds[i + 1]?.atH ?? input.hours);
    const fed = feed(mix, { ...f, flour: input.flour });
    const outcome = forecast(fed, conditions(f.atH), Math.max(0.01, until - f.atH));
    mix = simulate(fed, conditions(f.atH), until - f.atH);
    return { from: f.atH, until, outcome };
  });
  const last = outcomes[outcomes.length - 1]!;
  return {
    ...readings(last.outcome, last.from),
    feeds: outcomes.map(({ from, outcome }) => ({ atH: from, ...readings(outcome, from) })),
    series: outcomes.flatMap(({ from, until, outcome }, i) =>
      grid(from, until, input.every, i === outcomes.length - 1).map((h) => {
        const m = momentAt(outcome.curve, h - from);
        return {
          h: round(h),
          height: round(m.height),
          food: round(m.food),
          acidity: round(m.acid),
          ph: round(m.ph),
          vigour: round(m.vigour),
          stage: stageAt(outcome, h - from),
        };
      }),
    ),
  };
}

function readings(f: Forecast, from: number) {
  const at = (hoursOn: number | null) => (hoursOn === null ? null : round(from + hoursOn));
  return {
    doublesAtH: at(f.doublesAtH),
    peaksAtH: at(f.peaksAtH),
    peakHeight: round(f.peakHeight),
    ripeFromH: at(f.ripeFromH),
    ripeUntilH: at(f.ripeUntilH),
    hoochAtH: at(f.hoochAtH),
  };
}

/** Multiples of `every` from a feed until the next, which begins its own points. */
function grid(from: number, until: number, every: number, withEnd: boolean): number[] {
  const points: number[] = [];
  for (let k = Math.max(0, Math.ceil(from / every - 1e-9)); k * every < until - 1e-9; k++)
    points.push(k * every);
  if (withEnd) points.push(until);
  return points;
}

function celsiusAfter(place: ForecastInput['place'], h: number): number {
  let end = 0;
  for (const stay of place) {
    end += stay.hours;
    if (h < end) return stay.celsius;
  }
  return place[place.length - 1]!.celsius;
}

const round = (x: number) => Math.round(x * 1e4) / 1e4;
