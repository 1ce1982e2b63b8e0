import { memo } from 'react';
import { StyleSheet, View } from 'react-native';

import { type JarEvent, instantOf } from '@core/journal';
import { type Instant } from '@core/measure';
import { TOUCH, TouchArea, Words, useLook } from '@kit';

import { useEntryWords, useKitchenWords } from '../words';

/** One entry: when, and what. A touch opens it. */
export const EntryRow = memo(function EntryRow({
  event,
  day,
  chosen = false,
  thread = 'none',
  onOpen,
}: {
  readonly event: JarEvent;
  /** An instant of the day it is told under: on that day the hour is enough. */
  readonly day?: Instant;
  readonly chosen?: boolean;
  /** The thread that holds a feed and what belongs to it together. */
  readonly thread?: 'none' | 'feed' | 'under';
  readonly onOpen: (event: JarEvent) => void;
}) {
  const look = useLook();
  const words = useKitchenWords();
  const text = useEntryWords()(event);
  const lines = { none: 'transparent', feed: look.rim, under: look.seam };
  const at = instantOf(event);
  const when = day === undefined ? words.moment(at) : words.after(day, at);
  return (
    <TouchArea
      label={`${when} ${text}`}
      onPress={() => onOpen(event)}
      style={[styles.row, chosen && { backgroundColor: look.mist }]}
    >
      <View style={styles.when}>
        <Words size="small" tone="quiet">
          {when}
        </Words>
      </View>
      <View style={[styles.what, { borderLeftColor: lines[thread] }]}>
        <Words size="small" strong={event.kind === 'fed'}>
          {text}
        </Words>
      </View>
    </TouchArea>
  );
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 10, minHeight: TOUCH, borderRadius: 6, paddingHorizontal: 6 },
  when: { minWidth: 52, maxWidth: 96, justifyContent: 'center' },
  what: {
    flex: 1,
    justifyContent: 'center',
    paddingLeft: 10,
    paddingVertical: 4,
    borderLeftWidth: 2,
  },
});
