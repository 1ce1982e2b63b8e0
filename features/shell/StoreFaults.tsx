import { View } from 'react-native';
import { useStore } from 'react-redux';

import { Notice, Press } from '@kit';
import {
  type Store,
  damageSeen,
  keepPending,
  kitchenToFile,
  selectKitchen,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { saveFile } from './saveFile';
import { saveAside } from './saveAside';

/** Says when the store is damaged or full, and offers a way to lose nothing. */
export function StoreFaults() {
  const { setAside, damaged, unsaved, newer } = useAppSelector(selectKitchen);
  const store = useStore() as Store;
  const dispatch = useAppDispatch();
  if (!damaged && !unsaved && !newer) return null;
  const lines = setAside.reduce((sum, item) => sum + item.lines.length, 0);
  return (
    <View role="region" aria-label="The store" style={{ padding: 12, gap: 12 }}>
      {unsaved && (
        <Notice
          tone="beet"
          title={unsaved}
          actions={
            <>
              <Press
                onPress={() => saveFile('ombrello-kitchen.json', kitchenToFile(store.getState()))}
              >
                Export the kitchen
              </Press>
              <Press onPress={() => void keepPending(store)}>Try again</Press>
            </>
          }
        />
      )}
      {damaged && (
        <Notice
          title={`${lines === 1 ? 'One line' : `${lines} lines`} of the journal could not be read`}
          actions={
            <>
              <Press onPress={() => saveAside(setAside)}>Export what was set aside</Press>
              <Press kind="bare" onPress={() => dispatch(damageSeen())}>
                Close
              </Press>
            </>
          }
        >
          They were set aside, and all the rest is here. The settings keep them for you.
        </Notice>
      )}
      {newer && (
        <Notice
          title="Some entries were written by a newer Ombrello"
          actions={<Press onPress={() => window.location.reload()}>Load the newer one</Press>}
        >
          They are left as they are, and come back with it.
        </Notice>
      )}
    </View>
  );
}
