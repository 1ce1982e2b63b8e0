import { StyleSheet, View } from 'react-native';

import { type Standing } from '@core/journal';
import { type WhatNext } from '@core/next';
import { PageTitle, Panel, UmbrellaMark, Words, umbrellaFor } from '@kit';
import { selectNow, useAppSelector } from '@state';

import { nextReason, nextTitle, useKitchenWords } from '../words';
import { IntoTheDough } from '../bowl';
import { NextDoing } from '../parts/NextDoing';
import { PlannedStepPanel } from './PlannedStepPanel';

/** What is next, by when, why, and how much. */
export function NextPanel({
  next,
  standing,
}: {
  readonly next: WhatNext;
  readonly standing: Standing;
}) {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  if (next.because.is === 'plan') return <PlannedStepPanel step={next.because.step} />;
  return (
    <>
      <PageTitle>{nextTitle(next, standing.jar.card.name, now, words)}</PageTitle>
      <Panel lasting label="Next step">
        <View style={styles.row}>
          <UmbrellaMark umbrella={umbrellaFor(standing.stage)} size={40} />
          <Words strong style={styles.fill}>
            {nextReason(next, standing, words)}
          </Words>
        </View>
        {next.because.is === 'dough' ? (
          <IntoTheDough standing={standing} ripe={next.from <= now} />
        ) : (
          <NextDoing next={next} standing={standing} alone />
        )}
      </Panel>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 14, alignItems: 'center' },
  fill: { flex: 1 },
});
