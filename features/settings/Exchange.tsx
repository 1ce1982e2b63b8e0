import { getDocumentAsync } from 'expo-document-picker';
import { useState } from 'react';
import { View } from 'react-native';
import { useStore } from 'react-redux';

import { Notice, Panel, Press, Words } from '@kit';
import {
  type Arrival,
  type Store,
  kitchenToFile,
  readClock,
  readKitchenFile,
  takeIn,
} from '@state';

import { saveFile } from '../shell';

/** The whole kitchen as one file, and back in: looked at first, and nothing overwritten. */
export function Exchange() {
  const store = useStore() as Store;
  const [arrival, setArrival] = useState<Arrival | null>(null);
  const [said, setSaid] = useState<{ text: string; bad: boolean } | null>(null);
  const exportAll = () => {
    const day = new Date(readClock()).toISOString().slice(0, 10);
    saveFile(`ombrello-kitchen-${day}.json`, kitchenToFile(store.getState(), readClock()));
  };
  const choose = async () => {
    setSaid(null);
    setArrival(null);
    const picked = await getDocumentAsync({ type: ['application/json', '.json'] });
    const file = picked.assets?.[0]?.file;
    if (!file) return;
    try {
      setArrival(await readKitchenFile(await file.text(), store.getState()));
    } catch (error) {
      setSaid({ text: (error as Error).message, bad: true });
    }
  };
  const accept = (found: Arrival) => {
    takeIn(store, found);
    setArrival(null);
    setSaid({ text: `${entries(found.fresh.length)} taken in.`, bad: false });
  };
  return (
    <Panel label="Out and in">
      <Words size="title" level={2}>
        Out and in
      </Words>
      <Words size="small" tone="quiet">
        Everything in one JSON file, described openly, to keep or to carry to another device.
      </Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Press onPress={exportAll}>Export the kitchen</Press>
        <Press onPress={() => void choose()}>Take in a file</Press>
      </View>
      {arrival && (
        <Notice
          tone="rim"
          title={`The file holds ${entries(arrival.fresh.length + arrival.known)}, ${arrival.fresh.length} of them new`}
          actions={
            <>
              <Press kind="main" onPress={() => accept(arrival)}>
                Take in
              </Press>
              <Press onPress={() => setArrival(null)}>Leave it</Press>
            </>
          }
        >
          {arrival.refused.length > 0
            ? `${entries(arrival.refused.length)} cannot be read and stay out. The first: ${arrival.refused[0]}.`
            : 'Nothing here is overwritten: new entries are added, and the settings of the file are taken.'}
        </Notice>
      )}
      {said && (
        <Words tone={said.bad ? 'beet' : 'leaf'} live>
          {said.text}
        </Words>
      )}
    </Panel>
  );
}

const entries = (count: number) => (count === 1 ? '1 entry' : `${count} entries`);
