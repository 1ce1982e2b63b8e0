/** What every entry of a journal has. */
export interface Entry {
  /** Unique over all kitchens, and never made from a name. */
  readonly id: string;
  /** When it happened, or is to happen; ISO 8601 in UTC. */
  readonly at: string;
  /** When it was said, where that is another time; ISO 8601 in UTC. */
  readonly said?: string;
  /** The entry that it puts right, by the id that one first had. */
  readonly corrects?: string;
  /** Version of its kind; 1 when not given. */
  readonly v?: number;
}

/**
 * The id by which other entries know an entry, however often it was put right.
 *
 * @example firstIdOf({ id: 'c', corrects: 'a' }) // = 'a'
 */
export const firstIdOf = ({ id, corrects }: Pick<Entry, 'id' | 'corrects'>): string =>
  corrects ?? id;
