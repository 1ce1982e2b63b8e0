import { View } from 'react-native';

import { type Standing } from '@core/journal';
import { type NextStep } from '@core/plan';
import { umbrellaFor } from '@kit';

import { stepTitle, useKitchenWords } from '../words';
import { MarkRow } from '../parts/MarkRow';

/** What the other jars ask for, in their order. */
export function LaterSteps({
  steps,
  standings,
}: {
  readonly steps: readonly NextStep[];
  readonly standings: readonly Standing[];
}) {
  const words = useKitchenWords();
  if (steps.length === 0) return null;
  return (
    <View role="region" aria-label="After that">
      {steps.map((step, i) => {
        const standing = standings.find(({ jar }) => jar.id === step.jar)!;
        const path = `/jar/${step.jar}` as const;
        return (
          <MarkRow
            key={step.jar}
            umbrella={umbrellaFor(standing.stage)}
            text={stepTitle(step, standing.jar.card.name, standing.now, words)}
            path={path}
            first={i === 0}
          />
        );
      })}
    </View>
  );
}
