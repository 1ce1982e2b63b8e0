import { type Blend } from '../measure';
import { type Mix, feed } from './mix';
import { USUAL_PACE } from './pace';
import { simulate } from './simulate';
import { usualVessel } from './vessel';

/** How a starter of unknown past comes to the tool. */
export const CONDITIONS = ['ripe', 'hungry', 'neglected', 'dried', 'frozen', 'new'] as const;

export type Condition = (typeof CONDITIONS)[number];

/**
 * A starter by what its keeper can say of it. `ripe`: at the top of an equal-parts feed. `hungry`: healthy, last fed
 * equal parts 24 h before at 22 °C. `neglected`: 2 % able to grow, sour. `dried`: flakes, most cells dormant. `frozen`: a
 * portion from the freezer. `new`: flour and water, with the few wild cells that can live in what will be sour.
 *
 * @param massG grams of it
 * @param alive share of the usual cells of that condition that still live, 0 to 1
 * @example starterIn('ripe', { white: 1 }, 100, 50).massG // = 50
 */
export function starterIn(
  condition: Condition,
  flour: Blend,
  hydrationPct: number,
  massG: number,
  alive = 1,
): Mix {
  const mix = starter(condition, flour, hydrationPct, massG);
  return alive === 1
    ? mix
    : {
        ...mix,
        yeast: alive * mix.yeast,
        lactic: alive * mix.lactic,
        dormant: alive * mix.dormant,
      };
}

function starter(condition: Condition, flour: Blend, hydrationPct: number, massG: number): Mix {
  const kind = { flour, hydrationPct, massG, celsius: 22, gas: 0, old: 1 / 3 };
  switch (condition) {
    case 'neglected':
      return { ...kind, ...NEGLECTED };
    case 'dried':
      return { ...kind, ...DRIED };
    case 'frozen':
      return { ...kind, ...FROZEN };
    case 'new':
      return { ...kind, ...NEW };
    case 'ripe':
      return routine(kind, 7);
    case 'hungry':
      return routine(kind, 24);
  }
}

const NEGLECTED = {
  yeast: 0.02,
  lactic: 0.05,
  dormant: 0,
  ready: 0.27,
  food: 0,
  acid: 14,
  gluten: 0.05,
  hunger: 200,
};

const DRIED = {
  yeast: 0.0005,
  lactic: 0.002,
  dormant: 0.008,
  ready: 0.02,
  food: 0.3,
  acid: 9,
  gluten: 0,
  hunger: 0,
};

/** Freezing puts most cells to sleep and spares a few: two or three feeds wake them. */
const FROZEN = {
  yeast: 0.02,
  lactic: 0.1,
  dormant: 0.12,
  ready: 0.1,
  food: 0.05,
  acid: 10,
  gluten: 0.2,
  hunger: 0,
};

/**
 * Flour brings few cells that will live in sour dough, and others first make room for them. So few are taken to be there at
 * first that a jar in a warm kitchen doubles after six to eight days, as keepers report.
 */
const NEW = {
  yeast: 1e-19,
  lactic: 1e-6,
  dormant: 0,
  ready: 0.02,
  food: 1,
  acid: 0.5,
  gluten: 1,
  hunger: 0,
};

/** A starter fed equal parts every 24 h at 22 °C, some hours after the last of many feeds. */
function routine(
  kind: Pick<Mix, 'flour' | 'hydrationPct' | 'massG' | 'celsius' | 'gas' | 'old'>,
  hours: number,
): Mix {
  const third = kind.massG / 3;
  const waterShare = kind.hydrationPct / 100;
  const flourG = (2 * third) / (1 + waterShare);
  const parts = { keepG: third, flourG, waterG: flourG * waterShare, flour: kind.flour };
  const conditions = {
    air: () => 22,
    vessel: usualVessel(kind.massG, kind.hydrationPct),
    pace: USUAL_PACE,
  };
  let mix: Mix = {
    ...kind,
    yeast: 0.5,
    lactic: 0.8,
    dormant: 0,
    ready: 10,
    food: 0,
    acid: 10,
    gluten: 0.3,
    hunger: 10,
  };
  for (let day = 0; day < 4; day++) mix = simulate(feed(mix, parts), conditions, 24);
  return simulate(feed(mix, parts), conditions, hours);
}
