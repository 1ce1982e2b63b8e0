import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type LogAsked } from '@core/formats/thermometerLog';
import { type Place } from '@core/ferment';
import { trackFacts, trackIn } from '@core/journal';
import { DAY, HOUR, fahrenheitToCelsius } from '@core/measure';
import { readLowHigh } from '@core/verbs/thermometer';
import { Button, Field, FieldRow, Sheet, Words, parseNumber } from '@kit';
import { TimeChart } from '@kit/TimeChart';
import {
  byField,
  done,
  selectNow,
  selectPlaceHistory,
  selectSettings,
  selectTime,
  useAppDispatch,
  useAppSelector,
} from '@state';
import { laidOver, readThermometer } from '@state/thermometer';

import { useTable } from '../parts/useTable';
import { When, useWhen } from '../parts/When';
import { useKitchenWords } from '../words';
import { LogPreview } from './LogPreview';

/** What a thermometer says of a place: the lowest and the highest of a day, or a whole log. */
export function ThermometerSheet({
  place,
  onClose,
}: {
  readonly place: Place;
  readonly onClose: () => void;
}) {
  const dispatch = useAppDispatch();
  const reading = useTable(readThermometer, AS_GUESSED);
  const { table: log } = reading;
  return (
    <Sheet title={`Thermometer: ${place.name}`} onClose={onClose}>
      {log === null ? (
        <>
          <KnownSoFar place={place} />
          <LastDay place={place} />
          <View style={styles.stack}>
            <Words strong level={3}>
              A whole log
            </Words>
            <Words size="small" tone="quiet">
              A table of times and temperatures, as a thermometer that records can save it. Every
              forecast for a jar that stood here goes by it.
            </Words>
            <Button disabled={reading.busy} onPress={() => void reading.choose()}>
              Choose its file
            </Button>
          </View>
        </>
      ) : (
        <LogPreview
          log={log}
          place={place}
          busy={reading.busy}
          onAsk={(asked) => void reading.ask(asked)}
          onLeave={reading.leave}
          onTake={(usually) => {
            const [objection] = dispatch(
              laidOver(place.id, log.hours, usually, `The log is laid over ${place.name}`),
            );
            if (objection) reading.fail(objection.message);
            else onClose();
          }}
        />
      )}
      {reading.busy && <Words live>Reading the file …</Words>}
      {reading.problem !== null && (
        <Words tone="beet" live>
          {reading.problem}
        </Words>
      )}
    </Sheet>
  );
}

const AS_GUESSED: LogAsked = {};

/** So much of it is drawn. */
const SHOWN_DAYS = 14;

/** What was measured in a place before. */
function KnownSoFar({ place }: { readonly place: Place }) {
  const words = useKitchenWords();
  const places = useAppSelector(selectPlaceHistory);
  const time = useAppSelector(selectTime);
  const track = trackIn(places, place.id, time);
  if (!track) return <Words tone="quiet">Nothing was measured here yet.</Words>;
  const { days, from, until, low, high } = trackFacts(track);
  const said = `Measured for ${words.span(24 * days)} between ${words.fullDay(from)} and ${words.fullDay(until - 1)}: ${words.celsius(low)} to ${words.celsius(high)}.`;
  const hours = [...track.celsius].map((celsius, i): readonly [number, number | null] => [
    (track.firstHour + i + 0.5) * HOUR,
    Number.isNaN(celsius) ? null : celsius,
  ]);
  const shown = hours.filter(([at]) => at > until - SHOWN_DAYS * DAY);
  return (
    <View style={styles.stack}>
      <Words strong>{said}</Words>
      <TimeChart
        series={[{ name: place.name, tone: 'rim', as: 'line', points: shown }]}
        valueText={(celsius) => words.celsius(celsius)}
        timeText={(at) => words.chartDate(at)}
        label={`${place.name}, by the hour. ${said}`}
      />
    </View>
  );
}

/** The two numbers that a thermometer keeps of a day. */
function LastDay({ place }: { readonly place: Place }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const unit = useAppSelector(selectSettings).temperature;
  const when = useWhen(words, useAppSelector(selectNow));
  const [low, setLow] = useState('');
  const [high, setHigh] = useState('');
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const celsius = (text: string) =>
    unit === 'fahrenheit' ? fahrenheitToCelsius(parseNumber(text)) : parseNumber(text);
  const write = () => {
    const found = byField(
      dispatch(
        done(
          (now) =>
            readLowHigh(
              place.id,
              { low: celsius(low), high: celsius(high), at: when.at ?? now },
              now,
            ),
          `${place.name}: the last day is written down`,
        ),
      ),
    );
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    setLow('');
    setHigh('');
    when.clear();
  };
  const degrees = unit === 'fahrenheit' ? '°F' : '°C';
  return (
    <View style={styles.stack}>
      <Words strong level={3}>
        The last day
      </Words>
      <FieldRow>
        <Field
          label="Lowest"
          text={low}
          onText={setLow}
          numeric
          unit={degrees}
          problem={problems.low ?? null}
        />
        <Field
          label="Highest"
          text={high}
          onText={setHigh}
          numeric
          unit={degrees}
          problem={problems.high ?? null}
          onSubmit={write}
        />
      </FieldRow>
      <When when={when} label="Read at" problem={problems.at ?? null} />
      <Button onPress={write}>Write it down</Button>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 8 },
});
