import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Standing } from '@core/journal';
import { Button, Panel, Words } from '@kit';
import { selectBeingRead, selectNextOf, selectNow, useAppSelector } from '@state';

import { capital, nextReason, nextTitle, useKitchenWords } from '../words';
import { NextDoing } from '../parts/NextDoing';
import { SameAgainSheet } from './sheets';

/** What is next for this jar, and the feed. */
export function JarNext({
  standing,
  told = false,
}: {
  readonly standing: Standing;
  /** What is next for it is told beside it already: here is only what can be done. */
  readonly told?: boolean;
}) {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const { id, card } = standing.jar;
  const next = useAppSelector((state) => selectNextOf(state, id));
  const beingRead = useAppSelector(selectBeingRead).has(id);
  const [again, setAgain] = useState(false);
  if (!next) return null;
  if (beingRead)
    return (
      <Panel label="Next">
        <Words live>
          Reading its log to see how quick it is. The times will be here in a moment.
        </Words>
      </Panel>
    );
  const { because } = next;
  const byCard = because.is !== 'programme' && because.is !== 'quarantined';
  if (told && !byCard) return null;
  const neglected = because.is === 'feed' && because.reason === 'neglected';
  const toBeFed = because.is === 'feed' && !neglected;
  return (
    <Panel label="Next">
      {!told && (
        <View>
          <Words strong size="title" level={2}>
            {capital(nextTitle(next, because.is === 'plan' ? card.name : 'it', now, words))}
          </Words>
          <Words>{nextReason(next, standing, words)}</Words>
        </View>
      )}
      {!toBeFed && !told && <NextDoing next={next} standing={standing} alone={false} />}
      {byCard && (
        <View style={styles.row}>
          <Button kind={toBeFed ? 'main' : 'plain'} grow href={`/jar/${id}/feed`}>
            {because.is === 'wish' || neglected ? 'Feed it anyway' : 'Feed'}
          </Button>
          {!neglected && (
            <Button grow onPress={() => setAgain(true)}>
              Same again
            </Button>
          )}
        </View>
      )}
      {again && <SameAgainSheet standing={standing} onClose={() => setAgain(false)} />}
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
});
