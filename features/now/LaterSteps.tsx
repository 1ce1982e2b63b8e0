import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { type Standing } from '@core/journal';
import { type NextStep } from '@core/plan';
import { LinkArea, TOUCH, UmbrellaMark, Words, umbrellaFor, useLook } from '@kit';

import { stepTitle, useKitchenWords } from '../words';

/** What the other jars ask for, in their order. */
export function LaterSteps({
  steps,
  standings,
}: {
  readonly steps: readonly NextStep[];
  readonly standings: readonly Standing[];
}) {
  const look = useLook();
  const words = useKitchenWords();
  const router = useRouter();
  if (steps.length === 0) return null;
  return (
    <View role="region" aria-label="After that">
      {steps.map((step, i) => {
        const standing = standings.find(({ jar }) => jar.id === step.jar)!;
        const path = `/jar/${step.jar}` as const;
        return (
          <LinkArea
            key={step.jar}
            href={path}
            onPress={() => router.navigate(path)}
            style={({ pressed }) => ({
              flexDirection: 'row',
              alignItems: 'center',
              gap: 12,
              minHeight: TOUCH,
              paddingHorizontal: 4,
              opacity: pressed ? 0.7 : 1,
              borderTopWidth: i === 0 ? 0 : 1,
              borderTopColor: look.seam,
            })}
          >
            <UmbrellaMark umbrella={umbrellaFor(standing.stage)} size={24} />
            <Words>{stepTitle(step, standing.jar.card.name, standing.now, words)}</Words>
          </LinkArea>
        );
      })}
    </View>
  );
}
