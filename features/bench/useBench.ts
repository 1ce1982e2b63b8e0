import { useCallback, useMemo } from 'react';

import {
  type FeedRecipe,
  type JarRoom,
  type Portion,
  amountsAfter,
  feedOutcome,
  jarRoom,
  ratioForTime,
  stirDown,
  waterFor,
} from '@core/bench';
import {
  type Conditions,
  type Forecast,
  celsiusAt,
  drained,
  feed,
  forecast,
  keepOf,
} from '@core/ferment';
import { type Standing, airOf, contentOf, mixAt, type Settings } from '@core/journal';
import { feedFlour } from '@core/larder';
import { HOUR, type Instant } from '@core/measure';
import { waterBack } from '@core/rescue';
import { comesOut, feedJar } from '@core/verbs';
import {
  type BenchDraft,
  byField,
  doneTo,
  draftChanged,
  draftCleared,
  selectNow,
  selectPlaces,
  selectSettings,
  selectTime,
  selectTubs,
  useAppDispatch,
  useAppSelector,
  useContextOf,
  ofJar,
} from '@state';

import { useKitchenWords } from '../words';

/** A mix of this temperature ferments as most recipes expect, °C. */
const WANTED_MIX_CELSIUS = 25;
/** Hours that a feed's forecast looks ahead at the bench. */
const LOOK_AHEAD = 96;

/** The order of the scale. */
export const portionsOf = (order: Settings['order']): readonly [Portion, Portion, Portion] =>
  order === 'waterFirst' ? ['keep', 'water', 'flour'] : ['keep', 'flour', 'water'];

const draftFor = ({ jar }: Standing, settings: Settings): BenchDraft => ({
  step: 0,
  keepG: jar.card.keepG,
  parts: jar.card.ratio.flour,
  // What was poured off comes back with the feed's water.
  waterParts: jar.card.ratio.water + waterBack(jar, jar.card.keepG) / jar.card.keepG,
  order: settings.order,
  weighing: settings.weighing,
  landed: {},
  to: 'discardJar',
  wantedAt: null,
  fedAt: null,
  place: null,
  other: null,
});

/** What a feed would become in a place. */
export interface PlaceOutcome {
  readonly place: string;
  readonly forecast: Forecast;
}

/** A feed under way: its draft, what follows from it, and how it ends. */
export function useBench(standing: Standing) {
  const { jar } = standing;
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const settings = useAppSelector(selectSettings);
  const context = useContextOf(jar.id);
  const places = useAppSelector(selectPlaces);
  const time = useAppSelector(selectTime);
  const now = useAppSelector(selectNow);
  const tubs = useAppSelector(selectTubs);
  const kept = useAppSelector((state) => ofJar(state.bench, jar.id));
  const usual = useMemo(() => draftFor(standing, settings), [standing, settings]);
  const draft = kept ?? usual;
  const other = draft.other ?? null;
  const { flour, tub } = useMemo(() => feedFlour(jar, tubs, other), [jar, tubs, other]);
  const change = (to: Partial<BenchDraft>) =>
    dispatch(draftChanged({ jar: jar.id, draft: { ...draft, ...to } }));

  const recipe: FeedRecipe = {
    keepG: draft.keepG,
    ratio: { flour: draft.parts, water: draft.waterParts },
  };
  const amounts = amountsAfter(recipe, draft.landed);
  /** What is asked for once only these portions have landed. */
  const wantedAfter = (portions: readonly Portion[]) =>
    amountsAfter(
      recipe,
      Object.fromEntries(portions.map((of) => [of, draft.landed[of] ?? amounts[`${of}G`]])),
    );
  const keepHydrationPct = contentOf(jar).hydrationPct;
  const outcome = feedOutcome(amounts, keepHydrationPct);
  const fedAt: Instant = draft.fedAt === null ? now : words.instantOf(draft.fedAt);
  const mixNow = useMemo(() => drained(mixAt(jar, now, context), jar.pouredG), [jar, now, context]);
  const counter = places.find((place) => place.kind === 'counter');
  const kitchenCelsius = counter
    ? celsiusAt(counter.temperature, time.hourOfDay(now))
    : mixNow.celsius;
  const here = standing.place?.id ?? places[0]!.id;
  const goesTo = draft.place ?? here;

  const { keepG, flourG, waterG } = amounts;
  const mixed = useMemo(
    () =>
      feed(keepOf(mixNow, keepG), {
        keepG,
        flourG,
        waterG,
        flour,
        flourCelsius: kitchenCelsius,
        waterCelsius: kitchenCelsius,
      }),
    [mixNow, keepG, flourG, waterG, flour, kitchenCelsius],
  );
  /** What the mix stands in, place by place, from now on. */
  const conditionsIn = useCallback(
    (place: string): Conditions => ({
      air: airOf([{ from: now, place }], now, context.places, context.time),
      vessel: jar.card.vessel,
      pace: context.pace,
    }),
    [now, context, jar.card],
  );
  const outcomes = useMemo(
    (): readonly PlaceOutcome[] =>
      places.map(({ id }) => ({
        place: id,
        forecast: forecast(mixed, conditionsIn(id), LOOK_AHEAD),
      })),
    [mixed, places, conditionsIn],
  );
  const chosen = outcomes.find(({ place }) => place === goesTo) ?? outcomes[0]!;
  const room: JarRoom = jarRoom(
    jar.card.vessel,
    outcome.massG,
    outcome.hydrationPct,
    chosen.forecast.peakHeight,
  );

  const stirred = useMemo(
    () =>
      room.filledAtPeak > 1
        ? stirDown(mixed, conditionsIn(goesTo), 1 / room.filled, LOOK_AHEAD)
        : null,
    [mixed, conditionsIn, goesTo, room.filled, room.filledAtPeak],
  );

  const wantedAt = draft.wantedAt === null ? NaN : words.instantOf(draft.wantedAt);
  const suggestion = useMemo(() => {
    const wantedH = (wantedAt - now) / HOUR;
    if (!(wantedH > 0.5 && wantedH < 72)) return null;
    return ratioForTime(
      mixNow,
      draft.keepG,
      (100 * draft.waterParts) / draft.parts,
      flour,
      conditionsIn(goesTo),
      wantedH,
    );
  }, [
    wantedAt,
    now,
    mixNow,
    draft.keepG,
    draft.waterParts,
    draft.parts,
    flour,
    goesTo,
    conditionsIn,
  ]);

  const water = waterFor(
    {
      keepG,
      keepHydrationPct,
      keepCelsius: mixNow.celsius,
      flourG,
      flourCelsius: kitchenCelsius,
      waterG,
    },
    WANTED_MIX_CELSIUS,
  );
  const outG = comesOut(jar, keepG);

  /** Writes the feed down. Returns what keeps it out of the journal, by field. */
  const finish = (): Readonly<Record<string, string>> => {
    const place = goesTo === here ? null : goesTo;
    const objections = dispatch(
      doneTo(
        jar.id,
        (atHand) => feedJar(atHand, tubs, { amounts, at: fedAt, to: draft.to, place, other }),
        `${jar.card.name} is fed: ${keepG} + ${flourG} + ${waterG} g`,
      ),
    );
    if (objections.length > 0) return byField(objections);
    dispatch(draftCleared(jar.id));
    return {};
  };

  return {
    draft,
    change,
    amounts,
    wantedAfter,
    outcome,
    flour,
    /** The tub the flour comes from, and what it lacks for this feed, grams. */
    tub,
    shortG: tub ? Math.max(0, Math.round(flourG - tub.grams)) : 0,
    outcomes,
    chosen,
    goesTo,
    here,
    room,
    stirred,
    suggestion,
    wantedMixCelsius: WANTED_MIX_CELSIUS,
    water,
    outG,
    fedAt,
    finish,
  };
}

export type Bench = ReturnType<typeof useBench>;
