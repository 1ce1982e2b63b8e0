import { type Fed, type JournalEvent } from '@core/journal';
import { readKitchenFile } from '@core/formats/readKitchenFile';
import { kitchenTime } from '@core/measure';
import { householdJournal } from '@demo/index';

import { undoNotice, withdrawEntries } from './actions';
import { selectSettings } from './decided';
import { settingsChanged } from './deeds';
import { kitchenToFile } from './copies';
import { arrivalOf, takeIn } from './exchange';
import { logged, opened } from './kitchen';
import { selectJarAt, selectJars, selectStandings } from './selectors';
import { usualSettings } from './settings';
import { makeStore } from './store';
import { ticked } from './time';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const demo = householdJournal(NOW, kitchenTime('Europe/Lisbon'));
const LISBON: JournalEvent = {
  kind: 'zoned',
  id: 'lisbon',
  at: '2025-01-01T00:00:00.000Z',
  zone: 'Europe/Lisbon',
  always: true,
};

function kitchen(events: readonly JournalEvent[] = [LISBON, ...demo]) {
  const store = makeStore();
  store.dispatch(ticked(NOW));
  store.dispatch(opened({ name: 'demo', events }));
  return store;
}

describe('the kitchen', () => {
  it('shows every jar of the household as it stands', () => {
    const stages = Object.fromEntries(
      selectStandings(kitchen().getState()).map(({ jar, stage }) => [jar.card.name, stage]),
    );
    expect(stages).toEqual({ Grebe: 'ripe', Dunlin: 'asleep', Skua: 'hooch' });
  });

  it('strikes an entry out, and undo puts it back', () => {
    const store = kitchen();
    const feed = demo.findLast((e): e is Fed => e.kind === 'fed' && e.jar === 'grebe')!;
    const since = () => selectJars(store.getState()).find(({ id }) => id === 'grebe')!.since;
    store.dispatch(withdrawEntries([feed.id], 'struck out'));
    expect(since()).toBeLessThan(Date.parse(feed.at));
    store.dispatch(undoNotice());
    expect(since()).toBe(Date.parse(feed.at));
  });

  it('takes the same entry in once, whoever sends it', () => {
    const store = kitchen();
    store.dispatch(logged([...demo, demo[0]!]));
    expect(store.getState().kitchen.events).toHaveLength(demo.length + 1);
  });

  it('lets what is said of later happen at its time', () => {
    const store = kitchen();
    const later = new Date(NOW + 2 * 3_600_000).toISOString();
    const move = { kind: 'moved', id: 'm', jar: 'grebe', at: later, place: 'fridge' } as const;
    store.dispatch(logged([{ ...move, said: new Date(NOW).toISOString() }]));
    const placeNow = () => selectStandings(store.getState())[0]!.place?.id;
    expect(placeNow()).toBe('counter');
    store.dispatch(ticked(NOW + 3 * 3_600_000));
    expect(placeNow()).toBe('fridge');
  });

  it('finds a jar by its key, or by a name that only one has', () => {
    const twin = demo.flatMap((e): JournalEvent[] =>
      e.kind === 'started' && e.jar === 'dunlin' ? [{ ...e, id: 'twin', jar: 'other' }] : [],
    );
    const state = kitchen([LISBON, ...demo, ...twin]).getState();
    expect(selectJarAt(state, 'grebe')).toBe('grebe');
    expect(selectJarAt(state, 'Grebe')).toBe('grebe');
    expect(selectJarAt(state, 'other')).toBe('other');
    expect(selectJarAt(state, 'DÚNLIN')).toBeNull();
    for (const odd of ['constructor', '__proto__', 'toString', ''])
      expect(selectJarAt(state, odd)).toBeNull();
  });
});

describe('the household', () => {
  it('is the same every time for the same moment, and fits the door', async () => {
    expect(householdJournal(NOW, kitchenTime('Europe/Lisbon'))).toEqual(demo);
    const { admit } = await import('@core/journal/schema');
    expect(admit(demo, NOW).refused).toEqual([]);
  });

  it('reaches back twenty weeks and never into the future', () => {
    const times = demo.map((event) => Date.parse(event.at));
    expect(Math.max(...times)).toBeLessThanOrEqual(NOW);
    expect(NOW - Math.min(...times)).toBeGreaterThan(19 * 7 * 24 * 3600e3);
  });
});

describe('a jar whose name every object knows', () => {
  it.each(['Constructor', '__proto__', 'toString', 'hasOwnProperty'])('%s is a jar', (name) => {
    const started = demo.find((e) => e.kind === 'started' && e.jar === 'grebe')!;
    const odd = { ...started, id: 'odd', jar: name.toLowerCase() } as JournalEvent;
    const state = kitchen([LISBON, ...demo, odd]).getState();
    expect(selectStandings(state).map(({ jar }) => jar.id)).toContain(name.toLowerCase());
  });
});

describe('export and import', () => {
  const file = () => kitchenToFile(kitchen().getState());
  const arriving = (text: string, store = kitchen()) =>
    arrivalOf({ read: readKitchenFile(text, NOW), pictures: [] }, store.getState());

  it('carries a whole kitchen to another device: decisions, tastes and zone too', async () => {
    const here = kitchen();
    here.dispatch(settingsChanged({ theme: 'dark' }));
    const other = makeStore();
    other.dispatch(ticked(Date.now()));
    other.dispatch(opened({ name: 'own', events: [] }));
    await takeIn(other, arriving(kitchenToFile(here.getState()), other));
    expect(selectJars(other.getState()).map(({ id }) => id)).toEqual(['grebe', 'dunlin', 'skua']);
    expect(selectSettings(other.getState()).theme).toBe('dark');
    expect(kitchenToFile(other.getState())).toContain('"zone": "Europe/Lisbon"');
  });

  it('finds nothing new in its own file', () => {
    const arrival = arriving(file());
    expect(arrival.fresh).toEqual([]);
    expect(arrival.known).toBe(demo.length + 1);
  });

  it('keeps bad entries out and says so, before anything changes', () => {
    const spoiled = JSON.parse(file()) as { events: JournalEvent[] };
    (spoiled.events[5] as { at: string }).at = 'never';
    (spoiled.events[6] as { at: string }).at = '0001-01-01T00:00:00.000Z';
    (spoiled.events[7] as { at: string }).at = '9999-01-01T00:00:00.000Z';
    expect(arriving(JSON.stringify(spoiled)).refused).toHaveLength(3);
  });

  it('is taken back as it was taken in', async () => {
    const store = kitchen([LISBON]);
    const undo = await takeIn(store, arriving(file(), store));
    store.dispatch(withdrawEntries(undo, 'gone'));
    expect(selectJars(store.getState())).toEqual([]);
  });

  it.each(['', '{', '[]', '"x"', 'null', '7', '{"format":"other"}'])('refuses %j', (text) => {
    expect(() => readKitchenFile(text, NOW)).toThrow('Nothing was changed');
  });
});

describe('settings', () => {
  it('come from the locale at first', () => {
    expect(usualSettings('en-US')).toMatchObject({
      temperature: 'fahrenheit',
      clock: '12',
      ounces: true,
    });
    expect(usualSettings('pt-PT')).toMatchObject({
      temperature: 'celsius',
      clock: '24',
      ounces: false,
    });
  });
});
