import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Plan, type Step } from '@core/plan';
import { Panel, Button, TOUCH, TouchArea, Words, useLook } from '@kit';

import { slackWords, useKitchenWords } from '../words';
import { useStepWords } from '../words/useStepWords';
import { StepSheet } from './sheets';
import { useStep } from './useStep';

/** Steps in their order, by day; each leads to where it is done. */
export function StepList({ plan }: { readonly plan: Plan }) {
  const words = useKitchenWords();
  const [opened, setOpened] = useState<Step | null>(null);
  const byDay = new Map<string, Step[]>();
  for (const step of plan.steps) {
    const day = words.day(step.at);
    byDay.set(day, [...(byDay.get(day) ?? []), step]);
  }
  if (plan.steps.length === 0)
    return (
      <Panel>
        <Words>Nothing to do this week. The jars keep well where they are.</Words>
      </Panel>
    );
  return (
    <Panel label="Steps" style={styles.panel}>
      {[...byDay].map(([day, steps]) => (
        <View key={day}>
          <Words strong level={2} style={styles.words}>
            {day.charAt(0).toUpperCase() + day.slice(1)}
          </Words>
          {steps.map((step) => (
            <StepRow
              key={`${step.jar} ${step.kind} ${step.at} ${step.wanted ?? ''}`}
              step={step}
              onOpen={() => setOpened(step)}
            />
          ))}
        </View>
      ))}
      {opened && <StepSheet step={opened} steps={plan.steps} onClose={() => setOpened(null)} />}
    </Panel>
  );
}

function StepRow({ step, onOpen }: { readonly step: Step; readonly onOpen: () => void }) {
  const look = useLook();
  const words = useKitchenWords();
  const told = useStepWords()(step);
  const { open, openText } = useStep(step);
  const slack = slackWords(step, words);
  return (
    <View style={[styles.row, { borderTopColor: look.seam }]}>
      <TouchArea onPress={onOpen} frame={styles.fill} style={styles.step}>
        <Words strong style={styles.column}>
          {words.time(step.at)}
        </Words>
        <View style={styles.fill}>
          <Words size="small">{told}</Words>
          {slack !== '' && (
            <Words size="small" tone="quiet">
              {slack}
            </Words>
          )}
        </View>
      </TouchArea>
      <Button kind="bare" onPress={open} label={`${openText}: ${told}`}>
        {openText}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 4 },
  words: { paddingTop: 6 },
  row: {
    flexDirection: 'row',
    gap: 10,
    alignItems: 'center',
    borderTopWidth: 1,
    paddingVertical: 6,
  },
  step: { flexDirection: 'row', gap: 10, minHeight: TOUCH, alignItems: 'center' },
  column: { minWidth: 64 },
  fill: { flex: 1 },
});
