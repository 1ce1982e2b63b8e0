import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type HandsPattern, type HandsState } from '@core/journal';
import { Choice, Button, Words, useLook, useWide } from '@kit';
import { PaintGrid } from '@kit/PaintGrid';
import { handsAt, handsChanged, paint, selectHands, useAppDispatch, useAppSelector } from '@state';

import { useKitchenWords } from '../words';

export const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const MARKED = [0, 6, 12, 18];
const GRID = 'When somebody is there, hour by hour';
/** Hours in a row where a thumb paints: one day at a time. */
const A_ROW = 4;
const WEEKDAYS = [0, 1, 2, 3, 4];

const STATE_WORDS: Readonly<Record<HandsState, string>> = {
  there: 'there',
  asleep: 'asleep',
  away: 'away',
};

/** Some days painted hour by hour like another. */
const sameOn = (hands: HandsPattern, from: number, days: readonly number[]): HandsPattern =>
  (['there', 'asleep', 'away'] as const).reduce((painted, state) => {
    const hours = Array.from({ length: 24 }, (_, hour) => hour).filter(
      (hour) => handsAt(hands, from, hour + 0.5) === state,
    );
    // What is like it already keeps its half hours.
    const differs = (day: number, hour: number) => handsAt(hands, day, hour + 0.5) !== state;
    const cells = days.flatMap((day) =>
      hours.filter((hour) => differs(day, hour)).map((hour) => [day, hour] as const),
    );
    return paint(painted, cells, state);
  }, hands);

/** The week painted by the hour: there, asleep, away. */
export function HandsGrid() {
  const look = useLook();
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const hands = useAppSelector(selectHands);
  const wide = useWide();
  const [day, setDay] = useState(0);
  const [brush, setBrush] = useState<HandsState>('away');
  const fills: Readonly<Record<HandsState, string>> = {
    there: look.enamel,
    asleep: look.rainPale,
    away: look.crust,
  };
  // An hour is shown as most of it is.
  const shown = (day: number, hour: number) => handsAt(hands, day, hour + 0.5);
  const cellText = (of: number, hour: number) =>
    `${DAYS[of]} ${words.hour(hour)}, ${STATE_WORDS[shown(of, hour)]}`;
  return (
    <View style={styles.stack}>
      <Choice
        label="Paint with"
        options={(['there', 'asleep', 'away'] as const).map((is) => ({
          is,
          text: STATE_WORDS[is],
          swatch: fills[is],
        }))}
        chosen={brush}
        onChoose={setBrush}
      />
      {wide ? (
        <PaintGrid
          label={GRID}
          rows={DAYS}
          columns={24}
          marks={MARKED.map((hour) => ({ column: hour, text: words.hour(hour) }))}
          cellText={(day, hour) => cellText(day, hour)}
          fillOf={(day, hour) => fills[shown(day, hour)]}
          brush={fills[brush]}
          onPaint={(cells) => dispatch(handsChanged(paint(hands, cells, brush), 'Painted'))}
        />
      ) : (
        <>
          <Choice
            label="On which day"
            options={DAYS.map((text, is) => ({ is, text }))}
            chosen={day}
            onChoose={setDay}
          />
          <PaintGrid
            label={GRID}
            forThumbs
            rows={Array.from({ length: 24 / A_ROW }, (_, row) => words.hour(row * A_ROW))}
            columns={A_ROW}
            marks={[]}
            cellText={(row, column) => cellText(day, row * A_ROW + column)}
            fillOf={(row, column) => fills[shown(day, row * A_ROW + column)]}
            brush={fills[brush]}
            onPaint={(cells) =>
              dispatch(
                handsChanged(
                  paint(
                    hands,
                    cells.map(([row, column]) => [day, row * A_ROW + column] as const),
                    brush,
                  ),
                  'Painted',
                ),
              )
            }
          />
          {day < 5 && (
            <Button
              kind="bare"
              onPress={() =>
                dispatch(
                  handsChanged(sameOn(hands, day, WEEKDAYS), `Mon to Fri are like ${DAYS[day]}`),
                )
              }
            >
              The same from Mon to Fri
            </Button>
          )}
        </>
      )}
      <Words size="small" tone="quiet">
        Draw across the hours to paint them. With the keyboard: arrow keys and space.
      </Words>
      {Object.keys(hands.painted).length > 0 && (
        <Button
          kind="bare"
          onPress={() =>
            dispatch(handsChanged({ ...hands, painted: {} }, 'The painting is cleared'))
          }
        >
          Clear what was painted
        </Button>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 10 },
});
