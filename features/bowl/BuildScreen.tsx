import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type FeedAmounts, gramsFromText } from '@core/bench';
import { type Jar, type Standing, contentOf } from '@core/journal';
import { feedFlour } from '@core/larder';
import { type Instant, mainFlour } from '@core/measure';
import { type Step } from '@core/plan';
import { type BenchTrial, atBench, benchTrial, buildInBowl } from '@core/verbs';
import { PageTitle, Button, Choice, Field, Page, Panel, Words, FieldRow } from '@kit';
import {
  byField,
  doneTo,
  selectBakes,
  selectBeingRead,
  selectFollowed,
  selectNow,
  selectPlaces,
  selectStanding,
  selectTubs,
  selectWishesInBowls,
  useAppDispatch,
  useAppSelector,
  useContextOf,
} from '@state';

import { NoSuchJar } from '../parts/NoSuchJar';
import { WeightField } from '../parts/WeightField';
import { When, useWhen } from '../parts/When';
import { useKitchenWords } from '../words';
import { type Typed, amountsFor, plannedFor, ripeness } from './buildForm';

/** A levain is built in a bowl beside its jar. */
export function BuildScreen({
  id,
  wish = null,
  wantedG = null,
}: {
  readonly id: string;
  /** The bake it is for. */
  readonly wish?: string | null;
  /** How much levain is wanted, where no bake says so. */
  readonly wantedG?: number | null;
}) {
  const standing = useAppSelector((state) => selectStanding(state, id));
  return (
    <Page title={standing ? `A levain of ${standing.jar.card.name}` : 'No such jar'} narrow>
      {standing ? (
        <Build key={id} standing={standing} wish={wish} wantedG={wantedG} />
      ) : (
        <NoSuchJar />
      )}
    </Page>
  );
}

function Build({
  standing,
  wish,
  wantedG,
}: {
  readonly standing: Standing;
  readonly wish: string | null;
  readonly wantedG: number | null;
}) {
  const { jar, stage } = standing;
  const words = useKitchenWords();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const beingRead = useAppSelector(selectBeingRead).has(jar.id);
  const places = useAppSelector(selectPlaces);
  const tubs = useAppSelector(selectTubs);
  const inBowls = useAppSelector(selectWishesInBowls);
  const bakes = useAppSelector(selectBakes).filter(
    ({ id, jar: of, until }) => of === jar.id && until > now && !inBowls.has(id),
  );
  const steps = useAppSelector(selectFollowed)?.steps ?? NO_STEPS;
  const [chosen, setChosen] = useState(bakes.some(({ id }) => id === wish) ? wish : null);
  const bake = bakes.find(({ id }) => id === chosen) ?? null;
  const planned = plannedFor(steps, chosen);
  const usual = amountsFor(jar, bake?.levainG ?? wantedG, planned.build);
  const [typed, setTyped] = useState<Partial<Typed>>({});
  const form: Typed = {
    name: bake ? bake.name : `Levain of ${jar.card.name}`,
    place: planned.build?.place ?? places.find(({ kind }) => kind === 'counter')?.id ?? '',
    ...usual,
    ...typed,
  };
  const set = (to: Partial<Typed>) => setTyped({ ...typed, ...to });
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const when = useWhen(words, now);

  const { flour } = feedFlour(jar, tubs);
  const amounts = {
    keepG: gramsFromText(form.seed, 'starter'),
    flourG: gramsFromText(form.flour, mainFlour(flour)),
    waterG: gramsFromText(form.water, 'water'),
  };
  const { keepG, flourG, waterG } = amounts;
  const trial = useTrial(jar, amounts, form.place, now);

  const build = () => {
    const bowl = nanoid();
    const found = byField(
      dispatch(
        doneTo(
          jar.id,
          (atHand) =>
            buildInBowl(atHand, tubs, {
              id: bowl,
              name: form.name,
              seedG: keepG,
              flourG,
              waterG,
              place: form.place,
              stage,
              at: when.at ?? atHand.now,
              then: planned.moves,
              ...(chosen === null ? {} : { wish: chosen }),
            }),
          `${form.name} stands in its bowl`,
        ),
      ),
    );
    setProblems(found);
    if (Object.keys(found).length === 0) router.replace(`/jar/${bowl}`);
  };
  return (
    <>
      <View style={styles.atEdge}>
        <Button kind="bare" icon="arrow-left" href={`/jar/${jar.id}`}>
          {jar.card.name}
        </Button>
      </View>
      <PageTitle>A levain in a bowl</PageTitle>
      <Words tone="quiet">
        {`${jar.card.name} only gives a little of itself, and stays as it is. About ${words.roughly(contentOf(jar).massG)} are in the jar.`}
      </Words>
      {bakes.length > 0 && (
        <Choice
          label="For"
          options={[
            ...bakes.map(({ id, name }) => ({ is: id, text: name })),
            { is: NO_BAKE, text: 'no bake in the plan' },
          ]}
          chosen={chosen ?? NO_BAKE}
          onChoose={(is) => {
            setChosen(is === NO_BAKE ? null : is);
            setTyped({});
          }}
        />
      )}
      <Field
        label="Its name"
        text={form.name}
        onText={(name) => set({ name })}
        problem={problems.name ?? null}
      />
      <FieldRow>
        <WeightField
          label="Starter"
          text={form.seed}
          onText={(seed) => set({ seed })}
          problem={problems.grams ?? null}
        />
        <WeightField
          label="Water"
          of="water"
          text={form.water}
          onText={(water) => set({ water })}
          problem={problems.water ?? null}
        />
        <WeightField
          label="Flour"
          of={mainFlour(flour)}
          text={form.flour}
          onText={(to) => set({ flour: to })}
          problem={problems.flour ?? null}
        />
      </FieldRow>
      <Choice
        label="Where it stands"
        options={places.map(({ id: is, name }) => ({ is, text: name }))}
        chosen={form.place}
        onChoose={(place) => set({ place })}
      />
      {trial && (
        <Panel label="What it comes to">
          <Words strong>
            {`${words.grams(trial.outcome.massG)} at ${Math.round(trial.outcome.hydrationPct)} %`}
          </Words>
          <Words>
            {beingRead
              ? 'Reading the log to see how quick it is. When it will be ripe stands here in a moment.'
              : ripeness(trial.forecast, when.at ?? now, bake, words)}
          </Words>
        </Panel>
      )}
      <When when={when} label="Mixed at" problem={problems.at ?? null} />
      <Button kind="main" big onPress={build}>
        It is mixed
      </Button>
    </>
  );
}

/** What it comes to as it stands in the fields; null while no levain can be mixed of that. */
function useTrial(
  jar: Jar,
  { keepG, flourG, waterG }: FeedAmounts,
  place: string,
  now: Instant,
): BenchTrial | null {
  const context = useContextOf(jar.id);
  const places = useAppSelector(selectPlaces);
  const tubs = useAppSelector(selectTubs);
  const bench = useMemo(() => atBench(jar, context, places, now), [jar, context, places, now]);
  return useMemo(() => {
    if (!(keepG > 0 && flourG > 0 && waterG >= 0)) return null;
    const { flour } = feedFlour(jar, tubs);
    return benchTrial(bench, { amounts: { keepG, flourG, waterG }, flour }, { place });
  }, [bench, jar, tubs, keepG, flourG, waterG, place]);
}

const NO_BAKE = 'none';
const NO_STEPS: readonly Step[] = [];

const styles = StyleSheet.create({
  atEdge: { alignItems: 'flex-start', marginLeft: -8 },
});
