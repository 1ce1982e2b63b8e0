import { gramsFromText } from '@core/bench';
import { type Ingredient } from '@core/measure';
import { Field } from '@kit';
import { selectSettings, useAppSelector } from '@state';

type FieldProps = Parameters<typeof Field>[0];

/**
 * A weight in grams. Where the kitchen has ounces or cups they can be typed too, and what they come to stands below; what was
 * typed is read with `gramsFromText`.
 */
export function WeightField({
  of = 'starter',
  hint = '',
  ...field
}: Omit<FieldProps, 'unit' | 'numeric'> & {
  /** What is weighed: a cup of flour is no cup of water. */
  readonly of?: Ingredient;
}) {
  const { cups, ounces } = useAppSelector(selectSettings);
  const units = cups || ounces;
  const grams = gramsFromText(field.text, of);
  const converted = units && /[a-z¼⅓½⅔¾/]/i.test(field.text) && !Number.isNaN(grams);
  const below = [converted ? `${Math.round(grams)} g` : '', hint].filter(Boolean).join('. ');
  return <Field {...field} unit="g" numeric={!units} hint={below} />;
}
