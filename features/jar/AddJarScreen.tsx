import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { gramsFromText } from '@core/bench';
import { MINUTE, type Instant } from '@core/measure';
import { BEGINNINGS } from '@core/rescue';
import { addJar, beginJar } from '@core/verbs';
import {
  PageTitle,
  Choice,
  MomentField,
  Page,
  Panel,
  Button,
  Words,
  parseNumber,
  FieldRow,
} from '@kit';
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
import { WeightField } from '../parts/WeightField';

const DAY_H = 24;

/** How long ago it was fed, in bands that make a difference; hours. */
const GUESSED = {
  day: [12, 1.5 * DAY_H],
  days: [1.5 * DAY_H, 7 * DAY_H],
  weeks: [7 * DAY_H, 30 * DAY_H],
  months: [30 * DAY_H, 90 * DAY_H],
  longer: [90 * DAY_H, 365 * DAY_H],
  unknown: [2 * DAY_H, 60 * DAY_H],
} as const;

/** What a jar was fed last, as typed. */
interface LastFeed {
  readonly keep: string;
  readonly flour: string;
  readonly water: string;
}

/** The usual feed of a card, in whole grams as they would be typed; what cannot be read yet counts as 20 g, fed 1:4:4. */
function usualFeedOf(form: JarForm): LastFeed {
  const or = (given: number, usual: number) => (given > 0 ? given : usual);
  const keepG = or(gramsFromText(form.keepG, 'starter'), 20);
  const flourG = keepG * or(parseNumber(form.parts), 4);
  const waterG = (flourG * or(parseNumber(form.hydrationPct), 100)) / 100;
  const text = (grams: number) => String(Math.round(grams));
  return { keep: text(keepG), flour: text(flourG), water: text(waterG) };
}

/** Dried flakes and the water they are put into. */
const SOAK = BEGINNINGS.flakesInStages!;

type Guess = keyof typeof GUESSED;
type Past = 'fed' | Guess | 'dried';

const PASTS: readonly { readonly is: Past; readonly text: string }[] = [
  { is: 'fed', text: 'a feed I remember' },
  { is: 'day', text: 'about a day ago' },
  { is: 'days', text: 'some days ago' },
  { is: 'weeks', text: '1 to 4 weeks ago' },
  { is: 'months', text: '1 to 3 months ago' },
  { is: 'longer', text: 'longer ago' },
  { is: 'unknown', text: 'nobody knows' },
  { is: 'dried', text: 'it is dried flakes' },
];

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
  const [past, setPast] = useState<Past>(lives === 'fridge' ? 'days' : 'fed');
  const [fedAt, setFedAt] = useState(() => words.fieldText(now - 4 * 60 * MINUTE));
  // What was fed last follows the usual feed above, until it is typed.
  const [typedFed, setTypedFed] = useState<Partial<LastFeed>>({});
  const fed = { ...usualFeedOf(form), ...typedFed };
  const setFed = (typed: Partial<LastFeed>) => setTypedFed({ ...typedFed, ...typed });
  const [mass, setMass] = useState('100');
  const [flakes, setFlakes] = useState('10');
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});

  const flakesG = gramsFromText(flakes, 'starter');
  const fedThen = () => ({
    kind: 'fed' as const,
    at: words.instantOf(fedAt),
    keepG: gramsFromText(fed.keep, 'starter'),
    flourG: gramsFromText(fed.flour, form.flour),
    waterG: gramsFromText(fed.water, 'water'),
  });
  const cameAs = (guess: Guess) => ({
    kind: 'came' as const,
    massG: gramsFromText(mass, 'starter'),
    unfedH: GUESSED[guess],
  });
  const add = () => {
    const names = jars.map((jar) => jar.card.name);
    const wrong = cardProblems(form, names);
    const id = nanoid();
    const card = cardFrom(form);
    const wet = { id, card, hydrationPct: parseNumber(form.hydrationPct), place };
    const verb = (clock: Instant) =>
      past === 'dried'
        ? beginJar(
            { programme: 'flakesInStages', jar: id, card, place, grams: flakesG, backup: null },
            names,
            clock,
          )
        : addJar({ ...wet, past: past === 'fed' ? fedThen() : cameAs(past) }, clock);
    // All faults are shown at once: those of the card, and those of what happened last.
    const objections =
      Object.keys(wrong).length > 0
        ? (verb(now).objections ?? [])
        : dispatch(done(verb, `${card.name} is on the shelf`));
    const found = { ...wrong, ...byField(objections) };
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    if (more === 0) return router.replace(`/jar/${id}${past === 'dried' ? '/programme' : ''}`);
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
          label={past === 'fed' || past === 'dried' ? 'Where' : 'Where it has been since'}
          options={places.map(({ id: is, name: text }) => ({ is, text }))}
          chosen={place}
          onChoose={setPlace}
        />
        <Choice label="Last fed" options={PASTS} chosen={past} onChoose={setPast} />
        {past === 'fed' ? (
          <>
            <MomentField
              label="Fed at"
              text={fedAt}
              onText={setFedAt}
              problem={problems.at ?? null}
            />
            <FieldRow>
              <WeightField
                label="Kept"
                text={fed.keep}
                onText={(keep) => setFed({ keep })}
                problem={problems.keep ?? null}
              />
              <WeightField
                label="Flour"
                of={form.flour}
                text={fed.flour}
                onText={(flour) => setFed({ flour })}
                problem={problems.flour ?? null}
              />
              <WeightField
                label="Water"
                of="water"
                text={fed.water}
                onText={(water) => setFed({ water })}
                problem={problems.water ?? null}
              />
            </FieldRow>
          </>
        ) : past === 'dried' ? (
          <>
            <WeightField
              label="Grams of flakes"
              text={flakes}
              onText={setFlakes}
              problem={problems.grams ?? null}
              hint={
                flakesG > 0
                  ? `With ${words.grams((flakesG * SOAK.waterG) / SOAK.dryG)} of lukewarm water.`
                  : ''
              }
            />
            <Words size="small" tone="quiet">
              The days in which it wakes begin with this soak. Until you are ready for it, leave the
              flakes where they are.
            </Words>
          </>
        ) : (
          <WeightField
            label="In the jar"
            text={mass}
            onText={setMass}
            problem={problems.mass ?? null}
          />
        )}
      </Panel>
    </Page>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
});
