import { act, screen, waitFor } from '@testing-library/react';
import { getDocumentAsync } from 'expo-document-picker';

import { celsiusOf, trackIn } from '@core/journal';
import { HOUR } from '@core/measure';
import {
  selectNow,
  selectPlaceHistory,
  selectPlaces,
  selectTime,
  settingsChanged,
  undoNotice,
} from '@state';

import { PLACES, kitchenStore, show, tern, touch, type } from '../../tests/kitchen';
import { NowScreen } from '../now';
import { SettingsScreen } from './SettingsScreen';

jest.mock('expo-document-picker', () => ({ getDocumentAsync: jest.fn() }));
jest.mock('../../workers/read', () => jest.requireActual('../../tests/readers'));

const press = (name: string | RegExp) => touch('button', name);
type Kitchen = ReturnType<typeof kitchenStore>;
const own = () => kitchenStore([...PLACES, tern()]);
const counterAt = (store: Kitchen, hoursAgo: number) => {
  const state = store.getState();
  const at = selectNow(state) - hoursAgo * HOUR;
  return celsiusOf(selectPlaceHistory(state), 'counter', at, selectTime(state));
};
/** A file is chosen with this in it. */
async function choose(text: string) {
  const file = { size: text.length, text: () => Promise.resolve(text) };
  jest
    .mocked(getDocumentAsync)
    .mockResolvedValueOnce({ canceled: false, assets: [{ file }] } as never);
  await press('Choose its file');
  await waitFor(() => expect(screen.queryByText('Reading the file …')).toBeNull());
}
/** Every hour of the last days, as text. */
const logOf = (store: Kitchen, days: number, celsius: (i: number) => string) => {
  const now = selectNow(store.getState());
  return Array.from({ length: days * 24 }, (_, i) => {
    const at = new Date(now - (days * 24 - i) * HOUR).toISOString();
    return `${at},${celsius(i)}`;
  }).join('\n');
};

describe('a thermometer', () => {
  it('tells of the lowest and the highest of a day, in the kitchen’s degrees', async () => {
    const store = own();
    store.dispatch(settingsChanged({ temperature: 'fahrenheit' }));
    show(<SettingsScreen />, store);
    await press('Thermometer of Counter');
    expect(screen.getByText('Nothing was measured here yet.')).toBeVisible();
    await type('Lowest', '75');
    await type('Highest', '60');
    await press('Write it down');
    expect(screen.getByText('That is lower than the lowest.')).toBeVisible();
    await type('Lowest', '59');
    await type('Highest', '77');
    await press('Write it down');
    const day = Array.from({ length: 24 }, (_, i) => counterAt(store, i + 0.5));
    expect(Math.min(...day)).toBeCloseTo(15, 0);
    expect(Math.max(...day)).toBeCloseTo(25, 0);
    expect(screen.getByText(/^Measured for /)).toBeVisible();
  });

  it('brings a log: looked at first, then laid over its place, and undone', async () => {
    const store = own();
    show(<SettingsScreen />, store);
    const before = counterAt(store, 30);
    await press('Thermometer of Counter');
    await choose(`when,temp °C\n${logOf(store, 3, () => '27.5')}`);
    expect(screen.getByText(/^72 readings, every 60 min|^72 readings, every 1 hour/)).toBeVisible();
    expect(counterAt(store, 30)).toBe(before);
    await press('Lay it over Counter');
    expect(counterAt(store, 30)).toBeCloseTo(27.5);
    // From now on it has its usual day by the log.
    expect(
      selectPlaces(store.getState()).find(({ id }) => id === 'counter')!.temperature.kind,
    ).toBe('hourly');
    expect(screen.getByText(/measured until/)).toBeVisible();
    act(() => void store.dispatch(undoNotice()));
    expect(counterAt(store, 30)).toBe(before);
    const state = store.getState();
    expect(trackIn(selectPlaceHistory(state), 'counter', selectTime(state))).toBeNull();
  });

  it('is read otherwise where it was guessed wrong, and the card may stay', async () => {
    const store = own();
    show(<SettingsScreen />, store);
    await press('Thermometer of Counter');
    await choose(`when,temp\n${logOf(store, 2, () => '20')}`);
    await press('Read it otherwise');
    await touch('radio', 'in °F');
    await waitFor(() => expect(screen.getByText(/^Between .?[67](\.\d)? °C and/)).toBeVisible());
    await touch('radio', 'as its card says');
    await press('Lay it over Counter');
    expect(counterAt(store, 20)).toBeCloseTo(-6.7, 0);
    expect(
      selectPlaces(store.getState()).find(({ id }) => id === 'counter')!.temperature.kind,
    ).not.toBe('hourly');
  });

  it('names what it cannot read, takes the rest only when told, and refuses what is no log', async () => {
    const store = own();
    show(<SettingsScreen />, store);
    const before = store.getState().kitchen.events;
    await press('Thermometer of Counter');
    await choose('This is a letter, not a log.\nWith two lines.');
    expect(screen.getByText(/Nothing was changed\.$/)).toBeVisible();
    await choose(`when,temp\n${logOf(store, 1, (i) => (i === 3 ? 'off' : '20'))}`);
    expect(screen.getByText(/^Line 5, column 2 \(temp\), “off”/)).toBeVisible();
    expect(store.getState().kitchen.events).toBe(before);
    await press('Lay what can be read over Counter');
    expect(store.getState().kitchen.events.length).toBeGreaterThan(before.length);
  });

  it('moves a log whose clock was never set', async () => {
    const store = own();
    show(<SettingsScreen />, store);
    await press('Thermometer of Counter');
    const lines = Array.from(
      { length: 30 },
      (_, i) => `2000-01-0${1 + Math.floor(i / 24)} ${i % 24}:00,26`,
    );
    await choose(`when,temp\n${lines.join('\n')}`);
    expect(screen.getByText('Its clock was never set, it seems')).toBeVisible();
    await press('Move all of it so that it ends now');
    await waitFor(() => expect(screen.queryByText('Its clock was never set, it seems')).toBeNull());
    await press('Lay it over Counter');
    expect(counterAt(store, 10)).toBeCloseTo(26);
  });

  it('is what the first page says of the room', async () => {
    const store = own();
    show(<SettingsScreen />, store);
    await press('Thermometer of Counter');
    await type('Lowest', '30');
    await type('Highest', '30');
    await press('Write it down');
    await press('Close');
    show(<NowScreen />, store);
    expect(screen.getAllByText(/kitchen 30 °C/).length).toBeGreaterThan(0);
  });
});
