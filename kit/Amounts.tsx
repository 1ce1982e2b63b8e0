import { StyleSheet, View } from 'react-native';

import { RADIUS, RIM, useLook } from './look';
import { Words } from './Words';

/** Grams side by side, each over its name. */
export function Amounts({
  parts,
  beside,
}: {
  readonly parts: readonly (readonly [string, number])[];
  /** The same weight in another unit, small below; nothing where there is none. */
  readonly beside?: (grams: number) => string;
}) {
  const look = useLook();
  return (
    <View style={[styles.row, { borderColor: look.rim }]}>
      {parts.map(([name, grams], i) => (
        <View
          key={name}
          style={[styles.centred, { borderLeftWidth: i > 0 ? RIM : 0, borderLeftColor: look.rim }]}
        >
          <Words size="heading">
            {grams}
            <Words size="body"> g</Words>
          </Words>
          <Words size="small" tone="quiet" center>
            {[name, beside?.(grams)].filter(Boolean).join(' · ')}
          </Words>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', borderWidth: RIM, borderRadius: RADIUS },
  centred: { flex: 1, alignItems: 'center', paddingVertical: 8 },
});
