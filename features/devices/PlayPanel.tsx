import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { Button, Folded, Words } from '@kit';
import { playScale, scalePlayed, stopPlaying } from '@state/playedScale';

/** What a jar of the usual size weighs, grams. */
const JAR_G = 350;

/** A scale without a scale: what it feels is played, and it goes the way of a real one. */
export function PlayPanel() {
  const [playing, setPlaying] = useState(scalePlayed() !== null);
  const scale = scalePlayed();
  return (
    <Folded title="Play a scale" said="to see how it goes, without one" open={playing}>
      {!playing || !scale ? (
        <Button
          onPress={() => {
            playScale();
            setPlaying(true);
          }}
        >
          Begin to play
        </Button>
      ) : (
        <>
          <Words tone="quiet">
            Leave this page open and go to the bench in another one, or go there and come back.
          </Words>
          <View style={styles.row}>
            <Button onPress={() => scale.put(JAR_G)}>Put the jar on</Button>
            <Button onPress={() => scale.put(-JAR_G)}>Lift the jar off</Button>
            {[5, 25, 100].map((grams) => (
              <Button key={grams} onPress={() => scale.pour(grams, Math.max(3, grams / 4))}>
                {`Pour ${grams} g`}
              </Button>
            ))}
            <Button onPress={() => scale.put(-10)}>Spoon 10 g out</Button>
            <Button onPress={() => scale.tare()}>Set it to nought</Button>
            <Button onPress={() => scale.knock()}>Knock the table</Button>
            <Button onPress={() => scale.switchOn()}>Switch it on again</Button>
          </View>
          <Button
            kind="bare"
            onPress={() => {
              stopPlaying();
              setPlaying(false);
            }}
          >
            Put it away
          </Button>
        </>
      )}
    </Folded>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
