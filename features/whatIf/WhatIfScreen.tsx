import { nanoid } from '@reduxjs/toolkit';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Setup } from '@core/whatIf';
import { PageTitle, Button, Choice, Page, Panel, TwoPanes, Words, useWide } from '@kit';
import { noticed, useAppDispatch } from '@state';
import { type KeptPair, MOST_PAIRS, keepPairs, readPairs } from '@state/whatIf';

import { useCopy } from '../parts/useCopy';
import { useKitchenWords } from '../words';
import { Assumptions } from './Assumptions';
import { FoodCharts, HeightChart, WAY_NAMES } from './CourseCharts';
import { KeptPairs } from './KeptPairs';
import { SetupPanel } from './SetupPanel';
import { type AskedWays, DAYS_OFFERED, NOBODY, useTwoWays } from './useTwoWays';

/** Two ways of keeping a starter, side by side over some days. */
export function WhatIfScreen(asked: AskedWays) {
  const wide = useWide();
  const words = useKitchenWords();
  const { jars, whose, beginWith, pair, setPair, days, setDays, courses, said, link, unread } =
    useTwoWays(asked);
  const [edited, setEdited] = useState<0 | 1>(1);
  const span = (
    <Choice
      label="Over"
      options={DAYS_OFFERED.map((is) => ({ is, text: words.span(24 * is) }))}
      chosen={days}
      onChoose={setDays}
    />
  );
  const height = <HeightChart courses={courses} days={days} said={said} />;
  const change = (
    <>
      <Choice
        label="Change"
        options={([0, 1] as const).map((is) => ({ is, text: WAY_NAMES[is] }))}
        chosen={edited}
        onChoose={setEdited}
      />
      <SetupPanel
        title={WAY_NAMES[edited]}
        setup={pair[edited]}
        onSetup={(to) => setPair(edited === 0 ? [to, pair[1]] : [pair[0], to])}
      />
    </>
  );
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
          onChoose={beginWith}
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
      <FoodCharts courses={courses} days={days} />
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
