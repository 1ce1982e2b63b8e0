import { BY_HAND, toSetAside } from './aside';
import { pageText, readPage } from './pages';
import { type KitchenName, OPEN_KEY, asidePrefix, logPrefix, read, shelf } from './shelf';
import { dropCaches } from './caches';

/**
 * What can still be done when nothing else works: the store as it is, without the kitchen that could not be shown.
 */
export interface RawStore {
  /** The journal and what was set aside, as text. */
  text(): Promise<string>;
  /** Sets the entry that was written last aside; null when there is none. */
  setNewestAside(): Promise<string | null>;
  /** Forgets what was worked out. */
  forget(): Promise<void>;
}

export const rawStore = (kitchen: KitchenName): RawStore => ({
  async text() {
    const keys = (await shelf.getAllKeys())
      .filter((key) => key.startsWith(logPrefix(kitchen)) || key.startsWith(asidePrefix(kitchen)))
      .sort();
    const texts = await read(keys);
    return [...texts].map(([key, text]) => `# ${key}\n${text}\n`).join('\n');
  },
  async setNewestAside() {
    const now = Date.now();
    const keys = (await shelf.getAllKeys()).filter((key) => key.startsWith(logPrefix(kitchen)));
    for (const key of keys.sort().reverse()) {
      const text = (await read([key])).get(key);
      const page = text === undefined ? null : readPage(text, now);
      const newest = page?.events.at(-1);
      if (!page || !newest || page.bad.length > 0) continue;
      const line = JSON.stringify(newest);
      const { key: asideKey, text: asideText } = toSetAside(kitchen, [line], BY_HAND, true);
      await shelf.setMany({
        [key]: pageText(page.events.slice(0, -1)),
        [asideKey]: asideText,
      });
      await dropCaches(kitchen);
      return line;
    }
    return null;
  },
  forget: () => dropCaches(kitchen),
});

/** Which kitchen is open, as the store has it. */
export async function openName(): Promise<KitchenName | null> {
  const name = await shelf.getItem(OPEN_KEY).catch(() => null);
  return name === 'own' || name === 'demo' ? name : null;
}

export const keepOpenName = (name: KitchenName): Promise<void> =>
  shelf.setItem(OPEN_KEY, name).catch(() => undefined);
