import { type ReactNode, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type DeviceKind } from '@core/devices/contract';
import { Button, Folded, Slider, Words } from '@kit';
import { devicePlayed, playDevice, stopPlaying } from '@state/playedDevices';

import { useKitchenWords } from '../words';

/** What a jar of the usual size weighs, grams. */
const JAR_G = 350;

/** Devices without devices: what they feel is played, and it goes the way of real ones. */
export function PlayPanel() {
  return (
    <>
      <Playable kind="scale" title="Play a scale">
        <PlayedScale />
      </Playable>
      <Playable kind="thermometer" title="Play a thermometer">
        <PlayedThermometer />
      </Playable>
      <Playable kind="lid" title="Play a lid">
        <PlayedLid />
      </Playable>
    </>
  );
}

function Playable({
  kind,
  title,
  children,
}: {
  readonly kind: DeviceKind;
  readonly title: string;
  readonly children: ReactNode;
}) {
  const [playing, setPlaying] = useState(devicePlayed(kind) !== null);
  return (
    <Folded title={title} said="to see how it goes, without one" open={playing}>
      {playing ? (
        <>
          {children}
          <Button
            kind="bare"
            label={`Put the ${kind} away`}
            onPress={() => {
              stopPlaying(kind);
              setPlaying(false);
            }}
          >
            Put it away
          </Button>
        </>
      ) : (
        <Button
          label={`Begin to play a ${kind}`}
          onPress={() => {
            playDevice(kind);
            setPlaying(true);
          }}
        >
          Begin to play
        </Button>
      )}
    </Folded>
  );
}

function PlayedScale() {
  const scale = playDevice('scale');
  return (
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
    </>
  );
}

function PlayedThermometer() {
  const words = useKitchenWords();
  const [celsius, setCelsius] = useState(21);
  return (
    <Slider
      label="The room is"
      value={celsius}
      low={2}
      high={36}
      step={0.5}
      text={words.celsius(celsius)}
      onValue={(to) => {
        setCelsius(to);
        playDevice('thermometer').room(to);
      }}
    />
  );
}

function PlayedLid() {
  const [mm, setMm] = useState(90);
  const [knocked, setKnocked] = useState(false);
  const [hangs, setHangs] = useState(false);
  const lid = playDevice('lid');
  return (
    <>
      <Slider
        label="Down to the surface"
        value={mm}
        low={10}
        high={140}
        step={1}
        text={`${mm} mm`}
        onValue={(to) => {
          setMm(to);
          lid.surface(to);
        }}
      />
      <View style={styles.row}>
        <Button
          onPress={() => {
            lid.knocked(knocked ? 0 : 40);
            setKnocked(!knocked);
          }}
        >
          {knocked ? 'Put it back' : 'Knock it'}
        </Button>
        <Button
          onPress={() => {
            lid.hang(!hangs);
            setHangs(!hangs);
          }}
        >
          {hangs ? 'Let it go' : 'Let it hang'}
        </Button>
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
