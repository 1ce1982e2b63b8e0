import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type JarEvent, instantOf } from '@core/journal';
import { canBeCorrected } from '@core/verbs/correct';
import { Button, Words } from '@kit';
import {
  formerEntries,
  selectKitchen,
  useAppDispatch,
  useAppSelector,
  withdrawEntries,
} from '@state';

import {
  type KitchenWords,
  blendWords,
  canBeStruck,
  capital,
  hydrationWords,
  useEntryWords,
  useKitchenWords,
} from '../words';
import { useJarName } from '../words/useJarName';
import { CorrectEntry } from './CorrectEntry';
import { EntryMore } from './EntryMore';

/** All that is known of an entry, what it was before, and the ways to put it right or strike it out. */
export function EntryDetails({
  event,
  onDone,
}: {
  readonly event: JarEvent;
  /** It was struck out or put right: it is not in the journal any more as it was. */
  readonly onDone: () => void;
}) {
  const words = useKitchenWords();
  const text = useEntryWords();
  const nameOf = useJarName();
  const dispatch = useAppDispatch();
  const { events } = useAppSelector(selectKitchen);
  const former = useMemo(() => formerEntries(events, event), [events, event]);
  const [correcting, setCorrecting] = useState(false);
  if (correcting)
    return (
      <CorrectEntry
        event={event}
        onLeave={() => setCorrecting(false)}
        onDone={() => {
          setCorrecting(false);
          onDone();
        }}
      />
    );
  return (
    <>
      <View style={styles.stack}>
        <Words size="small" tone="quiet">
          {`${nameOf(event.jar)}, ${words.dated(instantOf(event))}`}
        </Words>
        <Words strong>{capital(text(event))}</Words>
        {factsOf(event, words).map((fact) => (
          <Words key={fact} size="small">
            {fact}
          </Words>
        ))}
        {former.map((before) => (
          <Words key={before.id} size="small" tone="quiet">
            {`Put right. Before: ${words.dated(instantOf(before))}, ${text(before)}`}
          </Words>
        ))}
      </View>
      <EntryMore event={event} />
      <View style={styles.row}>
        {canBeCorrected(event) && (
          <Button kind="plain" onPress={() => setCorrecting(true)}>
            Put it right
          </Button>
        )}
        {canBeStruck(event) && (
          <Button
            kind="bare"
            onPress={() => {
              dispatch(withdrawEntries([event.id], 'Struck out'));
              onDone();
            }}
          >
            Strike it out
          </Button>
        )}
        {!canBeStruck(event) && (
          <Words size="small" tone="quiet">
            It is how this jar begins, so it stays. Its card can be changed.
          </Words>
        )}
      </View>
    </>
  );
}

/** What the line of an entry leaves out. */
function factsOf(event: JarEvent, words: KitchenWords): readonly string[] {
  if (event.kind !== 'fed') return [];
  const { flour, flourG, waterG, waterCelsius } = event;
  return [
    `Flour: ${blendWords(flour)}.`,
    ...(flourG > 0 ? [`Water to flour: ${hydrationWords((100 * waterG) / flourG)}.`] : []),
    ...(waterCelsius === undefined ? [] : [`Water at ${words.celsius(waterCelsius)}.`]),
  ];
}

const styles = StyleSheet.create({
  stack: { gap: 6 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
