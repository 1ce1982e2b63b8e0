import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { gramsFromText } from '@core/bench';
import { type Bake } from '@core/journal';
import { Choice, Button, Folded, IconOnly, Words, useTyped } from '@kit';
import {
  bakeDropped,
  selectBakes,
  selectFollowed,
  selectSettings,
  selectSpokenFor,
  settingsChanged,
  selectNow,
  selectWishesInBowls,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { againWords, useKitchenWords } from '../words';
import { useJarName } from '../words/useJarName';
import { BakeSheet } from './BakeSheet';
import { WeightField } from '../parts/WeightField';

/** The bakes wanted. */
export function BakesPanel({ folds = true }: { readonly folds?: boolean }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const followed = useAppSelector(selectFollowed) !== null;
  const now = useAppSelector(selectNow);
  const bakes = useAppSelector(selectBakes).filter(({ until }) => until > now);
  const { strongFeeds } = useAppSelector(selectSettings);
  const [adding, setAdding] = useState(false);
  const series = new Map(
    bakes.flatMap(({ name, series: of }) => (of ? [[of.wish, { name, weeks: of.weeks }]] : [])),
  );
  return (
    <Folded
      title="Bakes"
      open={!folds || !followed || bakes.length === 0}
      said={bakes.map(({ name, from }) => `${name}, ${words.day(from)}`).join('; ')}
    >
      {bakes.length === 0 && (
        <Words tone="quiet">No bake wanted. The plan only keeps the jars well.</Words>
      )}
      {bakes.map((bake) => (
        <BakeRow key={bake.id} bake={bake} />
      ))}
      {[...series].map(([wish, { name, weeks }]) => (
        <View key={wish} style={styles.row}>
          <Words size="small" tone="quiet" style={styles.fill}>
            {`${name} comes back ${againWords(weeks)}.`}
          </Words>
          <Button
            kind="bare"
            label={`Stop ${name}`}
            onPress={() => dispatch(bakeDropped(wish, `${name} is off for good`))}
          >
            Stop it
          </Button>
        </View>
      ))}
      <Button icon="plus" onPress={() => setAdding(true)}>
        Add a bake
      </Button>
      <Button kind="bare" href="/dough">
        Work out a dough
      </Button>
      {bakes.length > 0 && (
        <Choice
          label="Feeds in a row that must double before a levain is built"
          options={[
            { is: 0 as const, text: 'none' },
            { is: 1 as const, text: 'one' },
            { is: 2 as const, text: 'two' },
          ]}
          chosen={strongFeeds}
          onChoose={(feeds) => dispatch(settingsChanged({ strongFeeds: feeds }))}
        />
      )}
      {bakes.length > 0 && <FlourAtHand />}
      {adding && <BakeSheet onClose={() => setAdding(false)} />}
    </Folded>
  );
}

/** A bake: what it takes, when, and where its levain is. */
function BakeRow({ bake }: { readonly bake: Bake }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const nameOf = useJarName();
  const bowl = useAppSelector(selectWishesInBowls).get(bake.id);
  const claim = useAppSelector(selectSpokenFor).claims.find(({ wish }) => wish === bake.id);
  const day = words.day(bake.from);
  const when = `${words.moment(bake.from)} to ${words.time(bake.until)}`;
  return (
    <View style={styles.row}>
      <View style={styles.fill}>
        <Words strong>{bake.name}</Words>
        <Words size="small" tone="quiet">
          {bake.anything
            ? `${words.grams(bake.levainG)} of discard, or of what ${nameOf(bake.jar)} can spare, ${when}`
            : `${words.grams(bake.levainG)} of ${nameOf(bake.jar)}, ripe ${when}`}
        </Words>
        {claim && (
          <Words size="small" tone={claim.lacksG < 1 ? 'leaf' : 'crust'}>
            {claim.lacksG < 1
              ? `${words.grams(claim.thereG)} of discard are kept for it.`
              : claim.thereG < 1
                ? 'There is no discard for it yet: take it from the jar.'
                : `Only ${words.grams(claim.thereG)} of discard are there for it so far: take the rest from the jar.`}
          </Words>
        )}
        {bowl !== undefined && (
          <View style={styles.atEdge}>
            <Button kind="bare" href={`/jar/${bowl}`}>
              Its levain stands in a bowl
            </Button>
          </View>
        )}
      </View>
      <IconOnly
        icon="close"
        label={bake.series ? `Skip ${bake.name}, ${day}` : `Remove ${bake.name}`}
        onPress={() =>
          dispatch(
            bakeDropped(
              bake.id,
              bake.series ? `${bake.name} is skipped, ${day}` : `${bake.name} is off`,
            ),
          )
        }
      />
    </View>
  );
}

/** A limit on what a plan may use; nothing given, nothing limited. */
function FlourAtHand() {
  const dispatch = useAppDispatch();
  const { flourAtHandG } = useAppSelector(selectSettings);
  const { text, usable, ...field } = useTyped(flourAtHandG, {
    textOf: (grams) => (grams === null ? '' : String(grams)),
    read: (typed) => {
      if (typed.trim() === '') return null;
      const grams = gramsFromText(typed, 'white');
      return grams >= 0 && grams <= 100_000 ? grams : undefined;
    },
    onValue: (grams) => dispatch(settingsChanged({ flourAtHandG: grams })),
  });
  return (
    <WeightField
      of="white"
      label="Flour in the house, if you are short of it"
      text={text}
      {...field}
      problem={usable ? null : 'A weight in grams, or nothing.'}
    />
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  fill: { flex: 1 },
  atEdge: { alignItems: 'flex-start', marginLeft: -8, marginVertical: -6 },
});
