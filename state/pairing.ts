import { nanoid } from '@reduxjs/toolkit';

import { kitchenFileText } from '@core/formats/kitchenFile';
import { type JournalEvent } from '@core/journal';
import {
  type Have,
  type Pair,
  codeOf,
  haveOf,
  missingThere,
  newPair,
  pairFrom,
  seal,
  unseal,
} from '@core/pairing';

import { isoNow } from './actions';
import { readClock } from './clock';
import { intoBox, listenToBox, readHubKey } from './door/hub';
import { keepPairCode, readPairCode } from './door/pair';
import { inOneTab } from './door/tabs';
import { arrivalOf, takeIn } from './exchange';
import { whenKitchenChanges } from './kitchenChanges';
import { selectZone } from './selectors';
import { type Store } from './store';

/** How it stands with the other device. */
export interface Paired {
  readonly pair: Pair | null;
  /** `away`: nobody else listens; `together`: both have the same. */
  readonly is: 'none' | 'broken' | 'away' | 'exchanging' | 'together';
  /** Entries that came from the other device since this page was opened. */
  readonly came: number;
}

/** What two devices say to each other, sealed. */
type Message =
  | { readonly is: 'have'; readonly from: string; readonly have: Have; readonly ask: boolean }
  | { readonly is: 'entries'; readonly from: string; readonly text: string };

/** Entries in one message: its text stays well below what the hub takes. */
const AT_ONCE = 1200;
/** Entries come in handfuls; they are sent when none has come for so long, ms. */
const PAUSE = 400;
/** A line that was refused is tried again, ms. */
const AGAIN = 5000;

let paired: Paired = { pair: null, is: 'none', came: 0 };
const watching = new Set<() => void>();
let again: (() => void) | null = null;

export const pairedNow = (): Paired => paired;
export function watchPaired(changed: () => void): () => void {
  watching.add(changed);
  return () => watching.delete(changed);
}
function set(to: Partial<Paired>) {
  paired = { ...paired, ...to };
  for (const changed of watching) changed();
}

/** Begins a pair of this device's open kitchen, or joins the one of a code. @returns false where the code is none */
export async function pairWith(store: Store, code: string | null): Promise<boolean> {
  const pair = code === null ? newPair() : pairFrom(code);
  if (!pair) return false;
  const saved = await keepPairCode(store.getState().kitchen.name, codeOf(pair));
  set({ pair, is: 'away', came: 0 });
  again?.();
  return saved;
}

/** Nothing goes to the other device any more, and nothing comes. What both have stays. */
export async function unpair(store: Store): Promise<void> {
  await keepPairCode(store.getState().kitchen.name, null);
  set({ pair: null, is: 'none' });
  again?.();
}

/**
 * While a page is open, in one tab of all: entries go to the other device of the kitchen and come from it, by way of the hub.
 * After a time apart both say what they have, and what is missing goes over.
 *
 * @returns a function that ends it
 */
export function keepPaired(store: Store): () => void {
  return inOneTab('pair', () => {
    let end: () => void = () => undefined;
    let over = false;
    let turn = 0;
    const begin = async () => {
      const mine = ++turn;
      end();
      end = () => undefined;
      const kitchen = store.getState().kitchen.name;
      const [code, key] = await Promise.all([readPairCode(kitchen), readHubKey()]);
      const pair = code === null ? null : pairFrom(code);
      if (over || mine !== turn) return;
      if (pair?.box !== paired.pair?.box) set({ pair, is: pair ? 'away' : 'none' });
      if (pair && key !== null) end = exchange(store, pair, key, () => void begin());
    };
    again = () => void begin();
    void begin();
    // Each kitchen has an other device of its own, or none.
    const stop = whenKitchenChanges(store, again);
    return () => {
      over = true;
      again = null;
      stop();
      end();
    };
  });
}

/** Exchanges entries with the other device until it is ended. */
function exchange(store: Store, pair: Pair, key: string, anew: () => void): () => void {
  const me = nanoid();
  const { name } = store.getState().kitchen;
  /** Entries that are there already: they came from there, or went there. */
  const there = new Set<string>();
  let known = store.getState().kitchen.events;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let over = false;
  let work: Promise<unknown> = Promise.resolve();

  const events = () => store.getState().kitchen.events;
  const mine = () => haveOf(events().map(({ id }) => id));
  const say = (message: Message) => intoBox(key, pair.box, seal(pair, JSON.stringify(message)));
  const sendEntries = async (some: readonly JournalEvent[]) => {
    for (let i = 0; i < some.length; i += AT_ONCE) {
      const part = some.slice(i, i + AT_ONCE);
      const file = { exportedAt: isoNow(), zone: selectZone(store.getState()), events: part, setAside: [] }; // prettier-ignore
      if (!(await say({ is: 'entries', from: me, text: kitchenFileText(file) }))) return;
      for (const { id } of part) there.add(id);
    }
  };
  const takeEntries = async (text: string) => {
    const { readInWorker } = await import('../workers/read');
    const arrival = arrivalOf({ read: await readInWorker(text, readClock()), pictures: [] }, store.getState()); // prettier-ignore
    for (const { id } of arrival.file.events) there.add(id);
    // Places and zone are entries like all others: nothing of the file counts instead of what is here.
    const came = arrival.fresh.length;
    if (came > 0) await takeIn(store, arrival);
    set({ came: paired.came + came, is: 'together' });
  };
  const hear = async (sealed: string) => {
    const text = unseal(pair, sealed);
    if (text === null || over || store.getState().kitchen.name !== name) return;
    const message = JSON.parse(text) as Message;
    if (message.from === me) return;
    if (message.is === 'entries') return takeEntries(message.text);
    const missing = missingThere(events(), mine(), message.have);
    set({ is: missing.length > 0 ? 'exchanging' : 'together' });
    await sendEntries(missing);
    if (message.ask) await say({ is: 'have', from: me, have: mine(), ask: false });
    set({ is: 'together' });
  };
  /** One after the other; one that fails holds up no other. */
  const inTurn = (task: () => Promise<unknown>) => {
    work = work.then(task).catch(() => undefined);
  };

  const hangUp = listenToBox(key, pair.box, {
    onOpen: (others) => {
      set({ is: others > 0 ? 'exchanging' : 'away' });
      // Whoever listens answers; whoever comes later asks.
      if (others > 0) inTurn(() => say({ is: 'have', from: me, have: mine(), ask: true }));
    },
    onSealed: (sealed) => inTurn(() => hear(sealed)),
    onBroken: (refused) => {
      set({ is: 'broken' });
      if (refused) timer = setTimeout(anew, AGAIN);
    },
  });
  const stop = store.subscribe(() => {
    const now = events();
    if (now === known || store.getState().kitchen.name !== name) return;
    known = now;
    clearTimeout(timer);
    timer = setTimeout(() => {
      if (store.getState().kitchen.name !== name) return;
      const fresh = events().filter(({ id }) => !there.has(id) && !before.has(id));
      for (const { id } of fresh) before.add(id);
      if (fresh.length > 0) inTurn(() => sendEntries(fresh));
    }, PAUSE);
  });
  /** What was here when the line was taken up goes over by heaps, not one by one. */
  const before = new Set(known.map(({ id }) => id));
  return () => {
    over = true;
    clearTimeout(timer);
    stop();
    hangUp();
  };
}
