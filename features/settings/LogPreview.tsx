import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type LogAsked, type ThermometerLog } from '@core/formats/thermometerLog';
import { type Place } from '@core/ferment';
import { DAY } from '@core/measure';
import { usualDay } from '@core/verbs/thermometer';
import { Button, Choice, Field, Folded, Notice, Words, parseNumber } from '@kit';
import { selectNow, selectTime, useAppSelector } from '@state';

import { DayOrderChoice } from '../parts/DayOrderChoice';
import { FileProblems } from '../parts/FileProblems';
import { ORDER_WORDS, useKitchenWords } from '../words';

const DAY_AND_TIME = -1;
/** What a log says of so short a time ago is still so. */
const STILL_SO = 7 * DAY;

/** A thermometer's log as it was understood, with every guess to be put right, and the last word on it. */
export function LogPreview({
  log,
  place,
  busy,
  onAsk,
  onLeave,
  onTake,
}: {
  readonly log: ThermometerLog;
  readonly place: Place;
  readonly busy: boolean;
  readonly onAsk: (asked: LogAsked) => void;
  readonly onLeave: () => void;
  /** With whether the place has the log's usual day from now on. */
  readonly onTake: (usually: boolean) => void;
}) {
  const words = useKitchenWords();
  const time = useAppSelector(selectTime);
  const now = useAppSelector(selectNow);
  const usual = useMemo(() => usualDay(place, log.hours, time), [place, log.hours, time]);
  // What a summer's log says is not what the kitchen is like in winter: of an old one nobody's card changes by itself.
  const [usually, setUsually] = useState(now - log.until < STILL_SO);
  const { readings, everyMin, from, until, low, high, unread, seemsBehindH } = log;
  const every = everyMin > 0 ? `, every ${words.span(everyMin / 60)}` : '';
  return (
    <>
      <View style={styles.stack}>
        <Words strong live>
          {`${readings === 1 ? '1 reading' : `${readings} readings`}${every}, ${words.dated(from)} to ${words.dated(until)}`}
        </Words>
        <Words>{`Between ${words.celsius(low)} and ${words.celsius(high)}. The first lines, as they were understood:`}</Words>
        {log.first.map(({ text, at, celsius }) => (
          <Words key={`${text} ${at}`} size="small" tone="quiet">
            {`${text}: ${words.dated(at)}, ${words.celsius(celsius)}`}
          </Words>
        ))}
      </View>
      {seemsBehindH !== null && (
        <Notice
          title={
            seemsBehindH > 0
              ? 'Its clock was never set, it seems'
              : 'Its clock runs ahead, it seems'
          }
          actions={
            <Button onPress={() => onAsk({ clockBehindH: seemsBehindH })}>
              Move all of it so that it ends now
            </Button>
          }
        >
          {seemsBehindH > 0
            ? 'The log begins years ago. If you saved it just now, it ended just now.'
            : 'The log ends in the future. If you saved it just now, it ended just now.'}
        </Notice>
      )}
      <FileProblems problems={log.problems} count={unread} />
      <ReadOtherwise log={log} onAsk={onAsk} />
      {usual && (
        <Choice
          label="From now on"
          options={[
            { is: true, text: 'its usual day by this log' },
            { is: false, text: 'as its card says' },
          ]}
          chosen={usually}
          onChoose={setUsually}
        />
      )}
      <Button disabled={busy} onPress={onLeave}>
        Leave it
      </Button>
      <Button kind="main" disabled={busy} onPress={() => onTake(usually && usual !== null)}>
        {unread > 0 ? `Lay what can be read over ${place.name}` : `Lay it over ${place.name}`}
      </Button>
    </>
  );
}

/** Columns, dates, unit and clock, where they were guessed wrong. */
function ReadOtherwise({
  log,
  onAsk,
}: {
  readonly log: ThermometerLog;
  readonly onAsk: (asked: LogAsked) => void;
}) {
  const { names, columns, order, orders, unit, unitSaid } = log;
  const [behind, setBehind] = useState('');
  const all = names.map((text, is) => ({ is, text }));
  const unsure = orders.length > 1 && orders.some((one) => one !== order);
  const shift = () => {
    const hours = behind.trim() === '' ? 0 : parseNumber(behind);
    if (!Number.isNaN(hours)) onAsk({ clockBehindH: hours });
  };
  return (
    <Folded
      title="Read it otherwise"
      said={`Days ${ORDER_WORDS[order]}, in ${unit === 'celsius' ? '°C' : '°F'}${unitSaid ? '' : ', by what a room can be'}`}
      open={unsure}
    >
      <DayOrderChoice order={order} onOrder={(is) => onAsk({ order: is })} />
      <Choice
        label="Degrees are"
        options={[
          { is: 'celsius' as const, text: 'in °C' },
          { is: 'fahrenheit' as const, text: 'in °F' },
        ]}
        chosen={unit}
        onChoose={(is) => onAsk({ unit: is })}
      />
      {names.length > 2 && (
        <>
          <Choice
            label="The day is in"
            options={all}
            chosen={columns.when}
            onChoose={(when) => onAsk({ columns: { ...columns, when } })}
          />
          <Choice
            label="The time is in"
            options={[{ is: DAY_AND_TIME, text: 'the same' }, ...all]}
            chosen={columns.time ?? DAY_AND_TIME}
            onChoose={(is) =>
              onAsk({ columns: { ...columns, time: is === DAY_AND_TIME ? null : is } })
            }
          />
          <Choice
            label="The temperature is in"
            options={all}
            chosen={columns.celsius}
            onChoose={(celsius) => onAsk({ columns: { ...columns, celsius } })}
          />
        </>
      )}
      <Field
        label="Its clock was behind by"
        text={behind}
        onText={setBehind}
        onSubmit={shift}
        numeric
        unit="h"
        hint="Less than nothing where it was ahead."
        problem={
          behind.trim() !== '' && Number.isNaN(parseNumber(behind)) ? 'Hours, please.' : null
        }
      />
      <Button onPress={shift}>Read it again</Button>
    </Folded>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 4 },
});
