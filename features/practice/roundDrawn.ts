import { type Round } from '@core/practice';
import { type CanopyProps, type JarPicture } from '@kit';

import { type KitchenWords, fullRiseMark } from '../words';

/** Height of the band of a jar to practise on: there is room for thrice as much. */
const BAND = 0.29;
const BUBBLING = { none: 0, few: 0.15, many: 0.6, mousse: 1 } as const;
const DOME = { dome: 0.035, flat: 0, holes: 0, still: 0, slump: -0.025 } as const;

/** What the jar looks like, as far as a drawing tells it. */
export function roundPicture({ height, streak, signs, fed }: Round): JarPicture {
  const surface = Math.min(0.97, BAND * height);
  return {
    band: BAND,
    surface,
    dome: DOME[signs.top],
    streaksTo: streak === null ? surface : Math.min(0.98, BAND * streak),
    bubbling: BUBBLING[signs.bubbles],
    // A layer at the bottom is told in words: the drawing has one on top.
    liquid: signs.liquidAt === 'top' ? signs.liquid : 'none',
    flour: fed.flour,
    taper: 1,
  };
}

/** Hours that a canopy of practice spans at most: beyond it a feed of a summer's day would be a needle. */
const LONGEST = 120;
const RIBS = [1, 2, 3, 4, 6, 12, 24, 48];

/** The whole of the feed, with the hour at which it was judged; null where it has none to show. */
export function roundCanopy(round: Round, words: KitchenWords): CanopyProps | null {
  const { forecast, hours, young, celsius } = round;
  const { peaksAtH, ripeFromH, ripeUntilH } = forecast;
  if (young || celsius > 40 || peaksAtH === null) return null;
  const until = Math.max(12, Math.min(LONGEST, 1.25 * Math.max(hours, ripeUntilH ?? peaksAtH)));
  if (hours > until) return null;
  const apart = RIBS.find((step) => until / step <= 6) ?? 96;
  const ticks = Array.from({ length: Math.ceil(until / apart) - 1 }, (_, i) => (i + 1) * apart);
  return {
    points: forecast.curve.map(({ hours: at, height }) => ({ hours: at, height, low: height, high: height })), // oxfmt-ignore
    ripe: ripeFromH === null ? null : { from: ripeFromH, until: ripeUntilH ?? until },
    looks: [],
    now: { hours, text: 'as you saw it' },
    fullRise: fullRiseMark(round.fed.flour),
    ticks: ticks.map((at) => ({ hours: at, text: `${at} h` })),
    until,
    label: `The whole feed: highest after ${words.span(peaksAtH)}, seen after ${words.span(hours)}.`,
  };
}
