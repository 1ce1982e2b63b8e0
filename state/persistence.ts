import AsyncStorage from '@react-native-async-storage/async-storage';

import { USUAL_PLACES } from '@core/ferment';
import { type JournalEvent } from '@core/journal';
import { kitchenTime } from '@core/measure';

import { type BenchDrafts, draftsOpened } from './bench';
import { readClock } from './clock';
import { journalFromText, journalToText } from './journalText';
import { USUAL_STATE, doughChanged, doughFrom } from './dough';
import { type KitchenName, type SetAside, logged, opened, saveFailed, saved } from './kitchen';
import { type LearntByJar, learntOpened } from './learnt';
import { USUAL_WISHES, keptOf, wishesFrom, wishesOpened } from './plan';
import { settingsChanged, settingsFrom } from './settings';
import { type Store } from './store';
import { troublesFrom, troublesOpened } from './trouble';

const SETTINGS = 'ombrello/settings';
const CHOSEN = 'ombrello/kitchen';
const journalKey = (name: KitchenName) => `ombrello/${name}/journal`;
const benchKey = (name: KitchenName) => `ombrello/${name}/bench`;
const planKey = (name: KitchenName) => `ombrello/${name}/plan`;
const learntKey = (name: KitchenName) => `ombrello/${name}/learnt`;
const doughKey = (name: KitchenName) => `ombrello/${name}/dough`;
const troubleKey = (name: KitchenName) => `ombrello/${name}/trouble`;
const asideKey = (name: KitchenName) => `ombrello/${name}/set-aside`;

const FULL =
  'The browser has no room left to save in. What you enter is kept until this page closes: export the kitchen now.';

/**
 * Opens the kitchen that was open last and keeps every change from then on.
 * @returns a function that stops keeping
 */
export async function keepStore(store: Store): Promise<() => void> {
  const settings = await readJson(SETTINGS);
  store.dispatch(settingsChanged(settingsFrom(settings, store.getState().settings)));
  const chosen = await AsyncStorage.getItem(CHOSEN).catch(() => null);
  await openKitchen(store, chosen === 'demo' || chosen === 'own' ? chosen : firstKitchen());

  let before = store.getState();
  const stop = store.subscribe(() => {
    const after = store.getState();
    const { kitchen } = after;
    const sameKitchen = before.kitchen.name === kitchen.name;
    if (before.settings !== after.settings) write(SETTINGS, JSON.stringify(after.settings));
    if (sameKitchen && before.kitchen.events !== kitchen.events)
      void saveJournal(store, kitchen.name, kitchen.events);
    if (sameKitchen && before.bench !== after.bench)
      write(benchKey(kitchen.name), JSON.stringify(after.bench));
    if (sameKitchen && before.plan !== after.plan) {
      // A search tells its progress many times a second; none of that is kept.
      const was = Object.values(keptOf(before.plan));
      const kept = keptOf(after.plan);
      if (Object.values(kept).some((part, i) => part !== was[i]))
        write(planKey(kitchen.name), JSON.stringify(kept));
    }
    if (sameKitchen && before.dough !== after.dough)
      write(doughKey(kitchen.name), JSON.stringify(after.dough));
    if (sameKitchen && before.trouble !== after.trouble)
      write(troubleKey(kitchen.name), JSON.stringify(after.trouble));
    if (sameKitchen && before.learnt !== after.learnt)
      write(learntKey(kitchen.name), JSON.stringify(after.learnt));
    before = after;
  });
  const stopListening = listenToOtherTabs(store);
  return () => {
    stop();
    stopListening();
  };
}

/** Changes over to a kitchen. The other one stays in the store as it is. */
export async function openKitchen(store: Store, name: KitchenName): Promise<void> {
  write(CHOSEN, name);
  const text = await AsyncStorage.getItem(journalKey(name)).catch(() => null);
  if (text === null && name === 'demo') {
    await startDemo(store);
    return;
  }
  const journal =
    text === null ? { events: [], setAside: await keptAside(name) } : await journalFromText(text);
  if (journal.setAside && text !== null) await putAside(name, journal.setAside);
  const events = journal.events.length > 0 ? journal.events : usualArrangement();
  store.dispatch(learntOpened(((await readJson(learntKey(name))) ?? {}) as LearntByJar));
  store.dispatch(wishesOpened(wishesFrom(await readJson(planKey(name)))));
  store.dispatch(doughChanged(doughFrom(await readJson(doughKey(name)))));
  store.dispatch(troublesOpened(troublesFrom(await readJson(troubleKey(name)))));
  store.dispatch(opened({ name, events, setAside: journal.setAside }));
  store.dispatch(draftsOpened(((await readJson(benchKey(name))) ?? {}) as BenchDrafts));
  if (text !== null && journal.setAside) await saveJournal(store, name, journal.events);
}

/** A kitchen begins with the places most kitchens have. Their ids are fixed, so that two devices mean the same. */
function usualArrangement(): readonly JournalEvent[] {
  const at = new Date(readClock()).toISOString();
  return USUAL_PLACES.map((place) => ({ kind: 'arranged', id: `usual-${place.id}`, at, place }));
}

/** Builds the demo household anew, as of now. */
export async function startDemo(store: Store): Promise<void> {
  const { householdBake, householdJournal } = await import('@demo/index');
  const time = kitchenTime(store.getState().kitchen.zone);
  const events = householdJournal(readClock(), time);
  store.dispatch(learntOpened({}));
  const wishes = { ...USUAL_WISHES, bakes: [householdBake(readClock(), time)] };
  store.dispatch(wishesOpened({ wishes, followed: null }));
  store.dispatch(doughChanged(USUAL_STATE));
  store.dispatch(troublesOpened({}));
  store.dispatch(opened({ name: 'demo', events, setAside: null }));
  store.dispatch(draftsOpened({}));
  write(benchKey('demo'), '{}');
  write(planKey('demo'), JSON.stringify(keptOf(store.getState().plan)));
  await saveJournal(store, 'demo', events);
}

/** Writes a journal; says so in the store when there is no room. */
export async function saveJournal(
  store: Store,
  name: KitchenName,
  events: readonly JournalEvent[],
): Promise<void> {
  try {
    await AsyncStorage.setItem(journalKey(name), journalToText(events));
    if (store.getState().kitchen.unsaved !== null) store.dispatch(saved());
  } catch {
    store.dispatch(saveFailed(FULL));
  }
}

/** What was set aside from a damaged store, to be exported by hand. */
async function keptAside(name: KitchenName): Promise<SetAside | null> {
  return (await readJson(asideKey(name))) as SetAside | null;
}

async function putAside(name: KitchenName, damage: SetAside): Promise<void> {
  const earlier = await keptAside(name);
  write(
    asideKey(name),
    JSON.stringify({ ...damage, lines: [...(earlier?.lines ?? []), ...damage.lines] }),
  );
}

/** Two tabs of one kitchen: what the other one logs is added here. */
function listenToOtherTabs(store: Store): () => void {
  if (typeof window === 'undefined') return () => undefined;
  const onStorage = (change: StorageEvent) => {
    if (change.key !== journalKey(store.getState().kitchen.name) || change.newValue === null)
      return;
    void journalFromText(change.newValue).then(({ events }) => {
      store.dispatch(logged(events));
    });
  };
  window.addEventListener('storage', onStorage);
  return () => window.removeEventListener('storage', onStorage);
}

/** The kitchen a first visit opens, as the server says; an empty one of the baker's own otherwise. */
function firstKitchen(): KitchenName {
  return typeof document !== 'undefined' && /first-kitchen=demo/.test(document.cookie)
    ? 'demo'
    : 'own';
}

async function readJson(key: string): Promise<unknown> {
  try {
    return JSON.parse((await AsyncStorage.getItem(key)) ?? 'null') as unknown;
  } catch {
    return null;
  }
}

/** Settings and drafts can be entered again: a full store is reported when the journal meets it. */
function write(key: string, text: string): void {
  void AsyncStorage.setItem(key, text).catch(() => undefined);
}
