import { useEffect, useState } from 'react';

import { type SeenFeed } from '@core/calibrate/feedHistory';
import { selectJarEvents, selectPlaceEvents, selectZones, useAppSelector } from '@state';
import { readFeedHistory } from '@state/feedHistory';

/** What was seen of a jar's feeds; null until its log is read, which a worker does. */
export function useFeedHistory(jar: string): readonly SeenFeed[] | null {
  const events = useAppSelector((state) => selectJarEvents(state, jar));
  const places = useAppSelector(selectPlaceEvents);
  const zones = useAppSelector(selectZones);
  const [read, setRead] = useState<{
    readonly of: unknown;
    readonly seen: readonly SeenFeed[];
  } | null>(null);
  const [failed, setFailed] = useState<Error | null>(null);
  useEffect(() => {
    let gone = false;
    readFeedHistory(events, places, zones).then(
      (seen) => {
        if (!gone) setRead({ of: events, seen });
      },
      (error: Error) => {
        if (!gone) setFailed(error);
      },
    );
    return () => {
      gone = true;
    };
  }, [events, places, zones]);
  // The page says that it could not be shown, and offers to try it again.
  if (failed) throw failed;
  return read?.of === events ? read.seen : null;
}
