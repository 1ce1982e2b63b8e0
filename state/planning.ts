import { middlePace } from '@core/ferment';
import { contentOf, doubledBefore, homeOf } from '@core/journal';
import { feedFlour } from '@core/larder';
import { DAY } from '@core/measure';
import { type Impossible, type Plan, USUAL_LIMITS, USUAL_WEIGHTS, handsFrom } from '@core/plan';

import { type Search, type SentProblem } from '../workers/plan';
import {
  selectBakes,
  selectChosen,
  selectFollowed,
  selectHands,
  selectLeftAlone,
  selectSettings,
  selectTrips,
} from './decided';
import { weekPattern } from './hands';
import { planFound, searchBegun, searchEnded, searchStopped, searchWentOn } from './plan';
import { selectQuarantined } from './quarantine';
import { selectRuns } from './rescue';
import {
  selectArranged,
  selectBelief,
  selectEventsByJar,
  selectJarEvents,
  selectJars,
  selectNow,
  selectTime,
  selectTubs,
  selectZones,
} from './selectors';
import { type RootState, type Store, listenFor } from './store';

/** Days a plan looks ahead, and beyond the last bake. */
const DAYS = 7;
const AFTER_LAST_BAKE = DAY;
/** Somebody who looks stays for so long, ms. */
const LOOKING = 30 * 60_000;
/** Wishes come in handfuls, ms. */
const PAUSE = 400;

/** Jars that are fed as a programme says, and by no plan. */
/** Jars that no plan touches, with why: one in a programme belongs to it, one from a jar that was thrown out is not used. */
function jarsLeftOut(state: RootState): ReadonlyMap<string, 'inProgramme' | 'heldBack'> {
  const held = selectQuarantined(state);
  return new Map([
    ...selectRuns(state).map(({ jar }) => [jar.id, 'inProgramme'] as const),
    ...selectJars(state)
      .filter(({ id }) => held.has(id))
      .map(({ id }) => [id, 'heldBack'] as const),
  ]);
}

function jarsToPlan(state: RootState) {
  const leftOut = jarsLeftOut(state);
  return selectJars(state).filter(({ id }) => !leftOut.has(id));
}

/** Bakes that wait for a jar to be well, or to be looked over. */
function waiting(state: RootState): readonly Impossible[] {
  const leftOut = jarsLeftOut(state);
  return selectBakes(state)
    .filter(({ jar, until }) => leftOut.has(jar) && until > selectNow(state))
    .map(({ id, jar }) => ({ wanted: id, because: leftOut.get(jar)!, nearest: [] }));
}

/** The problem that the kitchen and its wishes pose now. */
function problemOf(state: RootState): SentProblem {
  const now = selectNow(state);
  const { looked } = state.plan;
  const { strongFeeds, flourAtHandG } = selectSettings(state);
  const trips = selectTrips(state);
  const time = selectTime(state);
  const tubs = selectTubs(state);
  const leftOut = jarsLeftOut(state);
  const wanted = selectBakes(state).filter(({ until, jar }) => until > now && !leftOut.has(jar));
  const until = Math.max(now + DAYS * DAY, ...wanted.map((bake) => bake.until + AFTER_LAST_BAKE));
  // Who looks at the plan is there, whatever the pattern says; but for a trip, which may be planned from afar.
  const there =
    looked && !trips.some((trip) => now >= trip.from && now < trip.until)
      ? [{ from: now, until: now + LOOKING }]
      : [];
  return {
    now,
    until,
    zones: selectZones(state),
    arranged: selectArranged(state),
    hands: [...there, ...handsFrom(weekPattern(selectHands(state)), trips, now, until, time)],
    wanted,
    leftAlone: selectLeftAlone(state).filter((stretch) => stretch.until > now),
    limits: {
      ...USUAL_LIMITS,
      strongFeeds,
      ...(flourAtHandG === null ? {} : { flourAtHandG }),
    },
    weights: USUAL_WEIGHTS,
    jars: jarsToPlan(state).map((jar) => {
      const belief = selectBelief(state, jar.id);
      const events = selectJarEvents(state, jar.id);
      const home = homeOf(events, now);
      return {
        id: jar.id,
        fedMix: jar.fedMix,
        since: jar.since,
        stays: jar.stays,
        ...(home === null ? {} : { home }),
        strongBefore: doubledBefore(events),
        massG: contentOf(jar).massG,
        pouredG: jar.pouredG,
        keepG: jar.card.keepG,
        vessel: jar.card.vessel,
        flour: feedFlour(jar, tubs).flour,
        parts: jar.card.ratio.flour,
        hydration: jar.card.ratio.water / jar.card.ratio.flour,
        pace: middlePace(belief),
        paceSd: belief.width * Math.hypot(...belief.factor[0]!),
      };
    }),
  };
}

/** What is wished for: plans are made anew when it changes. */
const wished = (state: RootState): readonly unknown[] => {
  const { strongFeeds, flourAtHandG } = selectSettings(state);
  return [
    selectBakes(state),
    selectHands(state),
    selectTrips(state),
    selectLeftAlone(state),
    strongFeeds,
    flourAtHandG,
  ];
};

/** Whether the followed plan's next step should have been done by now. */
function isLate(state: RootState): boolean {
  const next = selectFollowed(state)?.steps[0];
  return state.plan.searching === null && next !== undefined && next.latest < selectNow(state);
}

let running: Search | null = null;

/** Stops the search under way; what was found before stands. */
export const stopPlanning = () => running?.stop();

/**
 * Makes plans in a worker whenever bakes, hands, jars or places change, and says what changed in the followed one.
 *
 * @param explain tells in words how a plan differs from the one before, or null when it does not
 * @returns a function that stops
 */
export function keepPlanning(
  store: Store,
  explain: (before: Plan, after: Plan, state: RootState) => string | null,
): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const watched = (state: RootState) =>
    [
      state.plan.looked,
      selectEventsByJar(state),
      selectTubs(state),
      selectArranged(state),
      selectZones(state),
      state.learnt,
      ...wished(state),
    ] as const;
  let before = watched(store.getState());
  let wishesBefore = wished(store.getState());
  let known: Plan | null = null;
  /** A late plan whose search was stopped by hand is left as it is. */
  let stopped: Plan | null = null;

  const search = async () => {
    running?.stop();
    const { looked, plans: stale } = store.getState().plan;
    const chosen = selectChosen(store.getState());
    if (!looked && chosen === null) {
      // What was found before no longer holds; it is sought again when somebody looks.
      if (stale.length > 0)
        store.dispatch(searchEnded({ plans: [], impossible: [], mended: null }));
      return;
    }
    if (jarsToPlan(store.getState()).length === 0) {
      const impossible = waiting(store.getState());
      if (stale.length + impossible.length > 0)
        store.dispatch(searchEnded({ plans: [], impossible, mended: null }));
      return;
    }
    const earlier = selectFollowed(store.getState());
    const wishes = wished(store.getState());
    const sameWishes = wishes.every((wish, i) => wish === wishesBefore[i]);
    wishesBefore = wishes;
    store.dispatch(searchBegun());
    const { searchPlans } = await import('../workers/plan');
    let first: Plan | null = null;
    const mine: Search = searchPlans(
      problemOf(store.getState()),
      (plan) => {
        // A plan of another name that is followed is not given up for the first that is found.
        const { looked: seen } = store.getState().plan;
        const follows = selectChosen(store.getState());
        const fits = follows === null ? seen : follows === plan.name;
        if (running === mine && fits && !first) store.dispatch(planFound(plan));
        first = plan;
      },
      (share) => store.dispatch(searchWentOn(share)),
    );
    running = mine;
    const outcome = await mine.outcome;
    if (running !== mine) return;
    running = null;
    if (!outcome) {
      stopped = selectFollowed(store.getState());
      store.dispatch(searchStopped());
      return;
    }
    const { plans } = outcome;
    const state = store.getState();
    const chosenNow = selectChosen(state);
    const later = plans.find(({ name }) => name === chosenNow) ?? plans[0];
    // Until it is read, what changed is told against the plan as it was known: one mending often follows another.
    known = state.plan.mended === null ? earlier : (known ?? earlier);
    const mended =
      known && later && sameWishes && chosenNow !== null ? explain(known, later, state) : null;
    store.dispatch(
      searchEnded({
        plans,
        impossible: [...outcome.impossible, ...waiting(state)],
        mended,
      }),
    );
  };
  const soon = () => {
    clearTimeout(timer);
    timer = setTimeout(() => void search(), PAUSE);
  };
  soon();
  const stopListening = store.dispatch(
    listenFor({
      predicate: (_, state, earlier) => state !== earlier,
      effect: (_, api) => {
        const state = api.getState();
        const now = watched(state);
        if (now.every((part, i) => part === before[i])) {
          // A step that was not done in time makes the rest of the plan a fiction.
          if (isLate(state) && selectFollowed(state) !== stopped) soon();
          return;
        }
        // Looking away changes nothing; looking again finds what was found, unless it has changed since.
        const onlyLooked = now.slice(1).every((part, i) => part === before[i + 1]);
        before = now;
        const { looked, plans, impossible } = state.plan;
        if (onlyLooked && (!looked || plans.length + impossible.length > 0)) return;
        soon();
      },
    }),
  );
  return () => {
    clearTimeout(timer);
    stopListening();
    stopPlanning();
  };
}
