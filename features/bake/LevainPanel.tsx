import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type LevainWay, buildSeries, levainWays, wholeGrainPct } from '@core/bench';
import { contentOf } from '@core/journal';
import { feedFlour } from '@core/larder';
import { type Blend, DAY, HOUR } from '@core/measure';
import { wishBake } from '@core/verbs';
import { Choice, MomentField, Panel, Button, Words, useLook } from '@kit';
import {
  done,
  doughChanged,
  fillBench,
  selectJars,
  selectNow,
  selectSettings,
  selectStanding,
  selectTubs,
  useAppDispatch,
  useAppSelector,
  selectDough,
} from '@state';

import { blendWords, unnamedBake, useKitchenWords } from '../words';
import { levainWayWords } from '../words/bakeWords';
import { Series } from './Series';

/** So near it makes no difference to a dough, percent. */
const NEAR_PCT = 3;

/** The levain of a dough: into the plan for an hour, or built now from what is really in a jar. */
export function LevainPanel({ levainG }: { readonly levainG: number }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const now = useAppSelector(selectNow);
  const jars = useAppSelector(selectJars);
  const tubs = useAppSelector(selectTubs);
  const { formula, jar: chosen } = useAppSelector(selectDough);
  const { levainHydrationPct } = formula;
  const { levainIn } = useAppSelector(selectSettings);
  const [at, setAt] = useState(() => words.fieldText(Math.ceil((now + DAY) / HOUR) * HOUR));
  const [problem, setProblem] = useState<string | null>(null);
  const jar = jars.find(({ id }) => id === chosen) ?? jars[0];
  const standing = useAppSelector((state) => (jar ? selectStanding(state, jar.id) : null));
  if (!jar || !standing) return null;
  const { card } = jar;
  // The way of the baker's school comes first.
  const schoolRank = ({ kind }: LevainWay) =>
    (kind === 'beside') === (levainIn === 'beside') ? 0 : 1;
  const task = {
    levainG,
    hydrationPct: levainHydrationPct,
    keepG: card.keepG,
    inJarG: contentOf(jar).massG,
    inJarHydrationPct: contentOf(jar).hydrationPct,
  };
  const ways = levainWays(task, card.ratio.flour).toSorted((x, y) => schoolRank(x) - schoolRank(y));
  const series = buildSeries(task, card.ratio.flour);
  const plan = () => {
    const middle = words.instantOf(at);
    const wish = {
      id: nanoid(),
      name: unnamedBake(middle, words),
      jar: jar.id,
      levainG,
      at: middle,
      widthH: 1,
    };
    const [objection] = dispatch(
      done(
        (clock) => wishBake(wish, clock),
        () => `${words.grams(levainG)} of ${card.name} is wanted ${words.moment(middle)}`,
      ),
    );
    setProblem(objection?.message ?? null);
    if (objection) return;
    router.navigate('/plan');
  };
  return (
    <Panel label="Its levain">
      <Words size="title" level={2}>{`Its levain: ${words.grams(levainG)}`}</Words>
      {jars.length > 1 && (
        <Choice
          label="From"
          options={jars.map(({ id: is, card: { name: text } }) => ({ is, text }))}
          chosen={jar.id}
          onChoose={(id) => dispatch(doughChanged({ jar: id }))}
        />
      )}
      <LevainFlour flour={feedFlour(jar, tubs).flour} />
      <MomentField label="Ripe at" text={at} onText={setAt} problem={problem} />
      <Button onPress={plan}>Into the plan</Button>
      <Words
        strong
        level={3}
      >{`Or now, from the ${words.grams(contentOf(jar).massG)} in the jar`}</Words>
      {ways.length === 0 && series === null && (
        <Words tone="crust">
          {`There is not enough in ${card.name} to build that much. Feed it first, or let the plan see to it.`}
        </Words>
      )}
      {ways.map((way) => (
        <Way key={way.kind} way={way} jar={jar.id} name={card.name} levainG={levainG} />
      ))}
      {series && <Series builds={series} standing={standing} />}
    </Panel>
  );
}

/** Whether the dough expects as much whole grain as the levain will bring. */
function LevainFlour({ flour }: { readonly flour: Blend }) {
  const dispatch = useAppDispatch();
  const { from, formula } = useAppSelector(selectDough);
  const pct = wholeGrainPct(flour);
  if (from === 'yeastRecipe' || Math.abs(pct - formula.levainWholePct) < NEAR_PCT) return null;
  return (
    <View style={styles.stack}>
      <Words size="small" tone="quiet">
        {`It is fed ${blendWords(flour)}; the dough expects ${Math.round(formula.levainWholePct)} % whole grain in it.`}
      </Words>
      <Button
        onPress={() => dispatch(doughChanged({ formula: { ...formula, levainWholePct: pct } }))}
      >
        {`Count ${pct} % instead`}
      </Button>
    </View>
  );
}

function Way({
  way,
  jar,
  name,
  levainG,
}: {
  readonly way: LevainWay;
  readonly jar: string;
  readonly name: string;
  readonly levainG: number;
}) {
  const look = useLook();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const words = useKitchenWords();
  const { kind, seedG, flourG, waterG } = way;
  const toBench = () => {
    dispatch(fillBench(jar, { keepG: seedG, flourG, waterG }, null));
    router.navigate(`/jar/${jar}/feed`);
  };
  return (
    <View style={[styles.ruled, { borderTopColor: look.seam }]}>
      <Words>{levainWayWords(way, name, words)}</Words>
      {kind === 'take' ? null : kind === 'beside' ? (
        <Button href={`/jar/${jar}/levain?grams=${levainG}`}>Into a bowl</Button>
      ) : (
        <Button onPress={toBench}>To the bench</Button>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 6 },
  ruled: { gap: 8, borderTopWidth: 1, paddingTop: 8 },
});
