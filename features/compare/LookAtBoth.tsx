import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { heightRise, volumeRise } from '@core/bench';
import { type Standing, hasHeights } from '@core/journal';
import { look } from '@core/verbs';
import { Panel, Button, Words, bandVolume, jarPicture } from '@kit';
import { doneToEach, orSaid, useAppDispatch } from '@state';

import { SurfaceDrag } from '../jar/SurfaceDrag';
import { riseWords } from '../words';

/** Both surfaces at once: dragged to where they stand, and logged for the same minute. */
export function LookAtBoth({ pair }: { readonly pair: readonly [Standing, Standing] }) {
  const dispatch = useAppDispatch();
  const [seen, setSeen] = useState<Readonly<Record<string, number>>>({});
  const heightOf = ({ jar, moment }: Standing) =>
    seen[jar.id] ?? heightRise(jar.card.vessel, bandVolume(jar), moment.height);
  const log = () => {
    const riseOf = (id: string) => {
      const standing = pair.find(({ jar }) => jar.id === id)!;
      return volumeRise(standing.jar.card.vessel, bandVolume(standing.jar), heightOf(standing));
    };
    dispatch(
      orSaid(
        doneToEach(
          pair.map(({ jar }) => jar.id),
          (atHand) => look(atHand, { at: atHand.now, rise: riseOf(atHand.jar.id) }),
          `Both looked at: ${pair.map((s) => `${s.jar.card.name} ${riseWords(heightOf(s))}`).join(', ')}`,
        ),
      ),
    );
    setSeen({});
  };
  const title = (
    <Words size="title" level={2}>
      Where do they stand now?
    </Words>
  );
  const bare = pair.find(({ jar }) => !hasHeights(jar))?.jar;
  if (bare)
    return (
      <Panel label="Look at both">
        {title}
        <Words>
          {bare.lastFed
            ? `${bare.card.name} is a ball of dough, which swells to all sides: there is no height to compare.`
            : `${bare.card.name} was not fed here yet, so it has no band. Feed both alike, and look at them together after that.`}
        </Words>
      </Panel>
    );
  return (
    <Panel label="Look at both">
      {title}
      <View style={styles.row}>
        {pair.map((standing) => (
          <View key={standing.jar.id} style={styles.centred}>
            <Words strong>{standing.jar.card.name}</Words>
            <SurfaceDrag
              name={`Surface in ${standing.jar.card.name}’s jar`}
              picture={jarPicture(standing)}
              height={heightOf(standing)}
              onHeight={(height) => setSeen({ ...seen, [standing.jar.id]: height })}
            />
            <Words>{riseWords(heightOf(standing))}</Words>
          </View>
        ))}
      </View>
      <Button onPress={log}>Log both looks</Button>
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', justifyContent: 'space-around', gap: 12 },
  centred: { alignItems: 'center', gap: 6 },
});
