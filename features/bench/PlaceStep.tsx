import { type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';

import { celsiusAt } from '@core/ferment';
import { type Standing } from '@core/journal';
import { HOUR } from '@core/measure';
import { Choice, Panel, Button, Words } from '@kit';
import { selectPlaces, selectTime, useAppSelector } from '@state';

import { useKitchenWords } from '../words';
import { BenchPage } from './BenchPage';
import { RoomWarning } from './MixStep';
import { type Bench } from './useBench';

/** Where the jar goes now, and what comes of it there. */
export function PlaceStep({
  header,
  bench,
  standing,
  onBack,
  onDone,
  onLabel,
}: {
  readonly header: ReactNode;
  readonly bench: Bench;
  readonly standing: Standing;
  readonly onBack: () => void;
  readonly onDone: () => void;
  /** Done, and on to its label; null when other jars come first. */
  readonly onLabel: (() => void) | null;
}) {
  const words = useKitchenWords();
  const places = useAppSelector(selectPlaces);
  const time = useAppSelector(selectTime);
  const { goesTo, chosen, fedAt } = bench;
  const place = places.find(({ id }) => id === goesTo);
  const { ripeFromH, ripeUntilH, peaksAtH, feedByH } = chosen.forecast;
  const at = (h: number) => words.about(fedAt + h * HOUR);
  return (
    <BenchPage onBack={onBack} onDone={onDone} doneText="The feed is done">
      {header}
      <Words size="heading" level={1}>
        Place
      </Words>
      <Choice
        label="Where it goes now"
        options={places.map(({ id: is, name, temperature }) => ({
          is,
          text: `${name}, ${words.celsius(celsiusAt(temperature, time.hourOfDay(fedAt)))}`,
        }))}
        chosen={goesTo}
        onChoose={(to) => bench.change({ place: to })}
      />
      <Panel>
        <Words size="title" level={2}>
          {ripeFromH === null
            ? 'Not ripe within four days there'
            : `Ripe about ${ripeUntilH === null ? at(ripeFromH) : words.stretch(fedAt + ripeFromH * HOUR, fedAt + ripeUntilH * HOUR)}`}
        </Words>
        <View style={styles.stack}>
          {peaksAtH !== null && ripeFromH !== null && (
            <Words tone="quiet">{`Peak about ${at(peaksAtH)}, ${chosen.forecast.peakHeight.toFixed(1)} times the band.`}</Words>
          )}
          {feedByH !== null && (
            <Words tone="quiet">{`Feed again by ${at(feedByH)} at the latest.`}</Words>
          )}
          {place?.kind === 'fridge' && (
            <Words tone="quiet">
              Leave it out for an hour or two first, and move it then: it goes to sleep neither
              hungry nor bursting.
            </Words>
          )}
        </View>
      </Panel>
      <RoomWarning bench={bench} standing={standing} />
      <Panel>
        <Words size="title" level={2}>
          On the label
        </Words>
        <Words>{`${standing.jar.card.name}, ${words.moment(fedAt)}, ${bench.amounts.keepG} + ${bench.amounts.flourG} + ${bench.amounts.waterG} g`}</Words>
        {onLabel ? (
          <Button onPress={onLabel}>Done, and print its label</Button>
        ) : (
          <Words size="small" tone="quiet">
            It can be printed from the jar’s page, under Label.
          </Words>
        )}
      </Panel>
    </BenchPage>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 2 },
});
