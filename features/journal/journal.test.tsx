import { act, cleanup, screen, within } from '@testing-library/react';

import { type JournalEvent } from '@core/journal';
import { selectJarEvents, undoNotice } from '@state';

import { PLACES, iso, kitchenStore, show, tern, touch } from '../../tests/kitchen';
import { JournalScreen } from './JournalScreen';

const noted = (n: number, jar = 'tern'): JournalEvent => ({
  kind: 'noted',
  id: `${jar} note ${n}`,
  jar,
  at: iso(-n),
  note: `Note ${n} on ${jar}`,
});
const puffin: JournalEvent = { ...tern({ name: 'Puffin' }), id: 'puffin begins', jar: 'puffin' };
const entries = () => within(screen.getByRole('region', { name: 'Entries', hidden: true }));

describe('the journal', () => {
  it('is told newest first, of all jars or one', () => {
    show(
      <JournalScreen />,
      kitchenStore([...PLACES, tern(), puffin, noted(3), noted(1, 'puffin')]),
    );
    const said = entries()
      .getAllByText(/^.?Note \d on/)
      .map((row) => /Note \d on \w+/.exec(row.textContent)![0]);
    expect(said).toEqual(['Note 1 on puffin', 'Note 3 on tern']);
    touch('radio', 'Tern');
    expect(entries().queryByText(/on puffin/)).toBeNull();
    expect(entries().queryByText('Puffin')).toBeNull();
  });

  it('strikes an entry out without losing it', () => {
    const store = show(<JournalScreen />, kitchenStore([...PLACES, tern(), noted(3)]));
    touch('button', /^Strike out: .*Note 3/);
    expect(selectJarEvents(store.getState(), 'tern')).toHaveLength(1);
    expect(store.getState().kitchen.events.some(({ id }) => id === 'tern note 3')).toBe(true);
    act(() => void store.dispatch(undoNotice()));
    expect(selectJarEvents(store.getState(), 'tern')).toHaveLength(2);
  });

  it('is long, and shown in parts', () => {
    show(
      <JournalScreen />,
      kitchenStore([...PLACES, tern(), ...Array.from({ length: 70 }, (_, i) => noted(i / 10))]),
    );
    touch('button', 'Earlier entries (11)');
    expect(screen.queryByRole('button', { name: /^Earlier entries/, hidden: true })).toBeNull();
  });

  it('draws how warmth changes the hours of a jar, from three peaks on', () => {
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
    touch('radio', 'Tern');
    expect(screen.getByText(/^Log it when Tern is at its peak/)).toBeVisible();
    cleanup();
    show(<JournalScreen />, kitchen([4, 3, 1]));
    touch('radio', 'Tern');
    expect(
      screen.getByText(/^3 peaks seen, from 7 hours at 2\d °C to 10 hours at 2\d °C\.$/),
    ).toBeVisible();
  });

  it('that is empty says what comes here', () => {
    show(<JournalScreen />, kitchenStore([...PLACES]));
    expect(screen.getByText(/is written down here for you/)).toBeVisible();
  });
});
