import { fitsOf } from '@core/journal/fits';
import { fields, one, whole } from '@core/journal/shape';
import { type Judgement, type Level, type Round } from '@core/practice';

/** How far somebody came at a level: the round they are at, and how many of those before were judged rightly. */
export interface AtLevel {
  readonly round: number;
  readonly right: number;
  /** Right ones in a row, up to now and at best. */
  readonly row: number;
  readonly best: number;
}

/** Practice on this device: whose jars come in which order, and how each level went. */
export interface Practice {
  readonly seed: number;
  readonly level: Level;
  readonly levels: Readonly<Record<Level, AtLevel>>;
}

const BEGUN: AtLevel = { round: 0, right: 0, row: 0, best: 0 };

export const practiceFrom = (seed: number): Practice => ({
  seed,
  level: 1,
  levels: { 1: BEGUN, 2: BEGUN, 3: BEGUN },
});

/** A round was judged: what does no harm counts as well. */
export function judged(practice: Practice, { right, also }: Round, said: Judgement): Practice {
  const at = practice.levels[practice.level];
  const well = said === right || also.includes(said);
  const row = well ? at.row + 1 : 0;
  const now: AtLevel = {
    round: at.round + 1,
    right: at.right + (well ? 1 : 0),
    row,
    best: Math.max(at.best, row),
  };
  return { ...practice, levels: { ...practice.levels, [practice.level]: now } };
}

const count = whole(0, 1_000_000);
const atLevel = fields({ round: count, right: count, row: count, best: count });
const fits = fitsOf(
  fields({
    seed: whole(0, 2 ** 31),
    level: one(1, 2, 3),
    levels: fields({ 1: atLevel, 2: atLevel, 3: atLevel }),
  }),
);

export const isPractice = (raw: unknown): raw is Practice => fits(raw, 0);
