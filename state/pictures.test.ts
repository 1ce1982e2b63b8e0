import { type JournalEvent } from '@core/journal';

import { NOW, PLACES, iso, kitchenStore, tern } from '../tests/kitchenStore';
import { pictureAdded, pictureOf, pictureRead, picturesLogged } from './pictures';
import { undoNotice } from './actions';
import { selectLiveEvents } from './selectors';
import { strayPicturesDropped } from './strayPictures';

/** Pictures that are kept, by kitchen and name; full, nothing more is. */
const mockKept = new Map<string, Blob>();
let mockFull = false;
jest.mock('./door/pictures', () => ({
  keepPicture: (kitchen: string, id: string, picture: Blob) => {
    if (mockFull) return Promise.reject(new Error('full'));
    mockKept.set(`${kitchen}/${id}`, picture);
    return Promise.resolve();
  },
  readPicture: (kitchen: string, id: string) =>
    Promise.resolve(mockKept.get(`${kitchen}/${id}`) ?? null),
  dropPicture: (kitchen: string, id: string) => {
    mockKept.delete(`${kitchen}/${id}`);
    return Promise.resolve();
  },
}));
/** What the worker makes of a file. */
let mockRead: object = {};
jest.mock('../workers/picture', () => ({
  shrinkInWorker: () => Promise.resolve(mockRead),
  readPictureInWorker: () => Promise.resolve(mockRead),
}));

const SMALL = new Blob(['small']);
const FILE = new Blob(['a file']);
const HUGE = { size: 80_000_001 } as Blob;
const shrunk = (takenAt: string | null = null) => ({
  picture: SMALL,
  width: 4,
  height: 3,
  takenAt,
});
const kitchen = (...events: readonly JournalEvent[]) =>
  kitchenStore([...PLACES, tern(), ...events]);
/** The pictures and looks in the journal. */
const told = (store: ReturnType<typeof kitchenStore>) =>
  selectLiveEvents(store.getState()).filter(({ kind }) => kind === 'pictured' || kind === 'looked');

beforeEach(() => {
  jest.useFakeTimers({ now: NOW });
  mockKept.clear();
  mockFull = false;
  mockRead = shrunk();
});
afterEach(() => {
  jest.useRealTimers();
});

describe('a picture that is added', () => {
  it('is kept, and written down where it belongs; an undo takes it off again', async () => {
    const store = kitchen();
    const to = { jar: 'tern', of: 'look' };
    expect(await store.dispatch(pictureAdded(FILE, to, 'The picture is kept'))).toBeNull();
    const [pictured] = told(store) as unknown as [{ picture: string }];
    expect(pictured).toMatchObject({ kind: 'pictured', at: iso(0), jar: 'tern', of: 'look', width: 4, height: 3 }); // oxfmt-ignore
    expect([...mockKept]).toEqual([[`own/${pictured.picture}`, SMALL]]);
    expect(store.getState().notice!.text).toBe('The picture is kept');
    expect(await store.dispatch(pictureOf(pictured.picture))).toBe(SMALL);
    expect(await store.dispatch(pictureOf('other'))).toBeNull();
    store.dispatch(undoNotice());
    expect(told(store)).toEqual([]);
  });

  it.each([
    // By the kitchen's clock, an hour ahead of nothing in March.
    ['2026-03-13T09:00:00', iso(-(9 + 1 / 3))],
    // Its clock was never set, or runs ahead.
    ['1980-01-01T00:00:00', iso(0)],
    ['2026-03-13T19:00:00', iso(0)],
    [null, iso(0)],
  ])('was taken when its camera says so, if that can be: %s', async (takenAt, at) => {
    mockRead = shrunk(takenAt);
    const store = kitchen();
    await store.dispatch(pictureAdded(FILE, { jar: 'tern' }, 'Kept'));
    expect(told(store)[0]!.at).toBe(at);
  });

  it('leaves nothing behind where it is none, too large, or without room', async () => {
    const store = kitchen();
    const add = (file = FILE) => store.dispatch(pictureAdded(file, { jar: 'tern' }, 'Kept'));
    expect(await add(HUGE)).toMatch(/larger than any picture/);
    mockRead = { problem: 'no picture' };
    expect(await add()).toBe('no picture');
    mockRead = shrunk();
    mockFull = true;
    expect(await add()).toMatch(/no room/);
    expect(told(store)).toEqual([]);
    expect(mockKept.size).toBe(0);
  });

  it('that cannot be written down is not kept', async () => {
    const store = kitchen();
    mockRead = { ...shrunk(), width: -4 };
    expect(await store.dispatch(pictureAdded(FILE, { jar: 'tern' }, 'Kept'))).toMatch(/cannot be written down/); // oxfmt-ignore
    expect(mockKept.size).toBe(0);
  });
});

describe('a picture that is read', () => {
  it('says when it was taken, where that can be', async () => {
    const store = kitchen();
    const read = (file = FILE) => store.dispatch(pictureRead(file));
    expect(await read(HUGE)).toMatchObject({ problem: expect.stringContaining('larger') });
    mockRead = { problem: 'no picture' };
    expect(await read()).toEqual({ problem: 'no picture' });
    mockRead = { ...shrunk('2026-03-13T09:00:00'), proposal: null };
    expect(await read()).toMatchObject({ takenAt: Date.parse('2026-03-13T09:00:00Z') });
    mockRead = { ...shrunk('2027-03-13T09:00:00'), proposal: null };
    expect(await read()).toMatchObject({ takenAt: null, width: 4 });
    expect(mockKept.size).toBe(0);
  });
});

describe('looks off pictures', () => {
  const look = (rise: number, at: number | null) => ({ picture: SMALL, width: 4, height: 3, rise, at }); // oxfmt-ignore

  it('are written down, each with its picture, and taken back by one undo', async () => {
    const store = kitchen();
    const looks = [look(1.5, NOW - 7_200_000), look(1.8, null)];
    expect(await store.dispatch(picturesLogged('tern', looks, 'Two looks'))).toBeNull();
    const all = told(store);
    expect(all.map(({ kind, at }) => [kind, at])).toEqual([
      ['looked', iso(-2)],
      ['pictured', iso(-2)],
      ['looked', iso(0)],
      ['pictured', iso(0)],
    ]);
    const [one, picture] = all as unknown as [{ id: string }, { of: string; picture: string }];
    expect(picture.of).toBe(one.id);
    expect(mockKept.has(`own/${picture.picture}`)).toBe(true);
    expect(mockKept.size).toBe(2);
    store.dispatch(undoNotice());
    expect(told(store)).toEqual([]);
  });

  it('keep no picture where one of them cannot be, or there is no room', async () => {
    const store = kitchen();
    const flat = await store.dispatch(picturesLogged('tern', [look(1.5, null), look(0.1, null)], 'x')); // oxfmt-ignore
    expect(flat).toMatch(/rise/);
    expect(mockKept.size).toBe(0);
    mockFull = true;
    expect(await store.dispatch(picturesLogged('tern', [look(1.5, null)], 'x'))).toMatch(/no room/);
    expect(told(store)).toEqual([]);
  });
});

describe('pictures that nothing speaks of', () => {
  const DAYS = 24;
  const pictured = (id: string, picture: string, over = {}): JournalEvent =>
    ({ kind: 'pictured', id, jar: 'tern', at: iso(-1), picture, width: 4, height: 3, ...over }); // oxfmt-ignore
  const withdrew = (entries: readonly string[], days: number, id = `back ${entries.join()} ${days}`) =>
    ({ kind: 'withdrew', id, at: iso(-days * DAYS), entries }) as JournalEvent; // oxfmt-ignore
  const left = async (...events: readonly JournalEvent[]) => {
    for (const one of ['a', 'b']) mockKept.set(`own/${one}`, SMALL);
    mockKept.set('demo/a', SMALL);
    const store = kitchen(...events);
    await store.dispatch(strayPicturesDropped());
    return [...mockKept.keys()];
  };

  it('are dropped a month after they were taken back', async () => {
    const both = [pictured('of a', 'a'), pictured('of b', 'b')];
    const all = ['own/a', 'own/b', 'demo/a'];
    expect(await left(...both)).toEqual(all);
    expect(await left(...both, withdrew(['of a'], 30))).toEqual(all);
    expect(await left(...both, withdrew(['of a'], 30.1))).toEqual(['own/b', 'demo/a']);
  });

  it('stay where another entry speaks of them, or did a day ago, or the taking back was taken back', async () => {
    const entries = [pictured('of a', 'a'), pictured('again', 'a', { corrects: 'of a' })];
    expect(await left(...entries, withdrew(['of a'], 40))).toContain('own/a');
    expect(await left(...entries, withdrew(['of a'], 40), withdrew(['again'], 1))).toContain('own/a'); // oxfmt-ignore
    expect(await left(entries[0]!, withdrew(['of a'], 40, 'back'), withdrew(['back'], 39))).toContain('own/a'); // oxfmt-ignore
    expect(await left(...entries, withdrew(['of a'], 40), withdrew(['again'], 35))).not.toContain('own/a'); // oxfmt-ignore
    // What is not written down yet is not taken back.
    expect(await left()).toContain('own/b');
  });
});
