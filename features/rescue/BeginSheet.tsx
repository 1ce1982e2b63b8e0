import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useState } from 'react';

import { gramsFromText } from '@core/bench';
import { type JarCard, type ProgrammeId } from '@core/journal';
import { FLOUR_KINDS, type FlourKind } from '@core/measure';
import { BEGINNINGS, type Backup, PROGRAMME } from '@core/rescue';
import { beginJars } from '@core/verbs';
import { Choice, Field, Button, Sheet, Words } from '@kit';
import {
  byField,
  done,
  selectArchived,
  selectJars,
  selectPlaces,
  selectSettings,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { FLOUR_WORDS, PROGRAMME_WORDS, useKitchenWords } from '../words';
import { PROGRAMME_TEXTS } from './programmeWords';
import { WeightField } from '../parts/WeightField';

/** A glass that many have. */
const USUAL_VESSEL = { emptyG: 350, capacityMl: 500 };
const FROM_FLOUR: readonly FlourKind[] = FLOUR_KINDS;

/** A new jar and its programme: a name, a place, and what goes in first. */
export function BeginSheet({
  programme: proposed,
  backup,
  onClose,
}: {
  readonly programme: ProgrammeId;
  readonly backup: Backup | null;
  readonly onClose: () => void;
}) {
  const words = useKitchenWords();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const jars = useAppSelector(selectJars);
  const archived = useAppSelector(selectArchived);
  const places = useAppSelector(selectPlaces);
  const settings = useAppSelector(selectSettings);
  const source = [...jars, ...archived].find(({ id }) => id === backup?.jar);
  const [programme, setProgramme] = useState(proposed);
  const [count, setCount] = useState(1);
  const soaked = BEGINNINGS[programme];
  const [name, setName] = useState(() => freeName(source?.card.name ?? '', jars));
  const [text, setText] = useState(() =>
    String(backup ? Math.min(backup.gramsLeft, soaked?.dryG ?? 40) : (soaked?.dryG ?? 40)),
  );
  const [flour, setFlour] = useState<FlourKind>(
    PROGRAMME[programme].medicine?.wholeWheat === 1 ? 'wholeWheat' : 'white',
  );
  const warm = places.find(({ kind }) => kind === 'warm') ?? places[0];
  const [place, setPlace] = useState(warm?.id ?? 'counter');
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const flakes = programme === 'flakesInStages' || programme === 'flakesAtOnce';
  const fromNothing = soaked !== undefined && !flakes;

  const start = () => {
    const ids = Array.from({ length: count }, () => nanoid());
    const card: JarCard = source
      ? { ...source.card, name: name.trim(), archived: false }
      : {
          name: name.trim(),
          vessel: USUAL_VESSEL,
          keepG: 20,
          ratio: {
            flour: settings.parts,
            water: (settings.parts * settings.hydrationPct) / 100,
          },
          flour: { [flour]: 1 },
          archived: false,
        };
    const begun = {
      programme,
      card,
      place,
      grams: gramsFromText(text, 'starter'),
      backup,
    };
    const objections = dispatch(
      done(
        (now) =>
          beginJars(
            begun,
            ids,
            jars.map((jar) => jar.card.name),
            now,
          ),
        `${card.name}: ${PROGRAMME_WORDS[programme].title.toLowerCase()}`,
      ),
    );
    setProblems(byField(objections));
    if (objections.length > 0) return;
    router.navigate(`/jar/${ids[0]!}/programme`);
  };
  return (
    <Sheet title={PROGRAMME_WORDS[programme].title} onClose={onClose}>
      <Words>{words.inUnits(PROGRAMME_TEXTS[programme].begins)}</Words>
      {flakes && (
        <Choice
          label="The school"
          options={[
            { is: 'flakesInStages' as const, text: 'in stages, with no discard' },
            { is: 'flakesAtOnce' as const, text: '1 : 2 : 2 at once' },
          ]}
          chosen={programme}
          onChoose={setProgramme}
        />
      )}
      <Field label="Its name" text={name} onText={setName} problem={problems.name ?? null} />
      <WeightField
        label={flakes ? 'Grams of flakes' : fromNothing ? 'Grams of flour' : 'Grams of it'}
        text={text}
        onText={(to) => {
          setText(to);
          setProblems({});
        }}
        problem={problems.grams ?? null}
        hint={
          soaked && gramsFromText(text, 'starter') > 0
            ? `With ${words.grams((gramsFromText(text, 'starter') * soaked.waterG) / soaked.dryG)} of ${programme === 'fruitWater' ? 'fruit water' : 'lukewarm water'}.`
            : ''
        }
      />
      <Choice
        label="How many jars of that"
        options={[1, 2, 3, 4].map((is) => ({ is, text: ['one', 'two', 'three', 'four'][is - 1]! }))}
        chosen={count}
        onChoose={setCount}
      />
      {!source && (
        <Choice
          label="Flour"
          options={FROM_FLOUR.map((is) => ({ is, text: FLOUR_WORDS[is] }))}
          chosen={flour}
          onChoose={setFlour}
        />
      )}
      <Choice
        label="Where it stands"
        options={places.map(({ id: is, name: of }) => ({ is, text: of }))}
        chosen={place}
        onChoose={setPlace}
      />
      <Button kind="main" onPress={start}>
        {flakes ? 'They are soaking' : 'It is mixed'}
      </Button>
    </Sheet>
  );
}

/** The name of the jar it comes from, with a number while that one still stands on the shelf. */
function freeName(name: string, jars: readonly { readonly card: JarCard }[]): string {
  const taken = new Set(jars.map(({ card }) => card.name.toLowerCase()));
  if (name === '' || !taken.has(name.toLowerCase())) return name;
  let n = 2;
  while (taken.has(`${name} ${n}`.toLowerCase())) n++;
  return `${name} ${n}`;
}
