import { type Fed, type JournalEvent } from '@core/journal';
import { kitchenTime } from '@core/measure';
import { householdJournal } from '@demo/index';

import { logEntries, undoNotice, withdrawEntries } from './actions';
import { kitchenToFile, readKitchenFile, takeIn } from './exchange';
import { logged, opened } from './kitchen';
import { selectJars, selectStandings } from './selectors';
import { settingsChanged, settingsFrom, usualSettings } from './settings';
import { makeStore } from './store';
import { ticked } from './time';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const demo = householdJournal(NOW, kitchenTime('Europe/Lisbon'));

function kitchen() {
  const store = makeStore();
  store.dispatch(ticked(NOW));
  store.dispatch(opened({ name: 'demo', events: demo, setAside: null }));
  return store;
}

const massOf = (store: ReturnType<typeof makeStore>, id: string) =>
  selectJars(store.getState()).find((jar) => jar.id === id)!.massG;

describe('the kitchen', () => {
  it('shows every jar of the household as it stands', () => {
    const stages = Object.fromEntries(
      selectStandings(kitchen().getState()).map(({ jar, stage }) => [jar.card.name, stage]),
    );
    expect(stages).toEqual({ Grebe: 'ripe', Dunlin: 'asleep', Skua: 'hooch' });
  });

  it('takes back what was logged, and the taking back', () => {
    const store = kitchen();
    const before = massOf(store, 'grebe');
    const at = new Date(NOW).toISOString();
    store.dispatch(logEntries([{ kind: 'took', jar: 'grebe', at, grams: 50 }], 'taken'));
    expect(massOf(store, 'grebe')).toBe(before - 50);
    store.dispatch(undoNotice());
    expect(massOf(store, 'grebe')).toBe(before);
    expect(store.getState().notice).toBeNull();
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
    store.dispatch(logged(demo));
    expect(store.getState().kitchen.events).toHaveLength(demo.length);
  });
});

describe('the household', () => {
  it('is the same every time for the same moment, and fits the door', async () => {
    expect(householdJournal(NOW, kitchenTime('Europe/Lisbon'))).toEqual(demo);
    const { admit } = await import('@core/journal/schema');
    expect(admit(demo).refused).toEqual([]);
  });

  it('reaches back twenty weeks and never into the future', () => {
    const times = demo.map((event) => Date.parse(event.at));
    expect(Math.max(...times)).toBeLessThanOrEqual(NOW);
    expect(NOW - Math.min(...times)).toBeGreaterThan(19 * 7 * 24 * 3600e3);
  });
});

describe('export and import', () => {
  const file = () => kitchenToFile(kitchen().getState(), NOW);

  it('carries a whole kitchen to another device', async () => {
    const other = makeStore();
    const arrival = await readKitchenFile(file(), other.getState());
    expect(arrival.fresh).toHaveLength(demo.length);
    takeIn(other, arrival);
    other.dispatch(ticked(NOW));
    expect(selectJars(other.getState()).map(({ id }) => id)).toEqual(['grebe', 'dunlin', 'skua']);
  });

  it('finds nothing new in its own file', async () => {
    const store = kitchen();
    const arrival = await readKitchenFile(file(), store.getState());
    expect(arrival.fresh).toEqual([]);
    expect(arrival.known).toBe(demo.length);
  });

  it('keeps bad entries out and says so, before anything changes', async () => {
    const spoiled = JSON.parse(file()) as { events: JournalEvent[] };
    (spoiled.events[5] as { at: string }).at = 'never';
    const store = makeStore();
    const arrival = await readKitchenFile(JSON.stringify(spoiled), store.getState());
    expect(arrival.refused).toHaveLength(1);
    expect(store.getState().kitchen.events).toEqual([]);
  });

  it.each(['', '{', '[]', '"x"', 'null', '{"format":"other"}'])(
    'refuses %j with a reason',
    async (text) => {
      await expect(readKitchenFile(text, makeStore().getState())).rejects.toThrow(
        'Nothing was changed',
      );
    },
  );
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

  it('take what can be used from anything, and leave the rest', () => {
    const usual = usualSettings('en-GB');
    expect(
      settingsFrom({ theme: 'dark', parts: -2, __proto__: 1, hydrationPct: 'wet' }, usual),
    ).toEqual({ ...usual, theme: 'dark' });
    expect(settingsFrom(null, usual)).toBe(usual);
    const store = makeStore();
    store.dispatch(settingsChanged({ parts: 5 }));
    expect(store.getState().settings.parts).toBe(5);
  });
});
