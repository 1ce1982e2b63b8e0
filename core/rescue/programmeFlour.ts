import { type Blend, isGlutenFree, sameBlend } from '../measure';
import { type Programme } from './programmes';

/**
 * What a jar's next feed of a programme is given: what the baker gave the last one; at its first what helps most.
 * A gluten-free starter keeps to its own: wheat and rye in it can make somebody ill.
 *
 * @param own what it is usually fed with
 * @param last what the programme's last feed was given; undefined before the first
 * @example programmeFlour({ medicine: { rye: 1 } }, { brownRice: 1 }) // = { brownRice: 1 }
 */
export function programmeFlour({ medicine }: Programme, own: Blend, last?: Blend): Blend {
  if (medicine === null || isGlutenFree(own)) return own;
  return last && sameBlend(last, own) ? own : medicine;
}
