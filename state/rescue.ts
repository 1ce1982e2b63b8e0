import { createSelector } from './memo';

import {
  type FoldContext,
  type JarCard,
  type ProgrammeId,
  type Spoilage,
  type Stay,
  airOf,
  contentOf,
} from '@core/journal';
import { DAY, HOUR, type Instant, hydrationOf } from '@core/measure';
import { handsFrom } from '@core/plan';
import {
  BEGINNINGS,
  type Backup,
  aliveShare,
  backupsOf,
  begunProgramme,
  dryingBatches,
  nextFeed,
  runOf,
  troubleSince,
  withoutBackup,
} from '@core/rescue';

import { type NewEvent, isoNow, logEntries } from './actions';
import { readClock } from './clock';
import { selectHands, selectTrips } from './decided';
import { weekPattern } from './hands';
import {
  selectEventsByJar,
  selectJarEvents,
  selectJars,
  selectKitchenContext,
  selectLiveEvents,
  selectNow,
  selectTime,
} from './selectors';
import { type Dispatch, type RootState } from './store';

/** The backups on the shelf, the newest first. */
export const selectBackups = createSelector(selectEventsByJar, backupsOf);

/** What lies drying; what was thrown out after a trouble does not. */
export const selectDrying = createSelector(
  [selectEventsByJar, selectLiveEvents, selectNow],
  (byJar, live, now) =>
    dryingBatches(byJar, now).filter(
      ({ id }) =>
        !live.some((event) => event.kind === 'lookedOver' && event.of === id && !event.keep),
    ),
);

/** Jars that have no backup and were not said to go without. */
export const selectWithoutBackup = createSelector(
  [selectEventsByJar, selectJars, selectNow],
  withoutBackup,
);

/** No programme is longer, days. */
const LONGEST_PROGRAMME = 28;

/** When somebody is there, from this hour to the end of the longest programme. */
export const selectHandsAhead = createSelector(
  [
    selectHands,
    selectTrips,
    (state: RootState) => Math.floor(selectNow(state) / HOUR) * HOUR,
    selectTime,
  ],
  (hands, trips, hour, time) =>
    handsFrom(weekPattern(hands), trips, hour, hour + LONGEST_PROGRAMME * DAY, time),
);

/** Jars in a programme, with how it goes and what it asks for next, in the order they joined. */
export const selectRuns = createSelector(
  [selectEventsByJar, selectJars, selectKitchenContext, selectNow, selectHandsAhead],
  (byJar, jars, context, now, hands) =>
    jars.flatMap((jar) => {
      const events = byJar.get(jar.id) ?? [];
      const begun = begunProgramme(events);
      if (!begun) return [];
      const run = runOf(begun, events, now, airWhere(events, context));
      return [{ jar, begun, run, next: nextFeed(run, contentOf(jar).massG, now, hands) }];
    }),
);

/** A jar's programme under way. */
export type JarRun = ReturnType<typeof selectRuns>[number];

/** The air where a jar stood, and goes on standing, by instants. */
export function airWhere(
  events: ReturnType<typeof selectJarEvents>,
  { places, time }: Pick<FoldContext, 'places' | 'time'>,
): (at: Instant) => number {
  const stays: Stay[] = events.flatMap((event) =>
    event.kind === 'started' || event.kind === 'moved'
      ? [{ from: Date.parse(event.at), place: event.place }]
      : [],
  );
  const since = stays[0]?.from ?? 0;
  const air = airOf(stays, since, places, time);
  return (at) => air((at - since) / HOUR);
}

/** A jar begins a programme; one under way gives way to it. */
export const beginProgramme = (jar: string, programme: ProgrammeId, text: string) =>
  logEntries([{ kind: 'programmeBegun', jar, at: isoNow(), programme }], text);

/** What has to go goes: all of it into the bin, and the jar off the shelf. What came from it since is to be looked over. */
export const throwOut =
  (jar: string, why: Spoilage, note: string, text: string) =>
  (dispatch: Dispatch, getState: () => RootState) => {
    const known = selectJars(getState()).find(({ id }) => id === jar);
    if (!known) return;
    const entry = { jar, at: isoNow() };
    const since = new Date(troubleSince(why, known, readClock())).toISOString();
    const grams = Math.round(contentOf(known).massG);
    const under = begunProgramme(selectJarEvents(getState(), jar));
    dispatch(
      logEntries(
        [
          { kind: 'noted', ...entry, note },
          { kind: 'thrownOut', ...entry, why, since },
          ...(under
            ? [{ kind: 'programmeEnded' as const, ...entry, because: 'useBackup' as const }]
            : []),
          ...(grams > 0
            ? [{ kind: 'discarded' as const, ...entry, grams, to: 'bin' as const }]
            : []),
          { kind: 'described', ...entry, card: { ...known.card, archived: true } },
        ],
        text,
      ),
    );
  };

/** A jar that a programme begins with: what it is, and what is in it. */
export interface Beginning {
  readonly programme: ProgrammeId;
  /** The jar to be. */
  readonly jar: string;
  readonly card: JarCard;
  readonly place: string;
  /** Of what it begins with: starter, flakes or flour. */
  readonly grams: number;
  /** The backup that comes from; null where it comes from elsewhere. */
  readonly backup: Backup | null;
}

/** Starter that is on its feet, give or take a day's hunger; a ball or a twin that was too long in the cold is not. */
const HUNGRY_ALIVE = 0.4;

/** A new jar from a backup, a gift, or flour and water, with its programme. */
export const begin =
  ({ programme, jar, card, place, grams, backup }: Beginning, text: string) =>
  (dispatch: Dispatch) => {
    const at = isoNow();
    const alive = backup ? aliveShare(backup, readClock()) : 1;
    const start = startOf(programme, grams, alive);
    const entries: NewEvent[] = [
      { kind: 'started', jar, at, card, place, ...(backup ? { from: backup.jar } : {}), ...start },
      { kind: 'programmeBegun', jar, at, programme },
    ];
    if (backup) entries.push({ kind: 'backupUsed', jar: backup.jar, at, backup: backup.id, grams });
    dispatch(logEntries(entries, text));
  };

type Start = Pick<
  Extract<NewEvent, { kind: 'started' }>,
  'massG' | 'hydrationPct' | 'condition' | 'alive'
>;

/** What is in a jar that begins a programme. */
function startOf(programme: ProgrammeId, grams: number, alive: number): Start {
  const soaked = BEGINNINGS[programme];
  const share = alive < 0.995 ? { alive: Math.round(alive * 1000) / 1000 } : {};
  if (soaked) {
    const { dryG, waterG } = soaked;
    const water = (waterG * grams) / dryG;
    return {
      massG: grams + water,
      hydrationPct: hydrationOf(grams, water),
      condition: programme.startsWith('flakes') ? 'dried' : 'new',
      ...share,
    };
  }
  const massG = grams;
  if (programme === 'frozen') return { massG, hydrationPct: 100, condition: 'frozen', ...share };
  const hydrationPct = programme === 'stiffBall' ? 50 : 100;
  return alive >= HUNGRY_ALIVE
    ? { massG, hydrationPct, condition: 'hungry', ...share }
    : { massG, hydrationPct, condition: 'neglected' };
}

/** Starter taken out and kept, in case the jar is lost. */
export const makeBackup = (
  made: Omit<Extract<NewEvent, { kind: 'backedUp' }>, 'kind' | 'at'>,
  text: string,
) => logEntries([{ kind: 'backedUp', at: isoNow(), ...made }], text);
