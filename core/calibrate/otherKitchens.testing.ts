/**
 * Kitchens that write logs for tests of the fit. None of them knows the equations of the model: each has a rise drawn
 * from experience, a temperature law and an answer to the ratio of its own, and the people in them read wrong, measure
 * the wrong spot, and enter something impossible in every fourth feed.
 */
import { type Chance } from '../measure/chance';

/** A starter of such a kitchen: when a feed peaks, and how high it stands at a share of that time. */
interface Nature {
  /** Hours to the peak of a feed of so many parts at a temperature, so many hours after the peak of the one before. */
  readonly peakH: (parts: number, celsius: number, hungryH: number) => number;
  /** Height at a share of the time to the peak; 1 at the feed. */
  readonly height: (share: number) => number;
}

export type Kitchen = (chance: Chance, quickness?: number) => Nature;

const spread = (chance: Chance, sd: number) => Math.exp(sd * chance.normal());

/** A logistic rise with a plateau and a slow fall; the time goes by the logarithm of the ratio, and falls alike with each degree. */
const logistic: Kitchen = (chance, quickness = 1) => {
  const slow = (6.6 * spread(chance, 0.16)) / quickness;
  const perLog = 0.52 + 0.04 * chance.normal();
  const perDegree = 0.098 + 0.008 * chance.normal();
  const top = 1.35 * spread(chance, 0.15);
  const middle = 0.55 + 0.04 * chance.normal();
  const logit = (share: number) => 1 / (1 + Math.exp(-(share - middle) / 0.13));
  return {
    peakH: (parts, celsius, hungryH) =>
      slow *
      (1 + perLog * Math.log(parts)) *
      Math.exp(-perDegree * (celsius - 22)) *
      (1 + 0.008 * hungryH),
    height: (share) => {
      const rise = (logit(Math.min(1, share)) - logit(0)) / (logit(1) - logit(0));
      return 1 + top * rise * (share > 1.15 ? Math.max(0.15, 1 - 0.5 * (share - 1.15)) : 1);
    },
  };
};

/** A Gompertz rise that creeps to its top; a power of the ratio, and a square root that is straight in temperature. */
const gompertz: Kitchen = (chance, quickness = 1) => {
  const slow = (6.6 * spread(chance, 0.16)) / quickness;
  const power = 0.36 + 0.03 * chance.normal();
  const coldest = 4 + 1 * chance.normal();
  const top = 1.2 * spread(chance, 0.15);
  const steep = 5.2 + 0.4 * chance.normal();
  const curve = (share: number) => Math.exp(-Math.exp(-steep * (share - 0.42)));
  return {
    peakH: (parts, celsius, hungryH) =>
      slow *
      parts ** power *
      ((22 - coldest) / (celsius - coldest)) ** 2 *
      (1 + hungryH / 10) ** 0.12,
    height: (share) => {
      const rise = (curve(Math.min(1, share)) - curve(0)) / (curve(1) - curve(0));
      return 1 + top * rise * (share > 1 ? Math.exp(-1.1 * (share - 1)) : 1);
    },
  };
};

/** Doubling after doubling at an even pace, then a straight climb to a sharp top and a quick fall; Arrhenius in temperature. */
const straight: Kitchen = (chance, quickness = 1) => {
  const slow = spread(chance, 0.16) / quickness;
  const lagH = 2.1 * spread(chance, 0.2);
  const doublingH = 2.8 * spread(chance, 0.08);
  const kelvins = 8500 + 500 * chance.normal();
  const top = 1.5 * spread(chance, 0.18);
  const knee = 0.3 + 0.06 * chance.normal();
  const low = 0.1 + 0.02 * chance.normal();
  return {
    peakH: (parts, celsius, hungryH) =>
      slow *
      (lagH * (1 + 0.03 * hungryH) + doublingH * Math.log2(1 + 2 * parts)) *
      Math.exp(kelvins * (1 / (celsius + 273.15) - 1 / 295.15)),
    height: (share) => {
      const rise =
        share < knee
          ? low * (share / knee) ** 2
          : share < 1
            ? low + ((1 - low) * (share - knee)) / (1 - knee)
            : Math.max(0.1, 1 - 1.2 * (share - 1));
      return 1 + top * rise;
    },
  };
};

export const KITCHENS = { logistic, gompertz, straight } as const;

const BEGIN = Date.parse('2026-01-05T08:00:00Z');
const KEEP = 20;

interface Look {
  readonly afterH: number;
  readonly height?: number;
  readonly peaked?: true;
}

/**
 * A log of feeds and looks, a question, and when that feed really peaks; hours after it.
 *
 * @param mood spread of one feed against the next in time, as a logarithm
 */
export function someLog(
  feeds: number,
  nature: Nature,
  chance: Chance,
  { wrongEntries = true, mood = 0.03 } = {},
) {
  const pick = <T>(of: readonly T[]) => of[Math.floor(chance.even() * of.length)]!;
  const thermometer = 0.5 * chance.normal();
  /** What somebody writes down of a temperature. */
  const noted = (celsius: number) =>
    Math.round(2 * (celsius + thermometer + 0.2 * chance.normal())) / 2;
  const peakOf = (parts: number, celsius: number) =>
    nature.peakH(parts, celsius, hungryH) * spread(chance, mood);
  const home = 20.5 + 4 * chance.even();
  let atH = 0;
  let gapH = 24;
  let hungryH = 16;
  const log = Array.from({ length: feeds }, (_, n) => {
    const parts = pick([1, 1, 2, 2, 3, 4, 5]);
    const celsius = home + 1.6 * chance.normal();
    const topH = peakOf(parts, celsius);
    const nextH = Math.max(12, topH > 11 ? 24 : pick([12, 24]));
    const heightAt = (h: number) => nature.height(h / topH);
    const looks: Look[] = [0.3, 0.55, 0.78, 0.97, 1.25]
      .filter(() => chance.even() < 0.8)
      .map((share) => Math.min(nextH - 0.1, share * topH + 0.2 * chance.normal()))
      .filter((h) => h > 0.5)
      .map((afterH) => {
        const rise = heightAt(afterH) - 1;
        const read = 1 + rise * (1 + 0.06 * chance.normal()) + 0.03 * chance.normal();
        return { afterH, height: Math.max(0.9, Math.round(read * 20) / 20) };
      });
    if (chance.even() < 0.4)
      looks.push({ afterH: Math.max(0.5, topH * spread(chance, 0.06)), peaked: true });
    if (wrongEntries && n % 4 === 2) {
      const height = pick([0.8, 3.4, 2.6]);
      const wrong: readonly Look[] = [
        { afterH: Math.max(0.5, topH * 0.5), height },
        { afterH: Math.max(0.5, topH * 0.25), peaked: true },
        { afterH: 1.9 * topH, peaked: true },
      ];
      looks.push(pick(wrong));
    }
    const entry = {
      at: new Date(BEGIN + atH * 3600e3).toISOString(),
      keepG: KEEP,
      flourG: KEEP * parts,
      waterG: KEEP * parts,
      celsius: noted(celsius),
      looks,
    };
    atH += nextH;
    gapH = nextH;
    hungryH = Math.max(0, nextH - topH);
    return entry;
  });
  const parts = pick([1, 2, 3, 4]);
  const celsius = home + 1.6 * chance.normal();
  return {
    input: {
      feeds: log,
      ask: {
        keepG: KEEP,
        flourG: KEEP * parts,
        waterG: KEEP * parts,
        celsius: noted(celsius),
        lastFedHoursAgo: gapH,
        hours: 72,
      },
    },
    peaksAtH: peakOf(parts, celsius),
  };
}
