import { StyleSheet, View } from 'react-native';

import { Notice, Button } from '@kit';
import { selectZoneAsked, useAppDispatch, useAppSelector, zoneSettled } from '@state';

import { zoneWords } from '../words';

/** Asked once on a device whose clock is set to another zone than the kitchen's. */
export function ZoneQuestion() {
  const dispatch = useAppDispatch();
  const asked = useAppSelector(selectZoneAsked);
  if (!asked) return null;
  const { kitchen, device } = asked;
  const [here, there] = [zoneWords(kitchen), zoneWords(device)];
  return (
    <View role="region" aria-label="Has the kitchen moved?" style={styles.box}>
      <Notice
        tone="rim"
        title={`Your kitchen keeps ${here} time. Has it moved?`}
        actions={
          <>
            <Button
              onPress={() =>
                dispatch(
                  zoneSettled(kitchen, { always: false, device }, `It stays on ${here} time`),
                )
              }
            >
              {`No, it stays in ${here}`}
            </Button>
            <Button
              onPress={() =>
                dispatch(
                  zoneSettled(
                    device,
                    { always: false, device },
                    `It keeps ${there} time from now on`,
                  ),
                )
              }
            >
              {`Yes, to ${there}`}
            </Button>
            <Button
              kind="bare"
              onPress={() =>
                dispatch(
                  zoneSettled(device, { always: true, device }, `It has always kept ${there} time`),
                )
              }
            >
              {`It was in ${there} all along`}
            </Button>
          </>
        }
      >
        {`This device is on ${there} time. Times, and how warm day and night are, follow the kitchen and not the device. What has happened keeps its times.`}
      </Notice>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { padding: 12 },
});
