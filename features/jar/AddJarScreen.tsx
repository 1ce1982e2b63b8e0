import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { gramsFromText } from '@core/bench';
import { HOUR, type Instant } from '@core/measure';
import { addJar, beginJar } from '@core/verbs';
import { PageTitle, Choice, Page, Panel, Button, Words, parseNumber } from '@kit';
import {
  byField,
  done,
  selectJars,
  selectNow,
  selectPlaces,
  selectSettings,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { useKitchenWords } from '../words';
import { CardFields } from './CardFields';
import { type JarForm, NO_RHYTHM, cardFrom, cardProblems } from './jarForm';
import { type PastForm, PastFields, pastFrom } from './PastFields';

/** A starter joins the kitchen: who it is, what it stands in, and what happened to it last. */
export function AddJarScreen({
  lives,
  more = 0,
}: {
  /** Where it lives most of the time, as far as that was said before. */
  readonly lives?: 'counter' | 'fridge' | undefined;
  /** So many are to be put on the shelf after it. */
  readonly more?: number;
}) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const settings = useAppSelector(selectSettings);
  const places = useAppSelector(selectPlaces);
  const jars = useAppSelector(selectJars);
  const [form, setForm] = useState<JarForm>(() => ({
    name: '',
    flour: 'white',
    called: null,
    protein: '',
    others: [],
    overFeeds: 1,
    tub: null,
    taperPct: '100',
    hydrationPct: String(settings.hydrationPct),
    emptyG: '350',
    capacityMl: '500',
    keepG: '20',
    parts: String(settings.parts),
    ...NO_RHYTHM,
  }));
  const [place, setPlace] = useState(
    (places.find(({ kind }) => kind === lives) ?? places[0])?.id ?? 'counter',
  );
  const [past, setPast] = useState<PastForm>(() => ({
    past: lives === 'fridge' ? 'days' : 'fed',
    fedAt: words.fieldText(now - 4 * HOUR),
    fed: {},
    mass: '100',
    flakes: '10',
  }));
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});

  const add = () => {
    const names = jars.map((jar) => jar.card.name);
    const wrong = cardProblems(form, names);
    const id = nanoid();
    const card = cardFrom(form);
    const wet = { id, card, hydrationPct: parseNumber(form.hydrationPct), place };
    const was = pastFrom(past, form, (text) => words.instantOf(text));
    const grams = gramsFromText(past.flakes, 'starter');
    const verb = (clock: Instant) =>
      was
        ? addJar({ ...wet, past: was }, clock)
        : beginJar(
            { programme: 'flakesInStages', jar: id, card, place, grams, backup: null },
            names,
            clock,
          );
    // All faults are shown at once: those of the card, and those of what happened last.
    const objections =
      Object.keys(wrong).length > 0
        ? (verb(now).objections ?? [])
        : dispatch(done(verb, `${card.name} is on the shelf`));
    const found = { ...wrong, ...byField(objections) };
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    if (more === 0) return router.replace(`/jar/${id}${was ? '' : '/programme'}`);
    router.replace(`/add?${lives ? `lives=${lives}&` : ''}more=${more - 1}`);
  };

  return (
    <Page
      title="Add a starter"
      narrow
      foot={
        <View style={styles.row}>
          <Button onPress={() => router.navigate('/')}>Cancel</Button>
          <Button kind="main" grow onPress={add}>
            Put it on the shelf
          </Button>
        </View>
      }
    >
      <PageTitle>
        {more > 0 ? `Add a starter, and ${more} more after it` : 'Add a starter'}
      </PageTitle>
      {Object.keys(problems).length > 0 && (
        <Words tone="beet" live>
          {Object.keys(problems).length === 1
            ? 'One field needs another look.'
            : `${Object.keys(problems).length} fields need another look.`}
        </Words>
      )}
      <CardFields form={form} onForm={setForm} problems={problems} />
      <Panel>
        <Words size="title" level={2}>
          How it is now
        </Words>
        <Choice
          label={['fed', 'dried'].includes(past.past) ? 'Where' : 'Where it has been since'}
          options={places.map(({ id: is, name: text }) => ({ is, text }))}
          chosen={place}
          onChoose={setPlace}
        />
        <PastFields past={past} onPast={setPast} form={form} problems={problems} />
      </Panel>
    </Page>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
});
