import { type Jar } from '@core/journal';
import { type Plan } from '@core/plan';
import { fingerprint } from '@core/measure';

import { type LearntByJar, learntFrom } from '../learntBook';
import { parsed } from './pages';
import { type KitchenName, cacheKey, read, shelf } from './shelf';

/** Folds up to some entry, by jar: how many entries, the fingerprint of those, and of all else they depend on. */
export type KeptFolds = Readonly<
  Record<
    string,
    {
      readonly context: string;
      readonly count: number;
      readonly print: string;
      readonly jar: Jar;
    }
  >
>;

/** The plan that was followed, to stand there before it is sought again. */
export type KeptPlan = Plan;

export interface StoredCaches {
  readonly learnt: LearntByJar;
  readonly folds: KeptFolds | null;
  readonly plan: KeptPlan | null;
}

/** What was worked out before. Anything that is not as it was written is as good as not there. */
export async function readCaches(
  name: KitchenName,
  keys: readonly string[],
): Promise<StoredCaches> {
  const wanted = (['learnt', 'folds', 'plan'] as const).map((of) => cacheKey(name, of));
  const texts = await read(wanted.filter((key) => keys.includes(key)));
  const [learnt, folds, plan] = wanted.map((key) => opened(texts.get(key)));
  return {
    learnt: learntFrom(learnt),
    folds: isRecord(folds) ? (folds as KeptFolds) : null,
    plan: isRecord(plan) && Array.isArray(plan.steps) ? (plan as unknown as Plan) : null,
  };
}

/** Counted up when what is kept changes its shape: what an earlier version kept is worked out anew. */
const SHAPE = '3';

/** Keeps what was worked out; when there is no room, it is worked out again another time. */
export function keepCache(name: KitchenName, of: keyof StoredCaches, what: unknown): Promise<void> {
  const body = JSON.stringify(what);
  return shelf
    .setItem(cacheKey(name, of), `${fingerprint([SHAPE, body])}\n${body}`)
    .catch(() => undefined);
}

/** Makes room, or forgets what may be wrong. */
export const dropCaches = (name: KitchenName): Promise<void> =>
  shelf.removeMany((['learnt', 'folds', 'plan'] as const).map((of) => cacheKey(name, of)));

function opened(text: string | undefined): unknown {
  if (text === undefined) return null;
  const cut = text.indexOf('\n');
  const body = text.slice(cut + 1);
  return text.slice(0, cut) === fingerprint([SHAPE, body]) ? parsed(body) : null;
}

const isRecord = (raw: unknown): raw is Readonly<Record<string, unknown>> =>
  typeof raw === 'object' && raw !== null && !Array.isArray(raw);
