import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type DayTemperature, PLACE_KINDS, type Place, type PlaceKind } from '@core/ferment';
import { Choice, Field, Button, IconOnly, Sheet } from '@kit';
import { arrangePlace, selectPlaces, selectSettings, useAppDispatch, useAppSelector } from '@state';

import { type PlaceForm, placeForm, placeFrom, placeProblems } from './placeForm';

const KIND_WORDS: Readonly<Record<PlaceKind, string>> = {
  counter: 'room',
  warm: 'warm spot',
  larder: 'cool larder',
  fridge: 'fridge',
};

const OVER_WORDS: Readonly<Record<DayTemperature['kind'], string>> = {
  constant: 'the same all day',
  dayNight: 'day and night',
  hourly: 'by the hour',
};

/** A place, to be changed or set up. */
export function PlaceSheet({
  place,
  onClose,
}: {
  readonly place: Place;
  readonly onClose: () => void;
}) {
  const dispatch = useAppDispatch();
  const unit = useAppSelector(selectSettings).temperature;
  const known = useAppSelector(selectPlaces).some(({ id }) => id === place.id);
  const [form, setForm] = useState(() => placeForm(place, unit));
  const [since, setSince] = useState<'now' | 'always'>('now');
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const set =
    <K extends keyof PlaceForm>(key: K) =>
    (to: PlaceForm[K]) =>
      setForm({ ...form, [key]: to });
  const save = () => {
    const found = placeProblems(form, unit);
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    dispatch(arrangePlace(placeFrom(form, place, unit), since));
    onClose();
  };
  return (
    <Sheet title={known ? place.name : 'A new place'} onClose={onClose}>
      <Field label="Name" text={form.name} onText={set('name')} problem={problems.name ?? null} />
      <Choice
        label="What it is"
        options={PLACE_KINDS.map((is) => ({ is, text: KIND_WORDS[is] }))}
        chosen={form.kind}
        onChoose={set('kind')}
      />
      <Choice
        label="Its temperature"
        options={(['constant', 'dayNight', 'hourly'] as const).map((is) => ({
          is,
          text: OVER_WORDS[is],
        }))}
        chosen={form.over}
        onChoose={set('over')}
      />
      <Temperatures
        form={form}
        onForm={setForm}
        problems={problems}
        unit={unit === 'celsius' ? '°C' : '°F'}
      />
      {known && (
        <Choice
          label="It has been so"
          options={[
            { is: 'now' as const, text: 'from now on' },
            { is: 'always' as const, text: 'all along' },
          ]}
          chosen={since}
          onChoose={setSince}
        />
      )}
      <Button kind="main" onPress={save}>
        Save the place
      </Button>
    </Sheet>
  );
}

function Temperatures({
  form,
  onForm,
  problems,
  unit,
}: {
  readonly form: PlaceForm;
  readonly onForm: (form: PlaceForm) => void;
  readonly problems: Readonly<Record<string, string>>;
  readonly unit: string;
}) {
  const field = (
    key: 'constant' | 'day' | 'night' | 'dayFrom' | 'nightFrom',
    label: string,
    of: string,
  ) => (
    <Field
      label={label}
      text={form[key]}
      onText={(to) => onForm({ ...form, [key]: to })}
      numeric
      unit={of}
      problem={problems[key] ?? null}
    />
  );
  if (form.over === 'constant') return field('constant', 'Temperature', unit);
  if (form.over === 'dayNight')
    return (
      <>
        <View style={styles.row}>
          {field('day', 'By day', unit)}
          {field('dayFrom', 'from', 'h')}
        </View>
        <View style={styles.row}>
          {field('night', 'At night', unit)}
          {field('nightFrom', 'from', 'h')}
        </View>
      </>
    );
  const change = (i: number, to: Partial<PlaceForm['hours'][number]>) =>
    onForm({ ...form, hours: form.hours.map((row, at) => (at === i ? { ...row, ...to } : row)) });
  return (
    <>
      {form.hours.map((row, i) => (
        <View key={i} style={styles.row12}>
          <Field
            label={`Hour ${i + 1}`}
            text={row.hour}
            onText={(hour) => change(i, { hour })}
            numeric
            unit="h"
            problem={problems[`hour-${i}`] ?? null}
          />
          <Field
            label={`Temperature ${i + 1}`}
            text={row.degrees}
            onText={(degrees) => change(i, { degrees })}
            numeric
            unit={unit}
            problem={problems[`degrees-${i}`] ?? null}
          />
          {form.hours.length > 1 && (
            <IconOnly
              icon="close"
              label={`Remove hour ${i + 1}`}
              onPress={() => onForm({ ...form, hours: form.hours.filter((_, at) => at !== i) })}
            />
          )}
        </View>
      ))}
      <Button
        kind="bare"
        icon="plus"
        onPress={() =>
          onForm({ ...form, hours: [...form.hours, { hour: '12', degrees: form.constant }] })
        }
      >
        Another hour
      </Button>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12 },
  row12: { flexDirection: 'row', gap: 12, alignItems: 'flex-end' },
});
