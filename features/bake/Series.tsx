import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Build, ripeHours } from '@core/bench';
import { type Jar, airOf, mixAt } from '@core/journal';
import { HOUR } from '@core/measure';
import { build } from '@core/verbs';
import { Button, Words, useLook } from '@kit';
import {
  doneTo,
  orSaid,
  selectNow,
  selectPlaces,
  useAppDispatch,
  useAppSelector,
  useContextOf,
} from '@state';

import { useKitchenWords } from '../words';

/** Several builds in a row, from the little that a jar can spare: what goes in at each, and when it is ripe. */
export function Series({ builds, jar }: { readonly builds: readonly Build[]; readonly jar: Jar }) {
  const look = useLook();
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const places = useAppSelector(selectPlaces);
  const context = useContextOf(jar.id);
  const room = (places.find(({ kind }) => kind === 'counter') ?? places[0])?.id;
  const ripe = useMemo(() => {
    const mix = mixAt(jar, now, context);
    return ripeHours(builds, mix, (hours) => {
      const from = now + hours * HOUR;
      return {
        air: airOf([{ from, place: room ?? '' }], from, context.places, context.time),
        vessel: jar.card.vessel,
        pace: context.pace,
      };
    });
  }, [builds, jar, now, context, room]);
  const [first] = builds;
  const take = () =>
    dispatch(
      orSaid(
        doneTo(
          jar.id,
          (atHand) => build(atHand, first!),
          `${words.grams(first!.seedG)} of ${jar.card.name} is taken for a levain`,
        ),
      ),
    );
  return (
    <View style={[styles.ruled, { borderTopColor: look.seam }]}>
      <Words>{`In ${builds.length} builds, in a bowl beside it:`}</Words>
      {builds.map(({ seedG, flourG, waterG }, i) => {
        const at = ripe[i] ?? null;
        return (
          <Words key={seedG}>
            {`${i + 1}. ${i === 0 ? `take ${words.grams(seedG)} out` : `to all ${words.grams(seedG)}`}, add ${words.grams(waterG)} water and ${words.grams(flourG)} flour${at === null ? '.' : `: ripe about ${words.about(now + at * HOUR)}.`}`}
          </Words>
        );
      })}
      <Button onPress={take}>{`Take ${words.grams(first!.seedG)} out`}</Button>
    </View>
  );
}

const styles = StyleSheet.create({
  ruled: { gap: 8, borderTopWidth: 1, paddingTop: 8 },
});
