import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type HandsPattern } from '@core/journal';
import { DAY } from '@core/measure';
import {
  Field,
  Folded,
  MomentField,
  Button,
  IconOnly,
  RADIUS,
  RIM,
  TOUCH,
  TouchArea,
  Words,
  parseNumber,
  useLook,
  useTyped,
} from '@kit';
import {
  handsChanged,
  selectHands,
  selectHandsGiven,
  selectNow,
  selectTrips,
  tripAdded,
  tripDropped,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { useKitchenWords } from '../words';
import { DAYS, HandsGrid } from './HandsGrid';

/** When a jar can be touched: up and about, not at work, not on a trip. */
export function HandsPanel({ folds = true }: { readonly folds?: boolean }) {
  const look = useLook();
  const words = useKitchenWords();
  // As it was when the page was opened: it does not shut under the fingers that fill it in.
  const [given] = useState(useAppSelector(selectHandsGiven));
  const trips = useAppSelector(selectTrips);
  const dispatch = useAppDispatch();
  const hands = useAppSelector(selectHands);
  const toggle = (day: number) =>
    dispatch(
      handsChanged({
        ...hands,
        workDays: hands.workDays.includes(day)
          ? hands.workDays.filter((d) => d !== day)
          : [...hands.workDays, day].sort(),
      }),
    );
  return (
    <Folded
      title="Hands"
      open={!given || !folds}
      said={`Up ${words.hour(hands.upFrom)} to ${words.hour(hands.upUntil)}${
        hands.workDays.length > 0 ? `, out on ${hands.workDays.length} days a week` : ''
      }${trips.length > 0 ? ', a trip ahead' : ''}`}
    >
      <Words size="small" tone="quiet">
        When somebody is there to see to a jar. Plans keep to it.
      </Words>
      <View style={styles.row}>
        <HourField label="Up from" of="upFrom" hands={hands} />
        <HourField label="until" of="upUntil" hands={hands} />
      </View>
      <Words size="small" tone="quiet">
        Away at work on
      </Words>
      <View style={styles.days}>
        {DAYS.map((name, day) => {
          const on = hands.workDays.includes(day);
          return (
            <TouchArea
              key={name}
              role="checkbox"
              on={on}
              onPress={() => toggle(day)}
              frame={styles.oneDay}
              style={[
                styles.day,
                {
                  borderColor: on ? look.rim : look.seam,
                  backgroundColor: on ? look.rim : look.enamel,
                },
              ]}
            >
              <Words size="small" strong={on} style={on ? { color: look.enamel } : null}>
                {name}
              </Words>
            </TouchArea>
          );
        })}
      </View>
      {hands.workDays.length > 0 && (
        <View style={styles.row}>
          <HourField label="Leaving at" of="workFrom" hands={hands} />
          <HourField label="Back at" of="workUntil" hands={hands} />
        </View>
      )}
      <HandsGrid />
      <Trips />
    </Folded>
  );
}

type HourKey = Exclude<keyof HandsPattern, 'workDays' | 'painted'>;

/** A local hour as "6:30". */
const hourText = (hour: number) =>
  `${Math.floor(hour)}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}`;

/** "6:30", "6.5" or "6" as hours; NaN for anything else. */
function hourFrom(text: string): number {
  const clock = /^(\d{1,2})[:.h](\d{2})$/.exec(text.trim());
  const hour = clock ? Number(clock[1]) + Number(clock[2]) / 60 : parseNumber(text);
  return hour >= 0 && hour <= 24 ? hour : NaN;
}

function HourField({
  label,
  of,
  hands,
}: {
  readonly label: string;
  readonly of: HourKey;
  readonly hands: HandsPattern;
}) {
  const dispatch = useAppDispatch();
  const wrongWith = (to: string): string | null => {
    const next = { ...hands, [of]: hourFrom(to) };
    if (Number.isNaN(next[of])) return 'An hour like 6:30.';
    return next.upFrom >= next.upUntil || next.workFrom >= next.workUntil
      ? 'The end is before the beginning.'
      : null;
  };
  const { text, usable, ...field } = useTyped(hands[of], {
    textOf: hourText,
    read: (to) => (wrongWith(to) === null ? hourFrom(to) : undefined),
    onValue: (hour) => dispatch(handsChanged({ ...hands, [of]: hour })),
  });
  return <Field label={label} text={text} {...field} problem={usable ? null : wrongWith(text)} />;
}

/** No trip lies further from today, ms. */
const FAR = 3 * 366 * DAY;

function Trips() {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const trips = useAppSelector(selectTrips).filter(({ until }) => until > now);
  const [adding, setAdding] = useState(false);
  const [from, setFrom] = useState('');
  const [until, setUntil] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const add = () => {
    const trip = { from: words.instantOf(from), until: words.instantOf(until) };
    if (!(trip.until > trip.from))
      return setProblem('Give the day you leave and a later day for coming back.');
    if (trip.until < now) return setProblem('That trip is over.');
    if (trip.from < now - FAR || trip.until > now + FAR) return setProblem('Check the year.');
    setProblem(null);
    dispatch(
      tripAdded(
        trip.from,
        trip.until,
        `Away ${words.moment(trip.from)} to ${words.moment(trip.until)}`,
      ),
    );
    setAdding(false);
  };
  return (
    <>
      {trips.map((trip) => (
        <View key={trip.id} style={styles.trip}>
          <Words
            style={styles.fill}
          >{`Away ${words.moment(trip.from)} to ${words.moment(trip.until)}`}</Words>
          <IconOnly
            icon="close"
            label="Remove the trip"
            onPress={() => dispatch(tripDropped(trip.id, 'The trip is off'))}
          />
        </View>
      ))}
      {adding ? (
        <>
          <MomentField label="Leaving" text={from} onText={setFrom} />
          <MomentField label="Coming back" text={until} onText={setUntil} problem={problem} />
          <View style={styles.buttons}>
            <Button onPress={() => setAdding(false)}>Cancel</Button>
            <Button grow onPress={add}>
              Mark the trip
            </Button>
          </View>
        </>
      ) : (
        <Button kind="bare" icon="plus" onPress={() => setAdding(true)}>
          A trip, or a night away
        </Button>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12 },
  // Seven in a row on a usual telephone.
  days: { flexDirection: 'row', flexWrap: 'wrap', gap: 2 },
  day: {
    minHeight: TOUCH,
    minWidth: 44,
    alignItems: 'center',
    justifyContent: 'center',
    borderRadius: RADIUS,
    borderWidth: RIM,
  },
  trip: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  oneDay: { flexGrow: 1 },
  fill: { flex: 1 },
  buttons: { flexDirection: 'row', gap: 8 },
});
