import { kitchenFileText } from '@core/formats/kitchenFile';
import { readKitchenFile } from '@core/formats/readKitchenFile';
import { type JournalEvent } from '@core/journal';
import { BUCKETS, haveOf, joined, newPair, codeOf, piecesOf, seal, unseal } from '@core/pairing';

import { NOW, PLACES, iso, kitchenStore, tern } from '../tests/kitchenStore';
import { logEntries } from './actions';
import { type BoxLine } from './door/hub';
import { setHubKey } from './hub';
import { arrived, opened } from './kitchen';
import { keepPaired, pairWith, pairedNow, unpair, watchPaired } from './pairing';
import { whenPictureComes } from './picturesCame';

/** Lines that were taken up, each with its box; a test plays the hub and the other device. */
const mockLines: (BoxLine & { readonly box: string; up: boolean })[] = [];
const mockSaid: { readonly key: string; readonly box: string; readonly sealed: string }[] = [];
let mockTaken = true;
jest.mock('./door/hub', () => ({
  listenToBox: (_: string, box: string, line: BoxLine) => {
    const mine = { ...line, box, up: true };
    mockLines.push(mine);
    return () => {
      mine.up = false;
    };
  },
  intoBox: (key: string, box: string, sealed: string) => {
    if (mockTaken) mockSaid.push({ key, box, sealed });
    return Promise.resolve(mockTaken);
  },
}));
let mockKey: string | null = 'key';
jest.mock('./door/hubKey', () => ({
  readHubKey: () => Promise.resolve(mockKey),
  keepHubKey: (key: string | null) => {
    mockKey = key;
    return Promise.resolve();
  },
}));
const mockRead = (text: string) => Promise.resolve(readKitchenFile(text, NOW));
jest.mock('../workers/read', () => ({ readInWorker: (text: string) => mockRead(text) }));
/** Pictures of this device by name; there is no other store of theirs here. */
const mockPictures = new Map<string, Blob>();
jest.mock('./door/pictures', () => ({
  picturesHere: () => Promise.resolve(new Set(mockPictures.keys())),
  readPicture: (_: string, id: string) => Promise.resolve(mockPictures.get(id) ?? null),
  keepPicture: (_: string, id: string, picture: Blob) => {
    mockPictures.set(id, picture);
    return Promise.resolve();
  },
}));

type Message = { readonly is: string; readonly from: string } & Readonly<Record<string, unknown>>;

const PAIR = newPair();
const note = (id: string): JournalEvent => ({ kind: 'noted', id, jar: 'tern', at: iso(-1), note: id }); // oxfmt-ignore
const pictured = (picture: string): JournalEvent => ({ kind: 'pictured', id: `of ${picture}`, jar: 'tern', at: iso(-1), picture, width: 4, height: 3 }); // oxfmt-ignore
const settled = (ms = 1) => jest.advanceTimersByTimeAsync(ms);

let store: ReturnType<typeof kitchenStore>;
const line = () => mockLines.filter(({ up }) => up).at(-1)!;
/** What was said since the last time it was asked, but for what it is said by. */
function said(): readonly Message[] {
  return mockSaid.splice(0).map(({ key, box, sealed }) => {
    expect([key, box]).toEqual(['key', PAIR.box]);
    return JSON.parse(unseal(PAIR, sealed)!) as Message;
  });
}
/** The other device says something. */
async function hear(message: Readonly<Record<string, unknown>>, pair = PAIR) {
  line().onSealed(seal(pair, JSON.stringify({ from: 'other', ...message })));
  await settled();
}
const ids = () => store.getState().kitchen.events.map(({ id }) => id);
const have = (...more: readonly string[]) => ({ is: 'have', have: haveOf([...ids(), ...more]), ask: false }); // oxfmt-ignore
const fileOf = (events: readonly JournalEvent[]) =>
  kitchenFileText({ exportedAt: iso(0), zone: 'Europe/Lisbon', events, setAside: [] });

/** A kitchen that is paired, on a line that is up, with the other device on it or not. */
async function paired(events: readonly JournalEvent[] = [], others = 1) {
  store = kitchenStore([...PLACES, tern(), ...events]);
  keepPaired(store);
  await settled();
  await pairWith(store, codeOf(PAIR));
  await settled();
  line().onOpen(others);
  await settled();
}

beforeEach(() => {
  jest.useFakeTimers({ now: NOW });
  mockLines.length = 0;
  mockSaid.length = 0;
  mockPictures.clear();
  mockTaken = true;
  mockKey = 'key';
});
afterEach(async () => {
  await unpair(store);
  await settled();
  jest.useRealTimers();
});

describe('two devices of a kitchen', () => {
  it('say what they have when both are there, and are together when it is the same', async () => {
    await paired();
    expect(pairedNow()).toMatchObject({ pair: PAIR, is: 'exchanging', came: 0 });
    expect(said()).toEqual([{ is: 'have', from: expect.any(String), have: haveOf(ids()), ask: true }]); // oxfmt-ignore
    await hear(have());
    expect(pairedNow().is).toBe('together');
    expect(said()).toEqual([]);
  });

  it('wait while the other is away, and answer when it comes', async () => {
    await paired([], 0);
    expect(pairedNow().is).toBe('away');
    expect(said()).toEqual([]);
    await hear({ ...have(), ask: true });
    expect(said()).toEqual([expect.objectContaining({ is: 'have', ask: false })]);
    expect(pairedNow().is).toBe('together');
  });

  it('give each other what is missing, and no more', async () => {
    await paired([note('a'), note('b')]);
    said();
    // The other has all but one; of its heap all that is in it goes over.
    await hear({ is: 'have', have: haveOf(ids().filter((id) => id !== 'a')), ask: false });
    expect(pairedNow().is).toBe('exchanging');
    const [entries, ...more] = said();
    expect(more).toEqual([]);
    const sent = readKitchenFile(String(entries!.text), NOW).events.map(({ id }) => id);
    expect(sent).toContain('a');
    expect(sent.length).toBeLessThan(ids().length);
    expect(haveOf(sent).filter((print) => print !== '')).toHaveLength(1);
    expect(haveOf([])).toHaveLength(BUCKETS);
  });

  it('take in what comes, once, and ask again only after something new', async () => {
    await paired();
    said();
    await hear({ is: 'entries', text: fileOf([note('there')]) });
    expect(ids()).toContain('there');
    expect(pairedNow().came).toBe(1);
    expect(said()).toEqual([expect.objectContaining({ is: 'have', ask: true })]);
    await hear({ is: 'entries', text: fileOf([note('there')]) });
    expect(ids().filter((id) => id === 'there')).toHaveLength(1);
    expect(pairedNow().came).toBe(1);
    expect(said()).toEqual([]);
    // What came from there does not go back there.
    await settled(1000);
    expect(said()).toEqual([]);
  });

  it('say so where one cannot read all that the other has', async () => {
    await paired();
    said();
    const strange = fileOf([note('x')]).replace('"noted"', '"dreamt"');
    await hear({ is: 'entries', text: strange });
    expect(pairedNow().is).toBe('unread');
    await hear(have('something else'));
    expect(pairedNow().is).toBe('unread');
    await hear(have());
    expect(pairedNow().is).toBe('together');
  });

  it('tell each other at once what is entered, in a handful', async () => {
    await paired();
    await hear(have());
    said();
    const noted = (of: string) => ({ kind: 'noted' as const, jar: 'tern', at: iso(0), note: of });
    store.dispatch(logEntries([noted('one')]));
    await settled(300);
    store.dispatch(logEntries([noted('two')]));
    await settled(399);
    expect(said()).toEqual([]);
    await settled(2);
    const [entries, ...more] = said();
    expect(more).toEqual([]);
    const sent = readKitchenFile(String(entries!.text), NOW).events;
    expect(sent.map((one) => one.kind === 'noted' && one.note)).toEqual(['one', 'two']);
    await settled(5000);
    expect(said()).toEqual([]);
  });

  it('ask anew after a while, where the hub did not take it', async () => {
    await paired();
    await hear(have());
    said();
    mockTaken = false;
    store.dispatch(logEntries([{ kind: 'noted', jar: 'tern', at: iso(0), note: 'lost' }]));
    await settled(500);
    await settled(5000);
    // Neither did it take the question; nor, later, an answer.
    mockTaken = true;
    expect(said()).toEqual([]);
    await settled(5000);
    expect(said()).toEqual([expect.objectContaining({ is: 'have', ask: true })]);
    await settled(60_000);
    expect(said()).toEqual([]);
    mockTaken = false;
    await hear({ ...have(), ask: true });
    mockTaken = true;
    await settled(5000);
    expect(said()).toEqual([expect.objectContaining({ is: 'have', ask: true })]);
  });

  it('hear neither themselves, nor others, nor nonsense', async () => {
    await paired();
    const [mine] = said();
    await hear({ ...have('more'), from: mine!.from });
    await hear(have('more'), newPair());
    line().onSealed('nonsense');
    await settled();
    expect(said()).toEqual([]);
    expect(pairedNow().is).toBe('exchanging');
    // One that fails holds up no other.
    await hear({ is: 'have' });
    await hear(have());
    expect(pairedNow().is).toBe('together');
  });

  it('take the line up again when it was refused, and say that it is broken', async () => {
    await paired();
    const before = mockLines.length;
    line().onBroken(false);
    expect(pairedNow().is).toBe('broken');
    await settled(20_000);
    expect(mockLines).toHaveLength(before);
    line().onBroken(true);
    await settled(4999);
    expect(mockLines).toHaveLength(before);
    await settled(2);
    expect(mockLines).toHaveLength(before + 1);
    expect(mockLines.filter(({ up }) => up)).toHaveLength(1);
  });

  it('say nothing more once they are unpaired, and both keep what they have', async () => {
    await paired([note('a')]);
    const last = line();
    await unpair(store);
    await settled();
    said();
    expect(pairedNow()).toMatchObject({ pair: null, is: 'none' });
    expect(last.up).toBe(false);
    store.dispatch(logEntries([{ kind: 'noted', jar: 'tern', at: iso(0), note: 'mine' }]));
    last.onSealed(seal(PAIR, JSON.stringify({ from: 'other', ...have('more') })));
    await settled(6000);
    expect(said()).toEqual([]);
    expect(ids()).toContain('a');
  });

  it('have no way to each other without the hub, and find it again with its key', async () => {
    await paired();
    await hear(have());
    const last = line();
    await setHubKey(null);
    await settled();
    expect(last.up).toBe(false);
    expect(pairedNow()).toMatchObject({ pair: PAIR, is: 'away' });
    await setHubKey('key');
    await settled();
    expect(line().box).toBe(PAIR.box);
  });

  it('are those of one kitchen: in another one nothing is said or heard', async () => {
    await paired();
    said();
    const last = line();
    store.dispatch(opened({ name: 'demo', events: [] }));
    await settled();
    expect(last.up).toBe(false);
    expect(pairedNow()).toMatchObject({ pair: null, is: 'none' });
    last.onSealed(seal(PAIR, JSON.stringify({ from: 'other', is: 'entries', text: fileOf([note('x')]) }))); // oxfmt-ignore
    store.dispatch(arrived({ kitchen: 'demo', events: [note('y')] }));
    await settled(1000);
    expect(said()).toEqual([]);
    expect(ids()).toEqual(['y']);
    store.dispatch(opened({ name: 'own', events: [] }));
    await settled();
    expect(line().box).toBe(PAIR.box);
  });

  it('are begun by either, by a code or with a new one; what is no code pairs nobody', async () => {
    await paired();
    expect(await pairWith(store, 'no code')).toBe(false);
    expect(pairedNow().pair).toEqual(PAIR);
    const seen: string[] = [];
    const stop = watchPaired(() => seen.push(pairedNow().is));
    expect(await pairWith(store, null)).toBe(true);
    await settled();
    expect(pairedNow().pair!.box).not.toBe(PAIR.box);
    expect(line().box).toBe(pairedNow().pair!.box);
    expect(seen).toContain('away');
    stop();
  });
});

describe('pictures', () => {
  const bytes = (length: number, seed = 1) =>
    Uint8Array.from({ length }, (_, n) => (n * seed) % 251);
  const wanted = () => said().filter(({ is }) => is !== 'have');
  const give = async (picture: string, of: Uint8Array) => {
    const pieces = piecesOf(of);
    for (const [piece, letters] of pieces.entries())
      await hear({ is: 'picture', picture, piece, of: pieces.length, letters });
  };
  /** Whether they are the same, which takes long to tell number by number. */
  const same = (one: ArrayBuffer | Uint8Array, other: Uint8Array) =>
    Buffer.from(one as Uint8Array).equals(Buffer.from(other));
  const kept = (picture: string) => mockPictures.get(picture)!.arrayBuffer();

  it('that entries name and that are not here are asked for, put together and shown', async () => {
    const came: string[] = [];
    const stop = whenPictureComes((picture) => came.push(picture));
    mockPictures.set('here', new Blob([bytes(3)]));
    await paired([pictured('here'), pictured('loaf')]);
    said();
    await hear(have());
    expect(wanted()).toEqual([
      { is: 'wantPictures', from: expect.any(String), pictures: ['loaf'] },
    ]);
    await hear({ is: 'picture', picture: 'loaf', piece: 1, of: 3, letters: piecesOf(bytes(600_000))[1] }); // oxfmt-ignore
    expect(pairedNow().is).toBe('pictures');
    expect(came).toEqual([]);
    await give('loaf', bytes(600_000));
    expect(came).toEqual(['loaf']);
    expect(same(await kept('loaf'), bytes(600_000))).toBe(true);
    await hear({ is: 'thosePictures' });
    expect(wanted()).toEqual([]);
    expect(pairedNow().is).toBe('together');
    stop();
  });

  it('are asked for eight at a time, and those that neither has once while the line is up', async () => {
    const names = Array.from({ length: 10 }, (_, n) => `p${n}`);
    await paired(names.map(pictured));
    said();
    await hear(have());
    expect(wanted()).toMatchObject([{ pictures: names.slice(0, 8) }]);
    // As long as these are on their way no more are.
    await hear(have());
    expect(wanted()).toEqual([]);
    await give('p0', bytes(5));
    await hear({ is: 'thosePictures' });
    expect(wanted()).toMatchObject([{ pictures: ['p8', 'p9'] }]);
    await hear({ is: 'thosePictures' });
    expect(wanted()).toEqual([]);
    await hear(have());
    expect(wanted()).toEqual([]);
    // The line is up anew.
    line().onOpen(1);
    await hear(have());
    expect(wanted()).toMatchObject([{ pictures: names.slice(1, 9) }]);
  });

  it('that nobody asked for, or that come in too many pieces, are not kept', async () => {
    await paired([pictured('loaf')]);
    await hear(have());
    const [letters] = piecesOf(bytes(5));
    await hear({ is: 'picture', picture: 'other', piece: 0, of: 1, letters });
    await hear({ is: 'picture', picture: 'loaf', piece: 0, of: 41, letters });
    await hear({ is: 'picture', picture: 'loaf', piece: 0, of: 0, letters });
    await hear({ is: 'picture', picture: 'loaf', piece: 0, of: 1, letters: 'ä' });
    expect(mockPictures.size).toBe(0);
    await hear({ is: 'picture', picture: 'loaf', piece: 0, of: 1, letters });
    expect(mockPictures.size).toBe(1);
  });

  it('that the other device wants are given, as far as they are here', async () => {
    mockPictures.set('loaf', new Blob([bytes(300_000)]));
    await paired([pictured('loaf')]);
    await hear(have());
    said();
    await hear({ is: 'wantPictures', pictures: ['loaf', 'gone'] });
    const all = said();
    expect(all.map(({ is, picture, piece, of }) => [is, picture, piece, of])).toEqual([
      ['picture', 'loaf', 0, 2],
      ['picture', 'loaf', 1, 2],
      ['thosePictures', undefined, undefined, undefined],
    ]);
    const letters = all.flatMap((one) => (typeof one.letters === 'string' ? [one.letters] : []));
    expect(same(joined(letters), bytes(300_000))).toBe(true);
  });

  it('of what is entered meanwhile come after it', async () => {
    await paired();
    await hear(have());
    said();
    await hear({ is: 'entries', text: fileOf([pictured('new')]) });
    expect(wanted()).toMatchObject([{ pictures: ['new'] }]);
  });
});
