import { type Plan, type Planned } from '@core/plan';

import { type Search } from '../workers/plan';
import {
  selectBakes,
  selectChosen,
  selectFollowed,
  selectHands,
  selectLeftAlone,
  selectSettings,
  selectTrips,
} from './decided';
import {
  planFound,
  searchBegun,
  searchEnded,
  searchStopAsked,
  searchStopped,
  searchWentOn,
} from './plan';
import { jarsToPlan, problemOf, waiting } from './planProblem';
import {
  selectPlaceEvents,
  selectEventsByJar,
  selectNow,
  selectTubs,
  selectZones,
} from './selectors';
import { type RootState, type Store, listenFor } from './store';

/** Tells in words how a plan differs from the one before, or null when it does not. */
type Explain = (before: Plan, after: Plan, state: RootState) => string | null;

/** Wishes come in handfuls, ms. */
const PAUSE = 400;

/** What is wished for: plans are made anew when it changes. */
const wished = (state: RootState): readonly unknown[] => {
  const { strongFeeds, flourAtHandG, levainIn } = selectSettings(state);
  return [
    selectBakes(state),
    selectHands(state),
    selectTrips(state),
    selectLeftAlone(state),
    strongFeeds,
    flourAtHandG,
    levainIn,
  ];
};

/** All that plans rest on. Whether somebody looks stands first: looking alone changes no plan. */
const watched = (state: RootState): readonly unknown[] => [
  state.plan.looked,
  selectEventsByJar(state),
  selectTubs(state),
  selectPlaceEvents(state),
  selectZones(state),
  state.learnt,
  ...wished(state),
];

const same = (one: readonly unknown[], other: readonly unknown[]): boolean =>
  one.every((part, i) => part === other[i]);

/** Whether the followed plan's next step should have been done by now. */
function isLate(state: RootState): boolean {
  const next = selectFollowed(state)?.steps[0];
  return state.plan.searching === null && next !== undefined && next.latest < selectNow(state);
}

/**
 * Makes plans in a worker whenever bakes, hands, jars or places change, and says what changed in the followed one.
 *
 * @returns a function that stops
 */
export function keepPlanning(store: Store, explain: Explain): () => void {
  const searches = searchesIn(store, explain);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const soon = () => {
    clearTimeout(timer);
    timer = setTimeout(() => void searches.begin(), PAUSE);
  };
  let before = watched(store.getState());
  soon();
  const stops = [
    store.dispatch(
      listenFor({
        predicate: (_, state, earlier) => state !== earlier,
        effect: (_, api) => {
          const state = api.getState();
          const now = watched(state);
          if (same(now, before)) {
            // A step that was not done in time makes the rest of the plan a fiction.
            if (isLate(state) && !searches.wasStoppedFor(selectFollowed(state))) soon();
            return;
          }
          // Looking away changes nothing; looking again finds what was found, unless it has changed since.
          const onlyLooked = same(now.slice(1), before.slice(1));
          before = now;
          const { looked, plans, impossible } = state.plan;
          if (onlyLooked && (!looked || plans.length + impossible.length > 0)) return;
          soon();
        },
      }),
    ),
    store.dispatch(listenFor({ actionCreator: searchStopAsked, effect: () => searches.stop() })),
  ];
  return () => {
    clearTimeout(timer);
    stops.forEach((stop) => stop());
    searches.stop();
  };
}

/** The searches for plans in one store: one at a time, each in the place of the one before. */
function searchesIn(store: Store, explain: Explain) {
  let running: Search | null = null;
  let wishes = wished(store.getState());
  /** The followed plan as it was when what changed in it was last read. */
  let known: Plan | null = null;
  /** A late plan whose search was stopped by hand is left as it is. */
  let stoppedFor: Plan | null = null;

  const begin = async () => {
    running?.stop();
    const state = store.getState();
    if (needless(state)) return endWithout(store);
    const earlier = selectFollowed(state);
    const wishesNow = wished(state);
    const sameWishes = same(wishesNow, wishes);
    wishes = wishesNow;
    store.dispatch(searchBegun());
    const { searchPlans } = await import('../workers/plan');
    const mine: Search = searchPlans(
      problemOf(store.getState()),
      showFirst(store, () => running === mine),
      (share) => store.dispatch(searchWentOn(share)),
    );
    running = mine;
    const outcome = await mine.outcome;
    if (running !== mine) return;
    running = null;
    if (outcome) return settle(outcome, earlier, sameWishes);
    stoppedFor = selectFollowed(store.getState());
    store.dispatch(searchStopped());
  };

  const settle = (found: Planned, earlier: Plan | null, sameWishes: boolean) => {
    const state = store.getState();
    const chosen = selectChosen(state);
    const later = found.plans.find(({ name }) => name === chosen) ?? found.plans[0];
    // Until it is read, what changed is told against the plan as it was known: one mending often follows another.
    known = state.plan.mended === null ? earlier : (known ?? earlier);
    const mended =
      known && later && sameWishes && chosen !== null ? explain(known, later, state) : null;
    const impossible = [...found.impossible, ...waiting(state)];
    store.dispatch(searchEnded({ plans: found.plans, impossible, mended }));
  };

  return {
    begin,
    stop: () => running?.stop(),
    wasStoppedFor: (plan: Plan | null) => plan === stoppedFor,
  };
}

/** Nobody looks and no plan is followed, or there is no jar to plan for. */
const needless = (state: RootState): boolean =>
  (!state.plan.looked && selectChosen(state) === null) || jarsToPlan(state).length === 0;

/** What was found before no longer holds; it is sought again when somebody looks. */
function endWithout(store: Store): void {
  const state = store.getState();
  const impossible = jarsToPlan(state).length === 0 ? waiting(state) : [];
  if (state.plan.plans.length + impossible.length > 0)
    store.dispatch(searchEnded({ plans: [], impossible, mended: null }));
}

/** Shows the first plan of a search while the others are sought. */
function showFirst(store: Store, isCurrent: () => boolean): (plan: Plan) => void {
  let shown = false;
  return (plan) => {
    const state = store.getState();
    const chosen = selectChosen(state);
    // A plan of another name that is followed is not given up for the first that is found.
    const fits = chosen === null ? state.plan.looked : chosen === plan.name;
    if (isCurrent() && fits && !shown) store.dispatch(planFound(plan));
    shown = true;
  };
}
