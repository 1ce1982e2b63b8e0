import { Panel, Button, Words } from '@kit';
import { selectKitchen, selectZone, useAppDispatch, useAppSelector, zoneSettled } from '@state';

import { zoneWords } from '../words';

/** The kitchen's own time, whatever the device's is. */
export function ZonePanel() {
  const dispatch = useAppDispatch();
  const zone = useAppSelector(selectZone);
  const { deviceZone: device } = useAppSelector(selectKitchen);
  return (
    <Panel label="The kitchen’s time">
      <Words size="title" level={2}>
        The kitchen’s time
      </Words>
      <Words>{`It keeps ${zoneWords(zone)} time.`}</Words>
      {device !== zone && (
        <>
          <Words size="small" tone="quiet">
            {`This device is on ${zoneWords(device)} time.`}
          </Words>
          <Button
            onPress={() =>
              dispatch(
                zoneSettled(
                  device,
                  { always: false, device },
                  `It keeps ${zoneWords(device)} time from now on`,
                ),
              )
            }
          >
            {`The kitchen has moved to ${zoneWords(device)}`}
          </Button>
        </>
      )}
    </Panel>
  );
}
