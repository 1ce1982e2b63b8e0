import { type Jar } from '@core/journal';
import { Field, Panel, Words, FieldRow } from '@kit';

import { FlourFields } from './FlourFields';
import { type JarForm, type Problems } from './jarForm';
import { RhythmFields } from './RhythmFields';
import { Term } from '../parts/Term';
import { WeightField } from '../parts/WeightField';

/** The fields of a jar's card: name, flour, jar, and the usual feed. */
export function CardFields({
  form,
  onForm,
  problems,
  jar,
}: {
  readonly form: JarForm;
  readonly onForm: (form: JarForm) => void;
  readonly problems: Problems<JarForm>;
  /** The jar whose card it is; none while it is new. */
  readonly jar?: Jar;
}) {
  const set =
    <K extends keyof JarForm>(key: K) =>
    (to: JarForm[K]) =>
      onForm({ ...form, [key]: to });
  return (
    <>
      <Panel>
        <Field label="Name" text={form.name} onText={set('name')} problem={problems.name ?? null} />
        <FlourFields form={form} onForm={onForm} problems={problems} jar={jar ?? null} />
      </Panel>
      <Panel>
        <Words size="title" level={2}>
          The usual feed
        </Words>
        <FieldRow>
          <WeightField
            label="Keep"
            text={form.keepG}
            onText={set('keepG')}
            problem={problems.keepG ?? null}
          />
          <Field
            label="Flour to 1 of keep"
            text={form.parts}
            onText={set('parts')}
            numeric
            problem={problems.parts ?? null}
          />
        </FieldRow>
        <Field
          label="Hydration: water over flour"
          text={form.hydrationPct}
          onText={set('hydrationPct')}
          numeric
          unit="%"
          problem={problems.hydrationPct ?? null}
          hint="100 % is like thick batter, 50 % a dough ball."
        />
        <Term of="keep" />
      </Panel>
      <RhythmFields form={form} onForm={onForm} problems={problems} />
      <Panel>
        <Words size="title" level={2}>
          The jar
        </Words>
        <FieldRow>
          <Field
            label="Holds"
            text={form.capacityMl}
            onText={set('capacityMl')}
            numeric
            unit="ml"
            problem={problems.capacityMl ?? null}
          />
          <WeightField
            label="Weighs empty"
            text={form.emptyG}
            onText={set('emptyG')}
            problem={problems.emptyG ?? null}
          />
        </FieldRow>
        <Field
          label="Base width, as a share of the rim"
          text={form.taperPct}
          onText={set('taperPct')}
          numeric
          unit="%"
          problem={problems.taperPct ?? null}
          hint="100 % is a straight jar. A tumbler that widens towards the rim may be 75 %: its heights are then read as volume."
        />
        <Words size="small" tone="quiet">
          Without the lid. Weigh it empty once, and the card remembers.
        </Words>
      </Panel>
    </>
  );
}
