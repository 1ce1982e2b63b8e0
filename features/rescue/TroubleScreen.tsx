import { useRouter } from 'expo-router';
import { useState } from 'react';

import { type Standing } from '@core/journal';
import {
  type QuestionId,
  type Signs,
  befell,
  judge,
  knownSigns,
  nextQuestion,
  toldBeside,
} from '@core/rescue';
import { PageTitle, Choice, Notice, Page, Panel, Button, Words, useWide, TwoPanes } from '@kit';
import {
  selectJarEvents,
  selectStandings,
  signsForgotten,
  signsTold,
  useAppDispatch,
  useAppSelector,
  ofJar,
} from '@state';

import { PRESSURE } from './caseWords';
import { QuestionPanel } from './QuestionPanel';
import { ToldPanel } from './ToldPanel';
import { VerdictPanel } from './VerdictPanel';

/** What do you see? A few questions, then what is the matter and what to do. */
export function TroubleScreen({ jar }: { readonly jar?: string | undefined }) {
  const router = useRouter();
  const standings = useAppSelector(selectStandings);
  const standing = standings.find((s) => s.jar.id === jar);
  const told = useAppSelector((state) => ofJar(state.trouble, standing?.jar.id ?? '')) ?? NOTHING;
  return (
    <Page
      title="Something is wrong"
      narrow={standing === undefined && standings.length > 0 && jar === undefined}
      step={Object.keys(told).join(' ')}
    >
      <PageTitle>Something is wrong</PageTitle>
      {standings.length > 0 && (
        <Choice
          label="Which jar?"
          options={[
            ...standings.map(({ jar: { id, card } }) => ({ is: id, text: card.name })),
            { is: '', text: 'another' },
          ]}
          chosen={standing?.jar.id ?? (jar === undefined ? null : '')}
          onChoose={(is) => router.setParams({ jar: is })}
        />
      )}
      {jar !== undefined || standings.length === 0 ? (
        <Asking key={standing?.jar.id ?? ''} standing={standing ?? null} />
      ) : (
        <BeforeAsking />
      )}
    </Page>
  );
}

/** What to do before any question: leave the jar as it is, and look. */
function BeforeAsking() {
  return (
    <Panel>
      <Words>
        Leave it as it is for now: do not stir it or taste it. Have it in front of you in good light
        and answer by what you see. What the log already knows is not asked.
      </Words>
      <Words tone="beet">
        If there is fuzz, or spots or streaks of any colour, all of it goes and the jar is washed
        hot. Do not sniff at mould.
      </Words>
    </Panel>
  );
}

/** A tight lid comes before every question: gas breaks glass. */
function Pressure() {
  return (
    <Notice title="First, the pressure" tone="beet">
      {PRESSURE.join(' ')}
    </Notice>
  );
}

function Asking({ standing }: { readonly standing: Standing | null }) {
  const wide = useWide();
  const dispatch = useAppDispatch();
  const jar = standing?.jar.id ?? '';
  const events = useAppSelector((state) => selectJarEvents(state, jar));
  const told = useAppSelector((state) => ofJar(state.trouble, jar)) ?? NOTHING;
  const [again, setAgain] = useState<QuestionId | null>(null);
  const known = standing ? knownSigns(standing, events) : NOTHING;
  const signs = toldBeside(known, told);
  const question = again ?? nextQuestion(signs);
  const tell = (more: Signs) => {
    setAgain(null);
    const signs = Object.entries({ ...told, ...more }).filter(([, said]) => said !== undefined);
    dispatch(signsTold({ jar, signs: Object.fromEntries(signs) }));
  };
  const begun = Object.keys(told).length > 0;
  const asked =
    question === null ? (
      <VerdictPanel verdict={judge(signs)} signs={signs} standing={standing} />
    ) : (
      <QuestionPanel key={question} question={question} signs={signs} onTold={tell} />
    );
  const main = (
    <>
      {!begun && <BeforeAsking />}
      {befell(signs, 'tightLid') && <Pressure />}
      {asked}
    </>
  );
  const beside = (
    <>
      <ToldPanel told={told} known={known} onAskAgain={setAgain} />
      {begun && (
        <Button
          kind="bare"
          onPress={() => {
            setAgain(null);
            dispatch(signsForgotten(jar));
          }}
        >
          Start again
        </Button>
      )}
    </>
  );
  return wide ? (
    <TwoPanes left={main} right={beside} leftShare={0.6} />
  ) : (
    <>
      {main}
      {beside}
    </>
  );
}

const NOTHING: Signs = {};
