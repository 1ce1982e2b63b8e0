import { type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';

import { OUT_BEFORE_COLD_H } from '@core/bench';
import { type Standing } from '@core/journal';
import { HOUR, type Instant, risesUpward } from '@core/measure';
import { PageTitle, Choice, Panel, Button, Words } from '@kit';
import { selectPlaces, useAppSelector } from '@state';

import { useWarmth } from '../parts/useWarmth';
import { capital, ripeWords, useKitchenWords } from '../words';
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
  const warmth = useWarmth();
  const { goesTo, chosen, fedAt, outH } = bench;
  const goesLater = chosen.putAway.first !== undefined;
  const place = places.find(({ id }) => id === goesTo);
  const { ripeFromH, peaksAtH, feedByH } = chosen.forecast;
  const at = (h: number) => fedAt + h * HOUR;
  return (
    <BenchPage onBack={onBack} onDone={onDone} doneText="The feed is done">
      {header}
      <PageTitle>Place</PageTitle>
      <Choice
        label="Where it goes now"
        options={places.map(({ id: is, name, kind }) => ({
          is,
          text:
            kind === 'fridge' && is === goesTo && goesLater
              ? `${name}, ${afterWords(outH)}`
              : `${name}, ${words.celsius(warmth(is, fedAt))}`,
        }))}
        chosen={goesTo}
        onChoose={(to) => bench.change({ place: to })}
      />
      {place?.kind === 'fridge' && goesLater && (
        <OutFirst
          hours={outH}
          fedAt={fedAt}
          onHours={(to) => bench.change({ outBeforeColdH: to })}
        />
      )}
      <Panel>
        <Words size="title" level={2}>
          {capital(ripeWords(chosen.forecast, fedAt, words))}
        </Words>
        <View style={styles.stack}>
          {peaksAtH !== null && ripeFromH !== null && (
            <Words tone="quiet">{`Peak ${words.about(at(peaksAtH))}${risesUpward(chosen.outcome.hydrationPct) ? `, ${chosen.forecast.peakHeight.toFixed(1)} times the band` : ''}.`}</Words>
          )}
          {feedByH !== null && (
            <Words tone="quiet">{`Feed again by ${words.hourOrDay(at(feedByH))} at the latest.`}</Words>
          )}
        </View>
      </Panel>
      <RoomWarning bench={bench} standing={standing} />
      <Panel>
        <Words size="title" level={2}>
          On the label
        </Words>
        <Words>{`${standing.jar.card.name}, ${words.moment(fedAt)}, ${words.feed(bench.amounts)}`}</Words>
        {onLabel ? (
          <Button onPress={onLabel}>Done, and print its label</Button>
        ) : (
          <Words size="small" tone="quiet">
            You can print it from the jar’s page.
          </Words>
        )}
      </Panel>
    </BenchPage>
  );
}

/** "at once", "after 1½ h". */
const afterWords = (hours: number): string =>
  hours === 0 ? 'at once' : `after ${hoursText(hours)}`;

const hoursText = (hours: number): string =>
  `${hours % 1 === 0.5 ? `${Math.floor(hours)}½`.replace(/^0/, '') : hours} h`;

/** How long a jar stands out before it goes into the cold: one decision, made here. */
function OutFirst({
  hours,
  fedAt,
  onHours,
}: {
  readonly hours: number;
  readonly fedAt: Instant;
  readonly onHours: (hours: number) => void;
}) {
  const words = useKitchenWords();
  const all = [...new Set([...OUT_BEFORE_COLD_H, hours])].sort((a, b) => a - b);
  return (
    <View style={styles.stack10}>
      <Choice
        label="It stands out first"
        options={all.map((is) => ({ is, text: is === 0 ? 'at once' : hoursText(is) }))}
        chosen={hours}
        onChoose={onHours}
      />
      <Words tone="quiet">
        {hours === 0
          ? 'Put straight into the cold it starts slowly. That does no harm; it only takes longer.'
          : `Into the fridge ${words.at(fedAt + hours * HOUR)}. It is in the journal already, and you will be reminded.`}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  stack10: { gap: 10 },
  stack: { gap: 2 },
});
