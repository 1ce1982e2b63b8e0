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
import { intoBox, listenToBox } from './door/hub';
import { readHubKey } from './door/hubKey';
import { keepPairCode, readPairCode } from './door/pair';
import { type KitchenName } from './door/shelf';
import { sharedBetweenTabs, tellOfHub, whenHubIsTold } from './door/tabs';
import { arrivalOf, takeIn } from './exchange';
import { whenHubIsJoined } from './hub';
import { inOneTabOfKitchen, whenKitchenChanges } from './kitchenChanges';
import { type PictureMessage, picturesOver } from './pairedPictures';
import { selectZone } from './selectors';
import { type Store } from './store';

/** How it stands with the other device. */
export interface Paired {
  readonly pair: Pair | null;
  /**
   * `away`: nobody else listens; `pictures`: both have the same entries, and pictures are on their way; `together`: both have
   * the same; `unread`: one of them cannot read all of the other's.
   */
  readonly is: 'none' | 'broken' | 'away' | 'exchanging' | 'pictures' | 'together' | 'unread';
  /** Entries that came from the other device since this page was opened. */
  readonly came: number;
}

/** What two devices say to each other, sealed. */
type Said =
  | { readonly is: 'have'; readonly have: Have; readonly ask: boolean }
  | { readonly is: 'entries'; readonly text: string }
  | PictureMessage;
type Message = Said & { readonly from: string };

/** Entries in one message: its text stays well below what the hub takes. */
const AT_ONCE = 1200;
/** Entries come in handfuls; they are sent when none has come for so long, ms. */
const PAUSE = 400;
/** A line that was refused is tried again, ms. */
const AGAIN = 5000;

let paired: Paired = { pair: null, is: 'none', came: 0 };
const watching = new Set<() => void>();
/** Takes the line up again, where this tab keeps it. */
let again: () => void = () => undefined;

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
  tellOfHub();
  again();
  return saved;
}

/** Nothing goes to the other device any more, and nothing comes. What both have stays. */
export async function unpair(store: Store): Promise<void> {
  await keepPairCode(store.getState().kitchen.name, null);
  set({ pair: null, is: 'none' });
  tellOfHub();
  again();
}

/** How it stands, from the tab that keeps the line to all others. */
const standing = sharedBetweenTabs<Pick<Paired, 'is' | 'came'> & { readonly kitchen: KitchenName }>(
  'pair',
);

/**
 * While a page is open, in one of the tabs of its kitchen: entries go to the other device of the kitchen and come from it, by
 * way of the hub. After a time apart both say what they have, and what is missing goes over. The other tabs say how it stands.
 */
export function keepPaired(store: Store): void {
  let keeps = false;
  const nameNow = () => store.getState().kitchen.name;
  const tell = () => {
    if (keeps) standing.tell({ kitchen: nameNow(), is: paired.is, came: paired.came });
  };
  const look = async () => {
    const kitchen = nameNow();
    const code = await readPairCode(kitchen);
    if (keeps || kitchen !== nameNow()) return;
    const pair = code === null ? null : pairFrom(code);
    set({ pair, is: pair ? 'away' : 'none', came: 0 });
    standing.ask();
  };
  void look();
  // Each kitchen has an other device of its own, or none.
  whenKitchenChanges(store, () => void look());
  whenHubIsTold(() => void look());
  standing.hear(({ kitchen, is, came }) => {
    if (!keeps && paired.pair && kitchen === nameNow()) set({ is, came });
  }, tell);
  inOneTabOfKitchen(store, 'pair', (kitchen) => {
    keeps = true;
    let end: () => void = () => undefined;
    let turn = 0;
    const begin = async () => {
      const mine = ++turn;
      end();
      end = () => undefined;
      const [code, key] = await Promise.all([readPairCode(kitchen), readHubKey()]);
      // Called once more meanwhile.
      if (mine !== turn) return;
      const pair = code === null ? null : pairFrom(code);
      if (pair?.box !== paired.pair?.box) set({ pair, is: pair ? 'away' : 'none' });
      if (!pair) return;
      // Without the hub there is no way to the other device.
      if (key === null) set({ is: 'away' });
      else end = exchange(store, pair, key, again);
    };
    again = () => void begin();
    again();
    const stops = [whenHubIsTold(again), whenHubIsJoined(again), watchPaired(tell)];
    return () => {
      keeps = false;
      turn++;
      again = () => undefined;
      end();
      for (const stop of stops) stop();
    };
  });
}

/** Exchanges entries with the other device until it is ended. */
function exchange(store: Store, pair: Pair, key: string, anew: () => void): () => void {
  const me = nanoid();
  const { name } = store.getState().kitchen;
  /** Entries that need not be sent one by one: they came from there, were sent, or go over by heaps. */
  const settled = new Set(store.getState().kitchen.events.map(({ id }) => id));
  let retry: ReturnType<typeof setTimeout> | undefined;
  let over = false;
  let work: Promise<unknown> = Promise.resolve();

  const events = () => store.getState().kitchen.events;
  const mine = () => haveOf(events().map(({ id }) => id));
  const say = (said: Said) =>
    intoBox(key, pair.box, seal(pair, JSON.stringify({ ...said, from: me } satisfies Message)));
  /** Says what is here; where the hub does not take it, the other is asked a while later: a line may be up by which nothing goes out. */
  const sayHave = async (have: Have, asks: boolean) => {
    if (!(await say({ is: 'have', have, ask: asks }))) askLater();
  };
  const ask = (): void => inTurn(() => sayHave(mine(), true));
  const askLater = () => {
    clearTimeout(retry);
    if (!over) retry = setTimeout(ask, AGAIN);
  };
  const pictures = picturesOver(store, say, (onTheirWay) => {
    if (onTheirWay && paired.is === 'together') set({ is: 'pictures' });
    if (!onTheirWay && paired.is === 'pictures') set({ is: 'together' });
  });
  const sendEntries = async (some: readonly JournalEvent[]) => {
    for (let i = 0; i < some.length; i += AT_ONCE) {
      const part = some.slice(i, i + AT_ONCE);
      const file = { exportedAt: isoNow(), zone: selectZone(store.getState()), events: part, setAside: [] }; // oxfmt-ignore
      if (await say({ is: 'entries', text: kitchenFileText(file) })) continue;
      // The hub did not take it: what is missing there is found out once it does.
      askLater();
      return;
    }
  };
  const takeEntries = async (text: string) => {
    const { readInWorker } = await import('../workers/read');
    const arrival = arrivalOf({ read: await readInWorker(text, readClock()), pictures: [] }, store.getState()); // oxfmt-ignore
    for (const { id } of arrival.file.events) settled.add(id);
    const came = arrival.fresh.length;
    if (came > 0) await takeIn(store, arrival);
    set({ came: paired.came + came, ...(arrival.refused.length > 0 ? { is: 'unread' } : {}) });
    // Only after something new, or two that cannot read each other would say so for ever.
    if (came > 0) await sayHave(mine(), true);
    await pictures.ask();
  };
  const hear = async (sealed: string) => {
    const text = unseal(pair, sealed);
    if (text === null || over || store.getState().kitchen.name !== name) return;
    const message = JSON.parse(text) as Message;
    if (message.from === me) return;
    if (message.is === 'entries') return takeEntries(message.text);
    if (message.is !== 'have') return pictures.hear(message);
    const here = mine();
    const missing = missingThere(events(), here, message.have);
    const same = here.every((print, i) => print === message.have[i]);
    if (!same) set({ is: paired.is === 'unread' ? 'unread' : 'exchanging' });
    else if (paired.is !== 'pictures') set({ is: 'together' });
    await sendEntries(missing);
    if (message.ask) await sayHave(here, false);
    await pictures.ask();
  };
  /** One after the other; one that fails holds up no other. */
  const inTurn = (task: () => Promise<unknown>) => {
    work = work.then(task).catch(() => undefined);
  };

  const hangUp = listenToBox(key, pair.box, {
    onOpen: (others) => {
      set({ is: others > 0 ? 'exchanging' : 'away' });
      pictures.anew();
      // Whoever listens answers; whoever comes later asks.
      if (others > 0) ask();
    },
    onSealed: (sealed) => inTurn(() => hear(sealed)),
    onBroken: (refused) => {
      set({ is: 'broken' });
      if (refused) retry = setTimeout(anew, AGAIN);
    },
  });
  const stop = whenEntriesRest(store, () => {
    const fresh = events().filter(({ id }) => !settled.has(id));
    for (const { id } of fresh) settled.add(id);
    if (fresh.length > 0) inTurn(() => sendEntries(fresh));
  });
  return () => {
    over = true;
    clearTimeout(retry);
    stop();
    hangUp();
  };
}

/** Calls when entries have come into the kitchen that is open now and no more have followed for a moment. Returns what stops it. */
function whenEntriesRest(store: Store, then: () => void): () => void {
  const { name } = store.getState().kitchen;
  let known = store.getState().kitchen.events;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const isOpen = () => store.getState().kitchen.name === name;
  const stop = store.subscribe(() => {
    const now = store.getState().kitchen.events;
    if (now === known || !isOpen()) return;
    known = now;
    clearTimeout(timer);
    timer = setTimeout(() => {
      if (isOpen()) then();
    }, PAUSE);
  });
  return () => {
    clearTimeout(timer);
    stop();
  };
}
