import { type Learnt } from '@core/calibrate';
import { fitsOf } from '@core/journal/fits';
import { type Shape, fields, list, number, whole } from '@core/journal/shape';

/** What has been learnt of each jar, and the fingerprint of all it rests on. Can be thrown away at any time: it is learnt again. */
export type LearntByJar = Readonly<
  Record<string, { readonly learnt: Learnt; readonly log: string }>
>;

const logarithm = number(-20, 20);
const hours = number(0, 1000);
const six: Shape = list(logarithm, 6, 6);
const isLesson = fitsOf(
  fields({
    learnt: fields({
      belief: fields({ mean: six, factor: list(six, 6, 6), width: number(0, 100) }),
      feeds: whole(0, 1e6),
      readings: whole(0, 1e7),
      foretold: list(
        fields({ expectedH: hours, low: hours, high: hours, seenH: hours }),
        0,
        100_000,
      ),
      history: list(logarithm, 0, 1e6),
    }),
    log: { of: 'text', max: 80 },
  }),
);

/** Lessons from anything that was stored: those that are none are learnt again. */
export function learntFrom(raw: unknown): LearntByJar {
  if (typeof raw !== 'object' || raw === null) return {};
  return Object.fromEntries(Object.entries(raw).filter(([, lesson]) => isLesson(lesson, 0)));
}

/** What a table by jar holds of one; a jar may be called as anything that every object has. */
export const ofJar = <T>(table: Readonly<Record<string, T>>, jar: string): T | undefined =>
  Object.hasOwn(table, jar) ? table[jar] : undefined;
