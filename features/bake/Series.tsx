import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Build } from '@core/bench';
import { type Standing } from '@core/journal';
import { buildInBowl, seriesRipe } from '@core/verbs';
import { Button, Words, useLook } from '@kit';
import {
  doneTo,
  selectNow,
  selectPlaces,
  selectTubs,
  useAppDispatch,
  useAppSelector,
  useContextOf,
} from '@state';

import { useBowlBeside } from '../parts/useBowlBeside';
import { useKitchenWords } from '../words';

/** Several builds in a row, from the little that a jar can spare: what goes in at each, and when it is ripe. */
export function Series({
  builds,
  standing,
}: {
  readonly builds: readonly Build[];
  readonly standing: Standing;
}) {
  const { jar } = standing;
  const router = useRouter();
  const tubs = useAppSelector(selectTubs);
  const beside = useBowlBeside(standing);
  const [problem, setProblem] = useState<string | null>(null);
  const look = useLook();
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const places = useAppSelector(selectPlaces);
  const context = useContextOf(jar.id);
  const room = (places.find(({ kind }) => kind === 'counter') ?? places[0])?.id;
  const ripe = useMemo(
    () => seriesRipe(jar, builds, room ?? '', context, now),
    [builds, jar, now, context, room],
  );
  const [first] = builds;
  const begin = () => {
    const bowl = beside();
    const found = dispatch(
      doneTo(
        jar.id,
        (atHand) =>
          buildInBowl(atHand, tubs, {
            ...bowl,
            ...first!,
            builds: builds.map(({ flourG, waterG }) => ({ flourG, waterG })),
          }),
        `${bowl.name} stands in its bowl`,
      ),
    );
    setProblem(found[0]?.message ?? null);
    if (found.length === 0) router.navigate(`/jar/${bowl.id}`);
  };
  return (
    <View style={[styles.ruled, { borderTopColor: look.seam }]}>
      <Words>{`In ${builds.length} builds, in a bowl beside it:`}</Words>
      {builds.map(({ seedG, flourG, waterG }, i) => {
        const at = ripe[i] ?? null;
        return (
          <Words key={seedG}>
            {`${i + 1}. ${i === 0 ? `take ${words.grams(seedG)} out` : `to all ${words.grams(seedG)}`}, add ${words.grams(waterG)} water and ${words.grams(flourG)} flour${at === null ? '.' : `: ripe ${words.about(at)}.`}`}
          </Words>
        );
      })}
      {problem && <Words tone="beet">{problem}</Words>}
      <Button onPress={begin}>The first is mixed, into a bowl</Button>
    </View>
  );
}

const styles = StyleSheet.create({
  ruled: { gap: 8, borderTopWidth: 1, paddingTop: 8 },
});
