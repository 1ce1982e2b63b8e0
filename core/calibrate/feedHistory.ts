import { type Forecast, USUAL_PACE, feed, forecast } from '../ferment';
import {
  type FoldContext,
  type Jar,
  type JarEvent,
  asRipe,
  conditionsOf,
  feedParts,
  instantOf,
  mixAt,
  withEvent,
} from '../journal';
import { HOUR, type Instant, doubledHeight, middle } from '../measure';
import { watchedFrom } from './watchedFrom';

/** What was seen of one feed, and how quick that is. */
export interface SeenFeed {
  readonly at: Instant;
  /** Mean of the air over its first hours, °C. */
  readonly celsius: number;
  /** Hours until it had doubled, by its flour's own measure; null where nobody saw it. */
  readonly doubledH: number | null;
  /** Hours until it stood highest; null where nobody saw it. */
  readonly peakedH: number | null;
  /** How quick it was against a usual starter fed and kept alike, 1 as quick; null where what was seen does not tell. */
  readonly pace: number | null;
}

/** More feeds say nothing that these do not, and each takes a simulation. */
const MOST_FEEDS = 400;
/** The air of so many hours decides, h. */
const RISING_H = 8;
/** A look within this of the band says nothing of the pace, hours and share of the rise. */
const TOO_SOON_H = 0.5;
const RISEN = 0.15;
const HORIZON_H = 60;

/**
 * What was seen of a jar's feeds, oldest first: those with a height or a sign, the last four hundred of them. Meant for a
 * worker.
 *
 * @example feedHistory(events, { places, time }).map(({ at, pace }) => [at, pace])
 */
export function feedHistory(
  events: readonly JarEvent[],
  places: Omit<FoldContext, 'pace'>,
): readonly SeenFeed[] {
  const context = { ...places, pace: USUAL_PACE };
  const from = watchedFrom(events, MOST_FEEDS);
  const seen: SeenFeed[] = [];
  let jar: Jar | null = null;
  for (const [i, event] of events.entries()) {
    if (jar && (event.kind === 'fed' || event.kind === 'started')) push(seen, jar, context);
    if (event.kind === 'fed' && jar && i >= from) {
      const mix = feed(mixAt(jar, instantOf(event), context), feedParts(jar, event, context));
      jar = { ...withEvent(jar, event, context, asRipe)!, fedMix: mix };
    } else jar = withEvent(jar, event, context, i >= from ? mixAt : asRipe);
  }
  if (jar) push(seen, jar, context);
  return seen;
}

function push(seen: SeenFeed[], jar: Jar, context: FoldContext): void {
  if (!jar.lastFed || jar.looks.length === 0 || seen.length >= MOST_FEEDS) return;
  const looks = jar.looks.flatMap(({ at, height, sign }) => {
    const hours = (Date.parse(at) - jar.since) / HOUR;
    return hours > 0 && hours < HORIZON_H && (height !== undefined || sign)
      ? [{ hours, height, sign }]
      : [];
  });
  if (looks.length === 0) return;
  const conditions = conditionsOf(jar, context);
  const usual = forecast(jar.fedMix, conditions, HORIZON_H);
  const doubledH = doubledOf(looks, doubledHeight(jar.fedMix.flour));
  const peakedH = looks.find(({ sign }) => sign === 'peaked')?.hours ?? null;
  const air = Array.from({ length: RISING_H }, (_, h) => conditions.air(h + 0.5));
  seen.push({
    at: jar.since,
    celsius: air.reduce((a, b) => a + b, 0) / air.length,
    doubledH,
    peakedH,
    pace: paceOf(looks, usual, peakedH),
  });
}

interface SeenLook {
  readonly hours: number;
  readonly height: number | undefined;
  readonly sign: 'doubled' | 'peaked' | 'fallen' | undefined;
}

/** Hours until a height, in a straight line between two looks on either side of it; or as somebody said. */
function doubledOf(looks: readonly SeenLook[], height: number): number | null {
  const said = looks.find(({ sign }) => sign === 'doubled');
  let before = { hours: 0, height: 1 };
  for (const look of looks) {
    if (look === said) return look.hours;
    if (look.height === undefined) continue;
    if (look.height >= height) {
      const share = (height - before.height) / (look.height - before.height);
      return before.hours + share * (look.hours - before.hours);
    }
    if (look.height > before.height) before = { hours: look.hours, height: look.height };
  }
  return null;
}

/** How much sooner than a usual starter it stood where it was seen, on its way up; the middle of all that was seen. */
function paceOf(
  looks: readonly SeenLook[],
  { curve, peaksAtH, peakHeight }: Forecast,
  peakedH: number | null,
): number | null {
  const ratios: number[] = [];
  if (peakedH !== null && peaksAtH !== null) ratios.push(peaksAtH / peakedH);
  let highest = 1;
  for (const { hours, height } of looks) {
    if (height === undefined || hours < TOO_SOON_H || (peakedH !== null && hours > peakedH))
      continue;
    // On the way down the same height is passed again, at another hour.
    if (height <= highest) break;
    highest = height;
    if (height < 1 + RISEN || height > 1 + 0.9 * (peakHeight - 1)) continue;
    const usual = curve.find((point) => point.height >= height)?.hours;
    if (usual !== undefined) ratios.push(usual / hours);
  }
  return ratios.length === 0 ? null : middle(ratios);
}

/** A day on which the pace changed for good, and by what factor. */
export interface PaceChange {
  readonly at: Instant;
  readonly factor: number;
}

/** So many feeds on either side must agree. */
const AROUND = 5;
const NOTABLE = 0.18;

/** The days on which the pace changed and stayed so: the middle of five feeds on either side differ. */
export function paceChanges(seen: readonly SeenFeed[]): readonly PaceChange[] {
  const paces = seen.flatMap(({ at, pace }) =>
    pace === null ? [] : [{ at, log: Math.log(pace) }],
  );
  const steps = paces.map(({ at }, i) => {
    const logs = (from: number, until: number) => paces.slice(from, until).map(({ log }) => log);
    const whole = i >= AROUND && i + AROUND <= paces.length;
    return { at, by: whole ? middle(logs(i, i + AROUND)) - middle(logs(i - AROUND, i)) : 0 };
  });
  const changes: PaceChange[] = [];
  for (let i = 0; i < steps.length; i++) {
    if (Math.abs(steps[i]!.by) <= NOTABLE) continue;
    const stretch = [steps[i]!];
    while (Math.abs(steps[i + 1]?.by ?? 0) > NOTABLE) stretch.push(steps[++i]!);
    // Middles do not move with every feed: of the days on which they differ most, the one in the middle.
    const most = Math.max(...stretch.map(({ by }) => Math.abs(by)));
    const best = stretch.filter(({ by }) => Math.abs(by) > 0.99 * most);
    const { at, by } = best[Math.floor(best.length / 2)]!;
    changes.push({ at, factor: Math.exp(by) });
  }
  return changes;
}
