import { type Plan } from './problem';

/** A bake likelier than this needs no advice. */
export const LIKELY = 0.65;

/**
 * Whether a bake of a plan is not likely enough to be left at that: what would make it likelier is worth looking for.
 *
 * @example isUnsure({ wanted: [] }) // = false
 */
export const isUnsure = ({ wanted }: Pick<Plan, 'wanted'>): boolean =>
  wanted.some(({ chance }) => chance < LIKELY);
