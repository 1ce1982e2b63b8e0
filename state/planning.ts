import { type Plan, type Planned, isUnsure } from '@core/plan';

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
  plansRaised,
  searchAskedAgain,
  searchBegun,
  searchEnded,
  searchStopAsked,
  searchStopped,
  searchWentOn,
} from './plan';
import { jarsToPlan, problemOf, waiting } from './planProblem';
import { selectQuarantined } from './quarantine';
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
  selectQuarantined(state),
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
    searches.announce();
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
    store.dispatch(listenFor({ actionCreator: searchAskedAgain, effect: soon })),
    store.dispatch(
      listenFor({
        actionCreator: searchStopAsked,
        effect: () => {
          clearTimeout(timer);
          searches.stop();
        },
      }),
    ),
  ];
  return () => {
    clearTimeout(timer);
    stops.forEach((stop) => stop());
    searches.abandon();
  };
}

/** Before a search no plan was followed; one may be by its end. */
const NONE_FOLLOWED = 'none';

/** The searches for plans in one store: one at a time, each in the place of the one before. */
function searchesIn(store: Store, explain: Explain) {
  let running: Search | null = null;
  let wishes = wished(store.getState());
  /** The followed plan as it was when what changed in it was last read. */
  let known: Plan | null = null;
  /** A late plan whose search was stopped by hand is left as it is. */
  let stoppedFor: Plan | null = null;

  /** Counted up whenever a search that is under way, or about to begin, is given up. */
  let givenUp = 0;

  const abandon = () => {
    givenUp++;
    const old = running;
    running = null;
    old?.stop();
  };

  /** What is being sought no longer holds, and what comes in its place is told before it begins. */
  const announce = () => {
    abandon();
    const state = store.getState();
    if (!needless(state)) store.dispatch(searchBegun());
    else if (state.plan.searching !== null) store.dispatch(searchStopped(null));
  };

  const begin = async () => {
    abandon();
    const before = givenUp;
    try {
      await search(before);
    } catch {
      // The browser could not fetch what searches, or that fell over.
      if (givenUp === before) {
        running = null;
        endedEarly('failed');
      }
    }
  };

  /** @throws when the search cannot be made */
  const search = async (before: number) => {
    const state = store.getState();
    if (needless(state)) return endWithout(store);
    const earlier = selectChosen(state) === null ? NONE_FOLLOWED : selectFollowed(state);
    const wishesNow = wished(state);
    const { searchPlans } = await import('../workers/plan');
    // Stopped, or overtaken by another, while it was fetched.
    if (givenUp !== before) return;
    const mine: Search = searchPlans(
      problemOf(store.getState()),
      showFirst(store, () => running === mine),
      (share) => store.dispatch(searchWentOn(share)),
    );
    running = mine;
    const outcome = await mine.outcome;
    if (running !== mine) return;
    running = null;
    if (!outcome) return endedEarly('byHand');
    settle(outcome, earlier, wishesNow);
    if (!outcome.plans.some(isUnsure)) return;
    const plans = await mine.raised().catch(() => null);
    if (plans && givenUp === before) raise(plans);
  };

  /** Advice comes when the plans have stood for a while: it takes longer than they do. */
  const raise = (plans: readonly Plan[]) => {
    const state = store.getState();
    const followed = plans.find(({ name }) => name === selectChosen(state));
    const mended = known && followed ? explain(known, followed, state) : null;
    store.dispatch(plansRaised({ plans, mended }));
  };

  const endedEarly = (how: 'byHand' | 'failed') => {
    stoppedFor = selectFollowed(store.getState());
    store.dispatch(searchStopped(how));
  };

  const settle = (
    found: Planned,
    earlier: Plan | null | typeof NONE_FOLLOWED,
    wishesThen: readonly unknown[],
  ) => {
    const state = store.getState();
    const sameWishes = same(wishesThen, wishes);
    wishes = wishesThen;
    const chosen = selectChosen(state);
    const later = found.plans.find(({ name }) => name === chosen) ?? found.plans[0];
    // A plan that was followed while the others were still sought has changed when it comes out otherwise.
    const followedMidway = earlier === NONE_FOLLOWED;
    const before = followedMidway ? selectFollowed(state) : earlier;
    // Until it is read, what changed is told against the plan as it was known: one mending often follows another.
    known = state.plan.mended === null ? before : (known ?? before);
    const tells = chosen !== null && (sameWishes || followedMidway);
    const mended = tells && known && later ? explain(known, later, state) : null;
    const impossible = [...found.impossible, ...waiting(state)];
    store.dispatch(searchEnded({ plans: found.plans, impossible, mended }));
  };

  return {
    announce,
    begin,
    abandon,
    stop: () => {
      if (running) return running.stop();
      givenUp++;
      endedEarly('byHand');
    },
    wasStoppedFor: (plan: Plan | null) => plan === stoppedFor,
  };
}

/** Nobody looks and no plan is followed, or there is no jar to plan for. */
const needless = (state: RootState): boolean => unwanted(state) || jarsToPlan(state).length === 0;

/** Nobody looks at plans, and none is followed: no jar need be looked at for them. */
const unwanted = (state: RootState): boolean => !state.plan.looked && selectChosen(state) === null;

/** What was found before no longer holds; it is sought again when somebody looks. */
function endWithout(store: Store): void {
  const state = store.getState();
  const impossible = unwanted(state) || jarsToPlan(state).length > 0 ? [] : waiting(state);
  if (state.plan.plans.length + impossible.length > 0)
    store.dispatch(searchEnded({ plans: [], impossible, mended: null }));
}

/** Shows the first plan of a search while the others are sought. */
function showFirst(store: Store, isCurrent: () => boolean): (plan: Plan) => void {
  let shown = false;
  return (plan) => {
    const state = store.getState();
    const chosen = selectChosen(state);
    // A plan that is followed stands until the search has ended: the first that is found may yet be bettered.
    const fits = chosen === null ? state.plan.looked : selectFollowed(state) === null;
    if (isCurrent() && fits && !shown) store.dispatch(planFound(plan));
    shown = true;
  };
}
