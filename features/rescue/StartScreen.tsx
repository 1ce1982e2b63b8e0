import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type BackupForm, type ProgrammeId } from '@core/journal';
import { isNeglected } from '@core/next';
import { type Backup, FROM_NOTHING, aliveShare } from '@core/rescue';
import { PageTitle, Page, Panel, Button, Words, useLook } from '@kit';
import {
  selectBackups,
  selectNow,
  selectQuarantined,
  selectRuns,
  selectStandings,
  useAppSelector,
} from '@state';

import { BACKUP_WORDS, PROGRAMME_WORDS, feedsBack, guessedFeed, useKitchenWords } from '../words';
import { BeginSheet } from './BeginSheet';
import { JoinSheet } from './JoinSheet';
import { QuarantinePanel } from './QuarantinePanel';
import { useTroubleOf } from './useTroubleOf';
import { PROGRAMME_TEXTS } from './programmeWords';
import { aliveWords } from '../words/larderWords';
import { useJarName } from '../words/useJarName';

/** What comes from outside the kitchen, and how it is woken. */
const FROM_ELSEWHERE: readonly { readonly programme: ProgrammeId; readonly text: string }[] = [
  { programme: 'byPost', text: 'A live sample, from a friend or by post' },
  { programme: 'flakesInStages', text: 'Dried flakes' },
  { programme: 'stiffBall', text: 'A stiff ball' },
  { programme: 'frozen', text: 'A frozen portion' },
];

/** The programme that wakes a backup. */
const WAKES: Readonly<Record<BackupForm, ProgrammeId>> = {
  flakes: 'flakesInStages',
  frozen: 'frozen',
  stiffBall: 'stiffBall',
  twin: 'afterFridge',
};

interface Chosen {
  readonly programme: ProgrammeId;
  readonly backup: Backup | null;
}

/** Waking a backup, settling in what somebody gave, or beginning from flour and water. */
export function StartScreen() {
  const words = useKitchenWords();
  const held = useAppSelector(selectQuarantined);
  const backups = useAppSelector(selectBackups).filter(({ id }) => !held.has(id));
  const troubleOf = useTroubleOf();
  const now = useAppSelector(selectNow);
  const nameOf = useJarName();
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [joining, setJoining] = useState(false);
  return (
    <Page title="Wake or begin" narrow>
      <PageTitle>Wake or begin</PageTitle>
      <QuarantinePanel />
      <Panel label="From a backup">
        <Words size="title" level={2}>
          From a backup
        </Words>
        {backups.length === 0 && (
          <Words tone="quiet">
            There is none on the shelf. A backup is made from any jar, in the larder.
          </Words>
        )}
        {backups.map((backup) => (
          <Row
            key={backup.id}
            title={`${nameOf(backup.jar)}, ${BACKUP_WORDS[backup.form]}`}
            text={`${words.grams(backup.gramsLeft)} of ${words.date(backup.madeAt)}, ${aliveWords(aliveShare(backup, now))} alive${troubleOf(backup)}`}
            press="Wake it"
            label={`Wake ${nameOf(backup.jar)}, ${BACKUP_WORDS[backup.form]}`}
            onPress={() => setChosen({ programme: WAKES[backup.form], backup })}
          />
        ))}
      </Panel>
      <FromTheFridge />
      <Panel label="From elsewhere">
        <Words size="title" level={2}>
          From elsewhere
        </Words>
        {FROM_ELSEWHERE.map(({ programme, text }) => (
          <Row
            key={programme}
            title={text}
            text={words.inUnits(PROGRAMME_TEXTS[programme].begins)}
            press="Begin"
            label={`Begin: ${text}`}
            onPress={() => setChosen({ programme, backup: null })}
          />
        ))}
      </Panel>
      <Panel label="From nothing">
        <Words size="title" level={2}>
          From flour and water
        </Words>
        <Words>
          It takes one to three weeks. Expect a lively false rise on day 2 or 3, then silence and
          odd smells, then its own yeast. Each day you are told which stage it is at.
        </Words>
        {FROM_NOTHING.map((programme) => (
          <Row
            key={programme}
            title={PROGRAMME_WORDS[programme].title.replace('A new starter: ', '')}
            text={words.inUnits(PROGRAMME_TEXTS[programme].begins)}
            press="Begin"
            label={`Begin: ${PROGRAMME_WORDS[programme].title}`}
            onPress={() => setChosen({ programme, backup: null })}
          />
        ))}
      </Panel>
      <Panel label="On its way">
        <Row
          title="On its way already"
          text="Day 4 of a new starter, the second feed after drying, or a table of feeds of your own: it goes on from there."
          press="Join"
          label="Join a programme on the way"
          onPress={() => setJoining(true)}
        />
      </Panel>
      {joining && <JoinSheet onClose={() => setJoining(false)} />}
      {chosen && <BeginSheet {...chosen} onClose={() => setChosen(null)} />}
    </Page>
  );
}

/** Jars that stand in the cold: one feed after a short rest; after a long one they are looked over first. */
function FromTheFridge() {
  const words = useKitchenWords();
  const router = useRouter();
  const runs = useAppSelector(selectRuns);
  const resting = useAppSelector(selectStandings).filter(
    ({ jar, place }) => place?.kind === 'fridge' && !runs.some((run) => run.jar.id === jar.id),
  );
  if (resting.length === 0) return null;
  return (
    <Panel label="Out of the fridge">
      <Words size="title" level={2}>
        Out of the fridge
      </Words>
      {resting.map((standing) => {
        const { jar, hours } = standing;
        const long = isNeglected(standing);
        return (
          <Row
            key={jar.id}
            title={jar.card.name}
            text={`${jar.unfedH ? guessedFeed(standing, words) : `Fed ${words.span(hours)} ago`}. ${
              long
                ? 'One feed may not be enough: say what you see, and you get the way back.'
                : `An hour or two out, then ${feedsBack(standing)} will do.`
            }`}
            press={long ? 'Look at it' : 'Feed it'}
            label={`${long ? 'Look at' : 'Feed'} ${jar.card.name}`}
            onPress={() => router.navigate(long ? `/trouble?jar=${jar.id}` : `/jar/${jar.id}/feed`)}
          />
        );
      })}
    </Panel>
  );
}

function Row({
  title,
  text,
  press,
  label,
  onPress,
}: {
  readonly title: string;
  readonly text: string;
  readonly press: string;
  readonly label: string;
  readonly onPress: () => void;
}) {
  const look = useLook();
  return (
    <View style={[styles.row, { borderTopColor: look.seam }]}>
      <View style={styles.fill}>
        <Words strong level={3}>
          {title.charAt(0).toUpperCase() + title.slice(1)}
        </Words>
        <Words size="small" tone="quiet">
          {text}
        </Words>
      </View>
      <Button onPress={onPress} label={label}>
        {press}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 12, borderTopWidth: 1, paddingTop: 10 },
  fill: { flex: 1 },
});
