import { StyleSheet, View } from 'react-native';
import { useStore } from 'react-redux';

import { Notice, Button, reload, saveFile } from '@kit';
import {
  type Store,
  damageSeen,
  keepPending,
  kitchenToFile,
  selectKitchen,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { saveAside } from './saveAside';

/** Says when the store is damaged or full, and offers a way to lose nothing. */
export function StoreFaults() {
  const { setAside, damaged, unsaved, newer } = useAppSelector(selectKitchen);
  const store = useStore() as Store;
  const dispatch = useAppDispatch();
  if (!damaged && !unsaved && !newer) return null;
  const lines = setAside.reduce((sum, item) => sum + item.lines.length, 0);
  return (
    <View role="region" aria-label="The store" style={styles.stack}>
      {unsaved && (
        <Notice
          tone="beet"
          title={unsaved}
          actions={
            <>
              <Button
                onPress={() => saveFile('ombrello-kitchen.json', kitchenToFile(store.getState()))}
              >
                Export the kitchen
              </Button>
              <Button onPress={() => void keepPending(store)}>Try again</Button>
            </>
          }
        />
      )}
      {damaged && (
        <Notice
          title={`${lines === 1 ? 'One line' : `${lines} lines`} of the journal could not be read`}
          actions={
            <>
              <Button onPress={() => saveAside(setAside)}>Export what was set aside</Button>
              <Button kind="bare" onPress={() => dispatch(damageSeen())}>
                Close
              </Button>
            </>
          }
        >
          They were set aside, and all the rest is here. The settings keep them for you.
        </Notice>
      )}
      {newer && (
        <Notice
          title="Some entries were written by a newer Ombrello"
          actions={<Button onPress={() => reload()}>Load the newer one</Button>}
        >
          They are left as they are, and come back with it.
        </Notice>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { padding: 12, gap: 12 },
});
