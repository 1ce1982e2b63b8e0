import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { Choice, Panel, Press, Words } from '@kit';
import {
  bakeRemoved,
  changeWish,
  strengthAsked,
  selectJars,
  selectNow,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { useKitchenWords } from '../words';
import { BakeSheet } from './BakeSheet';

/** The bakes wanted. */
export function BakesPanel() {
  const words = useKitchenWords();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const jars = useAppSelector(selectJars);
  const bakes = useAppSelector((state) => state.plan.bakes).filter(({ until }) => until > now);
  const strongFeeds = useAppSelector((state) => state.plan.strongFeeds);
  const [adding, setAdding] = useState(false);
  return (
    <Panel label="Bakes">
      <Words size="title" level={2}>
        Bakes
      </Words>
      {bakes.length === 0 && (
        <Words tone="quiet">None wanted. The plan below only keeps the jars well.</Words>
      )}
      {bakes.map((bake) => (
        <View key={bake.id} style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <View style={{ flex: 1 }}>
            <Words strong>{bake.name}</Words>
            <Words size="small" tone="quiet">
              {`${words.grams(bake.levainG)} of ${jars.find(({ id }) => id === bake.jar)?.card.name ?? 'a jar since archived'}, ripe ${words.moment(bake.from)} to ${words.time(bake.until)}`}
            </Words>
          </View>
          <Press
            kind="bare"
            icon="close"
            label={`Remove ${bake.name}`}
            onPress={() => dispatch(changeWish(bakeRemoved(bake.id), `${bake.name} is off`))}
          >
            {''}
          </Press>
        </View>
      ))}
      <Press icon="plus" onPress={() => setAdding(true)}>
        Add a bake
      </Press>
      <Press kind="bare" href="/dough" onPress={() => router.navigate('/dough')}>
        Reckon a dough
      </Press>
      {bakes.length > 0 && (
        <Choice
          label="Feeds that doubled in a row, before a levain is built"
          options={[
            { is: 0, text: 'as it stands' },
            { is: 1, text: 'one' },
            { is: 2, text: 'two' },
          ]}
          chosen={strongFeeds}
          onChoose={(feeds) => dispatch(strengthAsked(feeds))}
        />
      )}
      {adding && <BakeSheet onClose={() => setAdding(false)} />}
    </Panel>
  );
}
