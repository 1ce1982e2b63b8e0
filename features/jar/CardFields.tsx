import { View } from 'react-native';

import { FLOUR_KINDS } from '@core/measure';
import { Choice, Field, Panel, Words } from '@kit';

import { FLOUR_WORDS } from '../words';
import { type JarForm, type Problems } from './jarForm';

/** The fields of a jar's card: name, flour, jar, and the usual feed. */
export function CardFields({
  form,
  onForm,
  problems,
}: {
  readonly form: JarForm;
  readonly onForm: (form: JarForm) => void;
  readonly problems: Problems<JarForm>;
}) {
  const set =
    <K extends keyof JarForm>(key: K) =>
    (to: JarForm[K]) =>
      onForm({ ...form, [key]: to });
  const flours = FLOUR_KINDS.map((is) => ({ is, text: FLOUR_WORDS[is] }));
  return (
    <>
      <Panel>
        <Field label="Name" text={form.name} onText={set('name')} problem={problems.name ?? null} />
        <Choice label="Flour" options={flours} chosen={form.flour} onChoose={set('flour')} />
        <Choice
          label="And some"
          options={flours.filter(({ is }) => is !== form.flour)}
          chosen={form.second}
          onChoose={(is) => set('second')(form.second === is ? null : is)}
        />
        {form.second !== null && (
          <Field
            label={`Share of ${FLOUR_WORDS[form.second]}`}
            text={form.secondPct}
            onText={set('secondPct')}
            numeric
            unit="%"
            problem={problems.secondPct ?? null}
          />
        )}
      </Panel>
      <Panel>
        <Words size="title" level={2}>
          The usual feed
        </Words>
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <Field
            label="Keep"
            text={form.keepG}
            onText={set('keepG')}
            numeric
            unit="g"
            problem={problems.keepG ?? null}
          />
          <Field
            label="Flour to 1 of keep"
            text={form.parts}
            onText={set('parts')}
            numeric
            problem={problems.parts ?? null}
          />
        </View>
        <Field
          label="Hydration: water over flour"
          text={form.hydrationPct}
          onText={set('hydrationPct')}
          numeric
          unit="%"
          problem={problems.hydrationPct ?? null}
          hint="100 % is like thick batter, 50 % a dough ball."
        />
      </Panel>
      <Panel>
        <Words size="title" level={2}>
          The jar
        </Words>
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <Field
            label="Holds"
            text={form.capacityMl}
            onText={set('capacityMl')}
            numeric
            unit="ml"
            problem={problems.capacityMl ?? null}
          />
          <Field
            label="Weighs empty"
            text={form.emptyG}
            onText={set('emptyG')}
            numeric
            unit="g"
            problem={problems.emptyG ?? null}
          />
        </View>
        <Words size="small" tone="quiet">
          Without the lid. Weigh it empty once, and it stays on this card.
        </Words>
      </Panel>
    </>
  );
}
