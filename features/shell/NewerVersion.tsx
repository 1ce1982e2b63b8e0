import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { Notice, Button, type Waiting, watchVersions } from '@kit';

/** Says when a newer version has come in and waits to be opened. */
export function NewerVersion() {
  const [waiting, setWaiting] = useState<Waiting | null>(null);
  useEffect(() => watchVersions((found) => setWaiting(() => found)), []);
  if (!waiting) return null;
  return (
    <View role="region" aria-label="A newer version" style={styles.box}>
      <Notice
        tone="rim"
        title="A newer Ombrello is ready"
        actions={
          <>
            <Button onPress={waiting}>Open it now</Button>
            <Button kind="bare" onPress={() => setWaiting(null)}>
              Later
            </Button>
          </>
        }
      >
        Otherwise it opens by itself next time. Nothing you entered changes.
      </Notice>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { padding: 12 },
});
