import { type Setup, isSetup } from '@core/whatIf';

import { parsed } from './door/pages';
import { keepPairsText, readPairsText } from './door/whatIf';

/** Two set-ups that were kept under a name. */
export interface KeptPair {
  readonly id: string;
  readonly name: string;
  readonly days: number;
  readonly a: Setup;
  readonly b: Setup;
}

/** So many are kept. */
export const MOST_PAIRS = 40;

const isPair = (raw: unknown): raw is KeptPair => {
  if (typeof raw !== 'object' || raw === null) return false;
  const { id, name, days, a, b } = raw as Partial<Record<keyof KeptPair, unknown>>;
  return (
    typeof id === 'string' &&
    typeof name === 'string' &&
    typeof days === 'number' &&
    days >= 1 &&
    days <= 60 &&
    isSetup(a) &&
    isSetup(b)
  );
};

/** The pairs kept on this device, newest first; what cannot be read is left out. */
export async function readPairs(): Promise<readonly KeptPair[]> {
  const raw = parsed((await readPairsText()) ?? undefined);
  return Array.isArray(raw) ? raw.filter(isPair) : [];
}

/** @returns whether there was room for them */
export const keepPairs = (pairs: readonly KeptPair[]): Promise<boolean> =>
  keepPairsText(JSON.stringify(pairs.slice(0, MOST_PAIRS)));
