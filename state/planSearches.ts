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
  searchBegun,
  searchEnded,
  searchStopped,
  searchWentOn,
} from './plan';
import { jarsToPlan, problemOf, waiting } from './planProblem';
import { type RootState, type Store } from './store';

/** Tells in words how a plan differs from the one before, or null when it does not. */
export type Explain = (before: Plan, after: Plan, state: RootState) => string | null;

/** What is wished for: plans are made anew when it changes. */
export const wished = (state: RootState): readonly unknown[] => {
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

export const sameParts = (one: readonly unknown[], other: readonly unknown[]): boolean =>
  one.every((part, i) => part === other[i]);

/** The searches for plans in one store: one at a time, each in the place of the one before. */
export function searchesIn(store: Store, explain: Explain) {
  const news = newsOf(store, explain);
  let running: Search | null = null;
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
      await search(() => givenUp === before);
    } catch {
      // The browser could not fetch what searches, or that fell over.
      if (givenUp !== before) return;
      running = null;
      endedEarly('failed');
    }
  };

  /** @throws when the search cannot be made */
  const search = async (isWanted: () => boolean) => {
    if (needless(store.getState())) return endWithout(store);
    const told = news.before();
    const { searchPlans } = await import('../workers/plan');
    // Stopped, or overtaken by another, while it was fetched.
    if (!isWanted()) return;
    const mine: Search = searchPlans(
      problemOf(store.getState()),
      showFirst(store, () => running === mine),
      (share) => store.dispatch(searchWentOn(share)),
    );
    running = mine;
    const found = await mine.outcome;
    if (running !== mine) return;
    running = null;
    if (!found) return endedEarly('byHand');
    told(found);
    if (!found.plans.some(isUnsure)) return;
    // Advice comes when the plans have stood for a while: it takes longer than they do.
    const plans = await mine.raised().catch(() => null);
    if (plans && isWanted()) news.raised(plans);
  };

  const endedEarly = (how: 'byHand' | 'failed') => {
    stoppedFor = selectFollowed(store.getState());
    store.dispatch(searchStopped(how));
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

/** Tells the store what searches come to, and what that changes in the plan that is followed. */
function newsOf(store: Store, explain: Explain) {
  let wishes = wished(store.getState());
  /** The followed plan as it was when what changed in it was last read. */
  let known: Plan | null = null;
  const differs = (later: Plan | undefined): string | null =>
    known && later ? explain(known, later, store.getState()) : null;
  return {
    /** Remembers what is followed and wished for as a search begins. Returns what tells of its end. */
    before: () => {
      const state = store.getState();
      const followedOne = selectChosen(state) !== null;
      const earlier = selectFollowed(state);
      const wishesThen = wished(state);
      return ({ plans, impossible }: Planned) => {
        const now = store.getState();
        const sameWishes = sameParts(wishesThen, wishes);
        wishes = wishesThen;
        const chosen = selectChosen(now);
        // A plan that was followed while the others were still sought has changed when it comes out otherwise.
        const before = followedOne ? earlier : selectFollowed(now);
        // Until it is read, what changed is told against the plan as it was known: one mending often follows another.
        known = now.plan.mended === null ? before : (known ?? before);
        const tells = chosen !== null && (sameWishes || !followedOne);
        const later = plans.find(({ name }) => name === chosen) ?? plans[0];
        const mended = tells ? differs(later) : null;
        const all = [...impossible, ...waiting(now)];
        store.dispatch(searchEnded({ plans, impossible: all, mended }));
      };
    },
    /** The same plans, with what would make them likelier. */
    raised: (plans: readonly Plan[]) => {
      const chosen = selectChosen(store.getState());
      const mended = differs(plans.find(({ name }) => name === chosen));
      store.dispatch(plansRaised({ plans, mended }));
    },
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
