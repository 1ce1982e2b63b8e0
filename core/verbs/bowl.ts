import {
  type Answer,
  type Destination,
  type Jar,
  type JarAtHand,
  type JarCard,
  type NewEntry,
  type Objection,
  answer,
  contentOf,
  isoOf,
  objectionsAtHand,
  weightObjections,
} from '../journal';
import { type Tub, type OtherFlour, feedFlour } from '../larder';
import { type Instant } from '../measure';
import { type NewBowl, bowlBegun } from './bowlBegun';
import { movedAt } from './move';
import { nameObjections } from './splitOff';
import { leftOver, takenTo } from './takeOut';

/** A levain that is begun in a bowl beside its jar. */
export interface BuiltBowl extends NewBowl {
  readonly seedG: number;
  readonly flourG: number;
  readonly waterG: number;
  /** The bake it is for. */
  readonly wish?: string;
  readonly at?: Instant;
  readonly other?: OtherFlour | null;
  /** Where it is to go after that, by the plan. */
  readonly then?: readonly { readonly at: Instant; readonly place: string }[];
  /** All its builds, this one first, where it is the first of several. */
  readonly builds?: NonNullable<JarCard['bowl']>['builds'];
}

/**
 * A levain is built in a bowl: its seed is taken out of the jar, which stays as it is, and fed in a bowl that stands
 * on the shelf by itself until it is in the dough.
 *
 * @returns objections to `name`, `grams`, `flour`, `water` or `at`
 * @example buildInBowl(atHand, tubs, { id: 'b', name: 'Saturday', seedG: 20, flourG: 80, waterG: 80, place: 'counter' })
 */
export function buildInBowl(
  atHand: JarAtHand,
  tubs: readonly Tub[],
  {
    id,
    name,
    seedG,
    flourG,
    waterG,
    place,
    wish,
    at = atHand.now,
    other,
    then = [],
    builds,
  }: BuiltBowl,
): Answer {
  const { jar } = atHand;
  const when = isoOf(at);
  const took = takenTo('bake', { jar: jar.id, at: when, grams: seedG });
  const { flour, tub } = feedFlour(jar, tubs, other);
  const all = builds ?? [{ flourG, waterG }];
  const massG = all.reduce((sum, one) => sum + one.flourG + one.waterG, seedG);
  const ratio = {
    flour: Math.max(0.01, flourG / seedG || 1),
    water: Math.max(0, waterG / seedG || 1),
  };
  const bowl = { ...(wish !== undefined && { wish }), ...(builds && { builds }) };
  return answer(
    [
      took,
      bowlBegun(jar, { id, name, place }, seedG, at, { massG, flour, ratio, bowl }),
      {
        kind: 'fed',
        jar: id,
        at: when,
        keepG: seedG,
        flourG,
        waterG,
        flour,
        ...(tub && flourG > 0 ? { tub: tub.id } : {}),
      },
      ...then
        .filter((walk) => walk.at > at)
        .map((walk) => ({ ...movedAt(atHand, walk.place, walk.at), jar: id })),
    ],
    [
      ...nameObjections(name, []),
      ...weightObjections('flour', flourG),
      ...weightObjections('water', waterG),
      ...objectionsAtHand(took, atHand),
    ],
  );
}

/** How a bowl ends. */
export interface FinishedBowl {
  /** What went into the dough, grams. */
  readonly usedG: number;
  /** Where goes what is left. */
  readonly to: Destination;
  readonly at?: Instant;
}

/** Less than this sticks to the bowl, and is washed out, grams. */
const STICKS_TO_BOWL_G = 3;

/**
 * A levain is in its dough: the bowl is done with, its bake too, and what is left goes where the baker says.
 *
 * @returns objections to `grams` or `at`
 * @example finishBowl(atHand, { usedG: 180, to: 'discardJar' })
 */
export function finishBowl(
  atHand: JarAtHand,
  { usedG, to, at = atHand.now }: FinishedBowl,
): Answer {
  const { jar } = atHand;
  const common = { jar: jar.id, at: isoOf(at) };
  const took = takenTo('bake', { ...common, grams: usedG });
  const leftG = leftOver(contentOf(jar).massG, [{ grams: usedG, to: 'bake' }]);
  return answer(
    [
      took,
      ...(leftG > STICKS_TO_BOWL_G && to !== 'bake'
        ? [takenTo(to, { ...common, grams: Math.floor(leftG) })]
        : []),
      ...done(jar, common.at),
    ],
    objectionsAtHand(took, atHand),
  );
}

/**
 * A bowl is not wanted any more: all of it goes where the baker says.
 *
 * @example giveUpBowl(atHand, 'discardJar').entries
 */
export function giveUpBowl(atHand: JarAtHand, to: Destination): Answer {
  const { jar, now } = atHand;
  const common = { jar: jar.id, at: isoOf(now) };
  const grams = Math.floor(contentOf(jar).massG);
  return answer([
    ...(grams > 0 ? [takenTo(to, { ...common, grams })] : []),
    { kind: 'described', ...common, card: { ...jar.card, archived: true } },
  ]);
}

/** What ends a bowl: it leaves the shelf, and its bake is had. */
function done({ id, card }: Jar, at: string): readonly NewEntry[] {
  const wish = card.bowl?.wish;
  return [
    { kind: 'described', jar: id, at, card: { ...card, archived: true } },
    ...(wish === undefined ? [] : [{ kind: 'wishDropped' as const, at, wish }]),
  ];
}

/**
 * What is in a bowl stays as a starter of its own.
 *
 * @param names of all jars of the kitchen
 * @returns objections to `name`
 * @example keepBowl(atHand, ['Tern'], 'Tern').objections // the name is taken
 */
export function keepBowl({ jar, now }: JarAtHand, names: readonly string[], name: string): Answer {
  const { bowl: _, ...card } = jar.card;
  const objections: readonly Objection[] = nameObjections(name, names);
  return answer(
    [
      {
        kind: 'described',
        jar: jar.id,
        at: isoOf(now),
        card: { ...card, name: name.trim() },
      },
    ],
    objections,
  );
}
