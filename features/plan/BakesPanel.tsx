import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { gramsFromText } from '@core/bench';
import { Choice, Panel, Button, IconOnly, Words } from '@kit';
import {
  bakeDropped,
  selectBakes,
  selectSettings,
  settingsChanged,
  selectJars,
  selectNow,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { useKitchenWords } from '../words';
import { BakeSheet } from './BakeSheet';
import { WeightField } from '../parts/WeightField';

/** The bakes wanted. */
export function BakesPanel() {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const jars = useAppSelector(selectJars);
  const bakes = useAppSelector(selectBakes).filter(({ until }) => until > now);
  const { strongFeeds } = useAppSelector(selectSettings);
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
        <View key={bake.id} style={styles.row}>
          <View style={styles.fill}>
            <Words strong>{bake.name}</Words>
            <Words size="small" tone="quiet">
              {`${words.grams(bake.levainG)} of ${jars.find(({ id }) => id === bake.jar)?.card.name ?? 'a jar since archived'}, ripe ${words.moment(bake.from)} to ${words.time(bake.until)}`}
            </Words>
          </View>
          <IconOnly
            icon="close"
            label={`Remove ${bake.name}`}
            onPress={() => dispatch(bakeDropped(bake.id, `${bake.name} is off`))}
          />
        </View>
      ))}
      <Button icon="plus" onPress={() => setAdding(true)}>
        Add a bake
      </Button>
      <Button kind="bare" href="/dough">
        Reckon a dough
      </Button>
      {bakes.length > 0 && (
        <Choice
          label="Feeds that doubled in a row, before a levain is built"
          options={[
            { is: 0 as const, text: 'as it stands' },
            { is: 1 as const, text: 'one' },
            { is: 2 as const, text: 'two' },
          ]}
          chosen={strongFeeds}
          onChoose={(feeds) => dispatch(settingsChanged({ strongFeeds: feeds }))}
        />
      )}
      {bakes.length > 0 && <FlourAtHand />}
      {adding && <BakeSheet onClose={() => setAdding(false)} />}
    </Panel>
  );
}

/** A limit on what a plan may use; nothing given, nothing limited. */
function FlourAtHand() {
  const dispatch = useAppDispatch();
  const { flourAtHandG } = useAppSelector(selectSettings);
  const [text, setText] = useState(flourAtHandG === null ? '' : String(flourAtHandG));
  const given = gramsFromText(text, 'white');
  const good = text.trim() === '' || (given >= 0 && given <= 100_000);
  return (
    <WeightField
      of="white"
      label="Flour in the house, if it is short"
      text={text}
      problem={good ? null : 'A weight in grams, or nothing.'}
      onText={(to) => {
        setText(to);
        const grams = gramsFromText(to, 'white');
        if (to.trim() === '') dispatch(settingsChanged({ flourAtHandG: null }));
        else if (grams >= 0 && grams <= 100_000) dispatch(settingsChanged({ flourAtHandG: grams }));
      }}
    />
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  fill: { flex: 1 },
});
