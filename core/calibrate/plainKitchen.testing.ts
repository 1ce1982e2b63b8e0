/**
 * A kitchen that writes logs for tests of the fit, kept apart from the model under test: its own constants, its own
 * plain equations, steps of one minute, and people who read a height 6 % and 3 points wrong.
 */

/** Mulberry32. */
export function chanceFrom(seed: number) {
  let state = seed >>> 0;
  const even = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const normal = () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
  return { even, normal };
}

export type Chance = ReturnType<typeof chanceFrom>;

interface Dough {
  yeast: number;
  lactic: number;
  ready: number;
  food: number;
  acid: number;
  gluten: number;
  gas: number;
}

const CELSIUS = [16, 18, 20, 22, 24, 26, 28];
const YEAST = [0.114, 0.163, 0.225, 0.295, 0.365, 0.414, 0.417];
const LACTIC = [0.144, 0.187, 0.239, 0.301, 0.374, 0.453, 0.535];

function rate(table: readonly number[], celsius: number): number {
  const i = Math.max(0, Math.min(5, Math.floor((celsius - 16) / 2)));
  return table[i]! + ((table[i + 1]! - table[i]!) * (celsius - CELSIUS[i]!)) / 2;
}

export interface Truth {
  readonly pace: number;
  readonly lag: number;
  readonly lift: number;
}

/** A starter somewhere around the usual. */
export const someStarter = (chance: Chance): Truth => ({
  pace: Math.exp(0.2 * chance.normal()),
  lag: Math.exp(0.4 * chance.normal()),
  lift: Math.exp(0.15 * chance.normal()),
});

const MINUTES = 60;

function stand(
  dough: Dough,
  truth: Truth,
  celsius: number,
  hours: number,
  see?: (h: number) => void,
) {
  const muY = truth.pace * rate(YEAST, celsius);
  const muB = truth.pace * rate(LACTIC, celsius);
  for (let minute = 1; minute <= hours * MINUTES; minute++) {
    const dt = 1 / MINUTES;
    const fed = dough.food / (0.04 + dough.food);
    const adapted = dough.ready / (1 + dough.ready);
    const activity = 0.3 + 0.7 * adapted;
    const ph = 3.6 + 2.4 * Math.exp(-dough.acid / 4.5);
    const brake = Math.max(0, Math.min(1, (ph - 3.65) / 0.4));
    const yeastWork = muY * dough.yeast * fed * activity;
    const lacticWork = muB * dough.lactic * fed * brake * activity;
    const dying = 0.073 * (muY / truth.pace / 0.3 + 0.02) * (1 - fed);
    dough.gas +=
      dt *
      (17.55 * yeastWork -
        0.113 * dough.gas -
        2.86 * Math.max(0, dough.gas - 1.52 * truth.lift * dough.gluten));
    dough.food = Math.max(0, dough.food - dt * (2.285 * yeastWork + 0.3 * lacticWork));
    dough.acid += dt * 6.72 * lacticWork;
    dough.gluten -= dt * 0.0046 * (muB / truth.pace / 0.374) * (0.4 + dough.acid) * dough.gluten;
    dough.yeast +=
      dt * (adapted * muY * dough.yeast * fed * (1 - dough.yeast) - dying * dough.yeast);
    dough.lactic +=
      dt *
      (adapted * muB * dough.lactic * fed * brake * (1 - dough.lactic) -
        0.5 * dying * dough.lactic);
    dough.ready +=
      dt * (dough.ready < 20 ? 2 * muY * dough.ready * fed : 0) -
      dt * 0.03 * (1 - fed) * dough.ready;
    see?.(minute / MINUTES);
  }
}

function fedWith(dough: Dough, parts: number, lag: number): Dough {
  const share = 1 / (1 + 2 * parts);
  const old = 0.5 / (0.5 + parts);
  return {
    yeast: dough.yeast * share,
    lactic: dough.lactic * share,
    ready: dough.ready * lag,
    food: dough.food * old + (1 - old),
    acid: dough.acid * share,
    gluten: dough.gluten * old + (1 - old),
    gas: 0,
  };
}

const BEGIN = Date.parse('2026-01-05T08:00:00Z');
const KEEP = 20;

/** A log of feeds and looks, a question, and when that feed really peaks; hours after it. */
export function someLog(feeds: number, truth: Truth, chance: Chance, wrongEntries = false) {
  let dough: Dough = { yeast: 0.3, lactic: 0.7, ready: 12, food: 0, acid: 10, gluten: 0.3, gas: 0 };
  for (let day = 0; day < 4; day++) {
    dough = fedWith(dough, 1, 1);
    stand(dough, { ...truth, lag: 1 }, 22, 24);
  }
  let atH = 0;
  const log = Array.from({ length: feeds }, (_, n) => {
    const parts = [1, 2, 2, 3, 4, 5][Math.floor(chance.even() * 6)]!;
    const celsius = 20 + 6 * chance.even();
    const gapH = [12, 24, 24][Math.floor(chance.even() * 3)]!;
    dough = fedWith(dough, parts, truth.lag);
    const heights: number[] = [];
    const today = { ...truth, pace: truth.pace * Math.exp(0.03 * chance.normal()) };
    stand(dough, today, celsius, gapH, () => heights.push(1 + dough.gas));
    const top = heights.indexOf(Math.max(...heights)) / MINUTES;
    const looks: { afterH: number; height?: number; peaked?: true }[] = [0.35, 0.6, 0.8, 0.95, 1.15]
      .map((share) => Math.min(gapH - 0.1, share * top + 0.2 * chance.normal()))
      .filter((h) => h > 0.5)
      .map((afterH) => {
        const rise = heights[Math.round(afterH * MINUTES)]! - 1;
        const read = 1 + rise * (1 + 0.06 * chance.normal()) + 0.03 * chance.normal();
        return { afterH, height: Math.max(0.9, read) };
      });
    if (wrongEntries && n % 4 === 2) looks[1] = { afterH: looks[1]!.afterH, height: 3.4 };
    if (chance.even() < 0.4) looks.push({ afterH: top + 0.3 * chance.normal(), peaked: true });
    const entry = {
      at: new Date(BEGIN + atH * 3600e3).toISOString(),
      keepG: KEEP,
      flourG: KEEP * parts,
      waterG: KEEP * parts,
      celsius,
      looks,
    };
    atH += gapH;
    return entry;
  });
  const parts = [1, 2, 3, 4][Math.floor(chance.even() * 4)]!;
  const celsius = 20 + 5 * chance.even();
  stand(dough, truth, celsius, 4);
  const asked = fedWith(dough, parts, truth.lag);
  const heights: number[] = [];
  const today = { ...truth, pace: truth.pace * Math.exp(0.03 * chance.normal()) };
  stand(asked, today, celsius, 40, () => heights.push(1 + asked.gas));
  const lastGap = atH - (log.length ? (Date.parse(log[log.length - 1]!.at) - BEGIN) / 3600e3 : 0);
  return {
    input: {
      feeds: log,
      ask: {
        keepG: KEEP,
        flourG: KEEP * parts,
        waterG: KEEP * parts,
        celsius,
        lastFedHoursAgo: feeds > 0 ? lastGap + 4 : 28,
        hours: 60,
      },
    },
    peaksAtH: (heights.indexOf(Math.max(...heights)) + 1) / MINUTES,
  };
}
