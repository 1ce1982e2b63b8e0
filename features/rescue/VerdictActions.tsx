import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Looked, type ProgrammeId, type Smell, type Standing } from '@core/journal';
import {
  type Signs,
  type Verdict,
  type VerdictKind,
  befell,
  shows,
  spoilageOf,
} from '@core/rescue';
import { beginProgramme, look, throwOut } from '@core/verbs';
import { Button, Words } from '@kit';
import {
  doneTo,
  fillBench,
  selectBackups,
  selectRuns,
  signsForgotten,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { MoveSheet } from '../parts/sheets';
import { PROGRAMME_WORDS, useKitchenWords } from '../words';
import { ForetoldWords } from './ForetoldWords';
import { QUESTION_WORDS, saidOf } from './questionWords';

/** Verdicts that a usual feed answers. */
const FED: ReadonlySet<VerdictKind> = new Set([
  'hungry',
  'wrongProportion',
  'wrongThingIn',
  'smellsRotten',
  'dryCover',
  'underPressure',
  'cannotTell',
  'fine',
]);
/** Parts of such a feed where it is not the card's: one to two shows within the day what a starter can do, one to five washes out. */
const BENCH_PARTS: Readonly<Partial<Record<VerdictKind, number>>> = {
  wrongProportion: 2,
  smellsRotten: 2,
  cannotTell: 2,
  wrongThingIn: 5,
};

/** What can be done about a verdict, from here. */
export function VerdictActions({
  verdict,
  signs,
  standing,
}: {
  readonly verdict: Verdict;
  readonly signs: Signs;
  readonly standing: Standing | null;
}) {
  if (!standing)
    return (
      <View style={styles.stack}>
        {verdict.kind === 'contaminated' || verdict.kind === 'killed' ? (
          <Button href="/start">Start again from a backup, or from scratch</Button>
        ) : (
          <>
            <Words size="small" tone="quiet">
              Put it on the shelf, and its feeds are planned, forecast and written down.
            </Words>
            <Button href="/add">Add this starter</Button>
          </>
        )}
      </View>
    );
  return verdict.kind === 'contaminated' || verdict.kind === 'killed' ? (
    <ThrowOut verdict={verdict} signs={signs} standing={standing} />
  ) : (
    <Help verdict={verdict} signs={signs} standing={standing} />
  );
}

function ThrowOut({
  verdict,
  signs,
  standing,
}: {
  readonly verdict: Verdict;
  readonly signs: Signs;
  readonly standing: Standing;
}) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const backups = useAppSelector(selectBackups);
  const words = useKitchenWords();
  const { id, card } = standing.jar;
  const note = words.inUnits(
    `Thrown out. ${verdict.because.map((question) => saidOf(question, signs)).join('; ')}.`,
  );
  const out = () => {
    dispatch(
      doneTo(
        id,
        (atHand) => throwOut(atHand, { why: spoilageOf(verdict, signs), note }),
        `${card.name} is off the shelf`,
      ),
    );
    dispatch(signsForgotten(id));
    router.navigate('/start');
  };
  const own = backups.filter(({ jar }) => jar === id).length;
  return (
    <View style={styles.stack}>
      <Button kind="danger" onPress={out}>
        It is thrown out
      </Button>
      <Button href="/start">
        {own > 0
          ? `Begin from ${own === 1 ? 'its backup' : `one of its ${own} backups`}`
          : 'Start again from a backup, or from scratch'}
      </Button>
    </View>
  );
}

function Help({
  verdict,
  signs,
  standing,
}: {
  readonly verdict: Verdict;
  readonly signs: Signs;
  readonly standing: Standing;
}) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const words = useKitchenWords();
  const [moving, setMoving] = useState(false);
  const { jar } = standing;
  const run = useAppSelector(selectRuns).find((one) => one.jar.id === jar.id);
  const programmePath = `/jar/${jar.id}/programme` as const;
  const begin = (programme: ProgrammeId) => {
    dispatch(
      doneTo(
        jar.id,
        (atHand) => beginProgramme(atHand, { programme }),
        `${PROGRAMME_WORDS[programme].title}: ${jar.card.name}`,
      ),
    );
    dispatch(signsForgotten(jar.id));
    router.navigate(programmePath);
  };
  const bench = () => {
    const parts = BENCH_PARTS[verdict.kind] ?? null;
    if (parts !== null) {
      const keepG = Math.min(jar.card.keepG, Math.floor(jar.massG));
      dispatch(fillBench(jar.id, { keepG, flourG: keepG * parts, waterG: keepG * parts }, null));
    }
    router.navigate(`/jar/${jar.id}/feed`);
  };
  const logSeen = () => {
    const seen = seenAs(signs);
    dispatch(
      doneTo(
        jar.id,
        (atHand) => look(atHand, { at: atHand.now, ...seen }),
        `What was seen of ${jar.card.name} is logged`,
      ),
    );
  };
  const { programme } = verdict;
  return (
    <View style={styles.stack}>
      {(programme !== null || verdict.kind === 'hungry') && (
        <ForetoldWords jar={jar} programme={programme ?? 'afterFridge'} />
      )}
      {run ? (
        <Button kind="main" href={programmePath}>
          {`On with its programme, day ${run.run.day}`}
        </Button>
      ) : (
        programme !== null && (
          <Button kind="main" onPress={() => begin(programme)}>
            {programme === 'halfOut' ? 'Start: half out, then feed' : 'Start the programme'}
          </Button>
        )
      )}
      {(verdict.kind === 'tooYoung' || verdict.kind === 'falseRise') && !run && (
        <Button href="/start">Programmes for a new starter</Button>
      )}
      {verdict.kind === 'tooCold' && (
        <Button kind="main" onPress={() => setMoving(true)}>
          Move it
        </Button>
      )}
      {FED.has(verdict.kind) && !run && (
        <Button kind={programme === null ? 'main' : 'plain'} onPress={bench}>
          To the bench
        </Button>
      )}
      {verdict.kind === 'hungry' && programme === null && !run && (
        <Button kind="bare" onPress={() => begin('neglected')}>
          It has been neglected: bring it back
        </Button>
      )}
      <Button kind="bare" onPress={logSeen}>
        Log what was seen
      </Button>
      {verdict.kind === 'waiting' && (
        <Words size="small" tone="quiet">
          {`Its forecast: ${standing.outlook.forecast.peaksAtH === null ? 'no peak before the forecast ends' : `a peak ${words.about(jar.since + standing.outlook.forecast.peaksAtH * 3_600_000)}`}.`}
        </Words>
      )}
      {moving && <MoveSheet standing={standing} onClose={() => setMoving(false)} />}
    </View>
  );
}

const SMELL_OF: Readonly<Record<string, Smell>> = {
  fresh: 'yoghurt',
  sharp: 'vinegar',
  solvent: 'solvent',
  rot: 'cheese',
};

/** What happened to it, and what was seen on it, in words. */
function noteOf(signs: Signs): Pick<Looked, 'note'> {
  const told = (['happened', 'surface'] as const)
    .filter((q) => signs[q] !== undefined && (q === 'surface' || !befell(signs, 'nothing')))
    .map((question) => `${QUESTION_WORDS[question].short}: ${saidOf(question, signs)}`);
  return told.length > 0 ? { note: told.join('; ') } : {};
}

/** Signs as a look that the journal can keep. */
function seenAs(signs: Signs): Pick<Looked, 'smell' | 'liquid' | 'note'> {
  const smell = SMELL_OF[signs.smell ?? ''];
  const { liquid } = signs;
  return {
    ...(smell ? { smell } : {}),
    ...(shows(signs, 'liquid') && liquid && liquid !== 'unknown' && liquid !== 'coloured'
      ? { liquid }
      : {}),
    ...noteOf(signs),
  };
}

const styles = StyleSheet.create({
  stack: { gap: 8 },
});
