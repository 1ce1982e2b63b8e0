import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { Panel, Button, Words } from '@kit';
import { selectJarEvents, useAppSelector } from '@state';

import { EventRow } from '../journal/EventRow';

const RECENT = 8;
const MORE = 40;

/** What was logged of a jar, newest first. */
export function JarLog({ id }: { readonly id: string }) {
  const events = useAppSelector((state) => selectJarEvents(state, id));
  const [count, setCount] = useState(RECENT);
  const newest = [...events].reverse().slice(0, count);
  return (
    <Panel label="Recent log" style={styles.panel}>
      <Words size="title" level={2}>
        Logged
      </Words>
      <View>
        {newest.map((event) => (
          <EventRow key={event.id} event={event} />
        ))}
      </View>
      {events.length > count && (
        <Button kind="bare" onPress={() => setCount(count + MORE)}>
          {`Earlier entries (${events.length - count})`}
        </Button>
      )}
    </Panel>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 4 },
});
