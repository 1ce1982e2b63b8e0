import { isPractice, type Practice } from '../practiceKept';
import { parsed } from './pages';
import { PRACTICE_KEY, shelf } from './shelf';

/** How practice went so far; null where there was none, or none that can be read. */
export async function readPractice(): Promise<Practice | null> {
  const raw = parsed((await shelf.getItem(PRACTICE_KEY).catch(() => null)) ?? undefined);
  return isPractice(raw) ? raw : null;
}

/** Without room it is forgotten with the page: no word of a kitchen's is lost by it. */
export const keepPractice = (practice: Practice): Promise<void> =>
  shelf.setItem(PRACTICE_KEY, JSON.stringify(practice)).catch(() => undefined);
