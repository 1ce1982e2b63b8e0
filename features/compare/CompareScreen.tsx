import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';

import { amountsAfter } from '@core/bench';
import { type Standing, bestPair, compareJars } from '@core/journal';
import { HOUR, highest, lowest } from '@core/measure';
import { PageTitle, Choice, Page, Panel, Button, TwoPanes, Words, useWide } from '@kit';
import { TwoCanopies } from '@kit/TwoCanopies';
import { fillBench, selectStandings, useAppDispatch, useAppSelector } from '@state';

import { benchPath } from '../bench/benchPath';
import { useKitchenWords } from '../words';
import { comparisonWords } from '../words/compareWords';
import { LookAtBoth } from './LookAtBoth';

/** Two jars side by side: fed alike in one pass, looked at together, their canopies one over the other. */
export function CompareScreen({
  a,
  b,
}: {
  readonly a: string | undefined;
  readonly b: string | undefined;
}) {
  const standings = useAppSelector(selectStandings);
  const router = useRouter();
  const chosen = (id: string | undefined) => standings.find(({ jar }) => jar.id === id);
  const pair =
    chosen(a) && chosen(b) && a !== b
      ? ([chosen(a)!, chosen(b)!] as const)
      : bestPair(standings, chosen(a)?.jar.id);
  if (!pair)
    return (
      <Page title="Side by side" narrow>
        <PageTitle>Side by side</PageTitle>
        <Panel>
          <Words>You need two jars on the shelf to compare them.</Words>
          <Button href="/add">Add a starter</Button>
        </Panel>
      </Page>
    );
  const [one, other] = pair;
  const choose = (first: string, second: string) =>
    router.setParams({ a: first, b: first === second ? one.jar.id : second });
  const names = standings.map(({ jar }) => ({ is: jar.id, text: jar.card.name }));
  return (
    <Page title="Side by side">
      <PageTitle>Side by side</PageTitle>
      <View style={styles.wrap}>
        <Choice
          label="This jar"
          options={names}
          chosen={one.jar.id}
          onChoose={(id) => choose(id, other.jar.id === id ? one.jar.id : other.jar.id)}
        />
        <Choice
          label="against"
          options={names.filter(({ is }) => is !== one.jar.id)}
          chosen={other.jar.id}
          onChoose={(id) => choose(one.jar.id, id)}
        />
      </View>
      <Pair one={one} other={other} />
    </Page>
  );
}

function Pair({ one, other }: { readonly one: Standing; readonly other: Standing }) {
  const wide = useWide();
  const words = useKitchenWords();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const names = [one.jar.card.name, other.jar.card.name] as const;
  const comparison = useMemo(() => compareJars(one, other), [one, other]);
  const [verdict, ...details] = comparisonWords(comparison, names, words);
  const feedAlike = () => {
    // The first jar's feed for both, on a keep that both can spare.
    const keepG = Math.max(
      1,
      Math.min(one.jar.card.keepG, Math.floor(one.jar.massG), Math.floor(other.jar.massG)),
    );
    const grams = amountsAfter({ keepG, ratio: one.jar.card.ratio }, {});
    for (const { jar } of [one, other]) dispatch(fillBench(jar.id, grams, null));
    router.navigate(benchPath(one.jar.id, [other.jar.id]));
  };
  const canopies = (
    <Panel label="Both canopies" style={styles.panel}>
      <TwoCanopies
        lines={[lineOf(one), lineOf(other)]}
        until={spanOf([one, other])}
        label={`Heights from the feed on. ${details.join(' ')}`}
      />
      <Words strong level={2}>
        {verdict}
      </Words>
      {details.map((detail) => (
        <Words key={detail}>{detail}</Words>
      ))}
      <Button onPress={feedAlike}>Feed both alike, in one pass</Button>
    </Panel>
  );
  const looks = <LookAtBoth key={`${one.jar.id} ${other.jar.id}`} pair={[one, other]} />;
  return wide ? (
    <TwoPanes left={canopies} right={looks} leftShare={0.55} />
  ) : (
    <>
      {canopies}
      {looks}
    </>
  );
}

const lineOf = ({ jar, outlook }: Standing) => ({
  name: jar.card.name,
  heights: outlook.forecast.curve.map(({ hours, height }) => [hours, height] as const),
  looks: jar.looks.flatMap(({ at, height }) =>
    height === undefined ? [] : [[(Date.parse(at) - jar.since) / HOUR, height] as const],
  ),
});

/**
 * Hours in which both canopies show something: to where the later one has clearly fallen, but no more than twice as far as
 * the quicker one tells anything. A fortnight at most.
 */
function spanOf(pair: readonly Standing[]): number {
  const ends = pair.map(({ outlook, hours }) => {
    const { ripeUntilH, peaksAtH, curve } = outlook.forecast;
    const last = curve[curve.length - 1]!.hours;
    return Math.min(last, Math.max(12, hours, 1.4 * (ripeUntilH ?? peaksAtH ?? 12)));
  });
  return Math.min(336, highest(ends), 2 * lowest(ends));
}

const styles = StyleSheet.create({
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
  panel: { paddingHorizontal: 12 },
});
