import Papa from 'papaparse';

import { type JarEvent, instantOf } from '../journal';
import { type KitchenTime, blendShares } from '../measure';

/** What the cells need to know of the kitchen. */
export interface CsvNames {
  readonly jarName: (id: string) => string;
  readonly placeName: (id: string) => string;
  readonly time: KitchenTime;
}

/** The columns, in order; docs/formats/journal-csv.md says what stands in them. */
export const CSV_COLUMNS = [
  'day',
  'time',
  'jar',
  'what',
  'keep_g',
  'water_g',
  'flour_g',
  'flour',
  'grams',
  'to',
  'place',
  'rise_pct',
  'streak_pct',
  'sign',
  'smell',
  'bubbles',
  'liquid',
  'floats',
  'note',
  'at_utc',
  'id',
] as const;
type Column = (typeof CSV_COLUMNS)[number];
type Row = Readonly<Partial<Record<Column, string | number>>>;

/**
 * Entries of jars as a table for spreadsheets: a line each, UTF-8, commas, RFC 4180. Cells that a spreadsheet would take for a
 * formula begin with an apostrophe.
 *
 * @param events oldest first
 */
export function journalCsv(events: readonly JarEvent[], names: CsvNames): string {
  return Papa.unparse(
    { fields: [...CSV_COLUMNS], data: events.map((event) => rowOf(event, names)) },
    FOR_SPREADSHEETS,
  );
}

const FOR_SPREADSHEETS = { escapeFormulae: true, newline: '\r\n' };

/** Any table as text for spreadsheets, in the same manner. */
export const tableCsv = (
  columns: readonly string[],
  rows: readonly (readonly (string | number)[])[],
): string =>
  Papa.unparse({ fields: [...columns], data: rows.map((row) => [...row]) }, FOR_SPREADSHEETS);

function rowOf(event: JarEvent, { jarName, placeName, time }: CsvNames): Row {
  const at = instantOf(event);
  const local = new Date(at + time.offset(at)).toISOString();
  return {
    day: local.slice(0, 10),
    time: local.slice(11, 16),
    jar: jarName(event.jar),
    what: event.kind,
    ...cellsOf(event, placeName),
    at_utc: event.at,
    id: event.id,
  };
}

function cellsOf(event: JarEvent, placeName: (id: string) => string): Row {
  switch (event.kind) {
    case 'fed':
      return {
        keep_g: event.keepG,
        water_g: event.waterG,
        flour_g: event.flourG,
        flour: flourCell(event.flour),
        ...(event.rough ? { note: 'by eye' } : {}),
      };
    case 'started':
      return {
        grams: event.massG,
        flour: flourCell(event.card.flour),
        place: placeName(event.place),
      };
    case 'looked':
      return {
        ...(event.height === undefined ? {} : { rise_pct: pctOf(event.height) }),
        ...(event.streak === undefined ? {} : { streak_pct: pctOf(event.streak) }),
        ...(event.sign && { sign: event.sign }),
        ...(event.smell && { smell: event.smell }),
        ...(event.bubbles && { bubbles: event.bubbles }),
        ...(event.liquid && { liquid: event.liquid }),
        ...(event.floats === undefined ? {} : { floats: event.floats ? 'yes' : 'no' }),
        ...(event.note && { note: event.note }),
      };
    case 'moved':
      return { place: placeName(event.place) };
    case 'discarded':
      return { grams: event.grams, to: event.to };
    case 'took':
      return { grams: event.grams, to: 'bake', ...(event.note && { note: event.note }) };
    case 'weighed':
    case 'pouredOff':
    case 'drying':
    case 'backupUsed':
      return { grams: event.grams };
    case 'backedUp':
      return { grams: event.grams, to: event.form, ...(event.note && { note: event.note }) };
    case 'baked':
      return {
        sign: [event.rise, event.crumb, event.sour].filter(Boolean).join(' '),
        note: [event.note, event.next].filter(Boolean).join(' / '),
      };
    case 'noted':
      return { note: event.note };
    case 'thrownOut':
      return { note: event.why };
    case 'programmeBegun':
      return { note: event.programme };
    case 'programmeEnded':
      return { note: event.because };
    case 'pictured':
    case 'described':
    case 'rejarred':
    case 'backupTended':
    case 'backupDeclined':
      return {};
  }
}

/** Percent above the band; heights are kept against it. */
const pctOf = (height: number): number => Math.round((height - 1) * 100);

/** "white 80, wholeWheat 20": percent of each. */
const flourCell = (flour: Parameters<typeof blendShares>[0]): string =>
  [...blendShares(flour)].map(([kind, share]) => `${kind} ${Math.round(share * 100)}`).join(', ');
