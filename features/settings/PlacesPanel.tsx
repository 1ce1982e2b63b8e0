import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type DayTemperature, type Place, celsiusAt } from '@core/ferment';
import { highest, lowest } from '@core/measure';
import { Panel, Button, Words } from '@kit';
import { selectPlaces, useAppSelector } from '@state';

import { type KitchenWords, useKitchenWords } from '../words';
import { PlaceSheet } from './PlaceSheet';

/** The kitchen's places and how warm they are. */
export function PlacesPanel() {
  const places = useAppSelector(selectPlaces);
  const words = useKitchenWords();
  const [open, setOpen] = useState<Place | null>(null);
  return (
    <Panel label="Places">
      <Words size="title" level={2}>
        Places
      </Words>
      <Words size="small" tone="quiet">
        Every forecast depends on these. A thermometer left overnight beside the jar is worth more
        than any oven setting.
      </Words>
      {places.map((place) => (
        <View key={place.id} style={styles.row}>
          <View style={styles.fill}>
            <Words strong>{place.name}</Words>
            <Words size="small" tone="quiet">
              {temperatureWords(place.temperature, words)}
            </Words>
          </View>
          <Button label={`Change ${place.name}`} onPress={() => setOpen(place)}>
            Change
          </Button>
        </View>
      ))}
      <Button kind="bare" icon="plus" onPress={() => setOpen(newPlace())}>
        Add a place
      </Button>
      {open && <PlaceSheet place={open} onClose={() => setOpen(null)} />}
    </Panel>
  );
}

function temperatureWords(temperature: DayTemperature, words: KitchenWords): string {
  switch (temperature.kind) {
    case 'constant':
      return `${words.celsius(temperature.celsius)} all day`;
    case 'dayNight':
      return `${words.celsius(temperature.day)} by day, ${words.celsius(temperature.night)} at night`;
    case 'hourly': {
      const over = Array.from({ length: 24 }, (_, hour) => celsiusAt(temperature, hour));
      return `${words.celsius(lowest(over))} to ${words.celsius(highest(over))} over the day`;
    }
  }
}

const newPlace = (): Place => ({
  id: nanoid(),
  name: '',
  kind: 'counter',
  temperature: { kind: 'constant', celsius: 21 },
  sd: 1,
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  fill: { flex: 1 },
});
