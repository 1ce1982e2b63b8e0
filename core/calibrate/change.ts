import { type Learnt } from './watch';

/** A change of pace that the log shows: by what factor, over how many of the last feeds. */
export interface Change {
  readonly factor: number;
  readonly feeds: number;
}

const RECENT = 5;
const SETTLED = 8;
const NOTABLE = 0.13;

/**
 * A sudden change among the last feeds, once the pace had settled; null when there is none.
 *
 * @example changeIn(calibrateJar(events, context))?.factor
 */
export function changeIn({ history }: Learnt): Change | null {
  if (history.length < SETTLED + 2) return null;
  const now = history[history.length - 1]!;
  for (let feeds = 2; feeds <= RECENT; feeds++) {
    const then = history[history.length - 1 - feeds]!;
    if (Math.abs(now - then) > NOTABLE) return { factor: Math.exp(now - then), feeds };
  }
  return null;
}
