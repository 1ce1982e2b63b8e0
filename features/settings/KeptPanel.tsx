import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { Panel, Button, Words } from '@kit';
import { type Room, askToKeep, roomLeft, selectKitchen, selectLog, useAppSelector } from '@state';

import { saveAside } from '../shell';
import { useKitchenWords } from '../words';

/** What is kept where: entries in this browser, the last copy, and whatever was set aside. */
export function KeptPanel() {
  const words = useKitchenWords();
  const { events, setAside } = useAppSelector(selectKitchen);
  const copied = useAppSelector((state) => selectLog(state).of('copied')).at(-1);
  const [room, setRoom] = useState<Room | null>(null);
  const [asked, setAsked] = useState(false);
  useEffect(() => {
    void roomLeft().then((found) => {
      if (found) setRoom(found);
    });
  }, [asked]);
  const lines = setAside.reduce((sum, item) => sum + item.lines.length, 0);
  return (
    <Panel label="What is kept">
      <Words size="title" level={2}>
        What is kept
      </Words>
      <Words>
        {`${events.length.toLocaleString('en')} entries, in this browser and nowhere else. ${
          copied
            ? `The last copy was made on ${words.date(Date.parse(copied.at))}.`
            : 'No copy has been made yet.'
        }`}
      </Words>
      {room && (
        <Words size="small" tone="quiet">
          {`${megabytes(room.usedBytes)} of about ${megabytes(room.allBytes)} that the browser allows. ${
            room.promised
              ? 'It has promised to keep them.'
              : 'It may clear them if the disk is full.'
          }`}
        </Words>
      )}
      {room && !room.promised && (
        <Button disabled={asked} onPress={() => void askToKeep().then(() => setAsked(true))}>
          {asked ? 'The browser says no: make a copy now and then' : 'Ask it to keep them'}
        </Button>
      )}
      {lines > 0 && (
        <View role="region" aria-label="Set aside" style={styles.stack}>
          <Words strong level={3}>
            {lines === 1 ? 'One line was set aside' : `${lines} lines were set aside`}
          </Words>
          {setAside.map(({ id, at, because, lines: own }) => (
            <Words key={id} size="small">
              {`${at === '' ? '' : `${words.moment(Date.parse(at))}: `}${own.length === 1 ? 'one line' : `${own.length} lines`}. ${because}`}
            </Words>
          ))}
          <Words size="small" tone="quiet">
            They do not count, but they are never erased. An export of the kitchen contains them
            too.
          </Words>
          <Button onPress={() => saveAside(setAside)}>Export what was set aside</Button>
        </View>
      )}
    </Panel>
  );
}

const megabytes = (bytes: number): string =>
  bytes >= 1e9 ? `${(bytes / 1e9).toFixed(1)} GB` : `${(bytes / 1e6).toFixed(1)} MB`;

const styles = StyleSheet.create({
  stack: { gap: 8 },
});
