import { type JournalEvent, type Log } from '../journal';

export const FORMAT = 'ombrello-kitchen';
export const VERSION = 2;
/** Longer files are not opened: no kitchen of a lifetime fills them. Characters. */
export const LONGEST_FILE = 120_000_000;

/** Lines that could not be read when a store was opened; they travel with the kitchen. */
export interface LinesAside {
  readonly id: string;
  readonly at: string;
  readonly because: string;
  readonly lines: readonly string[];
}

/** A kitchen as one file: described in docs/formats/kitchen.md. */
export interface KitchenFile {
  readonly format: typeof FORMAT;
  readonly version: typeof VERSION;
  readonly exportedAt: string;
  /** The zone the kitchen is in. */
  readonly zone: string;
  readonly events: readonly JournalEvent[];
  readonly setAside: readonly LinesAside[];
}

/** A kitchen as the text of a file: all of it, what was withdrawn and what was set aside too. */
export function kitchenFileText(kitchen: Omit<KitchenFile, 'format' | 'version'>): string {
  const { exportedAt, zone, events, setAside } = kitchen;
  const file: KitchenFile = {
    format: FORMAT,
    version: VERSION,
    exportedAt,
    zone,
    events,
    setAside,
  };
  return `${JSON.stringify(file, null, 1)}\n`;
}

/** What a file holds, before anything changes. */
export interface FileRead {
  /** Each entry once. */
  readonly events: readonly JournalEvent[];
  /** Why some could not be read, the first of them in words. */
  readonly refused: readonly string[];
  /** Entries that the file holds more than once. */
  readonly repeated: number;
  readonly zone: string | null;
  readonly setAside: readonly LinesAside[];
}

const BEGINNINGS: ReadonlySet<string> = new Set(['arranged', 'zoned', 'settled']);

/** Whether a kitchen is as it began: nothing stands in it yet but its places. */
export const isUntouched = (log: Log): boolean => log.all.every(({ kind }) => BEGINNINGS.has(kind));
