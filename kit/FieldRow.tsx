import { Children, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';

import { useTextScale } from './textScale';

/** A field is no narrower, px at the usual size of text. */
const LEAST = 84;

/** Fields side by side; under each other where large text leaves no room. */
export function FieldRow({ children }: { readonly children: ReactNode }) {
  const least = { minWidth: LEAST * useTextScale() };
  return (
    <View style={styles.row}>
      {Children.map(
        children,
        (field) => field && <View style={[styles.share, least]}>{field}</View>,
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  share: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
});
