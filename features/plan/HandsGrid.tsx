import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type HandsState } from '@core/journal';
import { Choice, PaintGrid, Button, Words, useLook } from '@kit';
import { handsAt, handsChanged, paint, selectHands, useAppDispatch, useAppSelector } from '@state';

import { useKitchenWords } from '../words';

export const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const MARKED = [0, 6, 12, 18];

const STATE_WORDS: Readonly<Record<HandsState, string>> = {
  there: 'there',
  asleep: 'asleep',
  away: 'away',
};

/** The week painted by the hour: there, asleep, away. */
export function HandsGrid() {
  const look = useLook();
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const hands = useAppSelector(selectHands);
  const [brush, setBrush] = useState<HandsState>('away');
  const fills: Readonly<Record<HandsState, string>> = {
    there: look.enamel,
    asleep: look.rainPale,
    away: look.crust,
  };
  // An hour is shown as most of it is.
  const shown = (day: number, hour: number) => handsAt(hands, day, hour + 0.5);
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
      <PaintGrid
        label="When somebody is there, hour by hour"
        rows={DAYS}
        columns={24}
        marks={MARKED.map((hour) => ({ column: hour, text: words.hour(hour) }))}
        cellText={(day, hour) =>
          `${DAYS[day]} ${words.hour(hour)}, ${STATE_WORDS[shown(day, hour)]}`
        }
        fillOf={(day, hour) => fills[shown(day, hour)]}
        brush={fills[brush]}
        onPaint={(cells) => dispatch(handsChanged(paint(hands, cells, brush), 'Painted'))}
      />
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
