import { type JournalEvent } from '@core/journal';

import { logged } from './kitchen';
import { type Settings, settingsChanged } from './settings';
import { type RootState, type Store } from './store';

const FORMAT = 'ombrello-kitchen';

/** A kitchen as one file: described in docs/formats/kitchen.md. */
export interface KitchenFile {
  readonly format: typeof FORMAT;
  readonly version: 1;
  readonly exportedAt: string;
  readonly zone: string;
  readonly settings: Settings;
  readonly events: readonly JournalEvent[];
}

/** The open kitchen as the text of a file. */
export function kitchenToFile({ kitchen, settings }: RootState, at: number): string {
  const file: KitchenFile = {
    format: FORMAT,
    version: 1,
    exportedAt: new Date(at).toISOString(),
    zone: kitchen.zone,
    settings,
    events: kitchen.events,
  };
  return `${JSON.stringify(file, null, 1)}\n`;
}

/** What a file would bring, before anything changes. */
export interface Arrival {
  readonly fresh: readonly JournalEvent[];
  readonly known: number;
  readonly refused: readonly string[];
  readonly settings: unknown;
}

/**
 * Reads a file somebody chose.
 * @throws Error with a message for the baker when it is no kitchen at all
 */
export async function readKitchenFile(text: string, state: RootState): Promise<Arrival> {
  const file = parse(text);
  if (file?.format !== FORMAT || !Array.isArray(file.events))
    throw new Error('This file is not a kitchen exported from Ombrello. Nothing was changed.');
  if (file.version !== 1)
    throw new Error('This file comes from a newer Ombrello. Nothing was changed.');
  const { admit } = await import('@core/journal/schema');
  const { events, refused } = admit(file.events);
  const here = new Set(state.kitchen.events.map((event) => event.id));
  const fresh = events.filter((event) => !here.has(event.id));
  return {
    fresh,
    known: events.length - fresh.length,
    refused: refused.map(({ because }) => because),
    settings: file.settings,
  };
}

/** Takes in what {@link readKitchenFile} found: entries are added by id, nothing is overwritten. */
export function takeIn(store: Pick<Store, 'dispatch'>, arrival: Arrival): void {
  store.dispatch(logged(arrival.fresh));
  if (typeof arrival.settings === 'object' && arrival.settings !== null)
    store.dispatch(settingsChanged(arrival.settings));
}

function parse(text: string): Partial<Record<keyof KitchenFile, unknown>> | null {
  try {
    return JSON.parse(text) as Partial<Record<keyof KitchenFile, unknown>> | null;
  } catch {
    throw new Error(
      'This file cannot be read: it is not JSON, or it was cut short. Nothing was changed.',
    );
  }
}
