import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useStore } from 'react-redux';

import { Panel, Button, Words, saveFile } from '@kit';
import {
  type Store,
  copyLater,
  copyMade,
  kitchenToFile,
  readClock,
  selectCopyDue,
  useAppDispatch,
  useAppSelector,
} from '@state';
import { kitchenToZip, selectHasPictures } from '@state/exchange';

import { ArrivalNotice } from './ArrivalNotice';
import { useTakeIn } from './useTakeIn';

/** The whole kitchen as one file, and back in: looked at first, and nothing overwritten. */
export function Exchange() {
  const store = useStore() as Store;
  const dispatch = useAppDispatch();
  const due = useAppSelector(selectCopyDue);
  const taking = useTakeIn();
  const exportAll = () => {
    const day = new Date(readClock()).toISOString().slice(0, 10);
    saveFile(`ombrello-kitchen-${day}.json`, kitchenToFile(store.getState()));
    dispatch(copyMade());
  };
  const pictures = useAppSelector(selectHasPictures);
  const [packing, setPacking] = useState(false);
  const exportZip = async () => {
    setPacking(true);
    const day = new Date(readClock()).toISOString().slice(0, 10);
    try {
      const zip = await kitchenToZip(store.getState());
      saveFile(`ombrello-kitchen-${day}.zip`, zip, 'application/zip');
      dispatch(copyMade());
    } finally {
      setPacking(false);
    }
  };
  return (
    <Panel label="Export and import">
      <Words size="title" level={2}>
        Out and in
      </Words>
      <Words size="small" tone="quiet">
        Everything you ever entered in one JSON file, in an open format, to keep or to take to
        another device.
      </Words>
      <View style={styles.wrap}>
        <Button onPress={exportAll}>Export the kitchen</Button>
        {pictures && (
          <Button disabled={packing} onPress={() => void exportZip()}>
            {packing ? 'Packing …' : 'With its pictures (zip)'}
          </Button>
        )}
        <Button disabled={taking.reading} onPress={() => void taking.choose()}>
          Take in a file
        </Button>
      </View>
      {due && (
        <Button kind="bare" onPress={() => dispatch(copyLater())}>
          Not now: remind me in a week
        </Button>
      )}
      <ArrivalNotice taking={taking} />
    </Panel>
  );
}

const styles = StyleSheet.create({
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
