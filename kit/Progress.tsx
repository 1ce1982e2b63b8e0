import { StyleSheet, View } from 'react-native';
import { ProgressBar } from 'react-native-paper';

import { useLook } from './look';

/** How far something has come, 0 to 1. */
export function Progress({ label, share }: { readonly label: string; readonly share: number }) {
  const look = useLook();
  return (
    <View
      role="progressbar"
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(100 * share)}
      style={styles.bar}
    >
      {/* Paper's says no number on the web, and takes all the height there is. */}
      <View aria-hidden style={styles.bar}>
        <ProgressBar progress={share} color={look.rim} style={styles.bar} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({ bar: { height: 6, borderRadius: 3, overflow: 'hidden' } });
