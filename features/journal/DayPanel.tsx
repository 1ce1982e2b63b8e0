import { memo } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Chapter, type JarEvent, riseOf } from '@core/journal';
import { type Instant } from '@core/measure';
import { Panel, Words, useLook } from '@kit';

import { type KitchenWords, capital, riseWords, useKitchenWords } from '../words';
import { useJarName } from '../words/useJarName';
import { EntryRow } from './EntryRow';
import { type ToldDay } from './useTold';

/** A day of the journal: each feed with what was done for it and seen of it, even if that was on the next day. */
export const DayPanel = memo(function DayPanel({
  day,
  named,
  chosen,
  onOpen,
}: {
  readonly day: ToldDay;
  /** Whether the jars are named: not where there is only one. */
  readonly named: boolean;
  readonly chosen: string | null;
  readonly onOpen: (event: JarEvent) => void;
}) {
  const look = useLook();
  const words = useKitchenWords();
  const nameOf = useJarName();
  const title = dayTitle(day.at, words);
  return (
    <View style={styles.day}>
      <Words size="title" level={2}>
        {title}
      </Words>
      <Panel style={styles.panel} label={title}>
        {day.chapters.map(({ chapter, entries }, i) => (
          <View
            key={`${chapter.jar} ${entries[0]!.id}`}
            style={[styles.chapter, i > 0 && { borderTopWidth: 1, borderTopColor: look.seam }]}
          >
            {(named || riseOf(chapter) !== null) && (
              <View style={styles.head}>
                {named && <Words strong>{nameOf(chapter.jar)}</Words>}
                <Words size="small" tone="quiet">
                  {outcome(chapter, words)}
                </Words>
              </View>
            )}
            {entries.map((event) => (
              <EntryRow
                key={event.id}
                event={event}
                day={chapter.at}
                chosen={event.id === chosen}
                thread={threadOf(event, chapter)}
                onOpen={onOpen}
              />
            ))}
          </View>
        ))}
      </Panel>
    </View>
  );
});

const threadOf = (event: JarEvent, { fed }: Chapter) =>
  fed === null ? 'none' : event === fed ? 'feed' : 'under';

/** "Today, Fri 13 Mar" */
function dayTitle(at: Instant, words: KitchenWords): string {
  const spoken = words.day(at);
  const full = words.fullDay(at);
  return /^[a-z]/.test(spoken) ? `${capital(spoken)}, ${full}` : full;
}

/** What a feed came to, as far as it was seen. */
function outcome(chapter: Chapter, words: KitchenWords): string {
  const rise = riseOf(chapter);
  if (!rise) return '';
  const height = riseWords(rise.height);
  return rise.hours === null
    ? `had been at ${height}`
    : `highest seen ${height}, after ${words.span(rise.hours)}`;
}

const styles = StyleSheet.create({
  day: { gap: 8 },
  panel: { gap: 0, paddingVertical: 4, paddingHorizontal: 10 },
  chapter: { paddingVertical: 6 },
  head: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'baseline',
    columnGap: 10,
    paddingHorizontal: 6,
    paddingTop: 4,
  },
});
