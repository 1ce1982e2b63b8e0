import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';

import { forecast } from '@core/ferment';
import { type Standing, conditionsOf } from '@core/journal';
import { HOUR } from '@core/measure';
import { move } from '@core/verbs';
import { Button, Sheet, Words } from '@kit';
import {
  doneTo,
  selectNow,
  selectPlaces,
  useAppDispatch,
  useAppSelector,
  useContextOf,
} from '@state';

import { useKitchenWords } from '../words';

/** Hours beyond now that a move is judged by. */
const LOOK_AHEAD = 72;

/** Where to put the jar, and what each place would do to it. */
export function MoveSheet({
  standing,
  onClose,
}: {
  readonly standing: Standing;
  readonly onClose: () => void;
}) {
  const { jar, place: here } = standing;
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const places = useAppSelector(selectPlaces);
  const context = useContextOf(jar.id);
  const outcomes = useMemo(
    () =>
      places.map((place) => {
        const moved = { ...jar, stays: [...jar.stays, { from: now, place: place.id }] };
        return forecast(jar.fedMix, conditionsOf(moved, context), standing.hours + LOOK_AHEAD);
      }),
    [places, jar, now, context, standing.hours],
  );
  return (
    <Sheet title={`Move ${jar.card.name}`} onClose={onClose}>
      {places.map((place, i) => {
        const { ripeFromH, ripeUntilH } = outcomes[i]!;
        const at = (h: number) => words.about(jar.since + h * HOUR);
        const then =
          ripeFromH === null
            ? 'not ripe within three days'
            : standing.hours > (ripeUntilH ?? Infinity)
              ? 'its ripe hours are over'
              : ripeUntilH === null
                ? `ripe from ${at(ripeFromH)}`
                : `ripe ${words.stretch(jar.since + ripeFromH * HOUR, jar.since + ripeUntilH * HOUR)}`;
        return (
          <View key={place.id} style={styles.stack}>
            <Button
              disabled={place.id === here?.id}
              onPress={() => {
                dispatch(
                  doneTo(
                    jar.id,
                    (atHand) => move(atHand, place.id),
                    `${jar.card.name} moved: ${place.name}`,
                  ),
                );
                onClose();
              }}
            >
              {place.id === here?.id ? `${place.name}, where it stands` : place.name}
            </Button>
            <Words size="small" tone="quiet" center>
              {then}
            </Words>
          </View>
        );
      })}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 4 },
});
