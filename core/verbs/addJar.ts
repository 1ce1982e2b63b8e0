import {
  type Answer,
  type JarCard,
  type NewEntryOf,
  type Objection,
  answer,
  isoOf,
  objectionsTo,
  weightObjections,
} from '../journal';
import { type Instant, MINUTE } from '../measure';

/** What is known of a starter that joins the kitchen. */
export type Past =
  | {
      readonly kind: 'fed';
      /** NaN where it cannot be read. */
      readonly at: Instant;
      readonly keepG: number;
      readonly flourG: number;
      readonly waterG: number;
    }
  | {
      readonly kind: 'came';
      readonly massG: number;
      /** The guess of how long ago it was fed last: from and to, hours. */
      readonly unfedH: readonly [number, number];
    };

/** A starter that joins the kitchen. */
export interface NewJar {
  readonly id: string;
  readonly card: JarCard;
  readonly hydrationPct: number;
  readonly place: string;
  readonly past: Past;
}

/**
 * A starter joins the kitchen, with what happened to it last.
 *
 * @returns objections to `at`, `keep`, `flour`, `water` or `mass`
 * @example addJar({ id: 'tern', card, hydrationPct: 100, place: 'counter', past }, now).objections
 */
export function addJar({ id, card, hydrationPct, place, past }: NewJar, now: Instant): Answer {
  const started = (at: Instant, massG: number): NewEntryOf<'started'> => ({
    kind: 'started',
    jar: id,
    at: isoOf(at),
    card,
    massG,
    hydrationPct,
    condition: 'hungry',
    place,
  });
  if (past.kind === 'came')
    return answer(
      [{ ...started(now, past.massG), unfedH: past.unfedH }],
      weightObjections('mass', past.massG),
    );
  const { at, keepG, flourG, waterG } = past;
  const fed = {
    kind: 'fed' as const,
    jar: id,
    at: isoOf(at),
    keepG,
    flourG,
    waterG,
    flour: card.flour,
  };
  const found: readonly Objection[] = [
    ...weightObjections('keep', keepG),
    ...weightObjections('flour', flourG),
    ...weightObjections('water', waterG),
    ...objectionsTo({ ...fed, id: 'new' }, null, [], now).filter(({ field }) => field === 'at'),
  ];
  return answer([started(at - MINUTE, keepG), fed], found);
}
