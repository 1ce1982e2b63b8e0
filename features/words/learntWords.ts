import { type Change, type Expected, type Learnt } from '@core/calibrate';

import { type KitchenWords } from './kitchenWords';

/** Differences smaller than this are none, percent. */
const SAME = 4;

/** "About 18 % quicker than usual for its temperature, from 41 feeds." */
export function paceWords({ belief, feeds }: Learnt): string {
  if (feeds === 0)
    return 'Its own pace is not known yet: log a height or two while it rises, and the likely range narrows.';
  const from = `from ${feeds === 1 ? 'one feed' : `${feeds} feeds`}`;
  const pct = Math.round((Math.exp(belief.mean[0]!) - 1) * 100);
  const early = feeds < 3 ? ' so far' : '';
  if (Math.abs(pct) < SAME) return `About as quick as usual for its temperature, ${from}${early}.`;
  return `About ${Math.abs(pct)} % ${pct > 0 ? 'quicker' : 'slower'} than usual for its temperature, ${from}${early}.`;
}

/** Widths of a canopy that anybody would see beside the usual. */
const WIDER = 1.15;
const NARROWER = 0.87;

/** How well peaks were foretold; null while there are too few. */
export function foretoldWords(
  foretold: readonly Expected[],
  width: number,
  words: KitchenWords,
): string | null {
  if (foretold.length < 3) return null;
  const held = foretold.filter(({ low, high, seenH }) => seenH >= low && seenH <= high).length;
  const misses = foretold
    .map(({ expectedH, seenH }) => Math.abs(seenH - expectedH))
    .sort((a, b) => a - b);
  const typical = misses[Math.floor(misses.length / 2)]!;
  return `Of the last ${foretold.length} peaks you saw, ${held} fell inside the likely range; it was usually out by ${words.span(typical)}.${width > WIDER ? ' The range is drawn wider for that.' : width < NARROWER ? ' The range is drawn narrower for that.' : ''}`;
}

/** What a sudden change of pace may mean. */
export function changeWords({ factor, feeds }: Change): string {
  const pct = Math.round(Math.abs(factor - 1) * 100);
  return factor < 1
    ? `Over its last ${feeds} feeds with looks it has become about ${pct} % slower. A place cooler than the settings say, another flour, or a starter that is unwell would look like this.`
    : `Over its last ${feeds} feeds with looks it has become about ${pct} % quicker. A place warmer than the settings say, or more whole grain, would look like this.`;
}
