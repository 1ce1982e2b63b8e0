import { StyleSheet, View } from 'react-native';
import { useStore } from 'react-redux';

import { Notice, Button, reload, saveFile } from '@kit';
import {
  type Store,
  damageSeen,
  keepPending,
  kitchenToFile,
  leaveLater,
  selectKitchen,
  selectNow,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { useKitchenWords } from '../words';
import { saveAside } from './saveAside';

/** Says when the store is damaged or full, and offers a way to lose nothing. */
export function StoreFaults() {
  const { setAside, damaged, later, unsaved, newer } = useAppSelector(selectKitchen);
  const store = useStore() as Store;
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const words = useKitchenWords();
  if (damaged === 0 && !later && !unsaved && !newer) return null;
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
      {later && (
        <Notice
          title={`The clock of this device says ${words.datedForGood(now)}`}
          actions={
            <>
              <Button onPress={() => reload()}>Look again</Button>
              <Button onPress={() => void dispatch(leaveLater())}>The clock is right</Button>
              <Button kind="bare" onPress={() => saveAside(setAside)}>
                Export them
              </Button>
            </>
          }
        >
          {`${later.entries === 1 ? 'One entry of the journal is' : `${later.entries} entries of the journal are`} from later, up to ${words.datedForGood(Date.parse(later.last))}. Nothing is lost: when the clock is put right they come back. If it is right already, they were entered while it was not, and stay aside.`}
        </Notice>
      )}
      {damaged > 0 && (
        <Notice
          title={`${damaged === 1 ? 'One line' : `${damaged} lines`} of the journal could not be read`}
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
