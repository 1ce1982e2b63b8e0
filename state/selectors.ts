import { useMemo } from 'react';

import { type PaceBelief, type Place, USUAL_BELIEF, middlePace } from '@core/ferment';
import {
  type FoldContext,
  type Jar,
  type JarEvent,
  type Log,
  type Outlook,
  type PlaceEvent,
  type Standing,
  contextPrint,
  cultureOf,
  foldJar,
  horizonFor,
  instantOf,
  outlookOf,
  placeAt,
  placesOf,
  standingAt,
  openPromise,
  withComing,
  withItsPast,
  withoutPromise,
  zonesOf,
} from '@core/journal';
import { tubsOf } from '@core/larder';
import { kitchenTime } from '@core/measure';

import { createSelector, unchanged } from './memo';
import { type Caches, foldBefore } from './caches';
import { type LearntByJar, ofJar } from './learntBook';
import { type RootState, useAppSelector } from './store';

/** How far beyond now a jar's outlook reaches, hours: the counter needs two days, the fridge a month. */
const AHEAD = 48;
const AHEAD_COLD = 30 * 24;

export const selectNow = (state: RootState) => state.time.now;
export const selectKitchen = (state: RootState) => state.kitchen;

/** The entries that count, as of now. */
export const selectLog = ({ caches, kitchen, time }: RootState): Log =>
  caches.log(kitchen.events, time.now);

export const selectLiveEvents = (state: RootState) => selectLog(state).all;
export const selectEventsByJar = (state: RootState) => selectLog(state).byJar;

/** The zones the kitchen has been in; one that never said keeps the time of this device. */
export const selectZones = createSelector(
  [
    (state: RootState) => selectLog(state).of('zoned'),
    (state: RootState) => state.kitchen.deviceZone,
  ],
  zonesOf,
);

/** The kitchen's own time. */
export const selectTime = createSelector(selectZones, kitchenTime);
export const selectZone = (state: RootState) => selectTime(state).zone;

/** The live history of the kitchen's places. */
export const selectArranged = (state: RootState) => selectLog(state).of('arranged');

/** All that is said of the kitchen's places, what thermometers gave of them among it. */
export const selectPlaceEvents = createSelector(
  [
    selectArranged,
    (state: RootState) => selectLog(state).of('measured'),
    (state: RootState) => selectLog(state).of('lowHigh'),
  ],
  (arranged, measured, lowHigh): readonly PlaceEvent[] => [
    ...arranged,
    // What was read last counts, whichever way.
    ...[...measured, ...lowHigh].sort((a, b) => instantOf(a) - instantOf(b)),
  ],
);

export const selectPlaceHistory = createSelector(selectPlaceEvents, placesOf);

/** What all jars of a kitchen share. */
export type KitchenContext = Omit<FoldContext, 'pace'>;

/** What the model needs to know of the kitchen. */
export const selectKitchenContext = createSelector(
  [selectPlaceHistory, selectTime],
  (places, time): KitchenContext => ({ places, time }),
);

/** The kitchen's places as they are now, in the order they were set up. */
export const selectPlaces = createSelector(selectPlaceHistory, (places): readonly Place[] =>
  [...places.keys()].map((id) => placeAt(places, id, Infinity)!),
);

/** The tubs of flour. */
export const selectTubs = createSelector(
  [
    (state: RootState) => selectLog(state).of('stocked'),
    (state: RootState) => selectLog(state).of('tubWeighed'),
    (state: RootState) => selectLog(state).of('tubGone'),
    (state: RootState) => selectLog(state).of('fed'),
    selectLog,
  ],
  (stocked, _weighed, _gone, _fed, log) => (stocked.length > 0 ? tubsOf(log.all) : []),
  unchanged,
);

const NO_EVENTS: readonly JarEvent[] = [];

/** A jar's live events, oldest first. */
export const selectJarEvents = (state: RootState, jar: string) =>
  selectEventsByJar(state).get(jar) ?? NO_EVENTS;

const selectLearnt = (state: RootState) => state.learnt;
const selectCaches = (state: RootState) => state.caches;

const beliefOf = (learnt: LearntByJar, jar: string): PaceBelief =>
  ofJar(learnt, jar)?.learnt.belief ?? USUAL_BELIEF;

/** What is believed of a jar's pace; a bowl has that of the jar its seed came from. */
export const selectBelief = (state: RootState, jar: string): PaceBelief =>
  beliefOf(state.learnt, cultureOf(jar, selectJarEvents(state, jar)));

/** A jar's own context: the kitchen's, with the pace it is believed to have. */
const contextOf = (context: KitchenContext, belief: PaceBelief): FoldContext => ({
  ...context,
  pace: middlePace(belief),
});

const selectAllJars = createSelector(
  [
    selectEventsByJar,
    (state: RootState) => selectLog(state).coming,
    selectKitchenContext,
    selectLearnt,
    selectCaches,
  ],
  (byJar, coming, kitchen, learnt, caches): readonly Jar[] => {
    const jars: Jar[] = [];
    for (const [id, own] of byJar) {
      const context = contextOf(kitchen, beliefOf(learnt, cultureOf(id, own)));
      const events = withItsPast(id, byJar);
      const print = contextPrint(context);
      const before = foldBefore(caches, id, events, print);
      // The same entries are the same jar, and what was worked out from it stands.
      const checkpoint = before?.events === events ? before : foldJar(events, context, before);
      if (!checkpoint) continue;
      caches.folds.set(id, { context: print, checkpoint });
      jars.push(withComing(checkpoint.jar, coming.get(id) ?? []));
    }
    return jars;
  },
);

/** Jars in use, in the order they joined; bowls are none. */
export const selectJars = createSelector(selectAllJars, (jars) =>
  jars.filter(({ card }) => !card.archived && !card.bowl),
);

/** Bowls in which a levain is built. */
export const selectBowls = createSelector(selectAllJars, (jars) =>
  jars.filter(({ card }) => !card.archived && card.bowl),
);

export const selectArchived = createSelector(selectAllJars, (jars) =>
  jars.filter(({ card }) => card.archived && !card.bowl),
);

/** The names of all there is and was: jars on the shelf and archived, bowls long done with. */
export const selectNames = createSelector(
  selectAllJars,
  (jars): ReadonlyMap<string, string> => new Map(jars.map(({ id, card }) => [id, card.name])),
);

export const selectJar = (state: RootState, id: string) =>
  selectAllJars(state).find((jar) => jar.id === id) ?? null;

function outlookFor(
  jar: Jar,
  context: FoldContext,
  belief: PaceBelief,
  now: number,
  { outlooks }: Caches,
): Outlook {
  const last = [...jar.stays, ...(jar.coming ?? [])].at(-1)!;
  const place = placeAt(context.places, last.place, now);
  const cold = place?.kind === 'fridge' || place?.kind === 'larder';
  const hours = horizonFor(jar, now, cold ? AHEAD_COLD : AHEAD);
  const doubted = openPromise(jar, now) !== null;
  const known = outlooks.get(jar);
  // A jar is folded anew when its place, its pace or the clock changes; the width of the forecast is the belief's.
  if (known?.hours === hours && known.belief === belief && known.doubted === doubted)
    return known.outlook;
  const other = doubted ? withoutPromise(jar) : null;
  const outlook = outlookOf(jar, context, hours, belief, undefined, other);
  outlooks.set(jar, { hours, belief, doubted, outlook });
  return outlook;
}

const standingOf = (
  jar: Jar,
  kitchen: KitchenContext,
  belief: PaceBelief,
  now: number,
  caches: Caches,
): Standing => {
  const context = contextOf(kitchen, belief);
  return standingAt(jar, outlookFor(jar, context, belief, now, caches), context, now);
};

/** Jars as they stand now. */
const standingsOf = (
  jars: readonly Jar[],
  byJar: Log['byJar'],
  context: KitchenContext,
  learnt: LearntByJar,
  now: number,
  caches: Caches,
): readonly Standing[] =>
  jars.map((jar) => {
    const culture = cultureOf(jar.id, byJar.get(jar.id) ?? NO_EVENTS);
    return standingOf(jar, context, beliefOf(learnt, culture), now, caches);
  });

/** Every jar in use as it stands now. */
export const selectStandings = createSelector(
  [selectJars, selectEventsByJar, selectKitchenContext, selectLearnt, selectNow, selectCaches],
  standingsOf,
);

/** Every bowl as it stands now. */
export const selectBowlStandings = createSelector(
  [selectBowls, selectEventsByJar, selectKitchenContext, selectLearnt, selectNow, selectCaches],
  standingsOf,
);

/** One jar or bowl as it stands now, archived or not; null when there is no such thing. */
export function selectStanding(state: RootState, id: string): Standing | null {
  const here = (s: Standing) => s.jar.id === id;
  const standing = selectStandings(state).find(here) ?? selectBowlStandings(state).find(here);
  if (standing) return standing;
  const jar = selectAllJars(state).find((archived) => archived.id === id);
  return jar
    ? archivedStanding(
        jar,
        selectKitchenContext(state),
        selectBelief(state, id),
        selectNow(state),
        state.caches,
      )
    : null;
}

/** Remembers its last answer, so that asking twice gives the same object. */
const archivedStanding = createSelector(
  [
    (jar: Jar) => jar,
    (_: Jar, kitchen: KitchenContext) => kitchen,
    (_: Jar, __: KitchenContext, belief: PaceBelief) => belief,
    (_: Jar, __: KitchenContext, ___: PaceBelief, now: number) => now,
    (_: Jar, __: KitchenContext, ___: PaceBelief, ____: number, caches: Caches) => caches,
  ],
  standingOf,
);

/** What the model needs to know to follow a jar, remembered until something in it changes. */
export function useContextOf(jar: string): FoldContext {
  const kitchen = useAppSelector(selectKitchenContext);
  const belief = useAppSelector((state) => selectBelief(state, jar));
  return useMemo(() => contextOf(kitchen, belief), [kitchen, belief]);
}

/**
 * The jar at an address: its key, or a name in plain letters where only one jar has it, as people type it. Null when there
 * is none.
 */
export function selectJarAt(state: RootState, address: string): string | null {
  const jars = selectAllJars(state);
  if (jars.some(({ id }) => id === address)) return address;
  const named = jars.filter(({ card }) => plainLetters(card.name) === plainLetters(address));
  const inUse = named.filter(({ card }) => !card.archived);
  const [only, another] = inUse.length > 0 ? inUse : named;
  return only && !another ? only.id : null;
}

const plainLetters = (name: string) =>
  name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '');
