import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { amountsAfter } from '@core/bench';
import { type Standing } from '@core/journal';
import { type NextStep } from '@core/plan';
import { Panel, Press, RADIUS, RIM, UmbrellaMark, Words, umbrellaFor, useLook } from '@kit';
import { useAppSelector } from '@state';

import { stepReason, stepTitle, useKitchenWords } from '../words';

/** The next step: what, by when, why, and how much. */
export function NextStepPanel({
  step,
  standing,
}: {
  readonly step: NextStep;
  readonly standing: Standing;
}) {
  const words = useKitchenWords();
  const router = useRouter();
  const { card } = standing.jar;
  const underWay = useAppSelector((state) => state.bench[step.jar]);
  const amounts = amountsAfter(card, {});
  return (
    <>
      <Words size="heading" level={1}>
        {stepTitle(step, card.name, standing.now, words)}
      </Words>
      <Panel label="Next step">
        <View style={{ flexDirection: 'row', gap: 14, alignItems: 'center' }}>
          <UmbrellaMark umbrella={umbrellaFor(standing.stage)} size={40} />
          <Words strong style={{ flex: 1 }}>
            {stepReason(step, standing, words)}
          </Words>
        </View>
        <Amounts
          parts={[
            ['keep', amounts.keepG],
            ['water', amounts.waterG],
            ['flour', amounts.flourG],
          ]}
        />
        <Press
          kind="main"
          big
          href={`/jar/${step.jar}/feed`}
          onPress={() => router.navigate(`/jar/${step.jar}/feed`)}
        >
          {underWay ? 'Go on at the bench' : 'Go to the bench'}
        </Press>
      </Panel>
    </>
  );
}

/** Grams side by side, each over its name. */
export function Amounts({ parts }: { readonly parts: readonly (readonly [string, number])[] }) {
  const look = useLook();
  return (
    <View
      style={{
        flexDirection: 'row',
        borderWidth: RIM,
        borderColor: look.rim,
        borderRadius: RADIUS,
      }}
    >
      {parts.map(([name, grams], i) => (
        <View
          key={name}
          style={{
            flex: 1,
            alignItems: 'center',
            paddingVertical: 8,
            borderLeftWidth: i > 0 ? RIM : 0,
            borderLeftColor: look.rim,
          }}
        >
          <Words size="heading">
            {grams}
            <Words size="body"> g</Words>
          </Words>
          <Words size="small" tone="quiet">
            {name}
          </Words>
        </View>
      ))}
    </View>
  );
}
