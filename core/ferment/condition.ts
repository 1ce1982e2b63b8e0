import { type Blend } from '../measure';
import { type Mix, feed } from './mix';
import { USUAL_PACE } from './pace';
import { simulate } from './simulate';
import { usualVessel } from './vessel';

/** How a starter of unknown past comes to the tool. */
export const CONDITIONS = ['ripe', 'hungry', 'neglected', 'dried'] as const;

export type Condition = (typeof CONDITIONS)[number];

/**
 * A starter by what its keeper can say of it. `ripe`: at the top of an equal-parts feed. `hungry`: healthy, last fed
 * equal parts 24 h before at 22 °C. `neglected`: 2 % able to grow, sour. `dried`: flakes, most cells dormant.
 *
 * @param massG grams of it
 */
export function starterIn(
  condition: Condition,
  flour: Blend,
  hydrationPct: number,
  massG: number,
): Mix {
  const kind = { flour, hydrationPct, massG, celsius: 22, gas: 0 };
  switch (condition) {
    case 'neglected':
      return { ...kind, ...NEGLECTED };
    case 'dried':
      return { ...kind, ...DRIED };
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
  yeast: 0.002,
  lactic: 0.002,
  dormant: 0.03,
  ready: 0.02,
  food: 0.3,
  acid: 9,
  gluten: 0,
  hunger: 0,
};

/** A starter fed equal parts every 24 h at 22 °C, some hours after the last of many feeds. */
function routine(
  kind: Pick<Mix, 'flour' | 'hydrationPct' | 'massG' | 'celsius' | 'gas'>,
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
