import { useMemo, useState } from 'react';

import { StyleSheet } from 'react-native';
import { Choice, Page, Panel, Button, Words } from '@kit';
import { selectArchived, selectJars, selectLiveEvents, useAppSelector } from '@state';
import { isJarEvent } from '@core/journal';

import { useJarName } from '../words/useJarName';
import { EventRow } from './EventRow';
import { PeaksPanel } from './PeaksPanel';

const PAGE = 60;

/** Everything logged, newest first, of all jars or one. */
export function JournalScreen() {
  const live = useAppSelector(selectLiveEvents);
  const jars = useAppSelector(selectJars);
  const archived = useAppSelector(selectArchived);
  const [jar, setJar] = useState('all');
  const [count, setCount] = useState(PAGE);
  const everyJar = [...jars, ...archived];
  const entries = useMemo(
    () =>
      live
        .filter(isJarEvent)
        .filter((event) => jar === 'all' || event.jar === jar)
        .reverse(),
    [live, jar],
  );
  const shown = everyJar.find(({ id }) => id === jar);
  const nameOf = useJarName();
  return (
    <Page title="Journal" narrow>
      <Words size="heading" level={1}>
        Journal
      </Words>
      {everyJar.length > 1 && (
        <Choice
          label="Of which jar"
          hideLabel
          options={[
            { is: 'all', text: 'All jars' },
            ...everyJar.map((known) => ({ is: known.id, text: known.card.name })),
          ]}
          chosen={jar}
          onChoose={(is) => {
            setJar(is);
            setCount(PAGE);
          }}
        />
      )}
      {shown && <PeaksPanel jar={shown} />}
      {entries.length === 0 ? (
        <Panel>
          <Words>
            Whatever you do at the bench or see in a jar is written down here for you: feeds, looks,
            moves, what you took out and where it went.
          </Words>
        </Panel>
      ) : (
        <Panel style={styles.panel} label="Entries">
          {entries.slice(0, count).map((event) => (
            <EventRow
              key={event.id}
              event={event}
              {...(jar === 'all' ? { jarName: nameOf(event.jar) } : {})}
            />
          ))}
        </Panel>
      )}
      {entries.length > count && (
        <Button
          onPress={() => setCount(count + PAGE)}
        >{`Earlier entries (${entries.length - count})`}</Button>
      )}
    </Page>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 0, paddingVertical: 4 },
});
