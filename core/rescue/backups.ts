import { type BackedUp, type BackupForm, type JarEvent, type Storage, instantOf } from '../journal';
import { DAY, type Instant } from '../measure';

/** How a backup keeps: in which place how long, and how fast its cells die there. */
interface Keeping {
  /** Share of the cells alive when it is made. */
  readonly fresh: number;
  /** Days in which all but 1/e of them die. Derived from how long keepers find each good. */
  readonly fadesDays: Readonly<Record<Storage, number>>;
  /** Days after which it should be made anew, or fed. */
  readonly renewDays: Readonly<Record<Storage, number>>;
}

/**
 * Flakes keep 6 to 12 months at room temperature and longer frozen; a frozen portion about three; a stiff ball two months in
 * the fridge; a twin lives as a starter does and is fed monthly. Renewed twice a year at least.
 */
const KEEPING: Readonly<Record<BackupForm, Keeping>> = {
  flakes: {
    fresh: 1,
    fadesDays: { room: 240, fridge: 420, freezer: 900 },
    renewDays: { room: 183, fridge: 183, freezer: 365 },
  },
  frozen: {
    fresh: 0.8,
    fadesDays: { room: 4, fridge: 20, freezer: 150 },
    renewDays: { room: 1, fridge: 5, freezer: 92 },
  },
  stiffBall: {
    fresh: 1,
    fadesDays: { room: 8, fridge: 60, freezer: 120 },
    renewDays: { room: 4, fridge: 42, freezer: 92 },
  },
  twin: {
    fresh: 1,
    fadesDays: { room: 10, fridge: 50, freezer: 50 },
    renewDays: { room: 7, fridge: 30, freezer: 30 },
  },
};

/**
 * How a form keeps in its usual place: days until it should be made anew, and in which all but 1/e of its cells die.
 *
 * @example keepsFor('flakes').renewDays > keepsFor('frozen').renewDays // = true
 */
export function keepsFor(form: BackupForm): {
  readonly renewDays: number;
  readonly fadesDays: number;
} {
  const { renewDays, fadesDays } = KEEPING[form];
  const store = USUAL_STORE[form];
  return { renewDays: renewDays[store], fadesDays: fadesDays[store] };
}

/** Where each form is usually kept. */
export const USUAL_STORE: Readonly<Record<BackupForm, Storage>> = {
  flakes: 'room',
  frozen: 'freezer',
  stiffBall: 'fridge',
  twin: 'fridge',
};

/** A backup on the shelf. */
export interface Backup {
  readonly id: string;
  readonly jar: string;
  readonly form: BackupForm;
  readonly store: Storage;
  readonly gramsLeft: number;
  readonly madeAt: Instant;
  /** When it was made, or last fed. */
  readonly freshAt: Instant;
  readonly renewBy: Instant;
  readonly note: string | null;
}

/** Less than this is nothing to begin from, grams. */
const LEAST_G = 1;

/**
 * The backups there are, by all jars' events; the newest first.
 *
 * @example backupsOf(new Map()) // = []
 */
export function backupsOf(byJar: ReadonlyMap<string, readonly JarEvent[]>): readonly Backup[] {
  const all = [...byJar.values()].flat();
  const used = new Map<string, number>();
  const tended = new Map<string, Instant>();
  for (const event of all) {
    if (event.kind === 'backupUsed')
      used.set(event.backup, (used.get(event.backup) ?? 0) + event.grams);
    if (event.kind === 'backupTended')
      tended.set(event.backup, Math.max(tended.get(event.backup) ?? 0, instantOf(event)));
  }
  return all
    .filter((event): event is BackedUp => event.kind === 'backedUp')
    .map((made) => {
      const freshAt = tended.get(made.id) ?? instantOf(made);
      return {
        id: made.id,
        jar: made.jar,
        form: made.form,
        store: made.store,
        gramsLeft: made.grams - (used.get(made.id) ?? 0),
        madeAt: instantOf(made),
        freshAt,
        renewBy: freshAt + KEEPING[made.form].renewDays[made.store] * DAY,
        note: made.note ?? null,
      };
    })
    .filter(({ gramsLeft }) => gramsLeft >= LEAST_G)
    .sort((a, b) => b.madeAt - a.madeAt);
}

/**
 * Share of the cells that should still be alive, 0 to 1, against a fresh one of its form.
 *
 * @example aliveShare({ form: 'flakes', store: 'room', freshAt: 0 }, 0) // = 1.0
 */
export function aliveShare({ form, store, freshAt }: Backup, now: Instant): number {
  const { fresh, fadesDays } = KEEPING[form];
  return fresh * Math.exp(-Math.max(0, now - freshAt) / DAY / fadesDays[store]);
}

/** Starter spread out to dry and not packed yet. */
export interface DryingBatch {
  readonly id: string;
  readonly jar: string;
  readonly grams: number;
  readonly since: Instant;
  /** From then on it may snap ... */
  readonly snapsFrom: Instant;
  /** ... and by then it should. */
  readonly snapsBy: Instant;
}

/** A very thin film takes a day at least, and two at most. */
const DRIES_H = [24, 48] as const;

/**
 * What lies drying: until it is packed, however long that takes.
 *
 * @example dryingBatches(new Map()) // = []
 */
export function dryingBatches(
  byJar: ReadonlyMap<string, readonly JarEvent[]>,
): readonly DryingBatch[] {
  const all = [...byJar.values()].flat();
  const packed = new Set(all.flatMap((e) => (e.kind === 'backedUp' && e.drying ? [e.drying] : [])));
  return all.flatMap((event) => {
    if (event.kind !== 'drying' || packed.has(event.id)) return [];
    const since = instantOf(event);
    const [first, last] = DRIES_H;
    return [
      {
        id: event.id,
        jar: event.jar,
        grams: event.grams,
        since,
        snapsFrom: since + (first * DAY) / 24,
        snapsBy: since + (last * DAY) / 24,
      },
    ];
  });
}

/**
 * Jars that have no backup, did not decline one, and are worth one: fed at least once.
 *
 * @example withoutBackup(new Map(), [], []) // = []
 */
export function withoutBackup(
  byJar: ReadonlyMap<string, readonly JarEvent[]>,
  jars: readonly { readonly id: string; readonly feeds: number }[],
  batches: readonly DryingBatch[],
): readonly string[] {
  const kept = new Set(backupsOf(byJar).map(({ jar }) => jar));
  const drying = new Set(batches.map(({ jar }) => jar));
  return jars
    .filter(
      ({ id, feeds }) =>
        feeds > 0 &&
        !kept.has(id) &&
        !drying.has(id) &&
        !byJar.get(id)?.some(({ kind }) => kind === 'backupDeclined'),
    )
    .map(({ id }) => id);
}

/**
 * A film of a millimetre on paper: grams that a sheet of so many square centimetres takes.
 *
 * @example filmGrams(600) // = 63
 */
export const filmGrams = (areaCm2: number): number => Math.round(areaCm2 * 0.1 * 1.05);

/**
 * Water leaves; about so much of a starter's mass stays as flakes.
 *
 * @example flakesFrom(100, 100) // = 54
 */
export const flakesFrom = (grams: number, hydrationPct: number): number =>
  Math.round((grams / (1 + hydrationPct / 100)) * 1.08);
