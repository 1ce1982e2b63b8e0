import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { PageTitle, JarDrawing, Panel, Button, Words, laterPart } from '@kit';
import { selectArchived, selectKitchen, useAppSelector } from '@state';

import { type FirstAnswers, FirstQuestions, firstJarPath } from './FirstQuestions';
import { KitchenSwitch } from '../parts/KitchenSwitch';

// Few kitchens are empty: what reads files is fetched when it is needed.
const RestorePanel = laterPart(async () => (await import('../settings/RestorePanel')).RestorePanel);

const WAITING = {
  band: 0.3,
  surface: 0.3,
  dome: 0,
  streaksTo: 0.3,
  bubbling: 0.12,
  liquid: 'none',
  taper: 1,
  flour: { white: 1 },
} as const;

/** What belongs here, one action, and the demo. */
export function EmptyKitchen() {
  const { name } = useAppSelector(selectKitchen);
  const archived = useAppSelector(selectArchived);
  const [answers, setAnswers] = useState<FirstAnswers>({ starters: null, lives: null });
  return (
    <>
      <PageTitle>No starter on the shelf yet</PageTitle>
      <Panel>
        <View style={styles.row}>
          <JarDrawing picture={WAITING} width={84} />
          <View style={styles.part}>
            <Words>
              Your jars stand here as they should look at this moment: how far they have risen, when
              they are ripe, when they want feeding.
            </Words>
            <Words tone="quiet">One starter takes less than a minute.</Words>
          </View>
        </View>
        <FirstQuestions answers={answers} onAnswers={setAnswers} />
        <Button kind="main" big href={firstJarPath(answers)}>
          Add a starter
        </Button>
      </Panel>
      {name === 'own' && <RestorePanel />}
      <View style={styles.wrap}>
        <KitchenSwitch name={name} />
        {archived.length > 0 && (
          <Button kind="bare" icon="archive-outline" href="/settings">
            Archived jars
          </Button>
        )}
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 20, alignItems: 'center' },
  part: { flex: 1, gap: 8 },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
