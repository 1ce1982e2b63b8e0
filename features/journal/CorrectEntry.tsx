import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { gramsFromText } from '@core/bench';
import { type JarEvent, instantOf } from '@core/journal';
import { type Ingredient, mainFlour } from '@core/measure';
import { type Correction, correct, correctable } from '@core/verbs/correct';
import { Button, Field, MomentField, Words, riseFromText } from '@kit';
import { byField, done, selectJarEvents, selectLog, useAppDispatch, useAppSelector } from '@state';

import { WeightField } from '../parts/WeightField';
import { useEntryWords, useKitchenWords } from '../words';

type Part = Exclude<keyof Correction, 'at'>;

/** An entry as it should have been: only what is changed is typed, and the entry before it stays in the log's history. */
export function CorrectEntry({
  event,
  onLeave,
  onDone,
}: {
  readonly event: JarEvent;
  readonly onLeave: () => void;
  readonly onDone: () => void;
}) {
  const words = useKitchenWords();
  const text = useEntryWords();
  const dispatch = useAppDispatch();
  const earlier = useAppSelector((state) => selectJarEvents(state, event.jar));
  const coming = useAppSelector((state) => selectLog(state).coming.get(event.jar));
  const shownAt = words.fieldText(instantOf(event));
  const [at, setAt] = useState(shownAt);
  const [typed, setTyped] = useState<Partial<Record<Part, string>>>({});
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const parts = correctable(event).filter((part) => part !== 'at');
  const type = (part: Part) => (to: string) => setTyped({ ...typed, [part]: to });
  const save = () => {
    const changed = Object.fromEntries(
      parts.flatMap((part) => {
        const said = typed[part];
        return said === undefined ? [] : [[part, readAs(part, said, event)]];
      }),
    );
    // The field has minutes only: untouched, the second stays.
    const when = at === shownAt ? instantOf(event) : words.instantOf(at);
    const objections = dispatch(
      done((now) => correct(event, { at: when, ...changed }, earlier, now, coming), 'Put right'),
    );
    setProblems(byField(objections));
    if (objections.length === 0) onDone();
  };
  return (
    <>
      <Words size="small" tone="quiet">
        {`As it stands: ${text(event)}. What you change counts from now on; how it was stays in its history.`}
      </Words>
      <MomentField label="When" text={at} onText={setAt} problem={problems.at ?? null} />
      {parts.map((part) =>
        part === 'note' ? (
          <Field
            key={part}
            label="Note"
            text={typed.note ?? noteOf(event)}
            onText={type(part)}
            lines={3}
            problem={problems.note ?? null}
          />
        ) : part === 'height' ? (
          <Field
            key={part}
            label="Rise above the band"
            text={typed.height ?? riseOf(event)}
            onText={type(part)}
            numeric
            unit="%"
            hint="In a jar that widens: as a straight one would show it."
            problem={problems.rise ?? null}
          />
        ) : (
          <WeightField
            key={part}
            label={WEIGHTS[part].label}
            of={ingredientOf(part, event)}
            text={typed[part] ?? gramsOf(event, part)}
            onText={type(part)}
            problem={problems[WEIGHTS[part].field] ?? null}
          />
        ),
      )}
      {problems.entry && (
        <Words tone="beet" live>
          {problems.entry}
        </Words>
      )}
      <View style={styles.row}>
        <Button kind="main" grow onPress={save}>
          Save it so
        </Button>
        <Button kind="bare" onPress={onLeave}>
          Leave it
        </Button>
      </View>
    </>
  );
}

type Weight = Exclude<Part, 'note' | 'height'>;

/** What each weight is called, and the field that a problem with it names. */
const WEIGHTS: Readonly<Record<Weight, { readonly label: string; readonly field: string }>> = {
  keepG: { label: 'Keep', field: 'keep' },
  waterG: { label: 'Water', field: 'water' },
  flourG: { label: 'Flour', field: 'flour' },
  grams: { label: 'How much', field: 'grams' },
};

const ingredientOf = (part: Weight, event: JarEvent): Ingredient => {
  if (part === 'waterG') return 'water';
  return part === 'flourG' && event.kind === 'fed' ? mainFlour(event.flour) : 'starter';
};

function readAs(part: Part, said: string, event: JarEvent): string | number {
  if (part === 'note') return said.trim();
  if (part === 'height') return Math.round(100 + riseFromText(said)) / 100;
  return gramsFromText(said, ingredientOf(part, event));
}

const gramsOf = (event: JarEvent, part: Weight): string => {
  const grams = (event as Partial<Record<Weight, number>>)[part];
  return grams === undefined ? '' : String(grams);
};
const noteOf = (event: JarEvent): string => ('note' in event && event.note) || '';
const riseOf = (event: JarEvent): string =>
  event.kind === 'looked' && event.height !== undefined
    ? String(Math.round((event.height - 1) * 100))
    : '';

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
