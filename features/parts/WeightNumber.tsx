import { gramsFromText } from '@core/bench';
import { type Ingredient } from '@core/measure';
import { NumberField } from '@kit';
import { selectSettings, useAppSelector } from '@state';

/** A weight between two bounds, in grams, or in ounces or cups where the kitchen has them. */
export function WeightNumber({
  of,
  ...field
}: Omit<Parameters<typeof NumberField>[0], 'unit' | 'parse' | 'numeric'> & {
  readonly of: Ingredient;
}) {
  const { cups, ounces } = useAppSelector(selectSettings);
  return (
    <NumberField
      {...field}
      unit="g"
      numeric={!cups && !ounces}
      parse={(text) => gramsFromText(text, of)}
    />
  );
}
