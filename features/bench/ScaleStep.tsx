import { type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Landed, type Portion } from '@core/bench';
import { type Standing, contentOf } from '@core/journal';
import { freshDensity } from '@core/measure';
import { Button, Choice, Field, Notice, PageTitle, Pour, type PourLayer, useLow } from '@kit';
import { selectSettings, useAppSelector } from '@state';

import { type KitchenWords, useKitchenWords } from '../words';
import { BenchPage } from './BenchPage';
import { BigGrams } from './BigGrams';
import { FlourThisTime } from './FlourThisTime';
import { KeepPanels } from './KeepPanels';
import { LivePortion, ScaleAway } from './LivePortion';
import { RoomWarning } from './MixStep';
import { PORTION_TITLES, ScaleNotes, toGo } from './ScaleNotes';
import { type Bench, portionsOf } from './useBench';
import { type LiveScale } from './useScale';
import { type WeighedPortion, useWeighing } from './useWeighing';

/** One portion on the scale: the number to aim for, and what really landed. */
export function ScaleStep({
  header,
  bench,
  standing,
  portion,
  scale,
  onBack,
  onDone,
}: {
  readonly header: ReactNode;
  readonly bench: Bench;
  readonly standing: Standing;
  readonly portion: Portion;
  readonly scale: LiveScale;
  readonly onBack: () => void;
  readonly onDone: (landed: Landed) => void;
}) {
  const words = useKitchenWords();
  const low = useLow();
  const weighing = useWeighing(bench, standing, portion, scale, onDone);
  const { wanted, before, reading, inJar } = weighing;
  const asked = (
    <View style={styles.stack}>
      <PageTitle>{PORTION_TITLES[portion]}</PageTitle>
      <BigGrams portion={portion} wanted={wanted} reading={reading(wanted)} />
      <ScaleNotes
        bench={bench}
        standing={standing}
        portion={portion}
        wanted={wanted}
        before={before}
      />
    </View>
  );
  const entered = <Entered bench={bench} portion={portion} scale={scale} weighing={weighing} />;
  const warning = portion === 'keep' && <RoomWarning bench={bench} standing={standing} />;
  return (
    <BenchPage onBack={onBack} onDone={weighing.done} doneText={`${PORTION_TITLES[portion]} is in`}>
      {header}
      {low ? (
        <View style={styles.row}>
          <View style={styles.part}>{asked}</View>
          {entered}
        </View>
      ) : (
        <>
          {asked}
          {warning}
          <View style={styles.row}>
            <Pour
              layers={layersOf(bench, standing, portion, inJar, words)}
              flour={bench.flour}
              width={156}
            />
            {entered}
          </View>
        </>
      )}
      {low && warning}
      {portion === 'flour' && (
        <>
          <TubNotice bench={bench} />
          <FlourThisTime bench={bench} standing={standing} />
        </>
      )}
      {portion === 'keep' && <KeepPanels bench={bench} standing={standing} />}
    </BenchPage>
  );
}

/** What landed: read off a scale that speaks, or typed; and how it is weighed. */
function Entered({
  bench,
  portion,
  scale,
  weighing,
}: {
  readonly bench: Bench;
  readonly portion: Portion;
  readonly scale: LiveScale;
  readonly weighing: WeighedPortion;
}) {
  const { cups, ounces } = useAppSelector(selectSettings);
  const { draft } = bench;
  const { order, wanted, text, typedG } = weighing;
  return (
    <View style={styles.part}>
      {weighing.live ? (
        <LivePortion
          weighed={scale.weighed}
          wanted={wanted}
          order={order}
          portion={portion}
          takesOut={portion === 'keep' && draft.weighing === 'inJar'}
          onByHand={() => weighing.setByHand(true)}
        />
      ) : (
        <>
          <Field
            big
            label={cups ? 'Scale reads, or cups' : 'Scale reads, grams'}
            text={text}
            onText={weighing.type}
            numeric={!cups && !ounces}
            problem={weighing.problem}
            hint={toGo(wanted, typedG, portion, order, bench.afterSlip)}
            onSubmit={weighing.done}
          />
          <ScaleAway
            is={scale.is}
            byHand={weighing.byHand}
            onScale={() => weighing.setByHand(false)}
          />
        </>
      )}
      <Choice
        label="Scale"
        hideLabel
        options={[
          { is: 'tare' as const, text: 'Tare each' },
          { is: 'inJar' as const, text: 'With the jar' },
        ]}
        chosen={draft.weighing}
        onChoose={weighing.weighAs}
      />
    </View>
  );
}

/** A tub that does not hold enough: the feed goes on with other flour, or the tub is filled first. */
function TubNotice({ bench }: { readonly bench: Bench }) {
  const words = useKitchenWords();
  const { tub, shortG } = bench;
  if (!tub || shortG === 0) return null;
  return (
    <Notice
      title={`${tub.name} is ${words.grams(shortG)} short`}
      actions={<Button href="/larder">Fill up the tub</Button>}
    >
      {`By the log it holds ${words.grams(tub.grams)}. Take the rest from another bag and carry on, or fill the tub up first: this feed will wait here.`}
    </Notice>
  );
}

/** Volume of flour and water in a mix, ml/g. */
const MIXED_ML = { water: 1, flour: 0.7 } as const;

function layersOf(
  bench: Bench,
  standing: Standing,
  portion: Portion,
  really: number,
  words: KitchenWords,
): PourLayer[] {
  const { capacityMl } = standing.jar.card.vessel;
  const order = portionsOf(bench.draft.order);
  const at = order.indexOf(portion);
  const wanted = bench.wantedAfter(order.slice(0, at));
  return order.map((kind, i) => {
    const grams = i === at && really > 0 ? really : wanted[`${kind}G`];
    const ml =
      kind === 'keep'
        ? grams / freshDensity(contentOf(standing.jar).hydrationPct)
        : grams * MIXED_ML[kind];
    return {
      kind,
      text: `${kind} ${Math.round(grams)} g${words.ounces(grams) ? ` · ${words.ounces(grams)}` : ''}`,
      share: ml / capacityMl,
      state: i < at ? 'in' : i === at ? 'now' : 'next',
    };
  });
}

const styles = StyleSheet.create({
  stack: { gap: 0 },
  row: { flexDirection: 'row', gap: 16 },
  part: { flex: 1, gap: 12 },
});
