import {
  type Answer,
  type BackupForm,
  type JarAtHand,
  type NewEntryOf,
  type Storage,
  answer,
  isoOf,
  objectionsAtHand,
  timeObjections,
  weightObjections,
} from '../journal';
import { type Instant } from '../measure';
import { type Backup, type DryingBatch, USUAL_STORE } from '../rescue';

/** A stiff ball grows by the flour that is worked in: of one gram of starter comes so much. */
const BALL_PER_STARTER = 2.2;

/**
 * Starter is taken out and kept in case the jar is lost: flakes lie drying first, all else is made at once.
 *
 * @param asked `grams` of starter that is taken for it; when it was, if not just now
 * @returns objections to `grams` or `at`
 * @example makeBackup(atHand, { form: 'frozen', grams: 50, note: 'top drawer' })
 */
export function makeBackup(
  atHand: JarAtHand,
  {
    form,
    grams,
    note,
    when = atHand.now,
  }: {
    readonly form: BackupForm;
    readonly grams: number;
    readonly note: string;
    readonly when?: Instant;
  },
): Answer {
  const common = { jar: atHand.jar.id, at: isoOf(when) };
  const entry: NewEntryOf<'drying'> | NewEntryOf<'backedUp'> =
    form === 'flakes'
      ? { kind: 'drying', ...common, grams }
      : {
          kind: 'backedUp',
          ...common,
          form,
          grams: form === 'stiffBall' ? Math.round(grams * BALL_PER_STARTER) : grams,
          takenG: grams,
          store: USUAL_STORE[form],
          ...noted(note),
        };
  const found = objectionsAtHand(entry, atHand);
  // Whichever entry it becomes, it is the one weight that was asked for.
  return answer(
    [entry],
    found.map((one) => (one.field === 'takenG' ? { ...one, field: 'grams' } : one)),
  );
}

/**
 * Flakes that snap are crumbled and packed.
 *
 * @returns objections to `grams`: dried they weigh less than they did wet; to `at`
 * @example packFlakes(batch, { grams: 12, store: 'room', note: '', when: now }, now)
 */
export function packFlakes(
  batch: DryingBatch,
  {
    grams,
    store,
    note,
    when,
  }: {
    readonly grams: number;
    readonly store: Storage;
    readonly note: string;
    readonly when: Instant;
  },
  now: Instant,
): Answer {
  const object = (message: string, field = 'grams') => answer([], [{ field, message }]);
  const found = timeObjections(when, now);
  if (found.length > 0) return answer([], found);
  if (when < batch.since) return object('They were not spread out yet at that time.', 'at');
  if (!(grams >= 1)) return object('At least a gram, please.');
  if (grams > batch.grams)
    return object(`${Math.round(batch.grams)} g were spread out; dried they weigh less.`);
  return answer([
    {
      kind: 'backedUp',
      at: isoOf(when),
      jar: batch.jar,
      form: 'flakes',
      grams,
      takenG: 0,
      store,
      drying: batch.id,
      ...noted(note),
    },
  ]);
}

/**
 * Some of a backup is used, or all of it is gone.
 *
 * @param grams all that is left, where nothing else is said
 * @returns objections to `grams`: more than is left cannot be used
 * @example spendBackup({ id: 'b', jar: 'tern', gramsLeft: 20 }, 0, 30).objections.length // = 1
 */
export function spendBackup(
  { id, jar, gramsLeft }: Backup,
  now: Instant,
  grams: number = gramsLeft,
): Answer {
  const object = (message: string) => [{ field: 'grams', message }];
  return answer(
    [{ kind: 'backupUsed', jar, at: isoOf(now), backup: id, grams }],
    grams > gramsLeft + 0.5
      ? object(`There are only ${Math.round(gramsLeft)} g left of it.`)
      : weightObjections('grams', grams),
  );
}

/** A twin in the fridge had its monthly feed. */
export const tendBackup = ({ id, jar }: Backup, now: Instant): Answer =>
  answer([{ kind: 'backupTended', jar, at: isoOf(now), backup: id }]);

/** A jar goes without a backup, and is not asked again. */
export const declineBackup = (jar: string, now: Instant): Answer =>
  answer([{ kind: 'backupDeclined', jar, at: isoOf(now) }]);

const noted = (note: string) => (note.trim() ? { note: note.trim() } : {});

/** What lay drying is not packed any more: it is thrown out. */
export const giveUpDrying = ({ id }: Pick<DryingBatch, 'id'>, now: Instant): Answer =>
  answer([{ kind: 'lookedOver', at: isoOf(now), what: 'drying', of: id, keep: false }]);
