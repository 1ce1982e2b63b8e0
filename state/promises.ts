import { type DueMove, instantOf } from '@core/journal';
import { HOUR } from '@core/measure';

import { createSelector } from './memo';
import { selectBowls, selectJars, selectLog, selectNow } from './selectors';
import { type RootState } from './store';

/** A move that was said beforehand. */
export interface JarPromise extends DueMove {
  readonly jar: string;
  /** Still to come, to be made now, or past its hour without a word. */
  readonly state: 'waits' | 'due' | 'asked';
}

/** So long a move is only due; after that somebody has to say whether it was made. */
const DUE = HOUR;

/** All moves that were said beforehand and of which nobody has said yet what became of them, in order of time. */
export const selectPromises = createSelector(
  [selectJars, selectBowls, (state: RootState) => selectLog(state).coming, selectNow],
  (jars, bowls, coming, now): readonly JarPromise[] =>
    [...jars, ...bowls]
      .flatMap(({ id, promised }): JarPromise[] => [
        ...(promised
          ? [
              {
                ...promised,
                jar: id,
                state: now >= promised.from + DUE ? ('asked' as const) : ('due' as const),
              },
            ]
          : []),
        ...(coming.get(id) ?? [])
          .filter((event) => event.kind === 'moved')
          .map((event) => ({
            jar: id,
            entry: event.id,
            from: instantOf(event),
            place: event.place,
            state: 'waits' as const,
          })),
      ])
      .sort((a, b) => a.from - b.from),
);
