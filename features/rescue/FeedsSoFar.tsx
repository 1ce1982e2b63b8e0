import { StyleSheet, View } from 'react-native';

import { Panel, Words, useLook } from '@kit';
import { type JarRun } from '@state';

import { SMELL_WORDS, fullRiseWords, riseWords, useKitchenWords } from '../words';

/** Each feed of a programme and what was seen of it. */
export function FeedsSoFar({ run: { run } }: { readonly run: JarRun }) {
  const look = useLook();
  const words = useKitchenWords();
  if (run.feeds.length === 0) return null;
  return (
    <Panel label="Feeds so far" style={styles.panel}>
      <Words size="title" level={2}>
        Feeds so far
      </Words>
      {run.feeds.map(({ at, doubledH, highest, smell, flour }, i) => (
        <View
          key={at}
          style={[styles.box, { borderTopWidth: i === 0 ? 0 : 1, borderTopColor: look.seam }]}
        >
          <Words>
            {`${words.moment(at)}: `}
            {[
              doubledH !== null
                ? `${fullRiseWords(flour)} after ${words.span(doubledH)}`
                : highest === null
                  ? 'nobody looked'
                  : `at most ${riseWords(highest)}`,
              smell && `smelt of ${SMELL_WORDS[smell]}`,
            ]
              .filter(Boolean)
              .join(', ')}
          </Words>
        </View>
      ))}
    </Panel>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 4 },
  box: { paddingVertical: 6 },
});
