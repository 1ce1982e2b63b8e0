import {
  type Build,
  type FeedAmounts,
  type JarRoom,
  type RatioChoice,
  type StirredDown,
  feedOutcome,
  jarRoom,
  ratioForTime,
  ripeHours,
  stirDown,
  waterFor,
} from '../bench';
import {
  type Conditions,
  type Forecast,
  type Mix,
  type Place,
  drained,
  feed,
  forecast,
  keepOf,
} from '../ferment';
import {
  type FoldContext,
  type Jar,
  airOf,
  celsiusOf,
  contentOf,
  mixAt,
  placeAt,
} from '../journal';
import { type Blend, HOUR, type Instant } from '../measure';
import { type PutAway, staysOf } from './putAway';

/** A mix of this temperature ferments as most recipes expect, °C. */
export const WANTED_MIX_CELSIUS = 25;
/** Water for a jar that goes into the cold within so many hours is not warmed: it would only cool again. */
const SOON_COLD_H = 4;
/** Hours that a trial looks ahead: on the counter days, in the cold weeks. */
const LOOK_AHEAD_H = 96;
const LOOK_AHEAD_COLD_H = 30 * 24;

/** A jar that is about to be fed: what is in it now, and how warm the kitchen is. */
export interface AtBench {
  readonly jar: Jar;
  readonly now: Instant;
  readonly context: FoldContext;
  readonly mix: Mix;
  readonly kitchenCelsius: number;
}

/**
 * A jar as it is about to be fed. The kitchen is as warm as its counter, or as the jar where there is none.
 *
 * @example atBench(jar, context, [...places.values()], now).kitchenCelsius
 */
export function atBench(
  jar: Jar,
  context: FoldContext,
  places: readonly Place[],
  now: Instant,
): AtBench {
  const mix = drained(mixAt(jar, now, context), jar.pouredG);
  const counter = places.find(({ kind }) => kind === 'counter');
  const kitchenCelsius = counter
    ? celsiusOf(context.places, counter.id, now, context.time)
    : mix.celsius;
  return { jar, now, context, mix, kitchenCelsius };
}

/**
 * The hour from which a feed is reckoned: as it was said, unless that is no hour, lies before the feed that is in the jar, or
 * is still to come. Such an hour is refused, and nobody follows the jar for a century meanwhile.
 *
 * @example reckonedFrom(jar, NaN, now) // now
 */
export const reckonedFrom = ({ since }: Jar, said: Instant, now: Instant): Instant =>
  said >= since && said <= now ? said : now;

/** What stands around a jar that is fed now and put away so. */
function conditionsOf({ jar, now, context }: AtBench, putAway: PutAway): Conditions {
  return {
    air: airOf(staysOf(putAway, now), now, context.places, context.time),
    vessel: jar.card.vessel,
    pace: context.pace,
  };
}

/** What a feed would come to, before anything is written down. */
export interface BenchTrial {
  /** Ratio, hydration in percent and mass of what would be in the jar. */
  readonly outcome: ReturnType<typeof feedOutcome>;
  readonly forecast: Forecast;
  readonly room: JarRoom;
  /** Where it would climb out: what stirring it down in time does. */
  readonly stirred: StirredDown | null;
  /** How warm the water should be; null where it goes into the cold soon, or there is none. */
  readonly water: ReturnType<typeof waterFor> | null;
}

/**
 * Tries a feed: what it comes to in its place, whether the jar holds it, and how warm its water should be.
 *
 * @example benchTrial(bench, { amounts: { keepG: 20, flourG: 80, waterG: 80 }, flour: { white: 1 } }, { place: 'counter' })
 */
export function benchTrial(
  bench: AtBench,
  { amounts, flour }: { readonly amounts: FeedAmounts; readonly flour: Blend },
  putAway: PutAway,
): BenchTrial {
  const { jar, mix, kitchenCelsius, context, now } = bench;
  const { keepG, flourG, waterG } = amounts;
  const mixed = feed(keepOf(mix, keepG), {
    ...amounts,
    flour,
    flourCelsius: kitchenCelsius,
    waterCelsius: kitchenCelsius,
  });
  const conditions = conditionsOf(bench, putAway);
  const cold = placeAt(context.places, putAway.place, now)?.kind === 'fridge';
  const ahead = cold ? LOOK_AHEAD_COLD_H : LOOK_AHEAD_H;
  const outlook = forecast(mixed, conditions, ahead);
  const keepHydrationPct = contentOf(jar).hydrationPct;
  const outcome = feedOutcome(amounts, keepHydrationPct);
  const room = jarRoom(jar.card.vessel, outcome.massG, outcome.hydrationPct, outlook.peakHeight);
  const warmed = waterG > 0 && !(cold && (putAway.first?.hours ?? 0) < SOON_COLD_H);
  return {
    outcome,
    forecast: outlook,
    room,
    stirred: room.filledAtPeak > 1 ? stirDown(mixed, conditions, 1 / room.filled, ahead) : null,
    water: warmed
      ? waterFor(
          {
            keepG,
            keepHydrationPct,
            keepCelsius: mix.celsius,
            flourG,
            flourCelsius: kitchenCelsius,
            waterG,
          },
          WANTED_MIX_CELSIUS,
        )
      : null,
  };
}

/**
 * The ratio that is ripe at a wanted hour.
 *
 * @param hydrationPct water over flour of the feed
 * @returns null where none is, or the hour is too near or too far
 * @example ratioFor(atBench(jar, context, places, now), { keepG: 20, hydrationPct: 100, flour: { white: 1 }, wantedAt: now + 9 * HOUR }, putAway)?.ratio
 */
export function ratioFor(
  bench: AtBench,
  asked: {
    readonly keepG: number;
    readonly hydrationPct: number;
    readonly flour: Blend;
    readonly wantedAt: Instant;
  },
  putAway: PutAway,
): RatioChoice | null {
  const wantedH = (asked.wantedAt - bench.now) / HOUR;
  if (!(wantedH > 0.5 && wantedH < 72)) return null;
  return ratioForTime(
    bench.mix,
    asked.keepG,
    asked.hydrationPct,
    asked.flour,
    conditionsOf(bench, putAway),
    wantedH,
  );
}

/**
 * When each of several builds in a row is ripe, begun now with what a jar gives and kept in one place. Null where one does not
 * ripen.
 *
 * @example seriesRipe(jar, builds, 'counter', context, now)
 */
export function seriesRipe(
  jar: Jar,
  builds: readonly Build[],
  place: string,
  context: FoldContext,
  now: Instant,
): readonly (Instant | null)[] {
  const hours = ripeHours(builds, mixAt(jar, now, context), (after) => {
    const from = now + after * HOUR;
    return {
      air: airOf([{ from, place }], from, context.places, context.time),
      vessel: jar.card.vessel,
      pace: context.pace,
    };
  });
  return hours.map((h) => (h === null ? null : now + h * HOUR));
}
