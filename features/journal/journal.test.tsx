import { act, cleanup, screen, waitFor } from '@testing-library/react';

import { type JournalEvent } from '@core/journal';
import { selectJarEvents, undoNotice } from '@state';

import { PLACES, iso, kitchenStore, show, tern, touch, type } from '../../tests/kitchen';
import { saveFile } from '@kit';
import { JournalScreen } from './JournalScreen';

jest.mock('../../kit/platform/saveFile.web', () => ({ saveFile: jest.fn() }));

const noted = (n: number, jar = 'tern'): JournalEvent => ({
  kind: 'noted',
  id: `${jar} note ${n}`,
  jar,
  at: iso(-n),
  note: `Note ${n} on ${jar}`,
});
const puffin: JournalEvent = { ...tern({ name: 'Puffin' }), id: 'puffin begins', jar: 'puffin' };
const fed = (n: number, jar = 'tern'): JournalEvent => ({
  kind: 'fed',
  id: `${jar} fed ${n}`,
  jar,
  at: iso(-n),
  keepG: 20,
  flourG: 40,
  waterG: 40,
  flour: { white: 1 },
});
const looked = (n: number, height: number): JournalEvent => ({
  kind: 'looked',
  id: `look ${n}`,
  jar: 'tern',
  at: iso(-n),
  height,
});
const lines = () =>
  screen
    .queryAllByRole('button', { name: /(Note \d|fed:|looked:)/, hidden: true })
    .map((row) => row.getAttribute('aria-label')!);
const days = () =>
  screen
    .getAllByRole('heading', { level: 2, hidden: true })
    .map((day) => day.textContent)
    .filter((title) => /^(Today|Yesterday|\w{3} \d)/.test(title));

describe('the journal', () => {
  it('of an empty kitchen leads to a first starter, and takes in notes that were kept elsewhere', () => {
    show(<JournalScreen />, kitchenStore([]));
    for (const name of ['Add a starter', 'Bring in notes you kept elsewhere'])
      expect(screen.getByRole('link', { name })).toBeVisible();
  });

  it('is told by day, newest first, of all jars or one', async () => {
    show(
      <JournalScreen />,
      kitchenStore([...PLACES, tern(), puffin, noted(30), noted(1, 'puffin')]),
    );
    expect(lines().map((line) => /Note \d+ on \w+/.exec(line)![0])).toEqual([
      'Note 1 on puffin',
      'Note 30 on tern',
    ]);
    expect(days()).toHaveLength(2);
    expect(days()[0]).toMatch(/^Today, \w{3} \d+ \w+$/);
    await touch('radio', 'Tern');
    expect(lines()).toHaveLength(1);
  });

  it('tells what was seen of a feed with it, even on the next day, and how far it rose', () => {
    show(
      <JournalScreen />,
      kitchenStore([
        ...PLACES,
        { ...tern(), at: iso(-100) },
        fed(40),
        looked(34, 2.1),
        looked(20, 1.4),
        fed(2),
      ]),
    );
    expect(lines().map((line) => line.replace(/^.*?(fed|looked)/, '$1').slice(0, 16))).toEqual([
      'fed: keep 20, wa',
      'fed: keep 20, wa',
      'looked: + 110 %',
      'looked: + 40 %',
    ]);
    expect(screen.getByText('highest seen + 110 %, after 6 hours')).toBeVisible();
  });

  it('is narrowed to a sort, to words, and to what was up to a day', async () => {
    show(
      <JournalScreen />,
      kitchenStore([
        ...PLACES,
        { ...tern(), at: iso(-100) },
        fed(50),
        looked(44, 2.1),
        noted(30),
        noted(1),
      ]),
    );
    await touch('button', 'Narrow it');
    await touch('radio', 'Looks');
    expect(lines()).toEqual([expect.stringContaining('+ 110 %')]);
    await touch('radio', 'Everything');
    await type('With these words', 'NOTE tern 30');
    expect(lines()).toEqual([expect.stringContaining('Note 30')]);
    await type('With these words', 'pelican');
    expect(screen.getByText('Nothing like that was logged.')).toBeVisible();
    await type('With these words', '');
    await type('Up to the day', iso(-26).slice(0, 10));
    expect(lines().some((line) => line.includes('Note 1 '))).toBe(false);
    expect(lines().some((line) => line.includes('Note 30'))).toBe(true);
  });

  it('strikes an entry out without losing it', async () => {
    const store = show(<JournalScreen />, kitchenStore([...PLACES, tern(), noted(3)]));
    await touch('button', /Note 3/);
    await touch('button', 'Strike it out');
    expect(selectJarEvents(store.getState(), 'tern')).toHaveLength(1);
    expect(store.getState().kitchen.events.some(({ id }) => id === 'tern note 3')).toBe(true);
    act(() => void store.dispatch(undoNotice()));
    expect(selectJarEvents(store.getState(), 'tern')).toHaveLength(2);
  });

  it('puts an entry right, tells what it was before, and takes that back', async () => {
    const store = show(
      <JournalScreen />,
      kitchenStore([...PLACES, { ...tern(), at: iso(-100) }, fed(2)]),
    );
    await touch('button', /fed: /);
    await touch('button', 'Put it right');
    await type('Keep', 'much');
    await touch('button', 'Save it so');
    expect(screen.getByLabelText('Keep')).toHaveAccessibleDescription(
      'Give a weight: 80, 3 oz or ½ cup will do.',
    );
    expect(screen.getByLabelText('Keep')).toHaveValue('much');
    await type('Keep', '25');
    await touch('button', 'Save it so');
    expect(selectJarEvents(store.getState(), 'tern').at(-1)).toMatchObject({
      keepG: 25,
      flourG: 40,
    });
    await touch('button', /fed: keep 25/);
    expect(screen.getByText(/^Put right\. Before: .*keep 20/)).toBeVisible();
    act(() => void store.dispatch(undoNotice()));
    expect(selectJarEvents(store.getState(), 'tern').at(-1)).toMatchObject({ keepG: 20 });
  });

  it('goes out as a table: all of it, or of one jar', async () => {
    show(
      <JournalScreen />,
      kitchenStore([...PLACES, tern(), puffin, noted(3), noted(1, 'puffin')]),
    );
    await touch('button', 'Save it all as a table (CSV)');
    await waitFor(() => expect(saveFile).toHaveBeenCalled());
    await touch('radio', 'Puffin');
    await touch('button', 'Save the log of Puffin as a table (CSV)');
    await waitFor(() => expect(saveFile).toHaveBeenCalledTimes(2));
    const [[, all], [name, one]] = jest.mocked(saveFile).mock.calls as [
      [string, string],
      [string, string],
    ];
    expect(all).toMatch(/Note 3 on tern[^]*Note 1 on puffin/);
    expect(one).not.toMatch(/on tern/);
    expect(name).toMatch(/^ombrello-puffin-\d{4}-\d\d-\d\d\.csv$/);
  });

  it('is long, and shown some days at a time, each of them whole', async () => {
    show(
      <JournalScreen />,
      kitchenStore([
        ...PLACES,
        { ...tern(), at: iso(-1000) },
        // Seven an hour apart, on each of twelve days.
        ...Array.from({ length: 84 }, (_, i) => fed(24 * Math.floor(i / 7) + (i % 7) + 1)),
      ]),
    );
    expect(lines()).toHaveLength(63);
    await touch('button', 'Earlier days');
    expect(lines()).toHaveLength(84);
    expect(screen.queryByRole('button', { name: 'Earlier days', hidden: true })).toBeNull();
  });

  it('draws how warmth changes the hours of a jar, from three peaks on', async () => {
    const fedAndPeaked = (n: number): readonly JournalEvent[] => [
      {
        kind: 'fed',
        id: `fed ${n}`,
        jar: 'tern',
        at: iso(-24 * n),
        keepG: 20,
        flourG: 40,
        waterG: 40,
        flour: { white: 1 },
      },
      { kind: 'looked', id: `peak ${n}`, jar: 'tern', at: iso(-24 * n + 6 + n), sign: 'peaked' },
    ];
    const kitchen = (feeds: readonly number[]) =>
      kitchenStore([
        ...PLACES,
        { ...tern(), id: `begun for ${feeds.length}`, at: iso(-200) },
        puffin,
        ...feeds.flatMap(fedAndPeaked),
      ]);
    show(<JournalScreen />, kitchen([4, 3]));
    expect(screen.queryByRole('region', { name: 'Peaks and warmth', hidden: true })).toBeNull();
    await touch('radio', 'Tern');
    expect(screen.getByText(/^Log it when Tern is at its peak/)).toBeVisible();
    cleanup();
    show(<JournalScreen />, kitchen([4, 3, 1]));
    await touch('radio', 'Tern');
    expect(
      screen.getByText(/^3 peaks seen, from 7 hours at 2\d °C to 10 hours at 2\d °C\.$/),
    ).toBeVisible();
  });

  it('that is empty says what comes here', () => {
    show(<JournalScreen />, kitchenStore([...PLACES]));
    expect(screen.getByText(/is written down here for you/)).toBeVisible();
  });
});
