import { act, screen, waitFor } from '@testing-library/react';
import { getDocumentAsync } from 'expo-document-picker';

import { type JournalEvent, bakesIn, outcomeOf, picturesOf } from '@core/journal';
import { selectChapters, selectJarEvents, undoNotice } from '@state';

import { PLACES, iso, kitchenStore, show, tern, touch, type } from '../../tests/kitchen';
import { JournalScreen } from './JournalScreen';

jest.mock('expo-document-picker', () => ({ getDocumentAsync: jest.fn() }));
const kept = new Map<string, unknown>();
jest.mock('@state/door/pictures', () => ({
  keepPicture: (_: string, id: string, picture: unknown) =>
    Promise.resolve(void mockKept().set(id, picture)),
  readPicture: () => Promise.resolve(null),
  dropPicture: () => Promise.resolve(),
}));
const mockKept = () => kept;
let mockShrunk: object = {};
jest.mock('../../workers/picture', () => ({ shrinkInWorker: () => Promise.resolve(mockShrunk) }));

const press = (name: string | RegExp) => touch('button', name);
const FED: JournalEvent = {
  kind: 'fed',
  id: 'f',
  jar: 'tern',
  at: iso(-12),
  keepG: 20,
  flourG: 80,
  waterG: 80,
  flour: { white: 1 },
};
const LOOKED: JournalEvent = { kind: 'looked', id: 'l', jar: 'tern', at: iso(-6), height: 2.1 };
const TOOK: JournalEvent = { kind: 'took', id: 't', jar: 'tern', at: iso(-5), grams: 120 };
const kitchen = () => kitchenStore([...PLACES, tern(), FED, LOOKED, TOOK]);
const events = (store: ReturnType<typeof kitchen>) => selectJarEvents(store.getState(), 'tern');

async function addPicture() {
  const file = { name: 'loaf.jpg', size: 1000 };
  jest
    .mocked(getDocumentAsync)
    .mockResolvedValueOnce({ canceled: false, assets: [{ file }] } as never);
  await press('Add a picture');
}

describe('how a bake turned out', () => {
  it('is tied to the levain and the feed it came from, said otherwise later, and undone', async () => {
    const store = kitchen();
    show(<JournalScreen />, store);
    await press(/took|taken out/);
    await press('How did the bake turn out?');
    await press('Write it down');
    expect(screen.getByText('Nothing is said yet.')).toBeVisible();
    await touch('radio', 'rose well');
    await touch('radio', 'open');
    await touch('radio', 'mildly sour');
    await type('Otherwise the next time', 'a longer proof');
    await press('Write it down');
    expect(
      screen.getByText(/^Rose well, crumb open, mildly sour; next time: a longer proof\.$/),
    ).toBeVisible();
    const [bake] = bakesIn(selectChapters(store.getState()).toReversed(), events(store));
    expect(bake).toMatchObject({
      rise: 2.1,
      outcome: { of: 't', crumb: 'open' },
      chapter: { fed: { id: 'f' } },
    });
    await press('Say it otherwise');
    await touch('radio', 'gummy');
    await press('Write it down');
    expect(outcomeOf({ id: 't' }, events(store))).toMatchObject({ crumb: 'gummy', sour: 'mild' });
    act(() => void store.dispatch(undoNotice()));
    expect(outcomeOf({ id: 't' }, events(store))).toMatchObject({ crumb: 'open' });
  });

  it('stands in the journal with what was taken, and by itself under Bakes', async () => {
    const store = kitchen();
    show(<JournalScreen />, store);
    await press(/took|taken out/);
    await press('How did the bake turn out?');
    await touch('radio', 'stayed flat');
    await press('Write it down');
    await press('Close');
    expect(screen.getByText('the bake: stayed flat')).toBeVisible();
    await press('Narrow it');
    await touch('radio', 'Bakes');
    expect(screen.getAllByRole('button', { name: /the bake: stayed flat/ })).toHaveLength(1);
    expect(screen.queryByRole('button', { name: /fed:/ })).toBeNull();
  });
});

describe('what a bowl was begun with', () => {
  it('is no bake, and nobody asks how it turned out', async () => {
    const seed: JournalEvent = { ...TOOK, id: 'seed', grams: 20 };
    const bowl: JournalEvent = {
      ...tern({ name: 'Levain', bowl: {} }),
      id: 'bowl',
      jar: 'bowl',
      from: 'tern',
      at: TOOK.at,
    };
    const store = kitchenStore([...PLACES, tern(), FED, seed, bowl]);
    show(<JournalScreen of="tern" />, store);
    await press(/took/);
    expect(screen.queryByRole('button', { name: /turn out/, hidden: true })).toBeNull();
  });
});

describe('a picture of a look or a bake', () => {
  it('is kept before it is written down, with the hour of its camera', async () => {
    const store = kitchen();
    show(<JournalScreen />, store);
    await press(/110 %/);
    mockShrunk = { picture: {}, width: 960, height: 1280, takenAt: null };
    await addPicture();
    await waitFor(() => expect(picturesOf({ id: 'l' }, events(store))).toHaveLength(1));
    const [picture] = picturesOf({ id: 'l' }, events(store));
    expect(kept.has(picture!.picture)).toBe(true);
    expect(screen.getByText('This picture is not on this device.')).toBeVisible();
    await press(/^See the picture large/);
    await press('Take it away');
    expect(picturesOf({ id: 'l' }, events(store))).toEqual([]);
  });

  it('that is none is refused in words, and nothing is written', async () => {
    const store = kitchen();
    const before = store.getState().kitchen.events;
    show(<JournalScreen />, store);
    await press(/110 %/);
    mockShrunk = { problem: 'This is no picture that the browser can read. Nothing was changed.' };
    await addPicture();
    await waitFor(() =>
      expect(screen.getByText(/no picture that the browser can read/)).toBeVisible(),
    );
    expect(store.getState().kitchen.events).toBe(before);
  });
});
