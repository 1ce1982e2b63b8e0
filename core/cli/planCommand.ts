import Joi from 'joi';

import { type DayTemperature, USUAL_PACE, feed, starterIn } from '../ferment';
import { type Arranged, placesOf } from '../journal';
import { DAY, HOUR, kitchenTime } from '../measure';
import { type Problem, type Step, handsFrom } from '../plan';
import { makePlans, raisedPlans } from '../plan/makePlans';
import { PLAN_SCHEMA, type PlanInput } from './planInput';

/** A baker who sleeps from eleven to half past six. */
const AWAKE = Array.from({ length: 7 }, () => [[6.5, 23] as const]);

/**
 * `plan`: what to do with which jar and when, so that every levain is ripe in its window. Described in docs/formats.
 * @throws Error naming the field
 * @example planCommand(JSON.parse(readFileSync('week.json', 'utf8')))
 */
export function planCommand(raw: unknown): unknown {
  const problem = problemFrom(Joi.attempt(raw, PLAN_SCHEMA, { convert: false }));
  const planned = makePlans(problem);
  const plans = toItsEnd(raisedPlans(problem, planned.plans));
  const impossible = planned.impossible.map(({ wanted, because, nearest }) => ({
    wanted,
    because,
    nearest: nearest.map(dated),
  }));
  const served = planned.plans.some(({ wanted }) => wanted.length > 0);
  if (impossible.length > 0 && !served) return { impossible: impossible[0] };
  return {
    ...(impossible.length > 0 ? { impossible } : {}),
    plans: plans.map(({ name, steps, wanted, flourG, discardG, touches, savings }) => ({
      name,
      steps: steps.map((step: Step) => dated(step)),
      wanted: wanted.map(dated),
      flourG,
      discardG,
      touches,
      savings: savings.map(dated),
    })),
  };
}

function toItsEnd<T>(steps: Generator<void, T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

/** Instants as ISO 8601. */
const DATED = ['at', 'earliest', 'latest', 'from', 'until', 'peakAt', 'low', 'high', 'outAt'];
const dated = (record: object): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(record).map(([k, v]) => [
      k,
      k === 'times'
        ? (v as readonly number[]).map((at) => new Date(at).toISOString())
        : k === 'then'
          ? dated(v as object)
          : k === 'raisedBy'
            ? (v as readonly object[]).map(dated)
            : DATED.includes(k) && typeof v === 'number'
              ? new Date(v).toISOString()
              : (v as unknown),
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
