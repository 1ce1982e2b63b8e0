import { StyleSheet, View } from 'react-native';

import { type JarEvent, instantOf } from '@core/journal';
import { IconOnly, Words, useLook } from '@kit';
import { selectPlaces, useAppDispatch, useAppSelector, withdrawEntries } from '@state';

import { canBeStruck, eventWords, useKitchenWords } from '../words';

/** One entry: when, what, and a way to strike it out. */
export function EventRow({
  event,
  jarName,
}: {
  readonly event: JarEvent;
  readonly jarName?: string;
}) {
  const look = useLook();
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const places = useAppSelector(selectPlaces);
  const placeName = (id: string) =>
    places.find((place) => place.id === id)?.name ?? 'a place since removed';
  const text = eventWords(event, words, placeName);
  return (
    <View style={[styles.row, { borderTopColor: look.seam }]}>
      <View style={styles.box}>
        <Words size="small" tone="quiet">
          {words.moment(instantOf(event))}
        </Words>
      </View>
      <View style={styles.part}>
        {jarName && (
          <Words size="small" strong>
            {jarName}
          </Words>
        )}
        <Words size="small">{text}</Words>
      </View>
      {canBeStruck(event) && (
        <IconOnly
          icon="close"
          label={`Strike out: ${text}`}
          onPress={() => dispatch(withdrawEntries([event.id], 'Struck out'))}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 10, minHeight: 48, borderTopWidth: 1 },
  box: { width: 92 },
  part: { flex: 1, paddingVertical: 6 },
});
