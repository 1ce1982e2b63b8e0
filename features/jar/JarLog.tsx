import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type JarEvent } from '@core/journal';
import { Panel, Button, Words, laterPart } from '@kit';
import { selectJarEvents, useAppSelector } from '@state';

import { EntryRow } from '../journal/EntryRow';

// Fetched when the first entry is opened, not with the first page.
const EntrySheet = laterPart(async () => (await import('../journal')).EntrySheet);

const RECENT = 8;

/** What was logged of a jar, newest first. */
export function JarLog({ id }: { readonly id: string }) {
  const events = useAppSelector((state) => selectJarEvents(state, id));
  const [open, setOpen] = useState<JarEvent | null>(null);
  const newest = events.slice(-RECENT).reverse();
  return (
    <Panel label="Recent log" style={styles.panel}>
      <Words size="title" level={2}>
        Logged
      </Words>
      <View>
        {newest.map((event) => (
          <EntryRow key={event.id} event={event} onOpen={setOpen} />
        ))}
      </View>
      {events.length > RECENT && (
        <Button kind="bare" href={`/journal?jar=${id}`}>
          All of it, by day
        </Button>
      )}
      {open && <EntrySheet event={open} onClose={() => setOpen(null)} />}
    </Panel>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 4 },
});
