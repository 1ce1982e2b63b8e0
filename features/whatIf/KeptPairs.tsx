import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { Button, Field, IconOnly, Words } from '@kit';
import { type KeptPair } from '@state/whatIf';

/** Pairs under their names: a new one is kept, an old one opened or dropped. */
export function KeptPairs({
  kept,
  full,
  onKeep,
  onDrop,
  onOpen,
}: {
  readonly kept: readonly KeptPair[];
  readonly full: boolean;
  readonly onKeep: (name: string) => void;
  readonly onDrop: (id: string) => void;
  readonly onOpen: (kept: KeptPair) => void;
}) {
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const keep = () => {
    const wanted = name.trim();
    if (wanted === '') return setProblem('Give it a name.');
    if ([...wanted].length > 60) return setProblem('Keep the name under 60 characters.');
    if (full) return setProblem('Forty are kept already: drop one first.');
    onKeep(wanted);
    setName('');
    setProblem(null);
  };
  return (
    <>
      <Field
        label="Keep it under a name"
        text={name}
        onText={(to) => {
          setName(to);
          setProblem(null);
        }}
        problem={problem}
        onSubmit={keep}
      />
      <View style={styles.start}>
        <Button onPress={keep}>Keep it</Button>
      </View>
      {kept.map((one) => (
        <View key={one.id} style={styles.row}>
          <View style={styles.fill}>
            <Button kind="bare" label={`Open ${one.name}`} onPress={() => onOpen(one)}>
              {one.name}
            </Button>
          </View>
          <IconOnly icon="close" label={`Drop ${one.name}`} onPress={() => onDrop(one.id)} />
        </View>
      ))}
      {kept.length === 0 && (
        <Words size="small" tone="quiet">
          What you keep stays in this browser. It is no part of the kitchen.
        </Words>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  start: { alignItems: 'flex-start' },
  row: { flexDirection: 'row', alignItems: 'center' },
  fill: { flex: 1, alignItems: 'flex-start' },
});
