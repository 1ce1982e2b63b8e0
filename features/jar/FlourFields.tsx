import { type Jar, flourChange } from '@core/journal';
import { FLOUR_KINDS, type FlourKind } from '@core/measure';
import { Choice, Choices, Field, Words } from '@kit';
import { selectTubs, useAppSelector } from '@state';

import { FLOUR_NOTES, FLOUR_WORDS, blendWords } from '../words';
import { type JarForm, type Problems, flourChanges } from './jarForm';

const USUAL_SHARE = '20';
const ANOTHER = 'another';

/** What a jar is fed with: its flours and their shares, a tub, and how slowly another flour comes in. */
export function FlourFields({
  form,
  onForm,
  problems,
  jar,
}: {
  readonly form: JarForm;
  readonly onForm: (form: JarForm) => void;
  readonly problems: Problems<JarForm>;
  readonly jar: Jar | null;
}) {
  const tubs = useAppSelector(selectTubs);
  const flours = FLOUR_KINDS.map((is) => ({ is, text: FLOUR_WORDS[is] }));
  const tub = tubs.find(({ id }) => id === form.tub);
  const under = jar && flourChange(jar);
  const mainIs = (flour: FlourKind, called: string | null) =>
    onForm({
      ...form,
      flour,
      called,
      others: form.others.filter(({ kind }) => kind !== flour),
    });
  return (
    <>
      {tubs.length > 0 && (
        <Choice
          label="Its flour"
          options={[
            { is: '', text: 'weighed by itself' },
            ...tubs.map(({ id: is, name }) => ({ is, text: `tub: ${name}` })),
          ]}
          chosen={form.tub ?? ''}
          onChoose={(is) => onForm({ ...form, tub: is === '' ? null : is })}
        />
      )}
      {tub ? (
        <Words tone="quiet">{`${blendWords(tub.flour)}. Every feed uses some of it.`}</Words>
      ) : (
        <>
          <Choice
            label="Flour"
            options={[...flours, { is: ANOTHER, text: 'another' }]}
            chosen={form.called === null ? form.flour : ANOTHER}
            onChoose={(is) =>
              is === ANOTHER ? onForm({ ...form, called: form.called ?? '' }) : mainIs(is, null)
            }
          />
          {form.called !== null && (
            <>
              <Field
                label="What it is called"
                text={form.called}
                onText={(called) => onForm({ ...form, called })}
                problem={problems.called ?? null}
              />
              <Choice
                label="Most like"
                options={flours}
                chosen={form.flour}
                onChoose={(flour) => mainIs(flour, form.called)}
              />
              {(form.flour === 'white' || form.flour === 'strongWhite') && (
                <Field
                  label="Protein, if the label says"
                  text={form.protein}
                  onText={(protein) => onForm({ ...form, protein })}
                  numeric
                  unit="%"
                  problem={problems.protein ?? null}
                  hint="From 12.5 % on it counts as strong."
                />
              )}
            </>
          )}
          {FLOUR_NOTES[form.flour] && (
            <Words size="small" tone="quiet">
              {FLOUR_NOTES[form.flour]}
            </Words>
          )}
          <Choices
            label="Blend in"
            options={flours.filter(({ is }) => is !== form.flour)}
            chosen={form.others.map(({ kind }) => kind)}
            onChoose={(kinds) =>
              onForm({
                ...form,
                others: kinds.map(
                  (kind) =>
                    form.others.find((other) => other.kind === kind) ?? { kind, pct: USUAL_SHARE },
                ),
              })
            }
          />
          {form.others.map(({ kind, pct }) => (
            <Field
              key={kind}
              label={`Share of ${FLOUR_WORDS[kind]}`}
              text={pct}
              onText={(to) =>
                onForm({
                  ...form,
                  others: form.others.map((other) =>
                    other.kind === kind ? { kind, pct: to } : other,
                  ),
                })
              }
              numeric
              unit="%"
              problem={problems.others ?? null}
            />
          ))}
          <Words size="small" tone="quiet">
            A mix of your own? Set up a tub for it in the larder, with the flours in it; then choose
            it here.
          </Words>
        </>
      )}
      {jar && !tub && flourChanges(form, jar.card) && (
        <>
          <Choice
            label="The new flour comes in"
            options={[1, 4, 6].map((is) => ({
              is,
              text: is === 1 ? 'at the next feed' : `over ${is} feeds`,
            }))}
            chosen={form.overFeeds}
            onChoose={(overFeeds) => onForm({ ...form, overFeeds })}
          />
          <Words size="small" tone="quiet">
            {under
              ? `Changing over: ${under.done} of ${under.of} feeds done.`
              : 'A starter copes better if its flour changes little by little.'}
          </Words>
        </>
      )}
    </>
  );
}
