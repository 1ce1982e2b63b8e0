import { type ReactNode, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { BY_EYE_ERROR, type Texture, gramsFromText } from '@core/bench';
import { type Standing, contentOf, weightObjections } from '@core/journal';
import { mainFlour } from '@core/measure';
import { PageTitle, Button, Choice, Panel, Words, FieldRow } from '@kit';

import { WeighSheet } from '../parts/sheets';
import { WeightField } from '../parts/WeightField';
import { capital, ripeWords, useKitchenWords } from '../words';
import { BenchPage } from './BenchPage';
import { FlourThisTime } from './FlourThisTime';
import { OutPanel } from './KeepPanels';
import { RoomWarning } from './MixStep';
import { type Bench } from './useBench';
import { WayChoice } from './WayChoice';

/** A feed that is not a ratio: flour, water or both to what is there, or all of it by eye. */
export function FreeFeedStep({
  header,
  bench,
  standing,
  onBack,
  onDone,
}: {
  readonly header: ReactNode;
  readonly bench: Bench;
  readonly standing: Standing;
  readonly onBack: () => void;
  readonly onDone: () => void;
}) {
  const { way, amounts, added } = bench;
  const [problem, setProblem] = useState<string | null>(null);
  const done = () => {
    const found = way === 'add' ? addedProblem(bench) : null;
    setProblem(found);
    if (found === null) onDone();
  };
  return (
    <BenchPage onBack={onBack} onDone={done} doneText="It is in">
      {header}
      <PageTitle>{way === 'add' ? 'Add to what is there' : 'By eye'}</PageTitle>
      <WayChoice bench={bench} />
      <InTheJar standing={standing} />
      {way === 'add' ? (
        <FieldRow>
          <WeightField
            label="Flour"
            of={mainFlour(bench.flour)}
            text={added.flour}
            onText={(flour) => bench.change({ added: { ...added, flour } })}
            problem={problem}
            onSubmit={done}
          />
          <WeightField
            label="Water"
            of="water"
            text={added.water}
            onText={(water) => bench.change({ added: { ...added, water } })}
            onSubmit={done}
          />
        </FieldRow>
      ) : (
        <ByEye bench={bench} standing={standing} />
      )}
      {amounts.flourG + amounts.waterG > 0 && <WhatItComesTo bench={bench} />}
      <RoomWarning bench={bench} standing={standing} />
      {bench.outG > 0 && <OutPanel bench={bench} standing={standing} />}
      <FlourThisTime bench={bench} standing={standing} />
    </BenchPage>
  );
}

/** What keeps flour and water as typed from being a feed. */
function addedProblem({ added, addedG }: Bench): string | null {
  for (const of of ['flour', 'water'] as const) {
    if (added[of].trim() === '' || addedG[of] === 0) continue;
    const [objection] = weightObjections(of, addedG[of]);
    if (objection)
      return Number.isNaN(gramsFromText(added[of], 'water'))
        ? `This is not a weight: ${added[of]}`
        : objection.message;
  }
  return addedG.flour + addedG.water > 0 ? null : 'Give flour, water or both.';
}

/** What is there by the log, and the way to put that right. */
function InTheJar({ standing }: { readonly standing: Standing }) {
  const words = useKitchenWords();
  const [weighing, setWeighing] = useState(false);
  const { massG, hydrationPct } = contentOf(standing.jar);
  return (
    <View style={styles.line}>
      <Words style={styles.fill}>
        {`By the log ${words.grams(massG)} are in the jar, at ${Math.round(hydrationPct)} %.`}
      </Words>
      <Button kind="bare" onPress={() => setWeighing(true)}>
        Correct it
      </Button>
      {weighing && <WeighSheet standing={standing} onClose={() => setWeighing(false)} />}
    </View>
  );
}

const TEXTURES: readonly { readonly is: Texture; readonly text: string }[] = [
  { is: 'pours', text: 'pours like cream' },
  { is: 'batter', text: 'thick batter, drips slowly' },
  { is: 'thick', text: 'stands on the spoon' },
  { is: 'dough', text: 'a dough' },
];

const GROWN = [
  { is: 1.25, text: 'a quarter more' },
  { is: 1.5, text: 'half as much again' },
  { is: 2, text: 'twice as much' },
  { is: 3, text: 'three times' },
  { is: 5, text: 'five times' },
] as const;

/** A spoonful that stays, grams. */
const SPOONFUL_G = 20;

function ByEye({ bench, standing }: { readonly bench: Bench; readonly standing: Standing }) {
  const { eyed } = bench;
  const spoon = Math.min(0.2, SPOONFUL_G / Math.max(1, contentOf(standing.jar).massG));
  return (
    <>
      <Choice
        label="What stayed in the jar"
        options={[
          { is: 1, text: 'all of it' },
          { is: 0.5, text: 'half' },
          { is: 1 / 3, text: 'a third' },
          { is: spoon, text: 'a spoonful' },
        ]}
        chosen={eyed.kept}
        onChoose={(kept) => bench.change({ eyed: { ...eyed, kept } })}
      />
      <Choice
        label="With flour and water there is now"
        options={GROWN}
        chosen={eyed.grown}
        onChoose={(grown) => bench.change({ eyed: { ...eyed, grown } })}
      />
      <Choice
        label="It looks like"
        options={TEXTURES}
        chosen={eyed.texture}
        onChoose={(texture) => bench.change({ eyed: { ...eyed, texture } })}
      />
    </>
  );
}

/** What the feed comes to, and when it is ripe. */
function WhatItComesTo({ bench }: { readonly bench: Bench }) {
  const words = useKitchenWords();
  const { way, amounts, chosen, fedAt } = bench;
  const { outcome, forecast } = chosen;
  const about = way === 'eye' ? 'about ' : '';
  const ripe = `${capital(ripeWords(forecast, fedAt, words))}.`;
  return (
    <Panel label="What it comes to">
      <Words strong>
        {capital(
          `${about}${words.grams(outcome.massG)} at ${about}${Math.round(outcome.hydrationPct)} %`,
        )}
      </Words>
      <Words>
        {way === 'eye'
          ? `Kept about ${words.roughly(amounts.keepG)}, fed about ${words.roughly(amounts.flourG)} flour and ${words.roughly(amounts.waterG)} water. An eye is easily ${Math.round(100 * BY_EYE_ERROR)} % out, so the likely range is wider.`
          : ripe}
      </Words>
      {way === 'eye' && <Words>{ripe}</Words>}
    </Panel>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  fill: { flex: 1 },
});
