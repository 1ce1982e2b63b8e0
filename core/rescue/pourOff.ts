import {
  type Answer,
  type JarAtHand,
  type Jar,
  type Liquid,
  answer,
  contentOf,
  isoOf,
  objectionsAtHand,
} from '../journal';
import { type Instant, flourAndWater } from '../measure';
import { type SignAnswer } from './signs';

/** Depth of liquid over depth of starter, about. */
const DEPTH: Readonly<Record<SignAnswer<'amount'>, number>> = {
  film: 0.03,
  finger: 0.12,
  more: 0.3,
};

/** What to do with liquid of hunger, and why. */
export interface HoochAdvice {
  readonly do: 'pourOff' | 'stirIn';
  readonly because: 'dark' | 'much' | 'little' | 'notOnTop';
  /** About how much it is, grams. */
  readonly grams: number;
}

/**
 * Pour off what is dark (milder so) or much (it would thin the mix); stir in a little that is clear or grey, which keeps the
 * hydration. What stands in the middle or below cannot be poured. Both schools exist; this is the one that is recommended.
 *
 * @param massG what is in the jar, the liquid with it
 * @example hoochAdvice('dark', 'film', true, 200).do // = 'pourOff'
 */
export function hoochAdvice(
  colour: Exclude<Liquid, 'none'>,
  amount: SignAnswer<'amount'>,
  onTop: boolean,
  massG: number,
): HoochAdvice {
  const grams = Math.round(massG * DEPTH[amount]);
  if (!onTop) return { do: 'stirIn', because: 'notOnTop', grams };
  if (colour === 'dark') return { do: 'pourOff', because: 'dark', grams };
  if (amount !== 'film' && !(amount === 'finger' && colour === 'clear'))
    return { do: 'pourOff', because: 'much', grams };
  return { do: 'stirIn', because: 'little', grams };
}

/**
 * Water that a keep lacks because liquid was poured off, grams: what the next feed adds beyond its own.
 *
 * @example waterBack({ fedMix: { hydrationPct: 100 }, massG: 100, pouredG: 0 }, 20) // = 0
 */
export function waterBack({ fedMix, massG, pouredG }: Jar, keepG: number): number {
  if (pouredG <= 0 || massG <= 0) return 0;
  const { flourG } = flourAndWater(massG + pouredG, fedMix.hydrationPct);
  const wanted = (flourG * fedMix.hydrationPct) / 100;
  const there = Math.max(0, wanted - pouredG);
  return Math.round(((wanted - there) * Math.min(keepG, massG)) / massG);
}

/** Of what is in the jar, liquid is at most so much. */
const MOST_LIQUID = 0.5;

/**
 * Liquid is poured off: what it looked like, and how much it was.
 *
 * @param asked `grams` by the scale or by eye; when it was, if not just now
 * @returns objections to `grams` or `at`
 * @example pourOff(atHand, { grams: 12, liquid: 'dark' })
 */
export function pourOff(
  atHand: JarAtHand,
  {
    grams,
    liquid,
    when = atHand.now,
  }: {
    readonly grams: number;
    readonly liquid: Exclude<Liquid, 'none'>;
    readonly when?: Instant;
  },
): Answer {
  const { jar } = atHand;
  const common = { jar: jar.id, at: isoOf(when) };
  const entry = { kind: 'pouredOff' as const, ...common, grams };
  const { massG } = contentOf(jar);
  const tooMuch =
    grams > massG * MOST_LIQUID
      ? [
          {
            field: 'grams',
            message: `That is more than half of the ${Math.round(massG)} g in the jar.`,
          },
        ]
      : [];
  return answer(
    [{ kind: 'looked', ...common, liquid }, entry],
    tooMuch.length > 0 ? tooMuch : objectionsAtHand(entry, atHand),
  );
}

/**
 * The liquid is stirred in again: the water stays.
 *
 * @returns objections to `at`
 * @example stirIn(atHand, { liquid: 'clear' }).entries
 */
export function stirIn(
  atHand: JarAtHand,
  {
    liquid,
    when = atHand.now,
  }: { readonly liquid: Exclude<Liquid, 'none'>; readonly when?: Instant },
): Answer {
  const entry = {
    kind: 'looked' as const,
    jar: atHand.jar.id,
    at: isoOf(when),
    liquid,
    note: 'liquid stirred in',
  };
  return answer([entry], objectionsAtHand(entry, atHand));
}
