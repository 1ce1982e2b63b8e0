import { useEffect, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import {
  LEVELS,
  JUDGEMENTS,
  type Judgement,
  type Level,
  type Round,
  roundOf,
} from '@core/practice';
import {
  PageTitle,
  Button,
  Canopy,
  Choice,
  JarDrawing,
  Page,
  Panel,
  TwoPanes,
  Words,
  useWide,
} from '@kit';
import { type Practice, judged, keepPractice, practiceFrom, readPractice } from '@state/practice';

import { useKitchenWords } from '../words';
import { JUDGEMENT_WORDS, missedWords, reasonFor, roundFacts } from './practiceWords';
import { roundCanopy, roundPicture } from './roundDrawn';

const LEVEL_WORDS: Readonly<Record<Level, string>> = { 1: 'plain', 2: 'harder', 3: 'tricky' };

/** Jars to be judged, one after another: look, decide, and hear why. */
export function PracticeScreen() {
  const { practice, change } = usePractice();
  return (
    <Page title="Practise reading a jar">
      <PageTitle>Practise reading a jar</PageTitle>
      {practice && <Rounds practice={practice} onChange={change} />}
    </Page>
  );
}

/** How practice goes on this device. It goes on where it was left. */
function usePractice() {
  const [practice, setPractice] = useState<Practice | null>(null);
  useEffect(() => {
    let here = true;
    void readPractice().then((kept) => {
      if (here) setPractice(kept ?? practiceFrom(Math.floor(Math.random() * 2 ** 31)));
    });
    return () => {
      here = false;
    };
  }, []);
  const change = (to: Practice) => {
    setPractice(to);
    void keepPractice(to);
  };
  return { practice, change };
}

function Rounds({
  practice,
  onChange,
}: {
  readonly practice: Practice;
  readonly onChange: (practice: Practice) => void;
}) {
  const wide = useWide();
  const { seed, level, levels } = practice;
  const n = levels[level].round;
  // What was said of the round before: it stays on the page until the next one is asked for.
  const [answered, setAnswered] = useState<{ round: Round; said: Judgement } | null>(null);
  const next = useMemo(() => roundOf(seed, level, n), [seed, level, n]);
  const round = answered?.round ?? next;
  const say = (said: Judgement) => {
    setAnswered({ round, said });
    onChange(judged(practice, round, said));
  };
  const jar = <JarToRead round={round} />;
  const answer = answered ? (
    <Answer {...answered} onNext={() => setAnswered(null)} />
  ) : (
    <Panel label="What do you do?">
      <Words size="title" level={2}>
        What do you do?
      </Words>
      <View style={styles.choices}>
        {JUDGEMENTS.map((judgement) => (
          <View key={judgement} style={styles.choice}>
            <Button onPress={() => say(judgement)}>{JUDGEMENT_WORDS[judgement]}</Button>
          </View>
        ))}
      </View>
    </Panel>
  );
  return (
    <>
      <Choice
        label="How hard"
        hideLabel
        options={LEVELS.map((is) => ({ is, text: LEVEL_WORDS[is] }))}
        chosen={level}
        onChoose={(to) => {
          setAnswered(null);
          onChange({ ...practice, level: to });
        }}
      />
      <Tally practice={practice} onBegin={() => onChange(practiceFrom(seed + 1))} />
      {wide ? (
        <TwoPanes left={jar} right={answer} leftShare={0.5} />
      ) : (
        <>
          {jar}
          {answer}
        </>
      )}
    </>
  );
}

/** How the level went so far. */
function Tally({
  practice: { level, levels },
  onBegin,
}: {
  readonly practice: Practice;
  readonly onBegin: () => void;
}) {
  const { round, right, row, best } = levels[level];
  if (round === 0)
    return <Words tone="quiet">Look at the jar and decide. Three of them take two minutes.</Words>;
  const inARow = row >= 3 ? `, ${row} in a row` : best >= 3 ? `, at best ${best} in a row` : '';
  return (
    <View style={styles.tally}>
      <Words tone="quiet">{`${right} of ${round} judged rightly${inARow}.`}</Words>
      <Button kind="bare" onPress={onBegin}>
        Begin anew
      </Button>
    </View>
  );
}

function JarToRead({ round }: { readonly round: Round }) {
  const words = useKitchenWords();
  const facts = roundFacts(round, words);
  return (
    <Panel label="The jar">
      <View style={styles.row}>
        <View aria-hidden>
          <JarDrawing picture={roundPicture(round)} width={104} />
        </View>
        <View style={styles.fill}>
          {facts.map((fact, i) => (
            <Words key={fact} strong={i === facts.length - 1}>
              {fact}
            </Words>
          ))}
        </View>
      </View>
    </Panel>
  );
}

/** Right or not, and why, with the whole of the feed to see. */
function Answer({
  round,
  said,
  onNext,
}: {
  readonly round: Round;
  readonly said: Judgement;
  readonly onNext: () => void;
}) {
  const words = useKitchenWords();
  const well = said === round.right;
  const harmless = round.also.includes(said);
  const best = JUDGEMENT_WORDS[round.right];
  const title = well
    ? 'Yes.'
    : harmless
      ? `That does no harm. Better: ${lower(best)}.`
      : `No: ${lower(best)}.`;
  const canopy = roundCanopy(round, words);
  return (
    <Panel label="The answer" tone={well || harmless ? undefined : 'crust'}>
      <Words size="title" level={2} live>
        {title}
      </Words>
      <Words>{reasonFor[round.of](round, words)}</Words>
      {!well && !harmless && <Words tone="quiet">{missedWords(said, round.right)}</Words>}
      {canopy && <Canopy {...canopy} height={190} />}
      <Button kind="main" onPress={onNext}>
        Next jar
      </Button>
    </Panel>
  );
}

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

const styles = StyleSheet.create({
  choices: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  choice: { flexGrow: 1, flexBasis: 150 },
  tally: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  row: { flexDirection: 'row', gap: 16 },
  fill: { flex: 1, gap: 6 },
});
