import {
  type Answer,
  type JarAtHand,
  NAME_LENGTH,
  type Objection,
  answer,
  contentOf,
  isoOf,
  objectionsAtHand,
} from '../journal';
import { type Instant } from '../measure';
import { takenTo } from './takeOut';

/** A part that becomes a starter of its own. */
export interface SplitOff {
  /** The id of the jar to be. */
  readonly id: string;
  readonly name: string;
  readonly grams: number;
  readonly place: string;
  /** Where it comes from, for its first note. */
  readonly origin: string;
  /** When it was; just now when not given. */
  readonly when?: Instant;
}

/**
 * A part of a starter becomes a starter of its own, with the same flour, feed and glass on its card.
 *
 * @param names of all jars of the kitchen
 * @returns objections to `name`, `grams` or `at`
 * @example splitOff(atHand, ['Tern'], { id: 'a', name: 'Knot', grams: 20, place: 'counter', origin: 'Split off from Tern' })
 */
export function splitOff(
  atHand: JarAtHand,
  names: readonly string[],
  { id, name, grams, place, origin, when = atHand.now }: SplitOff,
): Answer {
  const { jar } = atHand;
  const at = isoOf(when);
  const given = name.trim();
  const took = takenTo('bake', { jar: jar.id, at, grams });
  return answer(
    [
      took,
      {
        kind: 'started',
        jar: id,
        at,
        card: { ...jar.card, name: given, archived: false },
        massG: grams,
        hydrationPct: contentOf(jar).hydrationPct,
        from: jar.id,
        condition: 'asItStood',
        place,
      },
      { kind: 'noted', jar: id, at, note: origin },
    ],
    [...nameObjections(given, names), ...objectionsAtHand(took, atHand)],
  );
}

/**
 * What is wrong with the name of a jar, as typed.
 *
 * @example nameObjections('Tern', ['Tern']).length // = 1
 * @example nameObjections('Knot', ['Tern']) // = []
 */
export function nameObjections(typed: string, others: readonly string[]): readonly Objection[] {
  const name = typed.trim();
  const { length } = [...name];
  const object = (message: string) => [{ field: 'name', message }];
  if (length === 0) return object('Give it a name, so that the jars can be told apart.');
  if (length > NAME_LENGTH)
    return object(`That is ${length} characters; a label holds ${NAME_LENGTH}.`);
  return others.some((known) => known.toLowerCase() === name.toLowerCase())
    ? object('There is a jar of that name already.')
    : [];
}
