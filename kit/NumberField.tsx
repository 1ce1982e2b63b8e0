import { Field } from './Field';
import { parseNumber } from './numberText';
import { useTyped } from './useTyped';

/** A number between two bounds. What cannot be used is kept as typed, with what is wrong; the number of before stands. */
export function NumberField({
  label,
  unit,
  value,
  low,
  high,
  onValue,
  parse = parseNumber,
  numeric = true,
}: {
  readonly label: string;
  readonly unit?: string;
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly onValue: (value: number) => void;
  /** What a text means; NaN where it means nothing. */
  readonly parse?: (text: string) => number;
  readonly numeric?: boolean;
}) {
  const { text, usable, ...field } = useTyped(value, {
    textOf: (of) => String(Math.round(of * 10) / 10),
    read: (typed) => (parse(typed) >= low && parse(typed) <= high ? parse(typed) : undefined),
    onValue,
  });
  const within = usable && value >= low && value <= high;
  return (
    <Field
      label={label}
      text={text}
      {...field}
      {...(numeric ? { numeric } : {})}
      {...(unit ? { unit } : {})}
      problem={within ? null : `Between ${low} and ${high}, please.`}
    />
  );
}
