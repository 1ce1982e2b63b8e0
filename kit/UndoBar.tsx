import { StyleSheet, View } from 'react-native';
import { Snackbar } from 'react-native-paper';

import { RIM, useLook } from './look';

/** How long the offer stands, ms; longer than a hurried reader needs. */
const STAYS = 9000;

/** What was just done, and the way back. It takes room of its own and lies on nothing. */
export function UndoBar({
  text,
  onUndo,
  onClose,
}: {
  readonly text: string | null;
  readonly onUndo: (() => void) | null;
  readonly onClose: () => void;
}) {
  const look = useLook();
  return (
    // It is there before there is something to say, or the saying is not heard.
    <View role="status" style={styles.place}>
      <Snackbar
        key={text}
        visible={text !== null}
        duration={STAYS}
        onDismiss={onClose}
        onIconPress={onClose}
        iconAccessibilityLabel="Close"
        {...(onUndo ? { action: { label: 'Undo', icon: 'undo', onPress: onUndo } } : {})}
        wrapperStyle={styles.wrapper}
        style={[styles.bar, { borderColor: look.leaf }]}
      >
        {text ?? ''}
      </Snackbar>
    </View>
  );
}

const styles = StyleSheet.create({
  place: { alignItems: 'center' },
  wrapper: { position: 'relative', maxWidth: 560, paddingVertical: 8 },
  bar: { borderWidth: RIM, margin: 0, marginHorizontal: 16 },
});
