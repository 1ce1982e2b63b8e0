import { type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';

import { Page, Button } from '@kit';

/** A step of the bench: its content, and back and on at the foot. */
export function BenchPage({
  children,
  onBack,
  onDone,
  doneText,
}: {
  readonly children: ReactNode;
  readonly onBack: () => void;
  readonly onDone: () => void;
  readonly doneText: string;
}) {
  return (
    <Page
      title="At the bench"
      narrow
      foot={
        <View style={styles.row}>
          <Button big onPress={onBack}>
            Back
          </Button>
          <Button big kind="main" grow onPress={onDone}>
            {doneText}
          </Button>
        </View>
      }
    >
      {children}
    </Page>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 10 },
});
