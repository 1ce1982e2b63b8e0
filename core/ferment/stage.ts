/** What a keeper would call the state of a jar. */
export const STAGES = [
  'asleep',
  'resting',
  'settled',
  'waking',
  'rising',
  'ripe',
  'past',
  'sunk',
  'hungry',
  'hooch',
] as const;

export type Stage = (typeof STAGES)[number];

/**
 * Out of food, whether its liquid shows or not.
 *
 * @example isHungry('hooch') // = true
 */
export const isHungry = (stage: Stage): stage is 'hungry' | 'hooch' =>
  stage === 'hungry' || stage === 'hooch';

/** What the stage is judged by; heights against the band. */
export interface StageSigns {
  readonly hours: number;
  readonly height: number;
  readonly food: number;
  readonly hunger: number;
  readonly celsius: number;
  /** Height at the top of this feed's rise, and when: null while it still rises. */
  readonly peakHeight: number;
  readonly peaksAtH: number | null;
  readonly ripeFromH: number | null;
  readonly ripeUntilH: number | null;
  /** Hunger at which liquid shows in this mix. */
  readonly hoochHunger: number;
}

/** Hours without food, counted at 22 °C, after which a starter is called hungry. */
const HUNGRY = 8;
/** Below this a starter with food left sleeps, °C. */
const ASLEEP_CELSIUS = 8;

/**
 * The stage shown by the signs, in the order in which a keeper would notice them.
 *
 * @example stageOf({ ...signs, hunger: 20, hoochHunger: 48 }) // 'hungry'
 */
export function stageOf(signs: StageSigns): Stage {
  const { hours, height, hunger, peaksAtH, ripeFromH, ripeUntilH } = signs;
  if (hunger >= signs.hoochHunger) return 'hooch';
  if (hunger >= HUNGRY) return 'hungry';
  if (ripeFromH !== null && hours >= ripeFromH && (ripeUntilH === null || hours <= ripeUntilH))
    return 'ripe';
  if (signs.celsius < ASLEEP_CELSIUS && signs.food > 0.05) return 'asleep';
  // It never got far up in the cold, and there is nothing it could be past of.
  if (signs.celsius < ASLEEP_CELSIUS && ripeFromH === null) return 'resting';
  const rise = signs.peakHeight - 1;
  const risen = rise > 0 ? (height - 1) / rise : 0;
  if (peaksAtH !== null && hours > peaksAtH) return risen > 0.6 ? 'past' : 'sunk';
  if (risen < 0.02) return 'settled';
  return risen < 0.15 ? 'waking' : 'rising';
}
