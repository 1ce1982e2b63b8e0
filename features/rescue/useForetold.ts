import { useMemo } from 'react';

import { type Fed, type Jar, type ProgrammeId, standsIn } from '@core/journal';
import { feedFlour } from '@core/larder';
import { type Blend } from '@core/measure';
import { type Foretold, PROGRAMME, bestPlace, foretellIn, programmeFlour } from '@core/rescue';
import {
  selectHandsAhead,
  selectJarEvents,
  selectNow,
  selectPlaces,
  selectTubs,
  useAppSelector,
  useContextOf,
} from '@state';

/**
 * How the model expects a programme to go: one that is under way, or one that would begin now. Null without a programme.
 */
export function useForetold(
  jar: Jar,
  programme: ProgrammeId | null,
  begunAt: string | null,
): Foretold | null {
  const now = useAppSelector(selectNow);
  const events = useAppSelector((state) => selectJarEvents(state, jar.id));
  const context = useContextOf(jar.id);
  const hands = useAppSelector(selectHandsAhead);
  const places = useAppSelector(selectPlaces);
  const { usual: flour } = useProgrammeFlours(jar, programme, begunAt);
  // It is played through in minutes that do not matter: a new one for every tick would only cost time.
  const minute = Math.floor(now / (10 * 60_000)) * 10 * 60_000;
  return useMemo(() => {
    if (programme === null) return null;
    // From its next feed on it stands where it should.
    const place = bestPlace(PROGRAMME[programme], places, standsIn(jar))?.id;
    return foretellIn({ programme, begunAt }, jar, events, context, minute, {
      flour,
      hands,
      place,
    });
  }, [programme, begunAt, jar, events, context, hands, minute, places, flour]);
}

/** What a jar is usually fed with, and what the programme's next feed is given unless the baker says otherwise. */
export function useProgrammeFlours(
  jar: Jar,
  programme: ProgrammeId | null,
  begunAt: string | null,
): { readonly own: Blend; readonly usual: Blend } {
  const tubs = useAppSelector(selectTubs);
  const events = useAppSelector((state) => selectJarEvents(state, jar.id));
  return useMemo(() => {
    const own = feedFlour(jar, tubs).flour;
    if (programme === null) return { own, usual: own };
    const since = begunAt === null ? Infinity : Date.parse(begunAt);
    const last = events.findLast(
      (event): event is Fed => event.kind === 'fed' && Date.parse(event.at) >= since,
    );
    return { own, usual: programmeFlour(PROGRAMME[programme], own, last?.flour) };
  }, [jar, tubs, events, programme, begunAt]);
}

/** Where a programme's jar should stand. */
export function useBestPlace(jar: Jar, programme: ProgrammeId) {
  const places = useAppSelector(selectPlaces);
  const place = bestPlace(PROGRAMME[programme], places, standsIn(jar));
  return place && { place, elsewhere: place.id !== standsIn(jar) };
}
