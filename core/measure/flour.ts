/** The flours a starter is fed with. */
export const FLOUR_KINDS = [
  'white',
  'strongWhite',
  'sifted',
  'wholeWheat',
  'rye',
  'spelt',
  'einkorn',
  'emmer',
  'brownRice',
  'buckwheat',
  'sorghum',
  'teff',
  'glutenFree',
] as const;

export type FlourKind = (typeof FLOUR_KINDS)[number];

/** What the model needs to know of a flour. */
export interface FlourTraits {
  /** Growth against white flour: whole grain brings minerals, microbes and enzymes. */
  readonly rate: number;
  /** Acid the flour takes up for the same fall of pH, against white: the ash of the bran buffers. */
  readonly buffer: number;
  /** Highest rise against white flour. Rye is a paste: it lifts, it does not stretch. */
  readonly lift: number;
  /** Water it binds against white flour: bran and rye's gums drink, and only what is beyond makes a mix runny. */
  readonly binds: number;
  /** How fast its gluten, or what stands for it, gives way against white. */
  readonly fade: number;
  /** Levelled US cup, in grams. */
  readonly gramsPerCup: number;
  readonly gluten: boolean;
  /** How much of it is whole grain, as bakers count that, 0 to 1. */
  readonly whole: number;
  /** It is mauve, grey or brown of itself. */
  readonly dark: boolean;
}

/**
 * Rates and lifts follow what keepers report; buffers follow the usual ash contents, and cups what a levelled one weighs. Of the
 * old wheats and of the single flours without gluten less is reported than of the others: their figures are those of their
 * nearest relatives, moved to the side on which keepers find them.
 */
export const FLOURS: Readonly<Record<FlourKind, FlourTraits>> = {
  white: wheat({ rate: 1, buffer: 1, lift: 1, binds: 1, fade: 1, gramsPerCup: 120 }, 0),
  strongWhite: wheat(
    { rate: 1, buffer: 1.02, lift: 1.08, binds: 1.03, fade: 0.9, gramsPerCup: 120 },
    0,
  ),
  /** Bolted, or "half white": some of the bran is out. */
  sifted: wheat(
    { rate: 1.08, buffer: 1.2, lift: 0.95, binds: 1.12, fade: 1.1, gramsPerCup: 120 },
    0.5,
  ),
  wholeWheat: wheat(
    { rate: 1.15, buffer: 1.45, lift: 0.85, binds: 1.3, fade: 1.25, gramsPerCup: 120 },
    1,
  ),
  rye: {
    ...wheat({ rate: 1.25, buffer: 1.5, lift: 0.6, binds: 1.5, fade: 1.1, gramsPerCup: 105 }, 1),
    dark: true,
  },
  spelt: wheat({ rate: 1.1, buffer: 1.2, lift: 0.85, binds: 1.1, fade: 1.4, gramsPerCup: 110 }, 1),
  /** Its gluten is weak and soon gone, and it drinks little. */
  einkorn: wheat(
    { rate: 1.12, buffer: 1.35, lift: 0.7, binds: 0.95, fade: 1.7, gramsPerCup: 100 },
    1,
  ),
  emmer: wheat(
    { rate: 1.12, buffer: 1.35, lift: 0.75, binds: 1.1, fade: 1.5, gramsPerCup: 110 },
    1,
  ),
  brownRice: glutenless({ rate: 1.05, buffer: 1.1, lift: 0.5, binds: 1.2, gramsPerCup: 140 }),
  buckwheat: {
    ...glutenless({ rate: 1.2, buffer: 1.3, lift: 0.55, binds: 1.35, gramsPerCup: 125 }),
    dark: true,
  },
  sorghum: glutenless({ rate: 1.05, buffer: 1.1, lift: 0.5, binds: 1.25, gramsPerCup: 125 }),
  teff: {
    ...glutenless({ rate: 1.2, buffer: 1.35, lift: 0.55, binds: 1.3, gramsPerCup: 150 }),
    dark: true,
  },
  /** A mix sold as such. */
  glutenFree: {
    ...glutenless({ rate: 1.1, buffer: 1.1, lift: 0.5, binds: 1.3, gramsPerCup: 130 }),
    dark: true,
  },
};

type Figures = Omit<FlourTraits, 'gluten' | 'whole' | 'dark'>;

/** A flour with gluten, so much of it whole grain. */
function wheat(figures: Figures, whole: number): FlourTraits {
  return { ...figures, gluten: true, whole, dark: false };
}

/** A flour without gluten: it lifts, and does not give way as gluten does. */
function glutenless(figures: Omit<Figures, 'fade'>): FlourTraits {
  return { ...figures, fade: 1, gluten: false, whole: 0, dark: false };
}

/** Shares of flours by weight. They need not add up to one: {@link blendShares} normalises. */
export type Blend = Readonly<Partial<Record<FlourKind, number>>>;

/**
 * The shares of a blend, scaled to add up to 1. An empty blend counts as white flour.
 *
 * @example blendShares({ white: 3, rye: 1 }) // = [['white', 0.75], ['rye', 0.25]]
 */
export function blendShares(blend: Blend): readonly (readonly [FlourKind, number])[] {
  const present = FLOUR_KINDS.map((kind) => [kind, blend[kind] ?? 0] as const).filter(
    ([, share]) => share > 0,
  );
  const total = present.reduce((sum, [, share]) => sum + share, 0);
  return total > 0 ? present.map(([kind, share]) => [kind, share / total]) : [['white', 1]];
}

/** Blends are asked for their traits at every simulation. */
const known = new WeakMap<Blend, Figures>();

/**
 * The traits of a blend: the mean of its flours by weight.
 *
 * @example blendTraits({ rye: 1 }) // = blendTraits({ rye: 100 })
 */
export function blendTraits(blend: Blend): Figures {
  const traits = known.get(blend) ?? meanTraits(blend);
  known.set(blend, traits);
  return traits;
}

/** Whether nothing in a blend holds gluten. */
export const isGlutenFree = (blend: Blend): boolean =>
  blendShares(blend).every(([kind]) => !FLOURS[kind].gluten);

function meanTraits(blend: Blend): Figures {
  const shares = blendShares(blend);
  const mean = (trait: keyof Figures) =>
    shares.reduce((sum, [kind, share]) => sum + share * FLOURS[kind][trait], 0);
  return {
    rate: mean('rate'),
    buffer: mean('buffer'),
    lift: mean('lift'),
    binds: mean('binds'),
    fade: mean('fade'),
    gramsPerCup: mean('gramsPerCup'),
  };
}

/**
 * Height against the band that counts as doubled: the one measure of a full rise. Rye and gluten-free flour lift, they do not
 * stretch: a starter of theirs has done what it can well below twice its height.
 *
 * @example doubledHeight({ white: 1 }) // = 2
 */
export const doubledHeight = (blend: Blend): number => 1 + Math.min(1, blendTraits(blend).lift);

/** Stiffer than this a mix is a ball that swells to all sides: its height in a jar is no reading. Water over flour, percent. */
const BALL_PCT = 40;

/** Whether a mix rises up a jar, so that its height tells something. */
export const risesUpward = (hydrationPct: number): boolean => hydrationPct >= BALL_PCT;

/** The flour a blend has most of. */
export const mainFlour = (blend: Blend): FlourKind =>
  blendShares(blend).reduce((most, next) => (next[1] > most[1] ? next : most))[0];

/**
 * Whether two blends are the same to half a hundredth of each flour.
 *
 * @example sameBlend({ white: 0.5, rye: 0.5 }, { rye: 50, white: 50 }) // = true
 */
export function sameBlend(a: Blend, b: Blend): boolean {
  const shares = new Map(blendShares(b));
  const mine = blendShares(a);
  return (
    mine.length === shares.size &&
    mine.every(([kind, share]) => Math.abs(share - (shares.get(kind) ?? 0)) < 0.005)
  );
}

/**
 * The blend of two lots of flour put together, each given with its mass in grams.
 *
 * @example mixBlends({ white: 1 }, 30, { rye: 1 }, 10) // = { white: 0.75, rye: 0.25 }
 */
export function mixBlends(a: Blend, gramsA: number, b: Blend, gramsB: number): Blend {
  const total = gramsA + gramsB;
  if (total <= 0) return a;
  const mixed: Partial<Record<FlourKind, number>> = {};
  for (const [kind, share] of blendShares(a)) mixed[kind] = (share * gramsA) / total;
  for (const [kind, share] of blendShares(b))
    mixed[kind] = (mixed[kind] ?? 0) + (share * gramsB) / total;
  return mixed;
}
