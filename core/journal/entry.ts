/** What every event of a journal has. */
export interface Entry {
  /** Unique over all kitchens. */
  readonly id: string;
  /** When it happened, ISO 8601 in UTC. */
  readonly at: string;
}
