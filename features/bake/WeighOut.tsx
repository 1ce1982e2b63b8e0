import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { PageTitle, Page, Button, Words } from '@kit';

/** The dough onto the scale: one big number at a time. */
export function WeighOut({
  parts,
  onDone,
}: {
  readonly parts: readonly (readonly [name: string, grams: number])[];
  readonly onDone: () => void;
}) {
  const [step, setStep] = useState(0);
  const [name, grams] = parts[step]!;
  const before = parts.slice(0, step).reduce((sum, [, g]) => sum + g, 0);
  const last = step === parts.length - 1;
  return (
    <Page
      title="Weigh it out"
      narrow
      foot={
        <View style={styles.row}>
          <Button big onPress={() => (step === 0 ? onDone() : setStep(step - 1))}>
            Back
          </Button>
          <Button big kind="main" grow onPress={() => (last ? onDone() : setStep(step + 1))}>
            {last ? 'All is in' : `${name.charAt(0).toUpperCase()}${name.slice(1)} is in`}
          </Button>
        </View>
      }
    >
      <Words size="small" tone="quiet">{`Into the bowl · ${step + 1} of ${parts.length}`}</Words>
      <PageTitle>{name.charAt(0).toUpperCase() + name.slice(1)}</PageTitle>
      <View style={styles.centred}>
        <Words size="giant">
          {grams}
          <Words size="heading"> g</Words>
        </Words>
      </View>
      {before > 0 && (
        <Words tone="quiet" center>
          {`If you do not zero the scale: ${Math.round((before + grams) * 10) / 10} g with what is already in.`}
        </Words>
      )}
    </Page>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 10 },
  centred: { alignItems: 'center', paddingVertical: 40 },
});
