import { selectFollowed } from './decided';
import { searchAskedAgain, searchStopAsked } from './plan';
import { type Explain, sameParts, searchesIn, wished } from './planSearches';
import { selectQuarantined } from './quarantine';
import {
  selectPlaceEvents,
  selectEventsByJar,
  selectNow,
  selectTubs,
  selectZones,
} from './selectors';
import { type RootState, type Store, listenFor } from './store';

/** Wishes come in handfuls, ms. */
const PAUSE = 400;

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
          if (sameParts(now, before)) {
            // A step that was not done in time makes the rest of the plan a fiction.
            if (isLate(state) && !searches.wasStoppedFor(selectFollowed(state))) soon();
            return;
          }
          // Looking away changes nothing; looking again finds what was found, unless it has changed since.
          const onlyLooked = sameParts(now.slice(1), before.slice(1));
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
