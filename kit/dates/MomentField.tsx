import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { IconOnly } from '../Button';
import { Field } from '../Field';
import { laterPart } from '../later';
import { LARGE_TEXT, useTextScale } from '../textScale';
import { type DateStyle, dateExample, dateParts, isKept, useDateStyle, written } from './dateStyle';
import { type ReadDate } from './readDate';

// Fetched when it is first asked for, so that the first page need not carry it.
const late = () => import('./late');
const Month = laterPart(async () => (await late()).Month);

interface DateFieldProps {
  readonly label: string;
  /** As it is kept, `2026-03-13T18:20` or `2026-03-13`; what could not be read, as it was typed. */
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly problem?: string | null;
}

/** A day and a time, typed in the kitchen's own order and clock, or the day chosen from a month. */
export const MomentField = (props: DateFieldProps) => <DateField withTime {...props} />;

/** A day, typed in the kitchen's own order, or chosen from a month. */
export const DayField = (props: DateFieldProps) => <DateField withTime={false} {...props} />;

/** A day with its hour is so wide, px at the usual size of text. */
const LEAST_WIDTH = 165;

const HOUR_BY_ITSELF = '09:00';

function DateField({
  withTime,
  label,
  text,
  onText,
  problem,
}: DateFieldProps & { readonly withTime: boolean }) {
  const style = useDateStyle();
  const scale = useTextScale();
  /** What stands in the field while it is not what `text` would be written as. */
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [open, setOpen] = useState(false);
  const newest = useRef('');
  // What is read a moment later is told to whoever asks by then: other fields of the form may have changed meanwhile.
  const tell = useRef(onText);
  useEffect(() => {
    tell.current = onText;
  });
  const read = async (to: string) => {
    newest.current = to;
    onText(to);
    if (to.trim() === '' || isKept(to, withTime)) return setWrong(null);
    const found = (await late()).readDate(to, withTime, style);
    // Something else may have been typed since.
    if (newest.current !== to) return;
    setWrong(found.problem ? problemWords(found.problem, withTime, style) : null);
    if (found.text !== undefined) tell.current(found.text);
  };
  const choose = (chosen: string) => {
    const time = /T(\d\d:\d\d)$/.exec(text)?.[1] ?? HOUR_BY_ITSELF;
    setTyped(null);
    setWrong(null);
    setOpen(false);
    onText(withTime ? `${chosen}T${time}` : chosen);
  };
  const day = /^\d{4}-\d\d-\d\d/.exec(text)?.[0] ?? null;
  return (
    <View style={styles.both}>
      <View style={styles.row}>
        <View style={[styles.field, { minWidth: LEAST_WIDTH * scale }]}>
          <Field
            label={label}
            text={typed ?? written(text, style)}
            onText={(to) => {
              setTyped(to);
              void read(to);
            }}
            // It may follow the clock, but not while somebody is in it.
            onEnter={() => setTyped(typed ?? written(text, style))}
            onLeave={() => {
              // What was read is shown as it was read.
              if (!wrong) setTyped(null);
            }}
            placeholder={dateParts(withTime, style)}
            problem={wrong ?? problem ?? null}
          />
        </View>
        <View style={scale < LARGE_TEXT && styles.beside}>
          <IconOnly
            icon="calendar-month"
            label={`${label}: choose a day`}
            open={open}
            onPress={() => setOpen(!open)}
          />
        </View>
      </View>
      {open && (
        // In its place and not on top: the field may stand in a sheet already.

        <Month day={day} onDay={choose} />
      )}
    </View>
  );
}

function problemWords(
  problem: NonNullable<ReadDate['problem']>,
  withTime: boolean,
  style: DateStyle,
): string {
  switch (problem) {
    case 'noSuchDay':
      return 'There is no such day.';
    case 'noTime':
      return `With the time, please: ${dateExample(true, style)}.`;
    case 'unread':
      return `Like this, please: ${dateExample(withTime, style)}.`;
  }
}

const styles = StyleSheet.create({
  both: { gap: 8 },
  // Where the text is large there is no room beside a whole date.
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 4 },
  field: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  // Beside the field itself, under its label.
  beside: { paddingTop: 23 },
});
