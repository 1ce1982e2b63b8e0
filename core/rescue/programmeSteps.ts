import { HOUR } from '../measure';
import { type Step } from '../plan';
import { type Foretold } from './foretell';

/** A programme's feed does as well so much later, hours; what must not wait is its first doubling. */
const LATER_H = 4;

/**
 * The feeds a programme is expected to ask for, as steps of a week: the first as it is due, the others as long as the jar
 * does as the model expects.
 *
 * @param jar its id, and what is in it now
 * @param place where it should stand
 * @example programmeSteps({ id: 'tern', massG: 80 }, { feeds: [] }, 'counter') // = []
 */
export function programmeSteps(
  jar: { readonly id: string; readonly massG: number },
  { feeds }: Pick<Foretold, 'feeds'>,
  place: string,
): readonly Step[] {
  let massG = Math.round(jar.massG);
  return feeds.map(({ at, until, keepG, flourG, waterG }): Step => {
    const discardG = Math.max(0, massG - keepG);
    massG = keepG + flourG + waterG;
    return {
      at,
      earliest: at,
      latest: Math.min(at + LATER_H * HOUR, Math.max(at, until - HOUR)),
      kind: 'feed',
      jar: jar.id,
      keepG,
      flourG,
      waterG,
      discardG,
      place,
    };
  });
}
