import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { getDocumentAsync } from 'expo-document-picker';

import { type Proposal } from '@core/picture';
import { type Looked, picturesOf } from '@core/journal';
import { selectJarEvents, undoNotice } from '@state';

import { PLACES, iso, kitchenStore, show, tern, touch, type, went } from '../../tests/kitchen';
import { PictureScreen } from './PictureScreen';

jest.mock('expo-document-picker', () => ({ getDocumentAsync: jest.fn() }));
const mockKept = new Map<string, unknown>();
jest.mock('@state/door/pictures', () => ({
  keepPicture: (_: string, id: string, picture: unknown) =>
    Promise.resolve(void mockKept.set(id, picture)),
  readPicture: () => Promise.resolve(null),
  dropPicture: (_: string, id: string) => Promise.resolve(void mockKept.delete(id)),
}));
let mockRead: object[] = [];
jest.mock('../../workers/picture', () => ({
  readPictureInWorker: () => Promise.resolve(mockRead.shift()),
}));
jest.mock('../../kit/platform/pictureUrl.web', () => {
  let made = 0;
  return { pictureUrl: () => `blob:${++made}`, letGo: () => undefined };
});

const press = (name: string | RegExp) => touch('button', name);
const FED = {
  kind: 'fed' as const,
  id: 'f',
  jar: 'tern',
  at: iso(-8),
  keepG: 20,
  flourG: 80,
  waterG: 80,
  flour: { white: 1 },
};
const kitchen = () =>
  kitchenStore([...PLACES, tern({ vessel: { emptyG: 300, capacityMl: 700 } }), FED]);
const looks = (store: ReturnType<typeof kitchen>) =>
  selectJarEvents(store.getState(), 'tern').filter((e): e is Looked => e.kind === 'looked');
const proposal = (surface: number): Proposal => ({
  marks: { foot: { x: 300, y: 1000 }, band: { x: 300, y: 600 }, surface: { x: 300, y: surface } },
  leanDeg: 0,
});
const picture = (over: object = {}) => ({
  picture: {},
  width: 600,
  height: 1200,
  takenAt: null,
  proposal: proposal(200),
  ...over,
});
async function choose(...read: object[]) {
  mockRead = read;
  const assets = read.map((_, i) => ({ file: { name: `jar ${i}.jpg`, size: 1000 } }));
  jest.mocked(getDocumentAsync).mockResolvedValueOnce({ canceled: false, assets } as never);
  await press('Choose one or several');
  await waitFor(() => expect(screen.queryByText('Reading …')).toBeNull());
}

describe('a picture of a jar', () => {
  it('becomes a look with its picture, where its marks were put, and one undo takes both back', async () => {
    const store = kitchen();
    show(<PictureScreen id="tern" />, store);
    await choose(picture());
    // From the floor at 1000 to the band at 600, and twice as far to the surface at 200.
    expect(screen.getByText(/^\+ 100 %, give or take \d %/)).toBeVisible();
    const surface = screen.getByRole('slider', { name: 'Surface', hidden: true });
    fireEvent.keyDown(surface, { key: 'PageDown' });
    fireEvent.keyDown(surface, { key: 'ArrowDown' });
    expect(screen.getByText(/^\+ 90 %, give or take/)).toBeVisible();
    await press('Log this look');
    await waitFor(() => expect(looks(store)).toHaveLength(1));
    expect(looks(store)[0]!.height).toBeCloseTo(1.9, 1);
    const [kept] = picturesOf(looks(store)[0]!, selectJarEvents(store.getState(), 'tern'));
    expect(mockKept.has(kept!.picture)).toBe(true);
    expect(went).toContain('/jar/tern');
    act(() => void store.dispatch(undoNotice()));
    expect(looks(store)).toEqual([]);
  });

  it('is one of several of one rise: each a look at its own hour', async () => {
    const store = kitchen();
    show(<PictureScreen id="tern" />, store);
    const times = [-6, -2].map((h) => iso(h).slice(0, 19));
    const local = (text: string) => text;
    await choose(
      picture({ takenAt: local(times[1]!), proposal: proposal(250) }),
      picture({ takenAt: local(times[0]!), proposal: proposal(450) }),
    );
    expect(screen.getByText('Picture 2')).toBeVisible();
    await press('Log 2 looks');
    await waitFor(() => expect(looks(store)).toHaveLength(2));
    const [first, second] = looks(store);
    expect(first!.height!).toBeLessThan(second!.height!);
    expect(Date.parse(second!.at) - Date.parse(first!.at)).toBe(4 * 3_600_000);
  });

  it('in which no band is found asks for its marks, and marks upside down are no rise', async () => {
    const store = kitchen();
    show(<PictureScreen id="tern" />, store);
    await choose(picture({ proposal: null }));
    expect(screen.getByText(/^The band cannot be made out/)).toBeVisible();
    const foot = screen.getByRole('slider', { name: 'Floor of the jar', hidden: true });
    for (let i = 0; i < 20; i++) fireEvent.keyDown(foot, { key: 'PageUp' });
    expect(screen.getByText(/^The surface is above the band or a little below/)).toBeVisible();
    expect(screen.getByRole('button', { name: 'Log this look' })).toBeDisabled();
  });

  it('that is none, or from before the feed, is refused in words, and no picture is left behind', async () => {
    const store = kitchen();
    show(<PictureScreen id="tern" />, store);
    await choose({ problem: 'This is no picture that the browser can read. Nothing was changed.' });
    expect(screen.getByText(/no picture that the browser can read/)).toBeVisible();
    await choose(picture());
    const before = mockKept.size;
    await type('Taken at', '2026-03-10T08:00');
    await press('Log this look');
    await waitFor(() =>
      expect(screen.getByText(/before the last feed|not in the kitchen yet/)).toBeVisible(),
    );
    expect(mockKept.size).toBe(before);
    expect(looks(store)).toEqual([]);
  });
});
