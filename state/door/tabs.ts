import { type KitchenName, STORE_NAME } from './shelf';

const TAB_KEY = 'ombrello/tab';
const LOCK = `${STORE_NAME} tab `;

/** Browsers give locks to pages that came over https, or from this machine. */
const locks = (): LockManager | undefined =>
  typeof navigator === 'undefined' ? undefined : navigator.locks;

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
  const kept = typeof sessionStorage === 'undefined' ? null : sessionStorage.getItem(TAB_KEY);
  const wanted = kept ?? randomName();
  const name = (await claim(wanted)) ? wanted : randomName();
  if (name !== wanted) await claim(name);
  if (typeof sessionStorage !== 'undefined') sessionStorage.setItem(TAB_KEY, name);
  return name;
}

const randomName = () => Math.random().toString(36).slice(2, 12);

/** Holds a name for as long as the tab lives; false when another tab has it. */
function claim(name: string): Promise<boolean> {
  const manager = locks();
  if (!manager) return Promise.resolve(true);
  return new Promise((resolve) => {
    const got = (lock: Lock | null) => {
      resolve(lock !== null);
      return lock === null ? undefined : new Promise<void>(() => undefined);
    };
    manager.request(LOCK + name, { ifAvailable: true }, got).catch(() => resolve(true));
  });
}

/** The tabs that are open. Where that cannot be known, none but this one is taken to be. */
export async function tabsAlive(): Promise<ReadonlySet<string>> {
  const manager = locks();
  const me = await tabName();
  if (!manager) return new Set([me]);
  const { held = [] } = await manager.query();
  const names = held.flatMap(({ name }) =>
    name?.startsWith(LOCK) ? [name.slice(LOCK.length)] : [],
  );
  return new Set([me, ...names]);
}

/** What one tab tells the others: some pages of a kitchen are new. */
export interface Told {
  readonly kitchen: KitchenName;
  readonly pages: readonly string[];
}

const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(STORE_NAME);
// In Node a listening channel would keep a test from ending.
(channel as unknown as { unref?: () => void } | null)?.unref?.();

export const tellTabs = (told: Told): void => channel?.postMessage(told);

/** @returns a function that stops listening */
export function listenToTabs(heard: (told: Told) => void): () => void {
  if (!channel) return () => undefined;
  const onMessage = ({ data }: MessageEvent<Partial<Told> | null>) => {
    if ((data?.kitchen === 'own' || data?.kitchen === 'demo') && Array.isArray(data.pages))
      heard({ kitchen: data.kitchen, pages: data.pages as string[] });
  };
  channel.addEventListener('message', onMessage);
  return () => channel.removeEventListener('message', onMessage);
}

/** Tells the other tabs that it stands otherwise with the hub: its key, what devices are for, the other device. */
export const tellOfHub = (): void => channel?.postMessage({ hub: true });

/** Calls whenever another tab tells that, for as long as this one is open. */
export function whenHubIsTold(heard: () => void): void {
  channel?.addEventListener('message', ({ data }: MessageEvent<{ readonly hub?: true } | null>) => {
    if (data?.hub) heard();
  });
}

/** Runs something in one tab of all, for as long as that is open: here, as soon as no other tab does it. */
export function inOneTab(what: string, run: () => void): void {
  const manager = locks();
  if (!manager) return run();
  void manager.request(`${STORE_NAME} ${what}`, () => {
    run();
    return new Promise<void>(() => undefined);
  });
}
