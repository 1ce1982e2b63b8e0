import { Panel, Button, Words } from '@kit';

import { ArrivalNotice } from './ArrivalNotice';
import { useTakeIn } from './useTakeIn';

/** On a new device: the kitchen out of a file, in two taps. */
export function RestorePanel() {
  const taking = useTakeIn();
  return (
    <Panel label="From another device">
      <Words strong level={2}>
        From another device?
      </Words>
      <Words size="small" tone="quiet">
        Export the kitchen there, in its settings, and choose the file here.
      </Words>
      <Button disabled={taking.reading} onPress={() => void taking.choose()}>
        Bring a kitchen from a file
      </Button>
      <ArrivalNotice taking={taking} />
    </Panel>
  );
}
