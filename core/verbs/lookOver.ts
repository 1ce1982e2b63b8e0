import { type Answer, type Jar, type NewEntry, answer, isoOf } from '../journal';
import { type Lot } from '../larder';
import { type Instant } from '../measure';
import { type Backup, type Reached } from '../rescue';
import { spendBackup } from './backup';
import { putTubAway } from './larder';
import { clearedAway } from './programme';

/** What there is in the kitchen that a trouble may have reached. */
interface Here {
  readonly lots: readonly Lot[];
  readonly backups: readonly Backup[];
  readonly jars: readonly Jar[];
}

/**
 * Something that came from a jar that was thrown out is kept, for it was looked at; or it goes too.
 *
 * @example lookOver(reached, true, here, now).entries
 */
export function lookOver(
  reached: readonly Reached[],
  keep: boolean,
  here: Here,
  now: Instant,
): Answer {
  const over = reached.map(({ what, of }): NewEntry => ({
    kind: 'lookedOver',
    at: isoOf(now),
    what,
    of,
    keep,
  }));
  return answer([...over, ...(keep ? [] : reached.flatMap((one) => gone(one, here, now)))]);
}

/** The entries by which something leaves the kitchen. */
function gone({ what, of }: Reached, here: Here, now: Instant): readonly NewEntry[] {
  switch (what) {
    case 'lot': {
      const lot = here.lots.find(({ id }) => id === of);
      return lot
        ? [
            {
              kind: 'lotsUsed',
              at: isoOf(now),
              lots: [{ lot: of, grams: lot.grams }],
              to: 'bin',
            },
          ]
        : [];
    }
    case 'backup': {
      const backup = here.backups.find(({ id }) => id === of);
      return backup ? (spendBackup(backup, now).entries ?? []) : [];
    }
    case 'jar': {
      const jar = here.jars.find(({ id }) => id === of);
      return jar ? clearedAway(jar, now) : [];
    }
    case 'tub':
      return putTubAway(of, now).entries ?? [];
    case 'drying':
      return [];
  }
}
