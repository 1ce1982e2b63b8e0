import { type FileRead } from '@core/formats/kitchenFile';
import { type JournalEvent } from '@core/journal';

import { NOW, PLACES, iso, kitchenStore, tern } from '../tests/kitchenStore';
import { withdrawEntries } from './actions';
import { arrivalOf, kitchenToZip, readFile, selectHasPictures, takeIn } from './exchange';
import { opened } from './kitchen';
import { selectPlaces, selectZone } from './selectors';
import { makeStore } from './store';
import { ticked } from './time';

const mockKept = new Map<string, Blob>();
jest.mock('./door/pictures', () => ({
  keepPicture: (kitchen: string, id: string, picture: Blob) => {
    mockKept.set(`${kitchen}/${id}`, picture);
    return Promise.resolve();
  },
  readPicture: (kitchen: string, id: string) =>
    Promise.resolve(mockKept.get(`${kitchen}/${id}`) ?? null),
}));
const mockAsked: unknown[][] = [];
jest.mock('../workers/read', () => ({
  readInWorker: (...asked: unknown[]) => (mockAsked.push(['file', ...asked]), Promise.resolve('read')),
  unpackInWorker: (...asked: unknown[]) => (mockAsked.push(['zip', ...asked]), Promise.resolve('unpacked')),
  packInWorker: (...asked: unknown[]) => (mockAsked.push(['pack', ...asked]), Promise.resolve(new Uint8Array(3))),
})); // oxfmt-ignore

const file = (events: readonly JournalEvent[], over: Partial<FileRead> = {}): FileRead => ({
  events,
  zone: null,
  refused: [],
  repeated: 0,
  setAside: [],
  ...over,
});
const pictured = (id: string, picture: string): JournalEvent => ({ kind: 'pictured', id, jar: 'tern', at: iso(-1), picture, width: 4, height: 3 }); // oxfmt-ignore
/** A kitchen as it begins: usual places, and the zone of its device. */
function untouched() {
  const store = makeStore();
  store.dispatch(ticked(NOW));
  store.dispatch(opened({ name: 'own', events: PLACES }));
  return store;
}
const taken = (store: ReturnType<typeof untouched>, read: FileRead, pictures: Parameters<typeof arrivalOf>[0]['pictures'] = []) =>
  takeIn(store, arrivalOf({ read, pictures }, store.getState())); // oxfmt-ignore

beforeEach(() => {
  jest.useFakeTimers({ now: NOW });
  mockKept.clear();
  mockAsked.length = 0;
});
afterEach(() => {
  jest.useRealTimers();
});

describe('a file that is taken in', () => {
  it('is told beforehand: what is new, what is known, and what is refused', () => {
    const store = kitchenStore([...PLACES, tern()]);
    const read = file([tern(), pictured('p', 'x')], { repeated: 2, refused: ['bad'] });
    expect(arrivalOf({ read, pictures: [] }, store.getState())).toMatchObject({
      fresh: [{ id: 'p' }],
      known: 1,
      repeated: 2,
      refused: ['bad'],
    });
    expect(store.getState().kitchen.events.some(({ id }) => id === 'p')).toBe(false);
  });

  it('adds what is new, with its pictures', async () => {
    const store = kitchenStore([...PLACES, tern()]);
    const bytes = Uint8Array.of(1, 2, 3);
    const ids = await taken(store, file([tern(), pictured('p', 'x')]), [{ name: 'x', bytes }]);
    expect(ids).toEqual(['p']);
    const blob = mockKept.get('own/x')!;
    expect(blob.type).toBe('image/jpeg');
    expect([...new Uint8Array(await blob.arrayBuffer())]).toEqual([1, 2, 3]);
  });

  it('sets aside what it sets aside, once', async () => {
    const store = kitchenStore([...PLACES, tern()]);
    const setAside = [{ id: 's', text: '{}', since: iso(-3) }] as unknown as FileRead['setAside'];
    for (let i = 0; i < 2; i++) await taken(store, file([], { setAside }));
    expect(store.getState().kitchen.setAside).toMatchObject([{ id: 's', byHand: false }]);
  });
});

describe('a kitchen that is as it began', () => {
  const larder = PLACES.filter((one) => one.kind === 'arranged' && one.place.id === 'larder');
  const cool = larder.map((one) => ({ ...one, id: 'cool', place: { ...(one as { place: object }).place, temperature: { kind: 'constant', celsius: 9 } } }) as JournalEvent); // oxfmt-ignore

  it('takes the file’s zone and its places instead of the usual ones', async () => {
    const store = untouched();
    await taken(store, file(cool, { zone: 'Asia/Kolkata' }));
    expect(selectZone(store.getState())).toBe('Asia/Kolkata');
    const places = selectPlaces(store.getState());
    expect(places.map(({ id }) => id).sort()).toEqual(['counter', 'fridge', 'larder', 'warm']);
    expect(places.find(({ id }) => id === 'larder')!.temperature).toMatchObject({ celsius: 9 });
  });

  it('takes the zone that an entry of the file says, or none that is none', async () => {
    const zoned: JournalEvent = { kind: 'zoned', id: 'z', at: iso(-9), zone: 'Asia/Tokyo', always: true }; // oxfmt-ignore
    const store = untouched();
    await taken(store, file([...cool, zoned], { zone: 'Asia/Kolkata' }));
    expect(selectZone(store.getState())).toBe('Asia/Tokyo');
    for (const zone of [null, 'Nowhere/At All']) {
      const other = untouched();
      const before = selectZone(other.getState());
      await taken(other, file(cool, { zone }));
      expect(selectZone(other.getState())).toBe(before);
    }
  });

  it('is the only one that does: one that somebody lives in keeps its own', async () => {
    const store = kitchenStore([...PLACES, tern()]);
    await taken(store, file(cool, { zone: 'Asia/Kolkata' }));
    expect(selectZone(store.getState())).toBe('Europe/Lisbon');
    // Entries of a place stand side by side, and the later one counts.
    expect(store.getState().kitchen.events.some(({ kind }) => kind === 'withdrew')).toBe(false);
  });

  it('is as it began again when that is taken back', async () => {
    const store = untouched();
    const before = selectZone(store.getState());
    const ids = await taken(store, file(cool, { zone: 'Asia/Kolkata' }));
    store.dispatch(withdrawEntries(ids, 'Taken back'));
    expect(selectZone(store.getState())).toBe(before);
    expect(selectPlaces(store.getState())).toHaveLength(4);
  });
});

describe('files and zips', () => {
  const chosen = (name: string) => ({ name, text: () => Promise.resolve('text'), arrayBuffer: () => Promise.resolve(new ArrayBuffer(5)) }); // oxfmt-ignore

  it('are read by their names, off the page', async () => {
    expect(await readFile(chosen('kitchen.json'))).toEqual({ read: 'read', pictures: [] });
    expect(mockAsked).toEqual([['file', 'text', NOW]]);
    expect(await readFile(chosen('KITCHEN.ZIP'))).toBe('unpacked');
    expect(mockAsked[1]).toEqual(['zip', new Uint8Array(5), NOW]);
  });

  it('go out with the pictures that are here, each once', async () => {
    mockKept.set('own/x', new Blob([Uint8Array.of(7)]));
    const store = kitchenStore([...PLACES, tern(), pictured('p', 'x'), pictured('q', 'x'), pictured('r', 'gone')]); // oxfmt-ignore
    await kitchenToZip(store.getState());
    const [[as, text, pictures]] = mockAsked as [[string, string, { name: string; bytes: Uint8Array }[]]]; // oxfmt-ignore
    expect(as).toBe('pack');
    expect(JSON.parse(text)).toMatchObject({ events: expect.any(Array) });
    expect(pictures.map(({ name, bytes }) => [name, [...bytes]])).toEqual([['x', [7]]]);
    expect(selectHasPictures(store.getState())).toBe(true);
    expect(selectHasPictures(kitchenStore([...PLACES, tern()]).getState())).toBe(false);
  });
});
