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
  useEffect(() => {
    let gone = false;
    void readFeedHistory(events, places, zones).then((seen) => {
      if (!gone) setRead({ of: events, seen });
    });
    return () => {
      gone = true;
    };
  }, [events, places, zones]);
  return read?.of === events ? read.seen : null;
}
