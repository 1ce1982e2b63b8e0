/** The words that entries of the journal are made of; what they mean to a baker stands beside each. */

/** Where starter goes that is taken out of a jar. */
export const DESTINATIONS = ['bake', 'discardJar', 'freezer', 'compost', 'animals', 'bin'] as const;
export type Destination = (typeof DESTINATIONS)[number];

/** What a nose can tell, from fresh to starved; the last is a stranger. */
export const SMELLS = ['wetFlour', 'yoghurt', 'fruit', 'vinegar', 'solvent', 'cheese'] as const;
export type Smell = (typeof SMELLS)[number];

/** The inside of a loaf. */
export const CRUMBS = ['dense', 'even', 'open', 'caves', 'gummy'] as const;
export type Crumb = (typeof CRUMBS)[number];

/** How sour a bake tasted. */
export const SOURNESSES = ['hardly', 'mild', 'tangy', 'sharp'] as const;
export type Sourness = (typeof SOURNESSES)[number];

/** How a dough came up in the oven. */
export const OVEN_RISES = ['flat', 'fair', 'high'] as const;
export type OvenRise = (typeof OVEN_RISES)[number];

/** What is told of the rise without a ruler. */
export const SIGNS = ['doubled', 'peaked', 'fallen'] as const;
export type Sign = (typeof SIGNS)[number];

export const BUBBLES = ['none', 'few', 'many', 'mousse'] as const;
export type Bubbles = (typeof BUBBLES)[number];

/** Plans of feeds that bring a starter back, wake a backup, or begin anew. */
export const PROGRAMMES = [
  'neglected',
  'halfOut',
  'overheated',
  'afterFridge',
  'flakesInStages',
  'flakesAtOnce',
  'stiffBall',
  'frozen',
  'byPost',
  'wholeGrainTaper',
  'tinyBuild',
  'halfOutDaily',
  'fruitWater',
] as const;
export type ProgrammeId = (typeof PROGRAMMES)[number];

/** How a programme ended: the starter is well, a backup takes over, or it was left. */
export const PROGRAMME_ENDS = ['well', 'useBackup', 'left'] as const;
export type ProgrammeEnd = (typeof PROGRAMME_ENDS)[number];

/** What a starter is kept as, in case its jar is lost. */
export const BACKUP_FORMS = ['flakes', 'frozen', 'stiffBall', 'twin'] as const;
export type BackupForm = (typeof BACKUP_FORMS)[number];

/** Where a backup lies. */
export const STORES = ['room', 'fridge', 'freezer'] as const;
export type Storage = (typeof STORES)[number];

/** Why a jar was thrown out, as far as it matters to what came from it. */
export const SPOILAGES = [
  'growth',
  'insects',
  'hardBits',
  'cleaner',
  'food',
  'smell',
  'unsure',
  'heat',
] as const;
export type Spoilage = (typeof SPOILAGES)[number];

/** What may have come from a jar that was thrown out, or have given it its trouble. */
export const REACHED = ['lot', 'backup', 'drying', 'jar', 'tub'] as const;
export type ReachedKind = (typeof REACHED)[number];

export const LIQUIDS = ['none', 'clear', 'grey', 'dark'] as const;
export type Liquid = (typeof LIQUIDS)[number];

/** What a plan that is offered is best at. */
export const PLAN_CHOICES = [
  'balanced',
  'leastFlour',
  'fewestTouches',
  'safest',
  'another',
] as const;
export type PlanChoice = (typeof PLAN_CHOICES)[number];
