import { StyleSheet, View } from 'react-native';

import { GATES, inTimeHours } from '@core/rescue';
import { Panel, UmbrellaMark, Words } from '@kit';
import { type JarRun, selectStanding, useAppSelector } from '@state';

import { fullRiseWords, useKitchenWords } from '../words';
import { PROGRESS_WORDS, expectNow } from './programmeWords';

/** How it goes: the two gates to be well again, the progress, and what to expect today. */
export function GatesPanel({ run: { jar, run } }: { readonly run: JarRun }) {
  const words = useKitchenWords();
  const standing = useAppSelector((state) => selectStanding(state, jar.id));
  const { is, so } = PROGRESS_WORDS[run.progress];
  const last = run.feeds[run.feeds.length - 1];
  const inTimeH = last?.inTimeH ?? inTimeHours(run.programme, standing?.moment.celsius ?? 24);
  return (
    <Panel label="How it goes">
      <Words size="title" level={2}>
        {is}
      </Words>
      <Words>{so}</Words>
      <Gate
        passed={run.doublings}
        text={`${sentence(fullRiseWords(last?.flour ?? jar.card.flour))} within ${words.span(inTimeH)} of a feed, twice in a row`}
      />
      <Gate
        passed={run.goodSmells}
        text="Smells of yoghurt, fruit or mild vinegar, twice in a row"
      />
      {run.verdict === 'going' && <Words tone="quiet">{expectNow(run)}</Words>}
      <Words size="small" tone="quiet">
        {`Usually ${run.programme.usualFeeds[0]} to ${run.programme.usualFeeds[1]} feeds. If it has not doubled by day ${run.programme.patienceDays}, wake a backup instead.`}
      </Words>
    </Panel>
  );
}

const sentence = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

function Gate({ passed, text }: { readonly passed: number; readonly text: string }) {
  return (
    <View role="img" aria-label={`${text}: ${passed} of ${GATES}`} style={styles.row}>
      {Array.from({ length: GATES }, (_, i) => (
        <UmbrellaMark key={i} umbrella={i < passed ? 'open' : 'furled'} size={30} />
      ))}
      <Words style={styles.fill}>{text}</Words>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 10 },
  fill: { flex: 1 },
});
