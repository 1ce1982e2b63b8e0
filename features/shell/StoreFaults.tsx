import { View } from 'react-native';
import { useStore } from 'react-redux';

import { Notice, Press } from '@kit';
import {
  type Store,
  kitchenToFile,
  readClock,
  saveJournal,
  selectKitchen,
  setAsideDismissed,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { saveFile } from './saveFile';

/** Says when the store is damaged or full, and offers a way to lose nothing. */
export function StoreFaults() {
  const kitchen = useAppSelector(selectKitchen);
  const store = useStore() as Store;
  const dispatch = useAppDispatch();
  const { setAside, unsaved } = kitchen;
  if (!setAside && !unsaved) return null;
  const exportAll = () =>
    saveFile('ombrello-kitchen.json', kitchenToFile(store.getState(), readClock()));
  return (
    <View role="region" aria-label="The store" style={{ padding: 12, gap: 12 }}>
      {unsaved && (
        <Notice
          tone="beet"
          title={unsaved}
          actions={
            <>
              <Press onPress={exportAll}>Export the kitchen</Press>
              <Press onPress={() => void saveJournal(store, kitchen.name, kitchen.events)}>
                Try again
              </Press>
            </>
          }
        />
      )}
      {setAside && (
        <Notice
          title={`${setAside.lines.length === 1 ? 'One entry' : `${setAside.lines.length} entries`} of the journal could not be read`}
          actions={
            <>
              <Press
                onPress={() =>
                  saveFile('ombrello-set-aside.txt', setAside.lines.join('\n'), 'text/plain')
                }
              >
                Export what was set aside
              </Press>
              <Press kind="bare" onPress={() => dispatch(setAsideDismissed())}>
                Close
              </Press>
            </>
          }
        >
          {`${setAside.because} They were set aside; the other ${kitchen.events.length} are here.`}
        </Notice>
      )}
    </View>
  );
}
