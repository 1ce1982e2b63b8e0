import Papa from 'papaparse';

import { type JarEvent, isJarEvent } from '../journal';
import { someEntries } from '../journal/someEntries.testing';
import { kitchenTime } from '../measure';
import { CSV_COLUMNS, journalCsv } from './journalCsv';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const names = {
  jarName: (id: string) => (id === 'tern' ? 'Tern, "the old"' : id),
  placeName: (id: string) => id,
  // Five and three quarter hours ahead: neither the machine's zone nor UTC.
  time: kitchenTime('Asia/Kathmandu'),
};
const read = (text: string) => {
  const { data, errors } = Papa.parse<Record<string, string>>(text, { header: true });
  expect(errors).toEqual([]);
  return data;
};
const noted = (note: string): JarEvent => ({
  kind: 'noted',
  id: 'n',
  jar: 'tern',
  at: '2026-03-13T18:20:00Z',
  note,
});

describe('the journal as a table', () => {
  it('has a line for every entry of a jar, and can be read again', () => {
    const events = someEntries(3, NOW).filter(isJarEvent);
    const rows = read(journalCsv(events, names));
    expect(rows.map(({ id }) => id)).toEqual(events.map(({ id }) => id));
    const fed = rows.find(({ what }) => what === 'fed')!;
    expect(fed).toMatchObject({ keep_g: '20', water_g: '75', flour_g: '80', flour: 'white 100' });
    expect(fed.jar).toBe('Tern, "the old"');
  });

  it('tells the kitchen’s own day and clock, and the instant beside it', () => {
    const [row] = read(journalCsv([noted('late')], names));
    expect(row).toMatchObject({ day: '2026-03-14', time: '00:05', at_utc: '2026-03-13T18:20:00Z' });
  });

  it('keeps notes whole: quotes, commas, lines and letters of any kind', () => {
    const note = 'smells of "pears", a bit;\nand of Äpfel 🫙';
    expect(read(journalCsv([noted(note)], names))[0]!.note).toBe(note);
  });

  it('is no formula to a spreadsheet', () => {
    for (const note of ['=1+1', '+cmd', '-2', '@sum'])
      expect(read(journalCsv([noted(note)], names))[0]!.note).toBe(`'${note}`);
  });

  it('of nothing is its column names', () => {
    expect(journalCsv([], names).trim()).toBe(CSV_COLUMNS.join(','));
  });
});
