import { format, parse } from 'date-fns';
import { type CSSProperties, useMemo } from 'react';
import { DayPicker } from 'react-day-picker';
import { enGB } from 'react-day-picker/locale/en-GB';

import { HEADING_FONT, type Look, RADIUS, TEXT_FONT, useLook } from '../look';
import { Panel } from '../Panel';
import { useDateStyle } from './dateStyle';

/** A month to choose a day from. */
export function Month({
  day,
  onDay,
}: {
  /** `2026-03-13`; null where none is chosen yet. */
  readonly day: string | null;
  readonly onDay: (day: string) => void;
}) {
  const look = useLook();
  const { today, order } = useDateStyle();
  const styles = useMemo(() => stylesOf(look), [look]);
  const now = fromText(today);
  const chosen = day === null ? undefined : fromText(day);
  return (
    <Panel>
      <DayPicker
        mode="single"
        required
        autoFocus
        selected={chosen}
        onSelect={(to: Date) => onDay(format(to, KEPT))}
        defaultMonth={chosen ?? now}
        today={now}
        locale={enGB}
        weekStartsOn={order === 'monthFirst' ? 0 : 1}
        styles={styles}
        modifiersStyles={{
          selected: { background: look.rim, color: look.enamel, borderRadius: RADIUS },
          today: { fontWeight: 700, textDecoration: 'underline' },
        }}
      />
    </Panel>
  );
}

const KEPT = 'yyyy-MM-dd';
const fromText = (text: string): Date => parse(text, KEPT, new Date());

const stylesOf = (look: Look): Readonly<Record<string, CSSProperties>> => {
  const touch: CSSProperties = {
    width: 44,
    height: 44,
    font: 'inherit',
    color: 'inherit',
    background: 'transparent',
    border: 0,
    borderRadius: RADIUS,
    cursor: 'pointer',
  };
  return {
    root: { position: 'relative', color: look.ink, alignSelf: 'center' },
    month_caption: {
      font: `650 19px ${HEADING_FONT}`,
      height: 44,
      display: 'flex',
      alignItems: 'center',
      paddingLeft: 10,
    },
    nav: { position: 'absolute', top: 0, right: 0, display: 'flex' },
    button_previous: touch,
    button_next: touch,
    chevron: { fill: look.rim },
    weekday: { font: `400 14px ${TEXT_FONT}`, color: look.quiet, height: 32 },
    day: { padding: 0, textAlign: 'center', font: `400 16px ${TEXT_FONT}` },
    day_button: touch,
  };
};
