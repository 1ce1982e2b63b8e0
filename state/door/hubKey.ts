import { HUB_KEY, shelf } from './shelf';

export const readHubKey = (): Promise<string | null> => shelf.getItem(HUB_KEY).catch(() => null);

export const keepHubKey = (key: string | null): Promise<void> =>
  (key === null ? shelf.removeItem(HUB_KEY) : shelf.setItem(HUB_KEY, key)).catch(() => undefined);
