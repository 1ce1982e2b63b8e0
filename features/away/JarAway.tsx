import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Jar } from '@core/journal';
import { feedFlour } from '@core/larder';
import { HOUR, type Instant } from '@core/measure';
import {
  LEAVINGS,
  type Leaving,
  type LeavingOutcome,
  advisedLeaving,
  beginBy,
  leave,
  leftNow,
} from '@core/rescue';
import { Choice, Panel, Button, Words } from '@kit';
import {
  fillBench,
  selectBackups,
  selectNow,
  selectPlaces,
  selectTubs,
  useAppDispatch,
  useAppSelector,
  useContextOf,
} from '@state';

import { useWarmth } from '../parts/useWarmth';
import { MakeBackupSheet } from '../larder/sheets';
import { type KitchenWords, useKitchenWords } from '../words';

const LEAVING_WORDS: Readonly<Record<Leaving, string>> = {
  leanFeed: 'lean feed, fridge',
  stiffBall: 'stiff ball, fridge',
  dry: 'dry it',
  freeze: 'freeze some',
};

/** Kitchens without a fridge or a room on their list have these, °C. */
const USUAL = { fridge: 5, counter: 21 };

/** One jar left behind: how, and what brings it back. */
export function JarAway({
  jar,
  days,
  home,
  ripeBy,
}: {
  readonly jar: Jar;
  readonly days: number;
  readonly home: Instant;
  readonly ripeBy: Instant | null;
}) {
  const router = useRouter();
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const backups = useAppSelector(selectBackups).filter((backup) => backup.jar === jar.id);
  const [chosen, setChosen] = useState<Leaving | null>(null);
  const [making, setMaking] = useState(false);
  const outcomes = useOutcomes(jar, days);
  const advised = advisedLeaving(outcomes, days);
  const leaving = chosen ?? advised;
  const outcome = outcomes[leaving];
  const { before } = outcome;
  return (
    <Panel label={jar.card.name}>
      <Words size="title" level={2}>
        {jar.card.name}
      </Words>
      <Choice
        label={`The least trouble for ${days} ${days === 1 ? 'day' : 'days'}: ${LEAVING_WORDS[advised]}`}
        options={LEAVINGS.map((is) => ({ is, text: LEAVING_WORDS[is] }))}
        chosen={leaving}
        onChoose={setChosen}
      />
      <Words strong level={3}>
        Before
      </Words>
      <Words>{beforeWords(leaving, outcome, words)}</Words>
      {outcome.keepsDays !== null && (
        <Words tone="crust">
          {before
            ? `After ${days} days so little of it is alive that it takes a week or more of feeds to come back. Dry some of it too.`
            : `It keeps about ${words.span(24 * outcome.keepsDays)} so, and ${words.span(24 * days)} is longer than that: less of it will wake, and it may take more time.`}
        </Words>
      )}
      {before ? (
        <Button
          onPress={() => {
            dispatch(fillBench(jar.id, before, null));
            router.navigate(`/jar/${jar.id}/feed`);
          }}
        >
          To the bench
        </Button>
      ) : (
        <Button onPress={() => setMaking(true)}>Make it now</Button>
      )}
      {backups.length === 0 && before && (
        <Words tone="crust">
          It has no backup. A fridge can fail while you are away: dry or freeze a little of it too.
        </Words>
      )}
      <Words strong level={3}>
        After
      </Words>
      <AfterWords outcome={outcome} home={home} ripeBy={ripeBy} />
      {making && <MakeBackupSheet jar={jar.id} onClose={() => setMaking(false)} />}
    </Panel>
  );
}

function beforeWords(leaving: Leaving, { before }: LeavingOutcome, words: KitchenWords): string {
  if (leaving === 'dry')
    return 'Spread ripe starter thin and let it dry for one to two days: begin three days before leaving. Leave the jar in the fridge as well; it may do.';
  if (leaving === 'freeze')
    return 'Freeze a portion of ripe starter flat, in a bag or with headspace in a box, never in glass. It keeps about three months.';
  const { keepG, flourG, waterG } = before!;
  return `On the last day: keep ${words.grams(keepG)}, add ${words.grams(waterG)} water and ${words.grams(flourG)} flour${leaving === 'stiffBall' ? ', kneaded to a ball' : ''}. An hour and a half out, then into the fridge, loosely covered.`;
}

function AfterWords({
  outcome,
  home,
  ripeBy,
}: {
  readonly outcome: LeavingOutcome;
  readonly home: Instant;
  readonly ripeBy: Instant | null;
}) {
  const words = useKitchenWords();
  const { feedsAfter, readyH, foodLeft } = outcome;
  const feeds = feedsAfter === 1 ? 'one feed' : `${feedsAfter} feeds`;
  const begin = ripeBy === null ? null : beginBy(outcome, ripeBy, home);
  return (
    <View style={styles.stack}>
      {foodLeft !== null && (
        <Words>
          {foodLeft < 0.02
            ? 'When you come back its food will be long gone, and it will be hungry.'
            : `On the day of return about ${Math.round(100 * foodLeft)} % of its food is left.`}
        </Words>
      )}
      <Words>
        {`It takes ${feeds}, one part to two of flour, in a room. Begun on the day of return, ripe ${words.about(home + readyH * HOUR)}.`}
      </Words>
      {begin && ripeBy !== null && (
        <Words strong tone={begin.inTime ? 'ink' : 'crust'}>
          {begin.inTime
            ? `To be ripe by ${words.moment(ripeBy)}, begin by ${words.moment(begin.at)}.`
            : `Not ripe by ${words.moment(ripeBy)}: the earliest is ${words.about(home + readyH * HOUR)}.`}
        </Words>
      )}
    </View>
  );
}

function useOutcomes(jar: Jar, days: number): Readonly<Record<Leaving, LeavingOutcome>> {
  const now = useAppSelector(selectNow);
  const places = useAppSelector(selectPlaces);
  const tubs = useAppSelector(selectTubs);
  const warmth = useWarmth();
  const context = useContextOf(jar.id);
  return useMemo(() => {
    const celsius = (kind: 'fridge' | 'counter') => {
      const place = places.find((one) => one.kind === kind);
      return place ? warmth(place.id, now) : USUAL[kind];
    };
    const left = leftNow(jar, context, now, {
      flour: feedFlour(jar, tubs).flour,
      roomCelsius: celsius('counter'),
      fridgeCelsius: celsius('fridge'),
    });
    return Object.fromEntries(
      LEAVINGS.map((leaving) => [leaving, leave(left, leaving, days)]),
    ) as Record<Leaving, LeavingOutcome>;
  }, [jar, days, now, places, tubs, context, warmth]);
}

const styles = StyleSheet.create({
  stack: { gap: 4 },
});
