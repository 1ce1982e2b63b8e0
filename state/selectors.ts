import { createSelector } from '@reduxjs/toolkit';

import { type Place, USUAL_PACE } from '@core/ferment';
import {
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
import { kitchenTime } from '@core/measure';

import { type RootState } from './store';

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

const selectContext = createSelector(
  [selectPlaceHistory, selectTime],
  (places, time): FoldContext => ({ places, time, pace: USUAL_PACE }),
);

/** The kitchen's places as they are now, in the order they were set up. */
export const selectPlaces = createSelector(selectPlaceHistory, (places): readonly Place[] =>
  [...places.keys()].map((id) => placeAt(places, id, Infinity)!),
);

const selectEventsByJar = createSelector(selectLiveEvents, eventsByJar);

const NO_EVENTS: readonly JarEvent[] = [];

/** A jar's live events, oldest first. */
export const selectJarEvents = (state: RootState, jar: string) =>
  selectEventsByJar(state).get(jar) ?? NO_EVENTS;

/** Folds taken up where they were left; dropped when places or the kitchen change. */
const checkpoints = new WeakMap<FoldContext, Map<string, Checkpoint>>();
let lastContext: FoldContext | null = null;

const selectAllJars = createSelector(
  [selectEventsByJar, selectContext],
  (byJar, context): readonly Jar[] => {
    const known = checkpoints.get(sameContext(context)) ?? new Map<string, Checkpoint>();
    const jars: Jar[] = [];
    for (const [id, events] of byJar) {
      const folded = foldJar(events, context, known.get(id));
      if (!folded) continue;
      known.set(id, folded);
      jars.push(folded.jar);
    }
    checkpoints.set(context, known);
    lastContext = context;
    return jars;
  },
);

/** The last context when the places in it are the same: any entry makes a new map of places. */
function sameContext(context: FoldContext): FoldContext {
  const last = lastContext;
  if (!last || last.time !== context.time || last.places.size !== context.places.size)
    return context;
  for (const [id, history] of context.places) {
    const before = last.places.get(id);
    if (before?.length !== history.length || before.some((e, i) => e.id !== history[i]!.id))
      return context;
  }
  return last;
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

function outlookFor(jar: Jar, context: FoldContext, now: number): Outlook {
  const place = placeAt(context.places, jar.stays[jar.stays.length - 1]!.place, now);
  const cold = place?.kind === 'fridge' || place?.kind === 'larder';
  const hours = horizonFor(jar, now, cold ? AHEAD_COLD : AHEAD);
  const known = outlooks.get(jar);
  if (known && known.hours === hours) return known.outlook;
  const outlook = outlookOf(jar, context, hours);
  outlooks.set(jar, { hours, outlook });
  return outlook;
}

/** Every jar in use as it stands now. */
export const selectStandings = createSelector(
  [selectJars, selectContext, selectNow],
  (jars, context, now): readonly Standing[] =>
    jars.map((jar) => standingAt(jar, outlookFor(jar, context, now), context, now)),
);

/** One jar as it stands now, archived or not; null when there is no such jar. */
export function selectStanding(state: RootState, id: string): Standing | null {
  const standing = selectStandings(state).find((s) => s.jar.id === id);
  if (standing) return standing;
  const jar = selectJar(state, id);
  if (!jar) return null;
  const context = selectContext(state);
  const now = selectNow(state);
  return standingAt(jar, outlookFor(jar, context, now), context, now);
}

export { selectContext };
