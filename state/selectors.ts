import { createSelector } from '@reduxjs/toolkit';
import { useMemo } from 'react';

import { type PaceBelief, type Place, USUAL_BELIEF, middlePace } from '@core/ferment';
import {
  type Arranged,
  type Checkpoint,
  type FoldContext,
  type Jar,
  type JarEvent,
  type Outlook,
  type Standing,
  eventsByJar,
  foldJar,
  horizonFor,
  liveEvents,
  outlookOf,
  placeAt,
  placesOf,
  standingAt,
} from '@core/journal';
import { tubsOf } from '@core/larder';
import { kitchenTime } from '@core/measure';

import { type RootState, useAppSelector } from './store';

/** How far beyond now a jar's outlook reaches, hours: the counter needs two days, the fridge a month. */
const AHEAD = 48;
const AHEAD_COLD = 30 * 24;

const selectEvents = (state: RootState) => state.kitchen.events;
export const selectNow = (state: RootState) => state.time.now;
export const selectSettings = (state: RootState) => state.settings;
export const selectKitchen = (state: RootState) => state.kitchen;

export const selectLiveEvents = createSelector(selectEvents, liveEvents);

export const selectTime = createSelector((state: RootState) => state.kitchen.zone, kitchenTime);

const selectPlaceHistory = createSelector(selectLiveEvents, placesOf);

/** What all jars of a kitchen share. */
export type KitchenContext = Omit<FoldContext, 'pace'>;

/** What the model needs to know of the kitchen. */
export const selectKitchenContext = createSelector(
  [selectPlaceHistory, selectTime],
  (places, time): KitchenContext => ({ places, time }),
);

/** The live history of the kitchen's places. */
export const selectArranged = createSelector(selectLiveEvents, (live) =>
  live.filter((event): event is Arranged => event.kind === 'arranged'),
);

/** The kitchen's places as they are now, in the order they were set up. */
export const selectPlaces = createSelector(selectPlaceHistory, (places): readonly Place[] =>
  [...places.keys()].map((id) => placeAt(places, id, Infinity)!),
);

/** The tubs of flour. */
export const selectTubs = createSelector(selectLiveEvents, tubsOf);

export const selectEventsByJar = createSelector(selectLiveEvents, eventsByJar);

const NO_EVENTS: readonly JarEvent[] = [];

/** A jar's live events, oldest first. */
export const selectJarEvents = (state: RootState, jar: string) =>
  selectEventsByJar(state).get(jar) ?? NO_EVENTS;

const selectLearnt = (state: RootState) => state.learnt;

/** What is believed of a jar's pace. */
export const selectBelief = (state: RootState, jar: string): PaceBelief =>
  state.learnt[jar]?.learnt.belief ?? USUAL_BELIEF;

/** A jar's own context: the kitchen's, with the pace it is believed to have. */
const contextOf = (context: KitchenContext, belief: PaceBelief): FoldContext => ({
  ...context,
  pace: middlePace(belief),
});

/** A fold taken up where it was left; dropped when the places, the clock or the belief change. */
interface KeptFold {
  readonly checkpoint: Checkpoint;
  readonly context: KitchenContext;
  readonly belief: PaceBelief;
}

const keptFolds = new Map<string, KeptFold>();

const selectAllJars = createSelector(
  [selectEventsByJar, selectKitchenContext, selectLearnt],
  (byJar, context, learnt): readonly Jar[] => {
    const jars: Jar[] = [];
    for (const [id, events] of byJar) {
      const belief = learnt[id]?.learnt.belief ?? USUAL_BELIEF;
      const kept = keptFolds.get(id);
      const usable = kept && kept.belief === belief && sameContext(kept.context, context);
      const folded = foldJar(
        events,
        contextOf(context, belief),
        usable ? kept.checkpoint : undefined,
      );
      if (!folded) continue;
      keptFolds.set(id, { checkpoint: folded, context, belief });
      jars.push(folded.jar);
    }
    return jars;
  },
);

/** Any entry makes a new map of places; they are the same when the entries in it are. */
function sameContext(a: KitchenContext, b: KitchenContext): boolean {
  if (a === b) return true;
  if (a.time !== b.time || a.places.size !== b.places.size) return false;
  return [...b.places].every(([id, history]) => {
    const before = a.places.get(id);
    return before?.length === history.length && before.every((e, i) => e === history[i]);
  });
}

/** Jars in use, in the order they joined. */
export const selectJars = createSelector(selectAllJars, (jars) =>
  jars.filter((jar) => !jar.card.archived),
);

export const selectArchived = createSelector(selectAllJars, (jars) =>
  jars.filter((jar) => jar.card.archived),
);

export const selectJar = (state: RootState, id: string) =>
  selectAllJars(state).find((jar) => jar.id === id) ?? null;

const outlooks = new WeakMap<Jar, { readonly hours: number; readonly outlook: Outlook }>();

function outlookFor(jar: Jar, context: FoldContext, belief: PaceBelief, now: number): Outlook {
  const place = placeAt(context.places, jar.stays[jar.stays.length - 1]!.place, now);
  const cold = place?.kind === 'fridge' || place?.kind === 'larder';
  const hours = horizonFor(jar, now, cold ? AHEAD_COLD : AHEAD);
  const known = outlooks.get(jar);
  if (known && known.hours === hours) return known.outlook;
  const outlook = outlookOf(jar, context, hours, belief);
  outlooks.set(jar, { hours, outlook });
  return outlook;
}

const standingOf = (
  jar: Jar,
  kitchen: KitchenContext,
  belief: PaceBelief,
  now: number,
): Standing => {
  const context = contextOf(kitchen, belief);
  return standingAt(jar, outlookFor(jar, context, belief, now), context, now);
};

/** Every jar in use as it stands now. */
export const selectStandings = createSelector(
  [selectJars, selectKitchenContext, selectLearnt, selectNow],
  (jars, context, learnt, now): readonly Standing[] =>
    jars.map((jar) => standingOf(jar, context, learnt[jar.id]?.learnt.belief ?? USUAL_BELIEF, now)),
);

/** One jar as it stands now, archived or not; null when there is no such jar. */
export function selectStanding(state: RootState, id: string): Standing | null {
  const standing = selectStandings(state).find((s) => s.jar.id === id);
  if (standing) return standing;
  const jar = selectArchived(state).find((archived) => archived.id === id);
  return jar
    ? archivedStanding(jar, selectKitchenContext(state), selectBelief(state, id), selectNow(state))
    : null;
}

/** Remembers its last answer, so that asking twice gives the same object. */
const archivedStanding = createSelector(
  [
    (jar: Jar) => jar,
    (_: Jar, kitchen: KitchenContext) => kitchen,
    (_: Jar, __: KitchenContext, belief: PaceBelief) => belief,
    (_: Jar, __: KitchenContext, ___: PaceBelief, now: number) => now,
  ],
  standingOf,
);

/** What the model needs to know to follow a jar, remembered until something in it changes. */
export function useContextOf(jar: string): FoldContext {
  const kitchen = useAppSelector(selectKitchenContext);
  const belief = useAppSelector((state) => selectBelief(state, jar));
  return useMemo(() => contextOf(kitchen, belief), [kitchen, belief]);
}
