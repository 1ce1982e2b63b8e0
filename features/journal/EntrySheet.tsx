import { type JarEvent } from '@core/journal';
import { Sheet } from '@kit';

import { EntryDetails } from './EntryDetails';

/** An entry over the page, where there is no room beside it. */
export function EntrySheet({
  event,
  onClose,
}: {
  readonly event: JarEvent;
  readonly onClose: () => void;
}) {
  return (
    <Sheet title="An entry" onClose={onClose}>
      <EntryDetails event={event} onDone={onClose} />
    </Sheet>
  );
}
