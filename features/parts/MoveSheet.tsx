import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Standing, ifMoved } from '@core/journal';
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

import { ripeWords, useKitchenWords } from '../words';
import { When, useWhen } from './When';

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
  const when = useWhen(words, now);
  const [problem, setProblem] = useState<string | null>(null);
  const at = when.at ?? now;
  const later = at > now;
  const outcomes = useMemo(
    () =>
      places.map(({ id }) =>
        ifMoved(jar, id, Number.isNaN(at) ? now : at, context, standing.hours + LOOK_AHEAD),
      ),
    [places, jar, at, now, context, standing.hours],
  );
  return (
    <Sheet title={`Move ${jar.card.name}`} onClose={onClose}>
      <When when={when} label="Moved at" offer="Earlier or later" problem={problem} />
      {places.map((place, i) => {
        const outcome = outcomes[i]!;
        const then = jar.unfedH
          ? null
          : standing.hours > (outcome.ripeUntilH ?? Infinity)
            ? 'past its ripe hours'
            : ripeWords(outcome, jar.since, words, standing.hours);
        return (
          <View key={place.id} style={styles.stack}>
            <Button
              disabled={place.id === here?.id && when.at === null}
              onPress={() => {
                const [objection] = dispatch(
                  doneTo(
                    jar.id,
                    (atHand) => move(atHand, place.id, when.at ?? atHand.now),
                    later
                      ? `${jar.card.name} is to be moved ${words.moment(at)}: ${place.name}`
                      : `${jar.card.name} moved: ${place.name}`,
                  ),
                );
                setProblem(objection?.message ?? null);
                if (!objection) onClose();
              }}
            >
              {place.id === here?.id ? `${place.name}, where it stands` : place.name}
            </Button>
            {then !== null && (
              <Words size="small" tone="quiet" center>
                {then}
              </Words>
            )}
          </View>
        );
      })}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 4 },
});
