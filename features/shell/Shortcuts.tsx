import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { Sheet, Words, onSingleKey } from '@kit';
import { undoNotice, useAppDispatch } from '@state';

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
  ['?', 'These shortcuts'],
] as const;

const PATHS = {
  n: '/',
  p: '/plan',
  l: '/larder',
  w: '/trouble',
  j: '/journal',
  h: '/help',
  s: '/settings',
  a: '/add',
} as const;

/** Single keys, outside fields and panels. */
export function Shortcuts() {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const [shown, setShown] = useState(false);
  useEffect(() => {
    return onSingleKey((key) => {
      if (key === '?') setShown(true);
      else if (key === 'u') dispatch(undoNotice());
      else if (key in PATHS) router.navigate(PATHS[key as keyof typeof PATHS]);
    });
  }, [router, dispatch]);
  if (!shown) return null;
  return (
    <Sheet title="Keyboard" onClose={() => setShown(false)}>
      {KEYS.map(([key, does]) => (
        <View key={key} style={styles.row}>
          <Words strong style={styles.column}>
            {key}
          </Words>
          <Words style={styles.fill}>{does}</Words>
        </View>
      ))}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 16 },
  column: { minWidth: 24 },
  fill: { flexShrink: 1 },
});
