import { StyleSheet, View } from 'react-native';

import { amountsAfter } from '@core/bench';
import { type Standing } from '@core/journal';
import { type NextStep } from '@core/plan';
import { Amounts, Panel, Button, UmbrellaMark, Words, umbrellaFor } from '@kit';
import { useAppSelector, ofJar } from '@state';

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
  const { card } = standing.jar;
  const underWay = useAppSelector((state) => ofJar(state.bench, step.jar));
  const amounts = amountsAfter(card, {});
  return (
    <>
      <Words size="heading" level={1}>
        {stepTitle(step, card.name, standing.now, words)}
      </Words>
      <Panel lasting label="Next step">
        <View style={styles.row}>
          <UmbrellaMark umbrella={umbrellaFor(standing.stage)} size={40} />
          <Words strong style={styles.fill}>
            {stepReason(step, standing, words)}
          </Words>
        </View>
        <Amounts
          beside={words.ounces}
          parts={[
            ['keep', amounts.keepG],
            ['water', amounts.waterG],
            ['flour', amounts.flourG],
          ]}
        />
        <Button kind="main" big href={`/jar/${step.jar}/feed`}>
          {underWay ? 'Go on at the bench' : 'Go to the bench'}
        </Button>
      </Panel>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 14, alignItems: 'center' },
  fill: { flex: 1 },
});
