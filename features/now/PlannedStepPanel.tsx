import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Step } from '@core/plan';
import { PageTitle, Panel, Button, UmbrellaMark, Words, umbrellaFor } from '@kit';
import { selectBakes, selectFollowed, selectNow, selectStanding, useAppSelector } from '@state';

import { FeedFigures } from '../parts/FeedFigures';
import { StepSheet } from '../plan/sheets';
import { useStep } from '../plan/useStep';
import { bakeNames, plannedTitle, slackWords, useKitchenWords, usePlaceName } from '../words';
import { useStepWords } from '../words/useStepWords';

/** The next step of the plan that is followed, with its slack. */
export function PlannedStepPanel({ step }: { readonly step: Step }) {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const standing = useAppSelector((state) => selectStanding(state, step.jar));
  const placeName = usePlaceName();
  const stepWords = useStepWords();
  const { open, openText } = useStep(step);
  const plan = useAppSelector(selectFollowed);
  const [opened, setOpened] = useState(false);
  const name = standing?.jar.card.name ?? step.jar;
  const slack = slackWords(step, words);
  const bakes = useAppSelector(selectBakes);
  const bake = bakes.find(({ id }) => id === step.wanted);
  const whatFor = bake ? `For ${bakeNames(bakes, words)(bake.id)}. ` : '';
  return (
    <>
      <PageTitle>{plannedTitle(step, name, now, words)}</PageTitle>
      <Panel lasting label="Next step">
        <View style={styles.row}>
          {standing && <UmbrellaMark umbrella={umbrellaFor(standing.stage)} size={40} />}
          <View style={styles.fill}>
            <Words strong>{`As planned${slack ? `, ${slack}` : ''}.`}</Words>
            <Words size="small" tone="quiet">
              {step.keepG === undefined
                ? stepWords(step)
                : `${whatFor}Then it goes to: ${placeName(step.place!)}.`}
            </Words>
          </View>
        </View>
        {step.keepG !== undefined && (
          <FeedFigures keepG={step.keepG} waterG={step.waterG!} flourG={step.flourG!} />
        )}
        <Button kind="main" big onPress={open}>
          {step.keepG === undefined ? openText : 'Go to the bench'}
        </Button>
        <Button kind="bare" onPress={() => setOpened(true)}>
          Skip or shift it
        </Button>
        {opened && (
          <StepSheet step={step} steps={plan?.steps ?? [step]} onClose={() => setOpened(false)} />
        )}
      </Panel>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 14, alignItems: 'center' },
  fill: { flex: 1 },
});
