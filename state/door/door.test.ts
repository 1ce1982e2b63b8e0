import fc from 'fast-check';

import { type JournalEvent } from '@core/journal';
import { someEntries } from '@core/journal/someEntries.testing';
import { DAY, fingerprint } from '@core/measure';

import { leaveLaterAside, readKitchen } from './opening';
import { pageText, readPage } from './pages';
import { rawStore } from './raw';
import { logPrefix, shelf } from './shelf';
import { tidyPages, writerFor } from './writing';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const ENTRIES = someEntries(3, NOW);
const ids = (events: readonly JournalEvent[]) => events.map(({ id }) => id);
const PAGE = `${logPrefix('own')}000-a`;

beforeEach(() => shelf.clear());
afterEach(() => {
  jest.restoreAllMocks();
});

describe('a page', () => {
  it('comes back from its text as it was', () => {
    expect(readPage(pageText(ENTRIES), NOW)).toEqual({ events: ENTRIES, bad: [], newer: false });
    expect(readPage(pageText([]), NOW).events).toEqual([]);
  });

  it('cut short costs its last entry only', () => {
    const { events, bad } = readPage(pageText(ENTRIES).slice(0, -20), NOW);
    expect(ids(events)).toEqual(ids(ENTRIES).slice(0, -1));
    expect(bad).toHaveLength(1);
  });

  it('is checked under a sound sum too', () => {
    const lines = pageText(ENTRIES).split('\n').slice(1);
    const body = [...lines, '{"kind":"fed","id":"x"}', 'null', '7', '[]'].join('\n');
    const { events, bad } = readPage(`ombrello-log-2 ${fingerprint([body])}\n${body}`, NOW);
    expect(events).toEqual(ENTRIES);
    expect(bad).toHaveLength(4);
  });

  it('of a newer version is left alone', () => {
    expect(readPage('ombrello-log-3 abc\nwhatever', NOW)).toMatchObject({ newer: true, bad: [] });
  });
});

/** All that a store holds of a kitchen: its entries and what was set aside. */
async function textOf() {
  return (await rawStore('own').text()).replaceAll('\\"', '"').replaceAll('\\\\', '\\');
}

describe('a damaged store', () => {
  it('opens with all that can be read; the rest is set aside, found again and never erased', async () => {
    const damage = fc.oneof(
      fc.record({
        kind: fc.constant('cut' as const),
        at: fc.double({ min: 0, max: 1, noNaN: true }),
      }),
      fc.record({
        kind: fc.constant('swap' as const),
        at: fc.double({ min: 0, max: 1, noNaN: true }),
        by: fc.string({ minLength: 1, maxLength: 6 }),
      }),
      fc.record({ kind: fc.constant('all' as const), by: fc.string({ maxLength: 60 }) }),
    );
    const whole = pageText(ENTRIES);
    await fc.assert(
      fc.asyncProperty(fc.array(damage, { minLength: 1, maxLength: 3 }), async (damages) => {
        await shelf.clear();
        let text = whole;
        for (const d of damages) {
          const at = d.kind === 'all' ? 0 : Math.floor(d.at * text.length);
          if (d.kind === 'cut') text = text.slice(0, at);
          else if (d.kind === 'swap') text = text.slice(0, at) + d.by + text.slice(at + 1);
          else text = d.by;
        }
        await shelf.setMany({
          [PAGE]: text,
          [`${logPrefix('own')}001-b`]: pageText(ENTRIES.slice(-2)),
        });
        const kitchen = await readKitchen('own', NOW);
        // Every line that was there is an entry now, or set aside word for word.
        const here = new Set(kitchen.events.map((event) => JSON.stringify(event)));
        const aside = new Set(kitchen.setAside.flatMap(({ lines }) => lines));
        const [, ...lines] = text.split('\n');
        for (const line of lines)
          if (line.trim() !== '') expect(aside.has(line) || known(here, line)).toBe(true);
        // Opened again it is the same, and nothing of it has gone.
        const again = await readKitchen('own', NOW);
        expect(again.events).toEqual(kitchen.events);
        expect(again.damaged).toBe(0);
        expect(again.setAside).toEqual(kitchen.setAside);
      }),
      { numRuns: 2000 },
    );
  });

  /** A line may say the same in another order of keys, or with blanks. */
  const known = (here: ReadonlySet<string>, line: string) =>
    here.has(line) || here.has(JSON.stringify(JSON.parse(line)));

  it('is left as it was when there is no room to set anything aside', async () => {
    const text = `${pageText(ENTRIES)}\nnot an entry`;
    await shelf.setItem(PAGE, text);
    jest.spyOn(shelf, 'setMany').mockRejectedValue(new Error(''));
    const kitchen = await readKitchen('own', NOW);
    expect(kitchen.events).toEqual(ENTRIES);
    expect(await shelf.getItem(PAGE)).toBe(text);
  });

  it('of entries that an older version did not know has them back once they can be read', async () => {
    const aside = { v: 1, id: 'x', at: '', because: 'unknown', byHand: false };
    const line = JSON.stringify(ENTRIES[3]);
    await shelf.setMany({
      [PAGE]: pageText(ENTRIES.slice(0, 3)),
      'own/aside/x': JSON.stringify({ ...aside, lines: [line, 'still nothing'] }),
    });
    const kitchen = await readKitchen('own', NOW);
    expect(ids(kitchen.events)).toEqual(ids(ENTRIES.slice(0, 4)));
    expect(kitchen.setAside.map(({ lines }) => lines)).toEqual([['still nothing']]);
    expect(ids((await readKitchen('own', NOW)).events)).toEqual(ids(ENTRIES.slice(0, 4)));
  });

  it('keeps for a later clock what is of a later hour, says so each time, and has it back by itself', async () => {
    await shelf.setItem(PAGE, pageText(ENTRIES));
    const hours = ENTRIES.map(({ at }) => at).sort();
    const early = Date.parse(hours[0]!) - 400 * DAY;
    for (let opened = 0; opened < 2; opened++) {
      const kitchen = await readKitchen('own', early);
      expect(kitchen.events).toEqual([]);
      expect(kitchen.damaged).toBe(0);
      expect(kitchen.later).toEqual({ entries: ENTRIES.length, last: hours.at(-1) });
    }
    const back = await readKitchen('own', NOW);
    expect(ids(back.events).toSorted()).toEqual(ids(ENTRIES).toSorted());
    expect(back.later).toBeNull();
    expect(back.setAside).toEqual([]);
  });

  it('is told no more, once the clock was said to be right, and comes back should its hour come', async () => {
    const lost = JSON.stringify({ ...ENTRIES[3], id: 'far', at: '2062-01-01T00:00:00.000Z' });
    await shelf.setItem(PAGE, `${pageText(ENTRIES)}\n${lost}`);
    expect((await readKitchen('own', NOW)).later).toMatchObject({ entries: 1 });
    await leaveLaterAside('own');
    const kitchen = await readKitchen('own', NOW);
    expect(kitchen.later).toBeNull();
    expect(kitchen.events).toEqual(ENTRIES);
    expect(kitchen.setAside.flatMap(({ lines }) => lines)).toEqual([lost]);
    const then = await readKitchen('own', Date.parse('2062-01-02T00:00:00Z'));
    expect(ids(then.events)).toContain('far');
  });

  it('has its newest entry set aside by hand, and that does not come back by itself', async () => {
    await shelf.setItem(PAGE, pageText(ENTRIES));
    expect(await rawStore('own').setNewestAside()).toBe(JSON.stringify(ENTRIES.at(-1)));
    const kitchen = await readKitchen('own', NOW);
    expect(kitchen.events).toEqual(ENTRIES.slice(0, -1));
    expect(kitchen.setAside[0]!.lines).toEqual([JSON.stringify(ENTRIES.at(-1))]);
    expect(await textOf()).toContain(JSON.stringify(ENTRIES.at(-1)));
  });

  it('gives up no kitchen for caches and drafts that are nonsense', async () => {
    await shelf.setMany({
      [PAGE]: pageText(ENTRIES),
      'own/cache/learnt': 'x',
      'own/cache/folds': `${fingerprint(['{"tern":7}'])}\n{"tern":7}`,
      'own/cache/plan': '',
      'own/draft/gone': '{"bench":{"tern":{"step":"far"}},"trouble":[1,2]}',
    });
    const kitchen = await readKitchen('own', NOW);
    expect(kitchen.events).toEqual(ENTRIES);
    expect(kitchen.learnt).toEqual({});
    expect(kitchen.drafts.bench).toEqual({});
  });
});

describe('writing', () => {
  it('keeps tabs apart: what both write at once is all there', async () => {
    const tabs = [writerFor('own'), writerFor('own'), writerFor('own')];
    await Promise.all(ENTRIES.map((event, i) => tabs[i % 3]!.write([event])));
    const kitchen = await readKitchen('own', NOW);
    expect(ids(kitchen.events).sort()).toEqual(ids(ENTRIES).sort());
  });

  it('goes on after a stroke that failed, with what was given again', async () => {
    const tab = writerFor('own');
    await tab.write(ENTRIES.slice(0, 2));
    const full = jest.spyOn(shelf, 'setMany').mockRejectedValue(new Error(''));
    await expect(tab.write(ENTRIES.slice(2, 4))).rejects.toThrow();
    full.mockRestore();
    await tab.write(ENTRIES.slice(2, 5));
    expect((await readKitchen('own', NOW)).events).toEqual(ENTRIES.slice(0, 5));
  });

  it('gives up what can be worked out anew before it says that there is no room', async () => {
    await shelf.setItem('own/cache/folds', 'much');
    jest.spyOn(shelf, 'setMany').mockRejectedValueOnce(new Error(''));
    await writerFor('own').write(ENTRIES);
    expect((await readKitchen('own', NOW)).events).toEqual(ENTRIES);
    expect(await shelf.getItem('own/cache/folds')).toBeNull();
  });

  it('puts the pages of many visits together, and loses nothing of one still being written', async () => {
    const visits = ENTRIES.map(() => writerFor('own'));
    for (const [i, visit] of visits.entries()) await visit.write([ENTRIES[i]!]);
    await tidyPages('own', NOW);
    const keys = (await shelf.getAllKeys()).filter((key) => key.startsWith(logPrefix('own')));
    expect(keys).toHaveLength(1);
    const late = { ...ENTRIES[0]!, id: 'late' };
    await visits[4]!.write([late]);
    const kitchen = await readKitchen('own', NOW);
    expect(ids(kitchen.events).sort()).toEqual([...ids(ENTRIES), 'late'].sort());
  });
});
