import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';

import { leaveProgramme } from '@core/verbs';
import { PageTitle, Notice, Page, Button, TwoPanes, Words, useWide } from '@kit';
import {
  doneTo,
  type JarRun,
  selectJar,
  selectRuns,
  selectStanding,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { LookPanel } from '../jar/LookPanel';
import { HandsQuestion } from '../parts/HandsQuestion';
import { NoSuchJar } from '../parts/NoSuchJar';
import { PROGRAMME_END_WORDS, PROGRAMME_WORDS, useKitchenWords } from '../words';
import { GatesPanel } from './GatesPanel';
import { NextFeedPanel } from './NextFeedPanel';
import { RecoveryPanel } from './RecoveryPanel';
import { FeedsSoFar } from './FeedsSoFar';

/** A programme under way: what to feed next and when, how it goes, and what is expected. */
export function ProgrammeScreen({ id }: { readonly id: string }) {
  const jar = useAppSelector((state) => selectJar(state, id));
  const run = useAppSelector(selectRuns).find((one) => one.jar.id === id);
  if (!jar)
    return (
      <Page title="No such jar" narrow>
        <NoSuchJar />
      </Page>
    );
  return (
    <Page title={`Programme of ${jar.card.name}`} narrow={!run}>
      {run ? <UnderWay run={run} /> : <NoProgramme id={id} name={jar.card.name} />}
    </Page>
  );
}

function NoProgramme({ id, name }: { readonly id: string; readonly name: string }) {
  const trouble = `/trouble?jar=${id}` as const;
  return (
    <Notice
      tone="rim"
      level={1}
      title={`${name} is in no programme.`}
      actions={
        <>
          <Button href={trouble}>Something is wrong with it</Button>
          <Button href={`/jar/${id}`}>To the jar</Button>
        </>
      }
    >
      A programme begins when something is wrong, or when you wake a backup.
    </Notice>
  );
}

function UnderWay({ run: under }: { readonly run: JarRun }) {
  const wide = useWide();
  const { jar, run } = under;
  const standing = useAppSelector((state) => selectStanding(state, jar.id));
  const first = (
    <>
      <Ending run={under} />
      {run.verdict === 'going' && <NextFeedPanel run={under} />}
      <HandsQuestion />
      {run.feeds.length > 0 && standing && (
        <LookPanel key={jar.since} standing={standing} askSmell />
      )}
    </>
  );
  const second = (
    <>
      <RecoveryPanel run={under} />
      <GatesPanel run={under} />
      <FeedsSoFar run={under} />
      <Leave run={under} />
    </>
  );
  return (
    <>
      <View style={styles.stack}>
        <Words size="small" tone="quiet">
          {`${jar.card.name}, day ${run.day}`}
        </Words>
        <PageTitle>{PROGRAMME_WORDS[run.programme.id].title}</PageTitle>
      </View>
      {wide ? (
        <TwoPanes left={first} right={second} />
      ) : (
        <>
          {first}
          {second}
        </>
      )}
    </>
  );
}

/** Ends a programme, with the reason. */
function useEnding({ jar }: JarRun) {
  const dispatch = useAppDispatch();
  return (because: 'well' | 'useBackup' | 'left') =>
    dispatch(
      doneTo(
        jar.id,
        (atHand) => leaveProgramme(atHand, { because }),
        `${jar.card.name}: ${PROGRAMME_END_WORDS[because]}`,
      ),
    );
}

function Ending({ run }: { readonly run: JarRun }) {
  const router = useRouter();
  const words = useKitchenWords();
  const end = useEnding(run);
  const { jar } = run;
  const { verdict, falseRise, day, programme } = run.run;
  if (verdict === 'well')
    return (
      <Notice
        tone="rim"
        title={`${jar.card.name} is well`}
        actions={
          <Button
            kind="main"
            onPress={() => {
              end('well');
              router.navigate(`/jar/${jar.id}`);
            }}
          >
            Back to its usual feeds
          </Button>
        }
      >
        {`It has risen in time twice and smells right, ${words.span(24 * day)} after it began. Make a backup now, and you need not worry next time.`}
      </Notice>
    );
  if (verdict === 'useBackup')
    return (
      <Notice
        title="It has had long enough"
        actions={
          <>
            <Button
              kind="main"
              onPress={() => {
                end('useBackup');
                router.navigate('/start');
              }}
            >
              Start from a backup
            </Button>
            <Button onPress={() => end('left')}>Leave the programme, keep the jar</Button>
          </>
        }
      >
        {`${day - 1} days, and it is not coming back as it should. Usually that takes ${programme.usualFeeds[0]} to ${programme.usualFeeds[1]} feeds. A backup will get you there sooner.`}
      </Notice>
    );
  return falseRise ? (
    <Notice title="A false rise">
      It is rising already, but other microbes are doing it: its own yeast comes after day 5. Do not
      bake with it, and do not throw it out when it goes quiet.
    </Notice>
  ) : null;
}

function Leave({ run }: { readonly run: JarRun }) {
  const end = useEnding(run);
  if (run.run.verdict !== 'going') return null;
  return (
    <Button kind="bare" onPress={() => end('left')}>
      Leave the programme
    </Button>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 2 },
});
