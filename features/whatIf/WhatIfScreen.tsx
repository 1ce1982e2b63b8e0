import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { middlePace } from '@core/ferment';
import {
  type Setup,
  USUAL_SETUP,
  courseDifference,
  followSetup,
  setupFrom,
  setupText,
} from '@core/whatIf';
import { PageTitle, Button, Choice, Page, Panel, TwoPanes, Words, pageUrl, useWide } from '@kit';
import {
  noticed,
  selectBelief,
  selectJars,
  selectPlaces,
  useAppDispatch,
  useAppSelector,
} from '@state';
import { type KeptPair, MOST_PAIRS, keepPairs, readPairs } from '@state/whatIf';

import { useCopy } from '../parts/useCopy';
import { useKitchenWords } from '../words';
import { Assumptions } from './Assumptions';
import { FoodCharts, HeightChart, WAY_NAMES } from './CourseCharts';
import { differenceWords } from './courseWords';
import { KeptPairs } from './KeptPairs';
import { SetupPanel } from './SetupPanel';
import { setupOf } from './setupOf';

const DAYS = [2, 4, 7, 14, 28] as const;
/** From nothing: the usual starter of nobody. */
const NOBODY = '';
/** The address follows what is slid once the hand rests, ms. */
const REST = 500;

/** What the address says, as it stands there. */
interface Asked {
  readonly jar?: string | undefined;
  /** The two set-ups as texts. */
  readonly a?: string | undefined;
  readonly b?: string | undefined;
  readonly days?: string | undefined;
}

/** The other way differs in one thing at first, so that there is something to see. */
const otherOf = (setup: Setup): Setup => ({ ...setup, parts: setup.parts < 4 ? 5 : 2 });

/** Days in which a way of keeping shows what it comes to: two feeds at least, and four days. */
const daysFor = ({ everyH }: Setup): number =>
  DAYS.find((days) => days >= 4 && 24 * days >= 2 * everyH) ?? 28;

/** The set-ups and days of an address; what cannot be read is left out, and told. */
function readAsked({ a, b, days }: Asked) {
  const [one, other] = [a, b].map((text) => (text ? setupFrom(text) : null));
  const wanted = Number(days);
  return {
    a: one ?? null,
    b: other ?? null,
    days: DAYS.find((offered) => offered === wanted) ?? null,
    unread: (!!a && !one) || (!!b && !other),
  };
}

/** Two ways of keeping a starter, side by side over some days. */
export function WhatIfScreen(asked: Asked) {
  const wide = useWide();
  const words = useKitchenWords();
  const router = useRouter();
  const jars = useAppSelector(selectJars);
  const places = useAppSelector(selectPlaces);
  const [whose, setWhose] = useState(asked.jar ?? NOBODY);
  const jar = jars.find(({ id }) => id === whose);
  const belief = useAppSelector((state) => selectBelief(state, whose));
  const begun = useMemo(
    () => (jar ? setupOf(jar, places, middlePace(belief)) : USUAL_SETUP),
    [jar, places, belief],
  );
  const [{ unread, ...first }] = useState(() => readAsked(asked));
  // Until something is changed both ways follow the jar: its pace may still be read.
  const [changed, setPair] = useState<readonly [Setup, Setup] | null>(
    first.a || first.b ? [first.a ?? begun, first.b ?? otherOf(first.a ?? begun)] : null,
  );
  const pair = useMemo(() => changed ?? ([begun, otherOf(begun)] as const), [changed, begun]);
  const [chosenDays, setDays] = useState<number | null>(first.days);
  const days = chosenDays ?? daysFor(pair[0]);
  const [edited, setEdited] = useState<0 | 1>(1);

  const texts = pair.map(setupText) as [string, string];
  const [textA, textB] = texts;
  const untouched = changed === null && chosenDays === null;
  useEffect(() => {
    if (untouched) return;
    const timer = setTimeout(
      () => router.setParams({ a: textA, b: textB, days: String(days) }),
      REST,
    );
    return () => clearTimeout(timer);
  }, [router, textA, textB, days, untouched]);

  const { courses, said } = useMemo(() => {
    const both = [followSetup(pair[0], days), followSetup(pair[1], days)] as const;
    const difference = courseDifference(both, [pair[0].everyH, pair[1].everyH], days);
    return {
      courses: both,
      said: difference
        ? differenceWords(difference, pair, words)
        : 'So few days are over before the first of them is fed again.',
    };
  }, [pair, days, words]);

  const start = (id: string) => {
    setWhose(id);
    setPair(null);
    setDays(null);
  };

  const panelOf = (i: 0 | 1) => (
    <SetupPanel
      title={WAY_NAMES[i]}
      setup={pair[i]}
      onSetup={(to) => setPair(i === 0 ? [to, pair[1]] : [pair[0], to])}
    />
  );
  const link = pageUrl(`/what-if?${new URLSearchParams({ a: textA, b: textB, days: String(days) })}`); // prettier-ignore
  const span = (
    <Choice
      label="Over"
      options={DAYS.map((is) => ({ is, text: words.span(24 * is) }))}
      chosen={days}
      onChoose={setDays}
    />
  );
  const change = (
    <>
      <Choice
        label="Change"
        options={([0, 1] as const).map((is) => ({ is, text: WAY_NAMES[is] }))}
        chosen={edited}
        onChoose={setEdited}
      />
      {panelOf(edited)}
    </>
  );
  const height = <HeightChart courses={courses} days={days} said={said} />;
  const food = <FoodCharts courses={courses} days={days} />;
  return (
    <Page title="What-if room">
      <PageTitle>What-if room</PageTitle>
      {unread && (
        <Words tone="beet" live>
          That link holds no two ways that can be read. Here is the usual starter instead.
        </Words>
      )}
      {jars.length > 0 && (
        <Choice
          label="Begin with"
          options={[
            { is: NOBODY, text: 'a usual starter' },
            ...jars.map(({ id: is, card }) => ({ is, text: card.name })),
          ]}
          chosen={whose}
          onChoose={start}
        />
      )}
      {wide ? (
        <TwoPanes
          left={
            // In sight while the other side is slid.
            <View style={styles.stays}>
              {span}
              {height}
            </View>
          }
          right={change}
          leftShare={0.56}
        />
      ) : (
        <>
          {span}
          {height}
          {change}
        </>
      )}
      {food}
      <Share
        link={link}
        pair={pair}
        days={days}
        onOpen={(kept) => {
          setPair([kept.a, kept.b]);
          setDays(kept.days);
        }}
      />
      <Assumptions />
    </Page>
  );
}

/** The two ways kept under a name, or given to somebody else as a link. */
function Share({
  link,
  pair: [a, b],
  days,
  onOpen,
}: {
  readonly link: string;
  readonly pair: readonly [Setup, Setup];
  readonly days: number;
  readonly onOpen: (kept: KeptPair) => void;
}) {
  const dispatch = useAppDispatch();
  const copy = useCopy();
  const [kept, setKept] = useState<readonly KeptPair[]>([]);
  useEffect(() => {
    let here = true;
    void readPairs().then((pairs) => here && setKept(pairs));
    return () => {
      here = false;
    };
  }, []);
  const keep = (pairs: readonly KeptPair[]) => {
    void keepPairs(pairs).then((saved) => {
      if (saved) return setKept(pairs);
      dispatch(noticed({ text: 'There is no room in the browser for it', undo: [] }));
    });
  };
  return (
    <Panel label="Keep and share">
      <View style={styles.row}>
        <Button onPress={() => copy(link, 'The link holds both ways: it opens anywhere')}>
          Copy a link to this
        </Button>
      </View>
      <KeptPairs
        kept={kept}
        full={kept.length >= MOST_PAIRS}
        onKeep={(name) => keep([{ id: nanoid(), name, days, a, b }, ...kept])}
        onDrop={(id) => keep(kept.filter((one) => one.id !== id))}
        onOpen={onOpen}
      />
    </Panel>
  );
}

const styles = StyleSheet.create({
  stays: { gap: 16, position: 'sticky' as 'relative', top: 28 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
