import { StyleSheet, View } from 'react-native';

import { Choice, Field, Panel, Words } from '@kit';

import { WEEKDAYS, useKitchenWords } from '../words';
import { type JarForm, type Often, type Problems } from './jarForm';

const OFTEN: readonly { readonly is: Often; readonly text: string }[] = [
  { is: 'need', text: 'as it needs it' },
  { is: '12', text: 'every 12 h' },
  { is: '24', text: 'daily' },
  { is: '48', text: 'every other day' },
  { is: '168', text: 'weekly' },
  { is: '720', text: 'monthly' },
  { is: 'bakes', text: 'only before a bake' },
  { is: 'hours', text: 'every … hours' },
];

/** Hours that a feed is usually given at. */
const HOURS = [6, 7, 8, 9, 10, 12, 16, 18, 19, 20, 21, 22] as const;
const ANY_HOUR = -1;
const ANY_DAY = -1;

/** How often the jar is fed: a promise that the plan, the first page and the label go by. */
export function RhythmFields({
  form,
  onForm,
  problems,
}: {
  readonly form: JarForm;
  readonly onForm: (form: JarForm) => void;
  readonly problems: Problems<JarForm>;
}) {
  const words = useKitchenWords();
  const { often, at, on, buildUp } = form;
  const hours = at === null || HOURS.some((hour) => hour === at) ? HOURS : [...HOURS, at];
  return (
    <Panel>
      <Words size="title" level={2}>
        Its rhythm
      </Words>
      <Choice
        label="Fed"
        options={OFTEN}
        chosen={often}
        onChoose={(to) => onForm({ ...form, often: to })}
      />
      {often === 'hours' && (
        <View style={styles.narrow}>
          <Field
            label="Hours from feed to feed"
            text={form.everyH}
            onText={(everyH) => onForm({ ...form, everyH })}
            numeric
            unit="h"
            problem={problems.everyH ?? null}
          />
        </View>
      )}
      {often !== 'need' && often !== 'bakes' && often !== 'hours' && (
        <Choice
          label="Its usual hour"
          options={[
            { is: ANY_HOUR, text: 'none' },
            ...hours.map((is) => ({ is: is, text: words.hour(is) })),
          ]}
          chosen={at ?? ANY_HOUR}
          onChoose={(is) => onForm({ ...form, at: is === ANY_HOUR ? null : is })}
        />
      )}
      {often === '168' && (
        <Choice
          label="Its usual day"
          options={[{ is: ANY_DAY, text: 'none' }, ...WEEKDAYS.map((text, is) => ({ is, text }))]}
          chosen={on ?? ANY_DAY}
          onChoose={(is) => onForm({ ...form, on: is === ANY_DAY ? null : is })}
        />
      )}
      {often !== 'need' && (
        <Choice
          label="Feeds in a row before a levain is built"
          options={[
            { is: 0, text: 'none' },
            { is: 1, text: 'one' },
            { is: 2, text: 'two' },
            { is: 3, text: 'three' },
          ]}
          chosen={buildUp}
          onChoose={(to) => onForm({ ...form, buildUp: to })}
        />
      )}
      <Words size="small" tone="quiet">
        {often === 'need'
          ? 'It is fed when the forecast says it needs it.'
          : 'The plan, the first page and the label go by it. They change it only for a bake, or to keep the starter from harm.'}
      </Words>
    </Panel>
  );
}

const styles = StyleSheet.create({
  narrow: { maxWidth: 220 },
});
