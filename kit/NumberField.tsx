import { useState } from 'react';

import { Field } from './Field';
import { parseNumber } from './numberText';

/** A number between two bounds. What cannot be used is kept as typed, with what is wrong; the number before it stands. */
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
  const [typed, setTyped] = useState<string | null>(null);
  const within = (of: string) => parse(of) >= low && parse(of) <= high;
  // What was typed stays while it cannot be used, or means the value: "72." on the way to "72.5".
  const stays = typed !== null && (!within(typed) || parse(typed) === value);
  const text = stays ? typed : String(Math.round(value * 10) / 10);
  return (
    <Field
      label={label}
      text={text}
      {...(numeric ? { numeric } : {})}
      {...(unit ? { unit } : {})}
      onText={(to) => {
        setTyped(to);
        if (within(to)) onValue(parse(to));
      }}
      problem={within(text) ? null : `Between ${low} and ${high}, please.`}
    />
  );
}
