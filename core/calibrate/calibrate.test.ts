import { fitCommand } from '../cli';
import { USUAL_BELIEF, middlePace, paceAtQuantile } from '../ferment';
import { HOUR } from '../measure';
import { once } from '../measure/once.testing';
import { chanceFrom } from '../measure/chance';
import { KITCHENS, someLog } from './otherKitchens.testing';

interface Band {
  mean: number;
  low: number;
  high: number;
}
interface Fit {
  pace: Band;
  doublesAtH: Band | null;
  peaksAtH: Band | null;
}

/** How far forecasts are off, as shares of the truth in order, and how many bands held it, over all kitchens. */
function trial(feeds: number, seeds: number) {
  const errors: number[] = [];
  let held = 0;
  for (const [k, kitchen] of Object.values(KITCHENS).entries())
    for (let seed = 1; seed <= seeds; seed++) {
      const starter = kitchen(chanceFrom(seed * 7919 + 307 * k));
      const { input, peaksAtH } = someLog(feeds, starter, chanceFrom(seed * 104_729 + 1301 * k));
      const { peaksAtH: band } = fitCommand(input) as Fit;
      errors.push(Math.abs(band!.mean - peaksAtH) / peaksAtH);
      if (peaksAtH >= band!.low && peaksAtH <= band!.high) held++;
    }
  errors.sort((a, b) => a - b);
  const at = (share: number) => errors[Math.floor(share * errors.length)]!;
  return { median: at(0.5), oneInTen: at(0.9), held: held / errors.length };
}

describe('the fit, on logs of kitchens whose laws are not ours, with a wrong entry in every fourth feed', () => {
  const SEEDS = 24;
  const none = once(() => trial(0, SEEDS));

  it('without any log has a sensible band already', () => {
    expect(none().median).toBeLessThan(0.2);
    expect(none().held).toBeGreaterThan(0.8);
  });

  it('is better with one feed, and with two, than with none', () => {
    expect(trial(1, SEEDS).median).toBeLessThan(none().median);
    expect(trial(2, SEEDS).median).toBeLessThan(0.8 * none().median);
  });

  it('after eight feeds foretells the peak to 7 % in the middle and 16 % for nine in ten; its band holds most truths', () => {
    const { median, oneInTen, held } = trial(8, SEEDS);
    expect(median).toBeLessThan(0.07);
    expect(oneInTen).toBeLessThan(0.16);
    expect(held).toBeGreaterThanOrEqual(0.7);
    expect(held).toBeLessThanOrEqual(0.9);
  });

  it('widens its band for a starter that does as it likes', () => {
    const width = (mood: number) => {
      const chance = chanceFrom(17);
      const { input } = someLog(20, KITCHENS.logistic(chance), chance, { mood });
      const { peaksAtH } = fitCommand(input) as Fit;
      return Math.log(peaksAtH!.high / peaksAtH!.low);
    };
    expect(width(0.3)).toBeGreaterThan(1.4 * width(0.02));
  });
});

describe('what is believed', () => {
  it('begins in the middle of all starters', () => {
    expect(middlePace(USUAL_BELIEF).pace).toBe(1);
    expect(paceAtQuantile(USUAL_BELIEF, 1)).toBeCloseTo(Math.exp(0.25), 9);
  });
});

describe('a sudden change of pace', () => {
  it('is followed, though every reading of it looks like a mistake at first', () => {
    const chance = chanceFrom(11);
    const quick = someLog(10, KITCHENS.logistic(chanceFrom(2), 1.2), chance).input;
    const slow = someLog(7, KITCHENS.logistic(chanceFrom(2), 0.8), chance).input;
    const end = Date.parse(quick.feeds[9]!.at) + 24 * HOUR;
    const begin = Date.parse(slow.feeds[0]!.at);
    const later = slow.feeds.map((feed) => ({
      ...feed,
      at: new Date(Date.parse(feed.at) - begin + end).toISOString(),
    }));
    const before = fitCommand(quick) as Fit;
    const after = fitCommand({ ...slow, feeds: [...quick.feeds, ...later] }) as Fit;
    expect(after.pace.mean / before.pace.mean).toBeLessThan(0.85);
  });
});
