import { usualVessel } from '../ferment';
import { type Jar, type JarCard, NAME_LENGTH, type NewEntryOf, contentOf, isoOf } from '../journal';
import { type Blend, type Instant } from '../measure';

/** A bowl that is begun with starter out of a jar. */
export interface NewBowl {
  /** The id of the bowl to be. */
  readonly id: string;
  readonly name: string;
  readonly place: string;
}

/**
 * A bowl that stands on the shelf with so much starter of a jar, and nothing else in it yet.
 *
 * @example bowlBegun(jar, { id: 'b', name: 'Saturday', place: 'counter' }, 20, now)
 */
export function bowlBegun(
  jar: Jar,
  { id, name, place }: NewBowl,
  grams: number,
  at: Instant,
  card: {
    /** What is to be in it in the end, grams. */
    readonly massG: number;
    readonly flour: Blend;
    readonly ratio: JarCard['ratio'];
    readonly bowl: NonNullable<JarCard['bowl']>;
  } = { massG: grams, flour: jar.card.flour, ratio: jar.card.ratio, bowl: {} },
): NewEntryOf<'started'> {
  const { massG, ...rest } = card;
  return {
    kind: 'started',
    jar: id,
    at: isoOf(at),
    card: {
      name: [...name.trim()].slice(0, NAME_LENGTH).join(''),
      // Nobody weighs a bowl for its card: one of the usual size will do.
      vessel: usualVessel(Math.max(1, massG || 1), 100),
      keepG: grams,
      ...rest,
      archived: false,
    },
    massG: grams,
    hydrationPct: contentOf(jar).hydrationPct,
    from: jar.id,
    condition: 'asItStood',
    place,
  };
}
