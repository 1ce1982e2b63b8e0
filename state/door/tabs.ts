import { channelOf, heldNames, holdName, inOneTabOf, tabNotes } from '../platform';
import { type KitchenName, STORE_NAME } from './shelf';

const TAB_KEY = 'ombrello/tab';
const LOCK = `${STORE_NAME} tab `;

let mine: Promise<string> | null = null;
let known: string | null = null;

/** The name of this tab: the same after a reload, another one in a tab that was made a copy of it. */
export function tabName(): Promise<string> {
  mine ??= claimName().then((name) => (known = name));
  return mine;
}

/** The same at once; null before anybody asked for it. */
export const tabNameNow = (): string | null => known;

async function claimName(): Promise<string> {
  const wanted = tabNotes.read(TAB_KEY) ?? randomName();
  const name = (await holdName(LOCK + wanted)) ? wanted : randomName();
  if (name !== wanted) await holdName(LOCK + name);
  try {
    tabNotes.put(TAB_KEY, name);
  } catch {
    // It will be another after a reload, which takes over what this one left.
  }
  return name;
}

const randomName = () => Math.random().toString(36).slice(2, 12);

/** The tabs that are open. Where that cannot be known, none but this one is taken to be. */
export async function tabsAlive(): Promise<ReadonlySet<string>> {
  const me = await tabName();
  const others = (await heldNames())
    .filter((name) => name.startsWith(LOCK))
    .map((name) => name.slice(LOCK.length));
  return new Set([me, ...others]);
}

/** What one tab tells the others: some pages of a kitchen are new. */
export interface Told {
  readonly kitchen: KitchenName;
  readonly pages: readonly string[];
}

const channel = channelOf(STORE_NAME);

export const tellTabs = (told: Told): void => channel.tell(told);

/** @returns a function that stops listening */
export const listenToTabs = (heard: (told: Told) => void): (() => void) =>
  channel.hear((message) => {
    const { kitchen, pages } = (message ?? {}) as Partial<Told>;
    if ((kitchen === 'own' || kitchen === 'demo') && Array.isArray(pages))
      heard({ kitchen, pages: pages as string[] });
  });

/** Tells the other tabs that it stands otherwise with the hub: its key, what devices are for, the other device. */
export const tellOfHub = (): void => channel.tell({ hub: true });

/** Calls whenever another tab tells that. @returns a function that stops listening */
export const whenHubIsTold = (heard: () => void): (() => void) =>
  channel.hear((message) => {
    if ((message as { readonly hub?: true } | null)?.hub) heard();
  });

/** What one tab knows and all of them show: told to the others whenever it changes, and to one that asks. */
export function sharedBetweenTabs<T>(topic: string) {
  return {
    tell: (value: T): void => channel.tell({ topic, value }),
    /** Asks the tab that knows. */
    ask: (): void => channel.tell({ topic }),
    hear: (told: (value: T) => void, asked: () => void = () => undefined): void => {
      channel.hear((message) => {
        const said = message as { readonly topic?: string; readonly value?: T } | null;
        if (said?.topic !== topic) return;
        if (said.value === undefined) asked();
        else told(said.value);
      });
    },
  };
}

/** Runs something in one tab of all: here, as soon as no other tab does it. @returns a function that ends it here */
export const inOneTab = (what: string, run: () => () => void): (() => void) =>
  inOneTabOf(`${STORE_NAME} ${what}`, run);
