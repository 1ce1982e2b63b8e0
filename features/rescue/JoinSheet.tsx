import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { gramsFromText } from '@core/bench';
import { PROGRAMMES, type OwnFeed, type ProgrammeId } from '@core/journal';
import { joinProgramme } from '@core/verbs';
import { Button, Choice, Field, IconOnly, Sheet, Words, parseNumber } from '@kit';
import { byField, doneTo, selectJars, selectRuns, useAppDispatch, useAppSelector } from '@state';

import { WeightField } from '../parts/WeightField';
import { PROGRAMME_WORDS } from '../words';

/** One of the baker's own feeds, as it is typed. */
interface TypedFeed {
  readonly keep: string;
  readonly flour: string;
  readonly water: string;
  readonly every: string;
}

const FIRST_FEED: TypedFeed = { keep: '20', flour: '20', water: '20', every: '24' };

/** A jar that is on its way already joins a programme: its day, its feeds so far, and its own table if it has one. */
export function JoinSheet({ onClose }: { readonly onClose: () => void }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const runs = useAppSelector(selectRuns);
  const jars = useAppSelector(selectJars).filter(
    ({ id }) => !runs.some((run) => run.jar.id === id),
  );
  const [jar, setJar] = useState(jars.at(-1)?.id ?? null);
  const [programme, setProgramme] = useState<ProgrammeId>('wholeGrainTaper');
  const [day, setDay] = useState('4');
  const [feeds, setFeeds] = useState('3');
  const [own, setOwn] = useState<readonly TypedFeed[]>([]);
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  if (jar === null)
    return (
      <Sheet title="Join on the way" onClose={onClose}>
        <Words>
          No jar on the shelf is free for a programme. Put yours on the shelf first, with its last
          feed; then join from here.
        </Words>
        <Button kind="main" href="/add">
          Add a starter
        </Button>
      </Sheet>
    );
  const join = () => {
    const found = byField(
      dispatch(
        doneTo(
          jar,
          (atHand) =>
            joinProgramme(atHand, {
              programme,
              day: parseNumber(day),
              feeds: parseNumber(feeds),
              ...(own.length > 0 ? { own: own.map(ownFrom) } : {}),
            }),
          'It goes on from here',
        ),
      ),
    );
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    onClose();
    router.navigate(`/jar/${jar}/programme`);
  };
  return (
    <Sheet title="Join on the way" onClose={onClose}>
      <Choice
        label="Jar"
        options={jars.map(({ id: is, card }) => ({ is, text: card.name }))}
        chosen={jar}
        onChoose={setJar}
      />
      <Choice
        label="It is being"
        options={PROGRAMMES.map((is) => ({ is, text: PROGRAMME_WORDS[is].title.toLowerCase() }))}
        chosen={programme}
        onChoose={setProgramme}
      />
      <View style={styles.row}>
        <Field
          label="Today is day"
          text={day}
          onText={setDay}
          numeric
          problem={problems.day ?? null}
        />
        <Field
          label="Feeds so far"
          text={feeds}
          onText={setFeeds}
          numeric
          problem={problems.feeds ?? null}
        />
      </View>
      {own.map((feed, i) => (
        <OwnFeedFields
          key={i}
          nth={i + 1}
          isLast={i === own.length - 1}
          feed={feed}
          onFeed={(to) => setOwn(own.map((other, at) => (at === i ? to : other)))}
          onLeaveOut={() => setOwn(own.filter((_, at) => at !== i))}
        />
      ))}
      {problems.own && (
        <Words tone="beet" live>
          {problems.own}
        </Words>
      )}
      <Button icon="plus" onPress={() => setOwn([...own, own.at(-1) ?? FIRST_FEED])}>
        {own.length === 0 ? 'My own feeds instead' : 'And one more'}
      </Button>
      <Words size="small" tone="quiet">
        {own.length === 0
          ? 'The amounts are the programme’s own, from the feed it has reached.'
          : 'Your feeds come in this order with the jar’s own flour, and the last is repeated. Whether it is well is judged the same way as ever.'}
      </Words>
      <Button kind="main" onPress={join}>
        Go on from here
      </Button>
    </Sheet>
  );
}

/** One of the baker's own feeds: what goes in, and how long until the next. */
function OwnFeedFields({
  nth,
  isLast,
  feed,
  onFeed,
  onLeaveOut,
}: {
  readonly nth: number;
  /** The last is repeated. */
  readonly isLast: boolean;
  readonly feed: TypedFeed;
  readonly onFeed: (feed: TypedFeed) => void;
  readonly onLeaveOut: () => void;
}) {
  const change = (to: Partial<TypedFeed>) => onFeed({ ...feed, ...to });
  return (
    <View style={styles.stack}>
      <View style={styles.head}>
        <Words strong style={styles.fill}>
          {isLast ? `Your feed ${nth}, and so on` : `Your feed ${nth}`}
        </Words>
        <IconOnly icon="close" label={`Leave your feed ${nth} out`} onPress={onLeaveOut} />
      </View>
      <View style={styles.row}>
        <WeightField label="Keep" text={feed.keep} onText={(keep) => change({ keep })} />
        <WeightField
          label="Water"
          of="water"
          text={feed.water}
          onText={(water) => change({ water })}
        />
      </View>
      <View style={styles.row}>
        <WeightField
          label="Flour"
          of="white"
          text={feed.flour}
          onText={(flour) => change({ flour })}
        />
        <Field
          label="Next after"
          unit="h"
          numeric
          text={feed.every}
          onText={(every) => change({ every })}
        />
      </View>
    </View>
  );
}

const ownFrom = ({ keep, flour, water, every }: TypedFeed): OwnFeed => ({
  keepG: gramsFromText(keep, 'starter'),
  flourG: flour.trim() === '' ? 0 : gramsFromText(flour, 'white'),
  waterG: water.trim() === '' ? 0 : gramsFromText(water, 'water'),
  everyH: parseNumber(every),
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12 },
  stack: { gap: 8 },
  head: { flexDirection: 'row', alignItems: 'center' },
  fill: { flex: 1 },
});
