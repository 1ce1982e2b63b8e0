import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type DayTemperature, type Place, celsiusAt } from '@core/ferment';
import { trackIn } from '@core/journal';
import { HOUR, highest, lowest } from '@core/measure';
import { Panel, Button, Words } from '@kit';
import { selectPlaceHistory, selectPlaces, selectTime, useAppSelector } from '@state';

import { type KitchenWords, useKitchenWords } from '../words';
import { PlaceSheet } from './PlaceSheet';
import { ThermometerSheet } from './ThermometerSheet';

/** The kitchen's places and how warm they are. */
export function PlacesPanel() {
  const places = useAppSelector(selectPlaces);
  const words = useKitchenWords();
  const history = useAppSelector(selectPlaceHistory);
  const time = useAppSelector(selectTime);
  const [open, setOpen] = useState<Place | null>(null);
  const [reading, setReading] = useState<Place | null>(null);
  const measured = (place: Place) => {
    const track = trackIn(history, place.id, time);
    return track
      ? `, measured until ${words.date((track.firstHour + track.celsius.length) * HOUR - 1)}`
      : '';
  };
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
              {`${temperatureWords(place.temperature, words)}${measured(place)}`}
            </Words>
            <View style={styles.atEdge}>
              <Button
                kind="bare"
                label={`Thermometer of ${place.name}`}
                onPress={() => setReading(place)}
              >
                Thermometer
              </Button>
            </View>
          </View>
          <Button label={`Change ${place.name}`} onPress={() => setOpen(place)}>
            Change
          </Button>
        </View>
      ))}
      <Button kind="bare" icon="plus" onPress={() => setOpen(newPlace())}>
        Add a place
      </Button>
      {reading && <ThermometerSheet place={reading} onClose={() => setReading(null)} />}
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
  atEdge: { alignItems: 'flex-start', marginLeft: -8, marginVertical: -4 },
});
