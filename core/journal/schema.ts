import { type JournalEvent } from './events';
import { joiOf } from './joiOf';
import { SHAPES } from './shapes';

const SCHEMAS = new Map(
  Object.entries(SHAPES).map(([kind, shape]) => [kind, joiOf(shape)] as const),
);

/** What came in at a door, sorted into entries and what could not be read, with the reason. */
export interface Admitted {
  /** Each id once: the first of those that came. */
  readonly events: readonly JournalEvent[];
  readonly refused: readonly { readonly raw: unknown; readonly because: string }[];
  /** Entries that came more than once. */
  readonly repeated: number;
}

/**
 * Checks anything that claims to be entries of a journal. Nothing is converted: a number in quotes is refused.
 *
 * @param now the hour at the door
 */
export function admit(raw: readonly unknown[], now: number): Admitted {
  const events = new Map<string, JournalEvent>();
  const refused: { raw: unknown; because: string }[] = [];
  let repeated = 0;
  for (const item of raw) {
    const because = refusal(item, now);
    if (because !== null) refused.push({ raw: item, because });
    else if (events.has((item as JournalEvent).id)) repeated++;
    else events.set((item as JournalEvent).id, item as JournalEvent);
  }
  return { events: [...events.values()], refused, repeated };
}

/** Why something is no entry, naming the field; null when it is one. */
export function refusal(item: unknown, now: number): string | null {
  const kind = (item as { kind?: unknown } | null)?.kind;
  const schema = typeof kind === 'string' ? SCHEMAS.get(kind) : undefined;
  if (!schema) return '"kind" is not known';
  const { error } = schema.validate(item, { convert: false, context: { now } });
  return error ? error.message : null;
}
