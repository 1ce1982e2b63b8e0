import { useMemo } from 'react';

import {
  type EyedFeed,
  type FeedAmounts,
  type FeedRecipe,
  type Portion,
  amountsAfter,
  byEye,
  gramsFromText,
  outBeforeCold,
} from '@core/bench';
import { type Forecast } from '@core/ferment';
import {
  type JarEvent,
  type Settings,
  type Standing,
  contentOf,
  homeOf,
  lastWay,
} from '@core/journal';
import { feedFlour } from '@core/larder';
import { type Blend, type Ingredient, type Instant, mainFlour } from '@core/measure';
import { waterBack } from '@core/rescue';
import {
  type AtBench,
  type PutAway,
  atBench,
  benchTrial,
  comesOut,
  feedJar,
  goesBackTo,
  putAwayAfter,
  putAwayTo,
  ratioFor,
  reckonedFrom,
} from '@core/verbs';
import {
  type BenchDraft,
  byField,
  doneTo,
  draftChanged,
  draftCleared,
  ofJar,
  selectJarEvents,
  selectNow,
  selectPlaces,
  selectSettings,
  selectTubs,
  useAppDispatch,
  useAppSelector,
  useContextOf,
} from '@state';

import { partsFrom } from '../parts/PartsOut';
import { useBowlBeside } from '../parts/useBowlBeside';
import { useKitchenWords } from '../words';

/** The order of the scale. */
export const portionsOf = (order: Settings['order']): readonly [Portion, Portion, Portion] =>
  order === 'waterFirst' ? ['keep', 'water', 'flour'] : ['keep', 'flour', 'water'];

/** What half out by eye means, until the baker says otherwise. */
const HALF_OUT: EyedFeed = { kept: 0.5, grown: 2, texture: 'batter' };

/** What drafts of old do not say. */
const saidIn = ({ way = 'ratio', added = NOTHING, eyed = HALF_OUT }: BenchDraft) => ({
  way,
  added,
  eyed,
});
const NOTHING = { flour: '', water: '' } as const;

function draftFor({ jar }: Standing, events: readonly JarEvent[], settings: Settings): BenchDraft {
  // Nothing is taken out of a bowl; what goes in is the next of its builds, where it has some.
  const inBowl = jar.card.bowl;
  const way = inBowl ? 'add' : lastWay(jar, events);
  const last = inBowl ? inBowl.builds?.[jar.feeds] : way === 'add' ? jar.lastFed : null;
  return {
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
    way,
    added: { flour: last ? String(last.flourG) : '', water: last ? String(last.waterG) : '' },
    eyed: HALF_OUT,
  };
}

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
  const now = useAppSelector(selectNow);
  const tubs = useAppSelector(selectTubs);
  const events = useAppSelector((state) => selectJarEvents(state, jar.id));
  const kept = useAppSelector((state) => ofJar(state.bench, jar.id));
  const usual = useMemo(() => draftFor(standing, events, settings), [standing, events, settings]);
  const draft = kept ?? usual;
  const { way, added, eyed } = saidIn(draft);
  const other = draft.other ?? null;
  const { flour, tub } = useMemo(() => feedFlour(jar, tubs, other), [jar, tubs, other]);
  const change = (to: Partial<BenchDraft>) =>
    dispatch(draftChanged({ jar: jar.id, draft: { ...draft, ...to } }));

  const afterSlip = draft.afterSlip ?? settings.afterSlip;
  const { addedG, amounts, wantedAfter } = useAmounts(standing, draft, flour, afterSlip);

  const saidAt: Instant = draft.fedAt === null ? now : words.instantOf(draft.fedAt);
  const fedAt = Number.isNaN(saidAt) ? now : saidAt;
  const from = reckonedFrom(jar, fedAt, now);
  const bench = useMemo(() => atBench(jar, context, places, from), [jar, context, places, from]);
  const here = standing.place?.id ?? places[0]!.id;
  const goesTo = draft.place ?? goesBackTo(places, jar, homeOf(events, now), now);
  const outH = draft.outBeforeColdH ?? outBeforeCold(bench.kitchenCelsius, settings.outBeforeColdH);
  const outcomes = useMemo(
    () =>
      places.map((place) => {
        const putAway = putAwayTo(places, place, here, outH);
        return { place: place.id, putAway, ...benchTrial(bench, { amounts, flour }, putAway) };
      }),
    [places, here, outH, bench, amounts, flour],
  );
  const chosen = outcomes.find(({ place }) => place === goesTo) ?? outcomes[0]!;

  const suggestion = useSuggestion(bench, draft, flour, chosen.putAway);

  const beside = useBowlBeside(standing);
  const outG = comesOut(jar, amounts.keepG);
  const parts = partsFrom(draft.elsewhere ?? []);

  /** Writes the feed down. Returns what keeps it out of the journal, by field. */
  const finish = (): Readonly<Record<string, string>> => {
    const objections = dispatch(
      doneTo(
        jar.id,
        (atHand) =>
          feedJar(atHand, tubs, {
            amounts,
            at: saidAt,
            to: draft.to,
            parts,
            bowl: beside(),
            ...putAwayAfter(chosen.putAway, fedAt, here),
            other,
            rough: way === 'eye',
          }),
        `${jar.card.name} is fed: ${way === 'eye' ? 'about ' : ''}${words.feed(amounts)}`,
      ),
    );
    if (objections.length > 0) return byField(objections);
    dispatch(draftCleared(jar.id));
    return {};
  };

  return {
    draft,
    change,
    way,
    added,
    addedG,
    eyed,
    afterSlip,
    amounts,
    wantedAfter,
    flour,
    /** The tub the flour comes from, and what it lacks for this feed, grams. */
    tub,
    shortG: tub ? Math.max(0, Math.round(amounts.flourG - tub.grams)) : 0,
    outcomes,
    chosen,
    goesTo,
    here,
    /** Hours it stands out before it goes into the cold. */
    outH,
    suggestion,
    outG,
    parts,
    fedAt,
    finish,
  };
}

/** What goes in: by ratio and by what has landed, added to what is there, or by eye; and what is still asked for. */
function useAmounts(
  { jar }: Standing,
  draft: BenchDraft,
  flour: Blend,
  afterSlip: Settings['afterSlip'],
) {
  const { keepG, parts, waterParts, landed } = draft;
  const { way, added, eyed } = saidIn(draft);
  const there = useMemo(() => contentOf(jar), [jar]);
  const flourG = weightOf(added.flour, mainFlour(flour));
  const waterG = weightOf(added.water, 'water');
  const recipe = useMemo(
    (): FeedRecipe => ({ keepG, ratio: { flour: parts, water: waterParts } }),
    [keepG, parts, waterParts],
  );
  const amounts = useMemo((): FeedAmounts => {
    if (way === 'eye') return byEye(there, flour, eyed);
    if (way === 'add')
      return {
        keepG: Math.max(1, Math.round(there.massG)),
        flourG: flourG || 0,
        waterG: waterG || 0,
      };
    return amountsAfter(recipe, landed, afterSlip);
  }, [way, there, flour, eyed, flourG, waterG, recipe, landed, afterSlip]);
  return {
    addedG: { flour: flourG, water: waterG },
    amounts,
    /** What is asked for once only these portions have landed. */
    wantedAfter: (portions: readonly Portion[]) =>
      amountsAfter(
        recipe,
        Object.fromEntries(portions.map((of) => [of, landed[of] ?? amounts[`${of}G`]])),
        afterSlip,
      ),
  };
}

/** The ratio that has it ripe at the hour that was asked for. */
function useSuggestion(
  bench: AtBench,
  { keepG, parts, waterParts, wantedAt: asked }: BenchDraft,
  flour: Blend,
  putAway: PutAway,
) {
  const words = useKitchenWords();
  const wantedAt = asked === null ? NaN : words.instantOf(asked);
  return useMemo(
    () =>
      ratioFor(
        bench,
        { keepG, hydrationPct: (100 * waterParts) / parts, flour, wantedAt },
        putAway,
      ),
    [bench, keepG, waterParts, parts, flour, wantedAt, putAway],
  );
}

/** A weight as typed; nothing typed is nothing. */
const weightOf = (text: string, ingredient: Ingredient): number =>
  text.trim() === '' ? 0 : Math.round(10 * gramsFromText(text, ingredient)) / 10;

export type Bench = ReturnType<typeof useBench>;
