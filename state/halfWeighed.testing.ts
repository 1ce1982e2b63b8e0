import { type BenchDraft } from './benchDraft';

/** A feed of which the keep is weighed, and no more. */
export const HALF_WEIGHED: BenchDraft = {
  step: 1,
  keepG: 20,
  parts: 4,
  waterParts: 4,
  order: 'waterFirst',
  weighing: 'tare',
  landed: { keep: 23 },
  to: 'discardJar',
  wantedAt: null,
  fedAt: null,
  place: null,
};
