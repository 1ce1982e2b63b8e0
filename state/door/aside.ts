import { parsed } from './pages';
import { type KitchenName, asidePrefix, freshName } from './shelf';

/** Lines of a store that could not be read, or were put out of the way by hand: kept as text for good. */
export interface SetAside {
  readonly id: string;
  /** When, ISO 8601. */
  readonly at: string;
  readonly because: string;
  readonly lines: readonly string[];
  /** Put aside by the baker: it does not come back by itself. */
  readonly byHand: boolean;
  /** What of it waits for a later clock is not told any more. It comes back all the same, should that hour come. */
  readonly quiet: boolean;
}

export const DAMAGED = 'Damaged, written only in part, or with a date or an amount that cannot be.';
export const BY_HAND = 'It was set aside by hand, to open the kitchen without it.';

/** What is to be set aside, with the key and the text it is stored under. */
export function toSetAside(
  kitchen: KitchenName,
  lines: readonly string[],
  because: string,
  byHand = false,
): { readonly item: SetAside; readonly key: string; readonly text: string } {
  const item = {
    id: freshName(),
    at: new Date().toISOString(),
    because,
    lines,
    byHand,
    quiet: false,
  };
  return { item, ...stored(kitchen, item) };
}

export const stored = (kitchen: KitchenName, item: SetAside) => ({
  key: asidePrefix(kitchen) + item.id,
  text: JSON.stringify({ v: 1, ...item }),
});

/** What was set aside, from its text; whatever that is, its text is still there to be exported. */
export function asideFrom(key: string, text: string): SetAside {
  const raw = parsed(text) as Partial<SetAside> | null | undefined;
  const id = key.slice(key.lastIndexOf('/') + 1);
  const lines: readonly unknown[] = Array.isArray(raw?.lines) ? raw.lines : [text];
  return {
    id,
    at: typeof raw?.at === 'string' && !Number.isNaN(Date.parse(raw.at)) ? raw.at : '',
    because: typeof raw?.because === 'string' ? raw.because : DAMAGED,
    lines: lines.map((line) => (typeof line === 'string' ? line : JSON.stringify(line))),
    byHand: raw?.byHand === true,
    quiet: raw?.quiet === true,
  };
}
