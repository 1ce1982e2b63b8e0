import { someEntries } from '@core/journal/someEntries.testing';

import { HALF_WEIGHED } from '../halfWeighed.testing';
import { leaveBehind, stayedAfterAll, takeUpWhatWasLeft } from './leaving';
import { readKitchen } from './opening';
import { shelf } from './shelf';
import { tabName } from './tabs';
import { readPages } from './writing';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const ENTRIES = someEntries(3, NOW);
const FORMS = { bench: { tern: HALF_WEIGHED }, trouble: {} };
const NOTHING = { bench: {}, trouble: {} };

/** What a browser keeps without being waited for. */
const notes = new Map<string, string>();
/** Its methods do not count among its keys, as in a browser. */
const drawer = (setItem = (key: string, text: string) => void put(key, text)) =>
  Object.assign(
    Object.create({
      setItem,
      getItem: (key: string) => notes.get(key) ?? null,
      removeItem: (key: string) => notes.delete(key),
    }) as Storage,
    Object.fromEntries(notes),
  );
function put(key: string, text: string) {
  notes.set(key, text);
  globalThis.localStorage = drawer();
}

beforeEach(async () => {
  notes.clear();
  globalThis.localStorage = drawer();
  await shelf.clear();
  await tabName();
});
afterEach(() => {
  jest.restoreAllMocks();
});

const idsInStore = async () => (await readKitchen('own', NOW)).events.map(({ id }) => id);
const IDS = ENTRIES.map(({ id }) => id);

describe('a page that is left before its entries are written', () => {
  it('leaves them to the next one, with the feed that is half weighed', async () => {
    expect(leaveBehind('own', ENTRIES, FORMS)).toBe(true);
    expect(await idsInStore()).toEqual([]);
    await takeUpWhatWasLeft();
    const kitchen = await readKitchen('own', NOW);
    expect(kitchen.events).toEqual(ENTRIES);
    expect(kitchen.drafts.bench).toMatchObject({ tern: { landed: { keep: 23 } } });
    expect(notes.size).toBe(0);
  });

  it('leaves nothing twice: what reached the store after all is there once', async () => {
    leaveBehind('own', ENTRIES, null);
    await takeUpWhatWasLeft();
    leaveBehind('own', ENTRIES.slice(1), null);
    await takeUpWhatWasLeft();
    await takeUpWhatWasLeft();
    // Pages of one millisecond stand in any order.
    expect((await idsInStore()).sort()).toEqual([...IDS].sort());
  });

  it('takes a form away that was finished with the last entry', async () => {
    leaveBehind('own', [], FORMS);
    await takeUpWhatWasLeft();
    leaveBehind('own', ENTRIES, NOTHING);
    await takeUpWhatWasLeft();
    const kitchen = await readKitchen('own', NOW);
    expect(kitchen.drafts).toEqual(NOTHING);
    expect(kitchen.events).toEqual(ENTRIES);
  });

  it('takes it back when it stays: what it weighs from then on is not overwritten', async () => {
    leaveBehind('own', ENTRIES, FORMS);
    stayedAfterAll();
    expect(notes.size).toBe(0);
    put('ombrello/left/another page', '{}');
    stayedAfterAll();
    expect(notes.size).toBe(1);
    await takeUpWhatWasLeft();
    expect((await readKitchen('own', NOW)).drafts).toEqual(NOTHING);
  });

  it('keeps its kitchen apart from the other', async () => {
    leaveBehind('demo', ENTRIES, null);
    const [told, ...more] = await takeUpWhatWasLeft();
    expect(more).toEqual([]);
    expect(told!.kitchen).toBe('demo');
    expect(await readPages(told!.pages, NOW)).toEqual(ENTRIES);
    expect(await idsInStore()).toEqual([]);
    expect((await readKitchen('demo', NOW)).events).toEqual(ENTRIES);
  });

  it('says so when there is no room for it', () => {
    globalThis.localStorage = drawer(() => {
      throw new Error('full');
    });
    expect(leaveBehind('own', ENTRIES, null)).toBe(false);
  });
});

describe('what was left', () => {
  it('lies where it is until the store can take it', async () => {
    leaveBehind('own', ENTRIES, null);
    const full = jest.spyOn(shelf, 'setMany').mockRejectedValue(new Error('full'));
    await takeUpWhatWasLeft();
    expect(notes.size).toBe(1);
    full.mockRestore();
    await takeUpWhatWasLeft();
    expect(await idsInStore()).toEqual(IDS);
  });

  it('damaged, or put there by somebody else, harms nothing', async () => {
    for (const text of ['', 'null', '[]', '7', '{"open":"demo"}', '{"own/log/x":7}', '{'])
      put(`ombrello/left/${notes.size}`, text);
    put('another application', '{"own/log/y":"no page"}');
    await takeUpWhatWasLeft();
    expect(await shelf.getAllKeys()).toEqual([]);
    expect([...notes.keys()]).toEqual(['another application']);
  });
});
