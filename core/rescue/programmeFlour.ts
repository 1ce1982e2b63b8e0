import { type Jar, nextFlour } from '../journal';
import { type Blend, sameBlend } from '../measure';
import { type Programme } from './programmes';

/**
 * What a jar's next feed of a programme is given: what the baker gave the last one; at its first what helps most.
 *
 * @param feeds how many it was given since the programme began
 */
export function programmeFlour({ medicine }: Programme, jar: Jar, feeds: number): Blend {
  const own = nextFlour(jar);
  if (medicine === null) return own;
  const last = feeds > 0 ? jar.lastFed?.flour : undefined;
  return last && sameBlend(last, own) ? own : medicine;
}
