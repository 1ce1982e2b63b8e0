import { usePathname, useSegments } from 'expo-router';
import { StyleSheet, View } from 'react-native';

import { Button, Sheet, Words } from '@kit';

import { helpWith } from './pageHelp';

const KEYS = [
  ['n', 'Now: the next step and the shelves'],
  ['p', 'Plan'],
  ['l', 'Larder'],
  ['j', 'Journal'],
  ['h', 'Help'],
  ['s', 'Settings'],
  ['a', 'Add a starter'],
  ['w', 'Something is wrong'],
  ['/', 'Find a jar, a setting or a word'],
  ['u', 'Undo the last thing'],
  ['?', 'This help'],
] as const;

/** A few words on the page that is shown, and the keys that work on every page. */
export function PageHelp({
  keys,
  onClose,
}: {
  /** Whether there is a keyboard, as far as one can tell. */
  readonly keys: boolean;
  readonly onClose: () => void;
}) {
  const says = helpWith(useSegments()) ?? [];
  const path = usePathname();
  return (
    <Sheet title="About this page" onClose={onClose}>
      {says.map((sentence) => (
        <Words key={sentence}>{sentence}</Words>
      ))}
      {path !== '/help' && (
        <Button kind="plain" href="/help">
          More help
        </Button>
      )}
      {keys && <Keys />}
    </Sheet>
  );
}

function Keys() {
  return (
    <>
      <Words size="title" level={2}>
        With a keyboard
      </Words>
      {KEYS.map(([key, does]) => (
        <View key={key} style={styles.row}>
          <Words strong style={styles.column}>
            {key}
          </Words>
          <Words style={styles.fill}>{does}</Words>
        </View>
      ))}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 16 },
  column: { minWidth: 24 },
  fill: { flexShrink: 1 },
});
