import { act, screen, waitFor } from '@testing-library/react';
import { getDocumentAsync } from 'expo-document-picker';

import {
  kitchenToFile,
  logEntries,
  selectJars,
  selectPlaces,
  settingsChanged,
  selectSettings,
  undoNotice,
} from '@state';

import { PLACES, iso, kitchenStore, show, tern, touch, type } from '../../tests/kitchen';
import { saveFile } from '@kit';
import { SettingsScreen } from './SettingsScreen';

jest.mock('expo-document-picker', () => ({ getDocumentAsync: jest.fn() }));
jest.mock('../../workers/read', () => jest.requireActual('../../tests/readers'));
jest.mock('../../kit/platform/saveFile.web', () => ({ saveFile: jest.fn() }));

const press = (name: string | RegExp) => touch('button', name);
const pick = (name: string | RegExp) => touch('radio', name);
const own = () => kitchenStore([...PLACES, tern()]);
const places = (store: ReturnType<typeof kitchenStore>) => selectPlaces(store.getState());

describe('places', () => {
  it('get another temperature from now on, or as it has been all along', async () => {
    const store = show(<SettingsScreen />, own());
    await press('Change Fridge');
    await type('Temperature', '3');
    await press('Save the place');
    expect(screen.getByText('3 °C all day')).toBeVisible();
    const since = store.getState().kitchen.events.at(-1)!;
    expect(since).toMatchObject({ kind: 'arranged', at: iso(0) });
    await press('Change Fridge');
    await type('Temperature', '6');
    await pick('all along');
    await press('Save the place');
    expect(places(store).find(({ id }) => id === 'fridge')!.temperature).toEqual({
      kind: 'constant',
      celsius: 6,
    });
    // What was said of it before no longer counts.
    expect(store.getState().kitchen.events.at(-1)).toMatchObject({ kind: 'withdrew' });
  });

  it('are warm by day and cool at night, or by the hour', async () => {
    const store = show(<SettingsScreen />, own());
    await press('Change Larder');
    await pick('day and night');
    await type('By day', '17');
    await type('At night', '11');
    await press('Save the place');
    expect(screen.getByText('17 °C by day, 11 °C at night')).toBeVisible();
    await press('Change Larder');
    await pick('by the hour');
    await press('Another hour');
    await press('Save the place');
    expect(places(store).find(({ id }) => id === 'larder')!.temperature.kind).toBe('hourly');
  });

  it('of no name or no temperature are not saved, and keep what was typed', async () => {
    const store = show(<SettingsScreen />, own());
    const before = places(store);
    await press('Add a place');
    await type('Temperature', 'warm');
    await press('Save the place');
    expect(screen.getByLabelText('Name')).toBeInvalid();
    expect(screen.getByRole('textbox', { name: 'Temperature', hidden: true })).toBeInvalid();
    expect(screen.getByRole('textbox', { name: 'Temperature', hidden: true })).toHaveValue('warm');
    expect(places(store)).toEqual(before);
    await type('Name', 'Attic');
    await type('Temperature', '14');
    await press('Save the place');
    expect(places(store).map(({ name }) => name)).toContain('Attic');
  });

  it('speak the baker’s own degrees', async () => {
    const store = own();
    store.dispatch(settingsChanged({ temperature: 'fahrenheit' }));
    show(<SettingsScreen />, store);
    await press('Change Fridge');
    await type('Temperature', '41');
    await press('Save the place');
    expect(screen.getByText('41 °F all day')).toBeVisible();
    const { temperature } = places(store).find(({ id }) => id === 'fridge')!;
    expect(temperature.kind === 'constant' && temperature.celsius).toBeCloseTo(5, 5);
  });
});

describe('the school', () => {
  it('is chosen word by word', async () => {
    const store = show(<SettingsScreen />, own());
    for (const word of [
      'Flour first',
      'Leave it, with the jar',
      'In a bowl beside it',
      'filtered',
      'at every feed',
      '°F',
      '6:20 pm',
      'Grams, with ounces beside',
      'Cups and spoons beside',
    ])
      await pick(word);
    expect(selectSettings(store.getState())).toMatchObject({
      order: 'flourFirst',
      weighing: 'inJar',
      levainIn: 'beside',
      water: 'filtered',
      cleanJar: 'eachFeed',
      temperature: 'fahrenheit',
      clock: '12',
      ounces: true,
      cups: true,
    });
    expect(
      screen.getByText(/A kitchen scale costs\s+little and puts an end to that/),
    ).toBeVisible();
  });

  it('tells of chlorine, and of chloramine that standing does not drive out', async () => {
    show(<SettingsScreen />, own());
    expect(screen.getByText(/^If it smells of chlorine/)).toBeVisible();
    await pick('stood or boiled');
    expect(screen.getByText(/not chloramine/)).toBeVisible();
    await pick('filtered');
    expect(screen.queryByText(/chlor/)).toBeNull();
  });

  it('typed key by key is taken back by one undo, and what was chosen before stays', async () => {
    const store = show(<SettingsScreen />, own());
    await type('Hydration', '80');
    await type('Flour to 1 of keep', '12.5');
    expect(selectSettings(store.getState())).toMatchObject({ parts: 12.5, hydrationPct: 80 });
    act(() => void store.dispatch(undoNotice()));
    expect(selectSettings(store.getState())).toMatchObject({ parts: 4, hydrationPct: 80 });
  });

  it('does not take none, too many or no number of parts of flour', async () => {
    const store = show(<SettingsScreen />, own());
    const before = selectSettings(store.getState()).parts;
    for (const text of ['0', '50', 'lots']) {
      await type('Flour to 1 of keep', text);
      expect(screen.getByLabelText('Flour to 1 of keep')).toBeInvalid();
      expect(selectSettings(store.getState()).parts).toBe(before);
    }
  });
});

describe('out and in', () => {
  const choose = (text: string) =>
    jest.mocked(getDocumentAsync).mockResolvedValue({
      canceled: false,
      assets: [{ file: { name: 'kitchen.json', text: () => Promise.resolve(text) } }],
    } as never);

  it('goes out as one file named by its day', async () => {
    show(<SettingsScreen />, own());
    await press('Export the kitchen');
    const [name, text] = jest.mocked(saveFile).mock.lastCall!;
    expect(name).toBe('ombrello-kitchen-2026-03-13.json');
    expect(JSON.parse(text as string)).toMatchObject({ format: 'ombrello-kitchen', version: 2 });
  });

  it('is looked at before it is taken in, and adds what is new', async () => {
    const store = show(<SettingsScreen />, kitchenStore([...PLACES]));
    choose(kitchenToFile(own().getState()));
    await press('Take in a file');
    expect(
      await screen.findByText(`The file holds ${PLACES.length + 3} entries, 1 of them new`),
    ).toBeVisible();
    expect(selectJars(store.getState())).toEqual([]);
    await press('Take in');
    await waitFor(() => expect(selectJars(store.getState()).map(({ id }) => id)).toEqual(['tern']));
    expect(store.getState().notice?.text).toBe('1 entry taken in');
    act(() => void store.dispatch(undoNotice()));
    expect(selectJars(store.getState())).toEqual([]);
  });

  it('leaves out what cannot be read, and says so', async () => {
    show(<SettingsScreen />, kitchenStore([...PLACES]));
    const file = JSON.parse(kitchenToFile(own().getState())) as { events: object[] };
    file.events.push({ kind: 'fed', id: 'bad', jar: 'tern', at: 'noon' });
    choose(JSON.stringify(file));
    await press('Take in a file');
    expect(await screen.findByText(/^1 entry cannot be read and stays out/)).toBeVisible();
  });

  it('takes in nothing of what is no kitchen, cut short, or from a newer Ombrello', async () => {
    const store = show(<SettingsScreen />, own());
    const before = store.getState().kitchen.events;
    for (const [text, said] of [
      ['{"format":"shopping","events":[]}', /not a kitchen exported from Ombrello/],
      ['half a fi', /it is not JSON, or it was cut short/],
      ['{"format":"ombrello-kitchen","version":3,"events":[]}', /from a newer Ombrello/],
    ] as const) {
      choose(text);
      await press('Take in a file');
      expect(await screen.findByText(said)).toBeVisible();
      expect(store.getState().kitchen.events).toBe(before);
    }
  });
});

describe('reminders and jars put away', () => {
  it('stay quiet where the browser does not let them ring', async () => {
    const store = show(<SettingsScreen />, own());
    await pick('The browser says so');
    expect(await screen.findByText(/^The browser does not allow it/)).toBeVisible();
    expect(selectSettings(store.getState()).reminders).toBe('off');
    await pick('Do not ring');
    expect(selectSettings(store.getState()).calendarAlarms).toBe(false);
  });

  it('come back to the shelf', async () => {
    const store = own();
    const { card } = selectJars(store.getState())[0]!;
    store.dispatch(
      logEntries(
        [{ kind: 'described', jar: 'tern', at: iso(0), card: { ...card, archived: true } }],
        '',
      ),
    );
    show(<SettingsScreen />, store);
    await press('Back on the shelf');
    await waitFor(() => expect(selectJars(store.getState())).toHaveLength(1));
    expect(screen.queryByRole('region', { name: 'Archived jars', hidden: true })).toBeNull();
  });
});

it('a currency is kept once it is one, and what is none says so and stays as typed', async () => {
  const store = show(<SettingsScreen />, own());
  await type('Currency', 'xx');
  expect(screen.getByLabelText('Currency')).toHaveAccessibleDescription(
    'Its three letters, please, like EUR.',
  );
  expect(screen.getByLabelText('Currency')).toHaveValue('XX');
  expect(selectSettings(store.getState()).currency).toBe('');
  await type('Currency', 'nok');
  expect(selectSettings(store.getState()).currency).toBe('NOK');
});
