import { useRouter } from 'expo-router';
import { useState } from 'react';

import { type Standing } from '@core/journal';
import { type QuestionId, type Signs, judge, knownSigns, nextQuestion } from '@core/rescue';
import { Choice, Page, Panel, Press, Words, useWide, TwoPanes } from '@kit';
import {
  selectJarEvents,
  selectStandings,
  signsForgotten,
  signsTold,
  useAppDispatch,
  useAppSelector,
  ofJar,
} from '@state';

import { QuestionPanel } from './QuestionPanel';
import { ToldPanel } from './ToldPanel';
import { VerdictPanel } from './VerdictPanel';

/** What do you see? A few questions, then what is the matter and what to do. */
export function TroubleScreen({ jar }: { readonly jar?: string | undefined }) {
  const router = useRouter();
  const standings = useAppSelector(selectStandings);
  const standing = standings.find((s) => s.jar.id === jar);
  return (
    <Page narrow={standing === undefined && standings.length > 0 && jar === undefined}>
      <Words size="heading" level={1}>
        Something is wrong
      </Words>
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
        Leave it as it is for now: do not stir, do not taste. Have it before you in good light, and
        answer by what you see. Three questions do in most cases; what the log knows is not asked.
      </Words>
      <Words tone="beet">
        Fuzz, or spots and streaks of pink, orange, green or black: all of it goes, the jar is
        washed hot, and a backup begins anew. Do not sniff at mould.
      </Words>
    </Panel>
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
  const signs: Signs = { ...known, ...told };
  const question = again ?? nextQuestion(signs);
  const tell = (more: Signs) => {
    setAgain(null);
    dispatch(signsTold({ jar, signs: { ...told, ...more } }));
  };
  const main =
    question === null ? (
      <VerdictPanel verdict={judge(signs)} signs={signs} standing={standing} />
    ) : (
      <QuestionPanel key={question} question={question} signs={signs} onTold={tell} />
    );
  const beside = (
    <>
      <ToldPanel told={told} known={known} onAskAgain={setAgain} />
      {Object.keys(told).length > 0 && (
        <Press
          kind="bare"
          onPress={() => {
            setAgain(null);
            dispatch(signsForgotten(jar));
          }}
        >
          Begin again
        </Press>
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
