import { STICKS_G, levainWays } from '@core/bench';
import { type Forecast } from '@core/ferment';
import { type Bake, type Jar, contentOf } from '@core/journal';
import { HOUR } from '@core/measure';
import { type Step } from '@core/plan';

import { type KitchenWords, capital, ripeWords } from '../words';

/** A levain as it is typed. */
export interface Typed {
  readonly name: string;
  readonly seed: string;
  readonly flour: string;
  readonly water: string;
  readonly place: string;
}

/** What the plan that is followed says of a bake's bowl: its build, and where it goes after that. */
export function plannedFor(steps: readonly Step[], wish: string | null) {
  const own = steps.filter(({ bowl, wanted }) => bowl && wanted === wish);
  return {
    build: own.find(({ kind }) => kind === 'build') ?? null,
    moves: own.flatMap(({ kind, at, place }) =>
      kind === 'move' && place !== undefined ? [{ at, place }] : [],
    ),
  };
}

/** The amounts as they would be typed: as planned, or for so much levain at the card's ratio. */
export function amountsFor(jar: Jar, levainG: number | null, build: Step | null) {
  const { massG, hydrationPct } = contentOf(jar);
  const { ratio, keepG } = jar.card;
  const way =
    build === null && levainG !== null
      ? levainWays(
          {
            levainG,
            hydrationPct: (100 * ratio.water) / ratio.flour,
            keepG: 1,
            inJarG: massG,
            inJarHydrationPct: hydrationPct,
          },
          ratio.flour,
        ).find(({ kind }) => kind === 'beside')
      : undefined;
  const seedG = build?.keepG ?? way?.seedG ?? Math.min(keepG, Math.floor(massG));
  return {
    seed: String(seedG),
    flour: String(build?.flourG ?? way?.flourG ?? Math.round(seedG * ratio.flour)),
    water: String(build?.waterG ?? way?.waterG ?? Math.round(seedG * ratio.water)),
  };
}

/** When it is ripe, and whether that suits its bake. */
export function ripeness(
  forecast: Forecast,
  at: number,
  bake: Bake | null,
  words: KitchenWords,
): string {
  const { ripeFromH, ripeUntilH } = forecast;
  const ripe = capital(ripeWords(forecast, at, words));
  if (ripeFromH === null || !bake) return `${ripe}.`;
  const from = at + ripeFromH * HOUR;
  const until = ripeUntilH === null ? Infinity : at + ripeUntilH * HOUR;
  const wanted = words.stretch(bake.from, bake.until);
  if (until < bake.from) return `${ripe}: too early for ${wanted}, unless it waits in the cold.`;
  if (from > bake.until) return `${ripe}: too late for ${wanted}.`;
  return `${ripe}; wanted ${wanted}. ${STICKS_G} g are allowed for what sticks to the bowl.`;
}
