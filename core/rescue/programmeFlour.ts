import { type Blend, sameBlend } from '../measure';
import { type Programme } from './programmes';

const GLUTEN_FREE: Blend = { glutenFree: 1 };

/**
 * What a jar's next feed of a programme is given: what the baker gave the last one; at its first what helps most.
 * A gluten-free starter keeps to its own: wheat and rye in it can make somebody ill.
 *
 * @param own what it is usually fed with
 * @param last what the programme's last feed was given; undefined before the first
 */
export function programmeFlour({ medicine }: Programme, own: Blend, last?: Blend): Blend {
  if (medicine === null || sameBlend(own, GLUTEN_FREE)) return own;
  return last && sameBlend(last, own) ? own : medicine;
}
