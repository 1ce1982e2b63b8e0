import { useEffect } from 'react';
import { StyleSheet } from 'react-native';

import { type Portion } from '@core/bench';
import { Icon, TouchArea, Words, canReadAloud, readAloud, stopReading, useLook } from '@kit';

import { useKitchenWords } from '../words';
import { PORTION_TITLES } from './ScaleNotes';

/** The number to aim for. A touch of it, with floury hands, and it is read aloud. */
export function BigGrams({
  portion,
  wanted,
  reading,
}: {
  readonly portion: Portion;
  readonly wanted: number;
  /** What the scale should show: more than the portion where the jar stands on it. */
  readonly reading: number;
}) {
  const words = useKitchenWords();
  const look = useLook();
  useEffect(() => stopReading, []);
  const number = (
    <Words size="giant" style={styles.words}>
      {Math.round(reading)}
      <Words size="number" style={styles.wordsNarrow}>
        {' g'}
        {words.ounces(reading) && (
          <Words size="title" tone="quiet" style={styles.wordsNarrow}>
            {`  ${words.ounces(reading)}`}
          </Words>
        )}
      </Words>
    </Words>
  );
  if (!canReadAloud()) return number;
  return (
    <TouchArea
      label={`${Math.round(reading)} g. Read it aloud`}
      onPress={() => readAloud(spoken(portion, Math.round(wanted), Math.round(reading)))}
      style={styles.spoken}
    >
      {number}
      <Icon name="volume-high" size={28} color={look.quiet} />
    </TouchArea>
  );
}

/** As it is said across a kitchen: what, how much, and what the scale shows then. */
const spoken = (portion: Portion, wanted: number, reading: number): string =>
  `${PORTION_TITLES[portion]}: ${wanted} grams.${reading === wanted ? '' : ` The scale then shows ${reading}.`}`;

const styles = StyleSheet.create({
  words: { letterSpacing: -3 },
  wordsNarrow: { letterSpacing: 0 },
  spoken: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' },
});
