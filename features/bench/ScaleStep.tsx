import { type ReactNode, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import {
  type Landed,
  type Portion,
  gramsFromMeasure,
  gramsFromText,
  portionFromScale,
  scaleTarget,
} from '@core/bench';
import { isPoured, portionOn } from '@core/devices/onTheScale';
import { type Standing, weightObjections, contentOf } from '@core/journal';
import { freshDensity } from '@core/measure';
import { PageTitle, Button, Choice, Field, Notice, Pour, type PourLayer, useLow } from '@kit';

import { selectSettings, useAppSelector } from '@state';

import { type KitchenWords, useKitchenWords } from '../words';
import { BenchPage } from './BenchPage';
import { BigGrams } from './BigGrams';
import { FlourThisTime } from './FlourThisTime';
import { KeepPanels } from './KeepPanels';
import { RoomWarning } from './MixStep';
import { PORTION_TITLES, ScaleNotes, ingredientOf, toGo } from './ScaleNotes';
import { LivePortion, ScaleAway, useHandsFree } from './LivePortion';
import { type Bench, portionsOf } from './useBench';
import { type LiveScale } from './useScale';

/** Volume of flour and water in a mix, ml/g. */
const MIXED_ML = { water: 1, flour: 0.7 } as const;

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
  const { draft, amounts } = bench;
  const { cups, ounces } = useAppSelector(selectSettings);
  const words = useKitchenWords();
  const { emptyG } = standing.jar.card.vessel;
  const order = portionsOf(draft.order);
  const at = order.indexOf(portion);
  const gramsOf = (of: Portion) => amounts[`${of}G`];
  const before = order.slice(0, at).reduce((sum, of) => sum + gramsOf(of), 0);
  const landedEarlier = draft.landed[portion];
  const reading = (grams: number) => scaleTarget(draft.weighing, emptyG, before, grams);
  const [text, setText] = useState(
    landedEarlier === undefined ? '' : String(reading(landedEarlier)),
  );
  const [problem, setProblem] = useState<string | null>(null);
  const [byHand, setByHand] = useState(false);

  const wanted = bench.wantedAfter(order.slice(0, at))[`${portion}G`];
  // Cups and spoons are of the portion alone; a number is what the scale reads.
  const ingredient = ingredientOf(portion, bench);
  const measured = gramsFromMeasure(text, ingredient);
  const typed = text.trim() === '' ? null : gramsFromText(text, ingredient);
  const live = scale.is === 'live' && !byHand;
  const onScale = portionOn(scale.weighed);
  const typedG =
    measured ?? (typed === null ? wanted : portionFromScale(draft.weighing, emptyG, before, typed));
  // Before anything is on the scale, pressing on means that it is in as asked, as with an empty field.
  const really = live && onScale >= 1 ? onScale : typedG;

  const done = () => {
    const objection =
      portion === 'water' && really === 0 ? undefined : weightObjections(portion, really)[0];
    if (objection) {
      const low = draft.weighing === 'inJar' && typed !== null && really <= 0;
      return setProblem(
        low
          ? `The jar and what is already in it weigh ${Math.round(emptyG + before)} g. The scale should read more.`
          : objection.message,
      );
    }
    const landed: Landed = {
      ...Object.fromEntries(order.slice(0, at).map((of) => [of, gramsOf(of)])),
      [portion]: Math.round(really * 10) / 10,
    };
    onDone(landed);
  };

  useHandsFree(live && isPoured(scale.weighed, wanted, scale.weighed.shown.at(-1)?.at ?? 0), done);
  // A scale that falls silent leaves in the field what it showed last.
  const left = scale.is === 'silent' && onScale >= 1 ? String(Math.round(reading(onScale))) : null;
  const [leftBefore, setLeftBefore] = useState(left);
  if (left !== leftBefore) {
    setLeftBefore(left);
    if (left !== null && text === '') setText(left);
  }

  const low = useLow();
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
  const warning = portion === 'keep' && <RoomWarning bench={bench} standing={standing} />;
  const entered = (
    <View style={styles.part}>
      {live ? (
        <LivePortion
          weighed={scale.weighed}
          wanted={wanted}
          order={order}
          portion={portion}
          takesOut={portion === 'keep' && draft.weighing === 'inJar'}
          onByHand={() => setByHand(true)}
        />
      ) : (
        <>
          <Field
            big
            label={cups ? 'Scale reads, or cups' : 'Scale reads, grams'}
            text={text}
            onText={(to) => {
              setText(to);
              setProblem(null);
            }}
            numeric={!cups && !ounces}
            problem={problem}
            hint={toGo(wanted, typed === null ? null : really, portion, order, bench.afterSlip)}
            onSubmit={done}
          />
          <ScaleAway is={scale.is} byHand={byHand} onScale={() => setByHand(false)} />
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
        onChoose={(weighing) => {
          setText('');
          bench.change({ weighing });
        }}
      />
    </View>
  );

  return (
    <BenchPage onBack={onBack} onDone={done} doneText={`${PORTION_TITLES[portion]} is in`}>
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
              layers={layersOf(
                bench,
                standing,
                portion,
                live ? Math.max(0.1, onScale) : really,
                words,
              )}
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
