import { type BenchDrafts, benchDraftsFrom } from '../benchDraft';
import { type Troubles, troublesFrom } from '../troubleAnswers';
import { parsed } from './pages';
import { type KitchenName, draftPrefix, read, shelf } from './shelf';
import { tabName, tabsAlive } from './tabs';

/** Forms that are half filled in. */
export interface Drafts {
  readonly bench: BenchDrafts;
  readonly trouble: Troubles;
}

/**
 * This tab's half-finished forms; those of tabs that are gone are taken over, so that a feed half weighed is there again
 * when the browser was closed over it.
 *
 * @param older forms from before there were tabs
 */
export async function readDrafts(
  name: KitchenName,
  keys: readonly string[],
  older: BenchDrafts,
): Promise<Drafts> {
  const mine = draftPrefix(name) + (await tabName());
  const alive = await tabsAlive();
  const wanted = keys.filter(
    (key) =>
      key.startsWith(draftPrefix(name)) &&
      (key === mine || !alive.has(key.slice(draftPrefix(name).length))),
  );
  const texts = await read(wanted);
  let drafts: Drafts = { bench: older, trouble: {} };
  // This tab's own come last and count.
  for (const key of [...wanted.filter((other) => other !== mine), mine]) {
    const raw = parsed(texts.get(key)) as Partial<Record<keyof Drafts, unknown>> | null | undefined;
    drafts = {
      bench: { ...drafts.bench, ...benchDraftsFrom(raw?.bench) },
      trouble: { ...drafts.trouble, ...troublesFrom(raw?.trouble) },
    };
  }
  const others = wanted.filter((key) => key !== mine);
  if (others.length > 0)
    await keepDrafts(name, drafts).then(
      () => shelf.removeMany(others),
      // Without room they stay where they are.
      () => undefined,
    );
  return drafts;
}

/** @throws when there is no room */
export async function keepDrafts(name: KitchenName, drafts: Drafts): Promise<void> {
  const key = draftPrefix(name) + (await tabName());
  const text = draftText(drafts);
  if (text === null) await shelf.removeItem(key);
  else await shelf.setItem(key, text);
}

/** Null when nothing is half filled in. */
export function draftText(drafts: Drafts): string | null {
  const empty = Object.values(drafts).every((part: object) => Object.keys(part).length === 0);
  return empty ? null : JSON.stringify({ v: 1, ...drafts });
}
