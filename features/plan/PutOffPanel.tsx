import { StyleSheet, View } from 'react-native';

import { Panel, IconOnly, Words } from '@kit';
import { leftAloneEnded, selectLeftAlone, selectNow, useAppDispatch, useAppSelector } from '@state';

import { useKitchenWords } from '../words';
import { useJarName } from '../words/useJarName';

/** Steps that were skipped or put off, and the way back to the plan's own. */
export function PutOffPanel() {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const nameOf = useJarName();
  const leftAlone = useAppSelector(selectLeftAlone).filter(({ until }) => until > now);
  if (leftAlone.length === 0) return null;
  return (
    <Panel label="As you had it">
      <Words strong level={2}>
        As you had it
      </Words>
      {leftAlone.map((stretch) => {
        const name = nameOf(stretch.jar);
        const said =
          stretch.butAt === null
            ? `${name} is left alone until ${words.moment(stretch.until)}.`
            : `${name} is seen to ${words.at(stretch.butAt)}, and not before.`;
        return (
          <View key={`${stretch.jar} ${stretch.from}`} style={styles.row}>
            <Words style={styles.fill}>{said}</Words>
            <IconOnly
              icon="close"
              label={`Let the plan decide: ${said}`}
              onPress={() => dispatch(leftAloneEnded(stretch, `The plan decides on ${name} again`))}
            />
          </View>
        );
      })}
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  fill: { flex: 1 },
});
