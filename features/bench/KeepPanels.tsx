import { StyleSheet, View } from 'react-native';
import { useState } from 'react';

import { gramsFromText, ratioText } from '@core/bench';
import { type Standing, contentOf } from '@core/journal';
import { HOUR } from '@core/measure';
import { leftOver, partsObjections } from '@core/verbs';
import { Field, MomentField, Panel, Button, Words, parseNumber, FieldRow } from '@kit';
import { selectLots, selectSettings, useAppSelector } from '@state';

import { PartsOut } from '../parts/PartsOut';
import { ripeWords, useKitchenWords } from '../words';
import { type Bench } from './useBench';
import { WayChoice } from './WayChoice';
import { WeightField } from '../parts/WeightField';

/** Before the keep is weighed: where the rest goes, and the ratio for a wanted hour. */
export function KeepPanels({
  bench,
  standing,
}: {
  readonly bench: Bench;
  readonly standing: Standing;
}) {
  return (
    <>
      {bench.outG > 0 && <OutPanel bench={bench} standing={standing} />}
      <WayChoice bench={bench} />
      <RatioPanel bench={bench} />
    </>
  );
}

/** How much comes out, and where it goes. */
export function OutPanel({
  bench,
  standing,
}: {
  readonly bench: Bench;
  readonly standing: Standing;
}) {
  const words = useKitchenWords();
  const { outG, draft, parts } = bench;
  const elsewhere = draft.elsewhere ?? [];
  const kept = draft.to === 'discardJar' ? leftOver(outG, parts) : 0;
  const discardedG = parts.reduce(
    (sum, { grams, to }) => (to === 'discardJar' ? sum + grams : sum),
    kept,
  );
  const [tooMuch] = partsObjections(outG, parts);
  return (
    <Panel label="What comes out">
      <Words>{`About ${words.roughly(outG)} of the ${words.grams(contentOf(standing.jar).massG)} comes out. Where does it go?`}</Words>
      <PartsOut
        outG={outG}
        to={draft.to}
        onTo={(to) => bench.change({ to })}
        parts={elsewhere}
        onParts={(to) => bench.change({ elsewhere: to })}
        problem={tooMuch?.message ?? null}
        hideLabel
      />
      {discardedG > 0 && <DiscardJarRoom outG={discardedG} />}
    </Panel>
  );
}

/** Whether the discard jar will hold what comes out. */
function DiscardJarRoom({ outG }: { readonly outG: number }) {
  const words = useKitchenWords();
  const { discardJarMl } = useAppSelector(selectSettings);
  const keptG = useAppSelector(selectLots).reduce(
    (sum, { store, grams }) => (store === 'fridge' ? sum + grams : sum),
    0,
  );
  if (keptG + outG <= discardJarMl) return null;
  return (
    <Words tone="crust" live>
      {`With the ${words.grams(keptG)} that are in it, the discard jar of ${discardJarMl} ml would overflow. Use some, freeze it, or send it elsewhere.`}
    </Words>
  );
}

const isKeep = (grams: number): boolean => grams >= 1 && grams <= 2000;

/** The feed itself: keep and parts as the school has them, or the ratio that is ripe at a wanted hour. */
function RatioPanel({ bench }: { readonly bench: Bench }) {
  const words = useKitchenWords();
  const { draft, suggestion, fedAt } = bench;
  const isAsked = draft.wantedAt !== null && !Number.isNaN(words.instantOf(draft.wantedAt));
  const [keep, setKeep] = useState(String(draft.keepG));
  const [parts, setParts] = useState(String(draft.parts));
  const hydration = draft.waterParts / draft.parts;
  const positive = (text: string, low: number, high: number) => {
    const given = parseNumber(text);
    return given >= low && given <= high ? given : null;
  };
  const onKeep = (text: string) => {
    setKeep(text);
    const keepG = gramsFromText(text, 'starter');
    if (isKeep(keepG)) bench.change({ keepG });
  };
  const onParts = (text: string) => {
    setParts(text);
    const flour = positive(text, 0.25, 20);
    if (flour !== null) bench.change({ parts: flour, waterParts: flour * hydration });
  };
  return (
    <Panel label="The feed">
      <FieldRow>
        <WeightField
          label="Keep"
          text={keep}
          onText={onKeep}
          problem={isKeep(gramsFromText(keep, 'starter')) ? null : 'Between 1 and 2000 g, please.'}
        />
        <Field
          label="Flour to 1 of keep"
          text={parts}
          onText={onParts}
          numeric
          problem={positive(parts, 0.25, 20) === null ? 'Between 0.25 and 20, please.' : null}
        />
      </FieldRow>
      <Words>{`Fed like this, ${ripeWords(bench.chosen.forecast, fedAt, words)}.`}</Words>
      <MomentField
        label="Should be ripe at"
        text={draft.wantedAt ?? ''}
        onText={(wantedAt) => bench.change({ wantedAt: wantedAt === '' ? null : wantedAt })}
      />
      {draft.wantedAt !== null && (
        <Suggestion bench={bench} onUse={(flour) => onParts(String(flour))} />
      )}
      {isAsked && suggestion === null && (
        <Words tone="crust">
          No ratio is ripe at that hour where it stands. Choose a time between half an hour and
          three days from now.
        </Words>
      )}
    </Panel>
  );
}

function Suggestion({
  bench,
  onUse,
}: {
  readonly bench: Bench;
  readonly onUse: (parts: number) => void;
}) {
  const words = useKitchenWords();
  const { suggestion, draft, fedAt } = bench;
  if (!suggestion || draft.wantedAt === null) return null;
  const wanted = words.instantOf(draft.wantedAt);
  const { ripeFromH, ripeUntilH } = suggestion.forecast;
  const from = fedAt + ripeFromH! * HOUR;
  const until = fedAt + ripeUntilH! * HOUR;
  const holds = wanted >= from && wanted <= until;
  const { ratio } = suggestion;
  return (
    <View style={styles.stack}>
      <Words strong={holds} tone={holds ? 'ink' : 'crust'}>
        {`${holds ? 'Ripe' : 'Nearest'} by ${words.moment(wanted)}: ${ratioText(ratio)}, ripe ${words.stretch(from, until)}.`}
      </Words>
      {ratio.flour !== draft.parts && (
        <Button onPress={() => onUse(ratio.flour)}>{`Feed it ${ratioText(ratio)}`}</Button>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 8 },
});
