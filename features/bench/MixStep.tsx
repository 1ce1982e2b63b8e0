import { type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';

import { ratioText } from '@core/bench';
import { type Jar, type Standing } from '@core/journal';
import { DAY, HOUR } from '@core/measure';
import { rejar } from '@core/verbs';
import { PageTitle, MomentField, Notice, Panel, Button, Words } from '@kit';
import { doneTo, selectNow, selectSettings, useAppDispatch, useAppSelector } from '@state';

import { useKitchenWords } from '../words';
import { BenchPage } from './BenchPage';
import { type Bench } from './useBench';

const STEPS = [
  'Mix until you see no dry flour.',
  'Scrape the sides down, wipe the rim, level the top.',
  'Set the band at the level.',
  'Cover loosely: a tight lid on a feeding starter can burst.',
];

/** What came of the weighing, and what hands do next. */
export function MixStep({
  header,
  bench,
  standing,
  problems,
  onBack,
  onDone,
}: {
  readonly header: ReactNode;
  readonly bench: Bench;
  readonly standing: Standing;
  readonly problems: Readonly<Record<string, string>>;
  readonly onBack: () => void;
  readonly onDone: () => void;
}) {
  const words = useKitchenWords();
  const { amounts, draft, fedAt } = bench;
  const { outcome } = bench.chosen;
  return (
    <BenchPage onBack={onBack} onDone={onDone} doneText="The band is set">
      {header}
      <PageTitle>Mix and mark</PageTitle>
      <Panel>
        <Words size="number">{outcome.ratio ? ratioText(outcome.ratio) : ''}</Words>
        <Words>
          {`${words.grams(amounts.keepG)} keep, ${words.grams(amounts.flourG)} flour, ${words.grams(amounts.waterG)} water: ${words.grams(outcome.massG)} at ${Math.round(outcome.hydrationPct)} %.`}
        </Words>
      </Panel>
      <RoomWarning bench={bench} standing={standing} />
      <CleanJarNotice jar={standing.jar} />
      <View style={styles.stack}>
        {STEPS.map((step, i) => (
          <View key={step} style={styles.row}>
            <Words size="title" tone="rim" style={styles.column}>
              {i + 1}
            </Words>
            <Words size="large" style={styles.fill}>
              {step}
            </Words>
          </View>
        ))}
      </View>
      <MomentField
        label="Mixed at"
        text={draft.fedAt ?? words.fieldText(fedAt)}
        onText={(at) => bench.change({ fedAt: at === '' ? null : at })}
        problem={problems.at ?? null}
      />
      {Object.entries(problems)
        .filter(([field]) => field !== 'at')
        .map(([field, message]) => (
          <Words key={field} tone="beet" live>
            {`${field}: ${message}`}
          </Words>
        ))}
    </BenchPage>
  );
}

/** The school of a clean jar every few weeks. */
const CLEAN_FOR = 21 * DAY;

/** A word when the glass has not been washed for as long as the school allows. */
function CleanJarNotice({ jar }: { readonly jar: Jar }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const { cleanJar } = useAppSelector(selectSettings);
  if (cleanJar !== 'weeks' || now - jar.cleanSince < CLEAN_FOR) return null;
  return (
    <Notice
      tone="rim"
      title={`In this jar since ${words.date(jar.cleanSince)}`}
      actions={
        <Button
          onPress={() =>
            dispatch(
              doneTo(jar.id, (atHand) => rejar(atHand), `${jar.card.name} stands in a clean jar`),
            )
          }
        >
          It is washed
        </Button>
      }
    >
      Time for a clean one, or at least for a good look at the rim.
    </Notice>
  );
}

/** Whether the jar will hold it at its peak. */
export function RoomWarning({
  bench,
  standing,
}: {
  readonly bench: Bench;
  readonly standing: Standing;
}) {
  const { chosen, fedAt } = bench;
  const { room, stirred } = chosen;
  const words = useKitchenWords();
  if (room.verdict === 'fine') return null;
  const { capacityMl } = standing.jar.card.vessel;
  const peak = Math.round(room.filledAtPeak * 100);
  return (
    <Notice
      tone={room.verdict === 'overflows' ? 'beet' : 'crust'}
      title={
        room.verdict === 'overflows'
          ? 'It will climb out of the jar'
          : 'It may climb out of the jar'
      }
    >
      {`Mixed, it fills ${Math.round(room.filled * 100)} % of ${capacityMl} ml; at ${chosen.forecast.peakHeight.toFixed(1)} times the band, ${peak} %. A third full is about right to begin with. Keep less, or use a larger jar.`}
      {stirred &&
        ` Or stir it down ${stirred.atH.map((h) => words.about(fedAt + h * HOUR)).join(' and again ')}, before it reaches the rim: it then comes to ${stirred.peakHeight.toFixed(1)} times the band${stirred.peaksAtH === null ? '' : `, ${words.about(fedAt + stirred.peaksAtH * HOUR)}`}.`}
    </Notice>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 10 },
  row: { flexDirection: 'row', gap: 12 },
  column: { minWidth: 20 },
  fill: { flex: 1 },
});
