import { StyleSheet, View } from 'react-native';

import { isDue } from '@core/next';
import { PageTitle, Notice, Page, Panel, Button, TwoPanes, Words, useWide } from '@kit';
import {
  selectBeingRead,
  selectBowlStandings,
  selectPlanLost,
  selectKitchen,
  selectNow,
  selectPlaces,
  selectStandings,
  selectTime,
  selectWhatNext,
  useAppSelector,
} from '@state';

import { useWarmth } from '../parts/useWarmth';
import { benchPath } from '../bench/benchPath';
import { JarPane } from '../jar';
import { MendedNotice } from '../plan/MendedNotice';
import { QuarantineNotice } from '../rescue/QuarantineNotice';
import { Promises } from '../parts/Promises';
import { useKitchenWords } from '../words';
import { EmptyKitchen } from './EmptyKitchen';
import { KitchenSwitch } from '../parts/KitchenSwitch';
import { LaterSteps } from './LaterSteps';
import { NextPanel } from './NextPanel';
import { Remarks } from './Remarks';
import { Shelves } from './Shelves';

/** What do I do next, when, with how much; and how is every jar. A jar, when one is asked for, beside or instead. */
export function NowScreen({ jar }: { readonly jar?: string }) {
  const wide = useWide();
  const standings = useAppSelector(selectStandings);
  const bowls = useAppSelector(selectBowlStandings);
  const { name } = useAppSelector(selectKitchen);
  const answers = useAppSelector(selectWhatNext);
  const lost = useAppSelector(selectPlanLost);
  const beingRead = useAppSelector(selectBeingRead);
  if (jar !== undefined && (!wide || standings.length === 0))
    return (
      <Page
        key={jar}
        title={
          [...standings, ...bowls].find((s) => s.jar.id === jar)?.jar.card.name ?? 'No such jar'
        }
        narrow
      >
        <JarPane id={jar} back />
      </Page>
    );
  if (standings.length === 0)
    return (
      <Page title="Now" narrow>
        <EmptyKitchen />
      </Page>
    );

  // A move that nobody has answered for asks for itself.
  const asked = answers.filter(({ because }) => because.is !== 'move');
  const next = asked[0];
  const heading = [...standings, ...bowls].find(({ jar: { id } }) => id === next?.jar);
  const shownJar = jar ?? next?.jar ?? standings[0]!.jar.id;
  const due = answers.filter((answer) => isDue(answer, standings[0]!.now)).map(({ jar: id }) => id);
  const shelves = (
    <>
      <KitchenLine />
      {next?.because.is !== 'quarantined' && <QuarantineNotice />}
      <Promises only="pressing" />
      <MendedNotice />
      {lost && (
        <Notice
          title="The plan you followed no longer works."
          actions={<Button href="/plan">See what comes nearest</Button>}
        />
      )}
      {beingRead.size > 0 ? (
        <ReadingPanel />
      ) : (
        <>
          {next && heading ? (
            <NextPanel next={next} standing={heading} />
          ) : (
            <PageTitle>Nothing to feed for now</PageTitle>
          )}
          {due.length > 1 && (
            <Button href={benchPath(due[0]!, due.slice(1))}>
              {due.length === 2 ? 'Feed both that are due' : `Feed all ${due.length} that are due`}
            </Button>
          )}
          <LaterSteps answers={asked.slice(1)} standings={[...standings, ...bowls]} />
        </>
      )}
      <Promises only="waiting" />
      <Shelves standings={[...standings, ...bowls]} chosen={wide ? shownJar : null} />
      <Remarks />
      <View style={styles.wrap}>
        <Button kind="bare" icon="plus" href="/add">
          Add a starter
        </Button>
        <KitchenSwitch name={name} />
      </View>
    </>
  );
  return (
    <Page title="Now" key={wide ? 'wide' : 'phone'}>
      {wide ? (
        <TwoPanes
          left={shelves}
          right={<JarPane id={shownJar} key={shownJar} told={shownJar === next?.jar} />}
        />
      ) : (
        shelves
      )}
    </Page>
  );
}

/** Instead of hours that would be taken back in a moment. */
function ReadingPanel() {
  return (
    <>
      <PageTitle>One moment</PageTitle>
      <Panel lasting label="Next step">
        <Words live>
          Reading the log to see how quick your starters are. The times will be here in a moment.
        </Words>
      </Panel>
    </>
  );
}

/** The day, the time, and how warm the kitchen should be. */
function KitchenLine() {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const time = useAppSelector(selectTime);
  const warmth = useWarmth();
  const counter = useAppSelector(selectPlaces).find((place) => place.kind === 'counter');
  const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: time.zone });
  return (
    <Words size="small" tone="quiet">
      {`${weekday.format(now)} ${words.time(now)}`}
      {counter && ` · kitchen ${words.celsius(warmth(counter.id, now))}`}
    </Words>
  );
}

const styles = StyleSheet.create({
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, justifyContent: 'space-between' },
});
