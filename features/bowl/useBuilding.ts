import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';

import { type FeedAmounts, gramsFromText } from '@core/bench';
import { type Jar, type Standing } from '@core/journal';
import { feedFlour } from '@core/larder';
import { type Instant, mainFlour } from '@core/measure';
import { type Step } from '@core/plan';
import { type BenchTrial, atBench, benchTrial, buildInBowl, reckonedFrom } from '@core/verbs';
import {
  byField,
  doneTo,
  selectBakes,
  selectFollowed,
  selectNow,
  selectPlaces,
  selectTubs,
  selectWishesInBowls,
  useAppDispatch,
  useAppSelector,
  useContextOf,
} from '@state';

import { useWhen } from '../parts/When';
import { useKitchenWords } from '../words';
import { type Typed, amountsFor, plannedFor } from './buildForm';

/**
 * A levain while it is built in a bowl beside its jar: its fields, as planned for its bake until somebody types, and what
 * they come to.
 *
 * @param wish the bake it is for
 * @param wantedG how much levain is wanted, where no bake says so
 */
export function useBuilding({ jar }: Standing, wish: string | null, wantedG: number | null) {
  const words = useKitchenWords();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const places = useAppSelector(selectPlaces);
  const tubs = useAppSelector(selectTubs);
  const inBowls = useAppSelector(selectWishesInBowls);
  const bakes = useAppSelector(selectBakes).filter(
    ({ id, jar: of, until }) => of === jar.id && until > now && !inBowls.has(id),
  );
  const steps = useAppSelector(selectFollowed)?.steps ?? NO_STEPS;
  const [chosen, setChosen] = useState(bakes.some(({ id }) => id === wish) ? wish : null);
  const bake = bakes.find(({ id }) => id === chosen) ?? null;
  const planned = plannedFor(steps, bake?.id ?? null);
  const [typed, setTyped] = useState<Partial<Typed>>({});
  const form: Typed = {
    name: bake ? bake.name : `Levain of ${jar.card.name}`,
    place: planned.build?.place ?? places.find(({ kind }) => kind === 'counter')?.id ?? '',
    ...amountsFor(jar, bake?.levainG ?? wantedG, planned.build),
    ...typed,
  };
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const when = useWhen(words, now);

  const { flour } = feedFlour(jar, tubs);
  const amounts = {
    keepG: gramsFromText(form.seed, 'starter'),
    flourG: gramsFromText(form.flour, mainFlour(flour)),
    waterG: gramsFromText(form.water, 'water'),
  };
  const mixedAt = when.reckonedAt;
  const trial = useTrial(jar, amounts, form.place, reckonedFrom(jar, mixedAt, now));

  const build = () => {
    const bowl = nanoid();
    const { keepG: seedG, flourG, waterG } = amounts;
    const found = byField(
      dispatch(
        doneTo(
          jar.id,
          (atHand) =>
            buildInBowl(atHand, tubs, {
              id: bowl,
              name: form.name,
              seedG,
              flourG,
              waterG,
              place: form.place,
              at: when.at ?? atHand.now,
              then: planned.moves,
              ...(bake ? { wish: bake.id } : {}),
            }),
          `${form.name} stands in its bowl`,
        ),
      ),
    );
    setProblems(found);
    if (Object.keys(found).length === 0) router.replace(`/jar/${bowl}`);
  };

  return {
    /** Bakes of this jar that have no levain in a bowl yet. */
    bakes,
    bake,
    /** For another bake, or none: what was typed was meant for the one before. */
    buildFor: (id: string | null) => {
      setChosen(id);
      setTyped({});
    },
    form,
    set: (to: Partial<Typed>) => setTyped((before) => ({ ...before, ...to })),
    flour,
    places,
    when,
    /** When it is mixed, as far as anybody said. */
    mixedAt,
    trial,
    problems,
    build,
  };
}

/** What it comes to as it stands in the fields; null while no levain can be mixed of that. */
function useTrial(
  jar: Jar,
  { keepG, flourG, waterG }: FeedAmounts,
  place: string,
  at: Instant,
): BenchTrial | null {
  const context = useContextOf(jar.id);
  const places = useAppSelector(selectPlaces);
  const tubs = useAppSelector(selectTubs);
  const bench = useMemo(() => atBench(jar, context, places, at), [jar, context, places, at]);
  return useMemo(() => {
    if (!(keepG > 0 && flourG > 0 && waterG >= 0)) return null;
    const { flour } = feedFlour(jar, tubs);
    return benchTrial(bench, { amounts: { keepG, flourG, waterG }, flour }, { place });
  }, [bench, jar, tubs, keepG, flourG, waterG, place]);
}

const NO_STEPS: readonly Step[] = [];
