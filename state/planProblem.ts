import { type Vessel, middlePace } from '@core/ferment';
import { contentOf, doubledBefore, homeOf, rhythmOf } from '@core/journal';
import { feedFlour } from '@core/larder';
import { DAY } from '@core/measure';
import { isNeglected } from '@core/next';
import { type Impossible, USUAL_LIMITS, USUAL_WEIGHTS, handsFrom } from '@core/plan';

import { type SentProblem } from '../workers/plan';
import { selectBakes, selectHands, selectLeftAlone, selectSettings, selectTrips } from './decided';
import { weekPattern } from './hands';
import { createSelector } from './memo';
import { selectQuarantined } from './quarantine';
import { selectRuns } from './rescue';
import {
  selectPlaceEvents,
  selectBelief,
  selectBowls,
  selectJarEvents,
  selectJars,
  selectKitchenContext,
  selectNow,
  selectStandings,
  selectTime,
  selectTubs,
  selectZones,
} from './selectors';
import { type RootState } from './store';

/** Days a plan looks ahead, and beyond the last bake. */
const DAYS = 7;
const AFTER_LAST_BAKE = DAY;
/** Somebody who looks stays for so long, ms. */
const LOOKING = 30 * 60_000;

/**
 * Jars that no plan touches, with why: one that was neglected is looked after first, one in a programme belongs to it, one
 * from a jar that was thrown out is not used.
 */
function jarsLeftOut(
  state: RootState,
): ReadonlyMap<string, 'neglected' | 'inProgramme' | 'heldBack'> {
  const held = selectQuarantined(state);
  return new Map([
    ...selectStandings(state)
      .filter(isNeglected)
      .map(({ jar }) => [jar.id, 'neglected'] as const),
    ...selectRuns(state).map(({ jar }) => [jar.id, 'inProgramme'] as const),
    ...selectJars(state)
      .filter(({ id }) => held.has(id))
      .map(({ id }) => [id, 'heldBack'] as const),
  ]);
}

/** Jars that plans are made for. */
export function jarsToPlan(state: RootState) {
  const leftOut = jarsLeftOut(state);
  return selectJars(state).filter(({ id }) => !leftOut.has(id));
}

/** Bakes that wait for a jar to be well, or to be looked over. */
export function waiting(state: RootState): readonly Impossible[] {
  const leftOut = jarsLeftOut(state);
  return selectBakes(state)
    .filter(({ jar, until, anything }) => !anything && leftOut.has(jar) && until > selectNow(state))
    .map(({ id, jar }) => ({ wanted: id, because: leftOut.get(jar)!, nearest: [] }));
}

/** A bowl is as large as its levain wants. */
const roomyVessel = (vessel: Vessel, wanted: readonly { readonly levainG: number }[]): Vessel => ({
  ...vessel,
  capacityMl: wanted.reduce((ml, { levainG }) => ml + 4 * levainG, vessel.capacityMl),
});

/** Bakes whose levain is built already, in a bowl: plans need not see to them. */
export const selectWishesInBowls = createSelector(
  selectBowls,
  (bowls): ReadonlyMap<string, string> =>
    new Map(
      bowls.flatMap(({ id, card }) =>
        card.bowl?.wish === undefined ? [] : [[card.bowl.wish, id]],
      ),
    ),
);

/** The problem that the kitchen and its wishes pose now. */
export function problemOf(state: RootState): SentProblem {
  const now = selectNow(state);
  const { looked } = state.plan;
  const { strongFeeds, flourAtHandG, levainIn } = selectSettings(state);
  const trips = selectTrips(state);
  const time = selectTime(state);
  const tubs = selectTubs(state);
  const leftOut = jarsLeftOut(state);
  const inBowls = selectWishesInBowls(state);
  const wanted = selectBakes(state).filter(
    ({ id, until, jar, anything }) =>
      until > now && !anything && !leftOut.has(jar) && !inBowls.has(id),
  );
  const until = Math.max(now + DAYS * DAY, ...wanted.map((bake) => bake.until + AFTER_LAST_BAKE));
  // Who looks at the plan is there, whatever the pattern says; but for a trip, which may be planned from afar.
  const there =
    looked && !trips.some((trip) => now >= trip.from && now < trip.until)
      ? [{ from: now, until: now + LOOKING }]
      : [];
  // The school of levains is the kitchen's, not a jar's.
  const besides = levainIn === 'beside';
  return {
    now,
    until,
    zones: selectZones(state),
    arranged: selectPlaceEvents(state),
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
      const rhythm = rhythmOf(jar, selectKitchenContext(state));
      const buildUp = jar.card.rhythm?.buildUp;
      return {
        id: jar.id,
        fedMix: jar.fedMix,
        since: jar.since,
        stays: jar.stays,
        ...(jar.coming && { coming: jar.coming }),
        ...(home === null ? {} : { home }),
        strongBefore: doubledBefore(events),
        massG: contentOf(jar).massG,
        pouredG: jar.pouredG,
        keepG: jar.card.keepG,
        vessel: besides ? roomyVessel(jar.card.vessel, wanted) : jar.card.vessel,
        ...(besides && { beside: true }),
        ...(rhythm && { rhythm }),
        ...(buildUp !== undefined && { buildUp }),
        flour: feedFlour(jar, tubs).flour,
        parts: jar.card.ratio.flour,
        hydration: jar.card.ratio.water / jar.card.ratio.flour,
        pace: middlePace(belief),
        paceSd: belief.width * Math.hypot(...belief.factor[0]!),
      };
    }),
  };
}
