import { useState } from 'react';

import {
  type Happening,
  type QuestionId,
  SIGNS_OF,
  type Signs,
  type Surface,
  befell,
} from '@core/rescue';
import { Choice, Choices, Panel, Button, Words } from '@kit';
import { type JarSign } from '@kit/SignDrawing';

import { useKitchenWords } from '../words';

import { QUESTION_WORDS, answerWords } from './questionWords';
import { SignTiles } from './SignTiles';

/** One question, with what is to be said to it. The liquid's three stand together. */
export function QuestionPanel({
  question,
  signs,
  onTold,
}: {
  readonly question: QuestionId;
  readonly signs: Signs;
  readonly onTold: (told: Signs) => void;
}) {
  const words = useKitchenWords();
  if (question === 'happened') return <HappenedQuestion signs={signs} onTold={onTold} />;
  if (question === 'surface') return <SurfaceQuestion signs={signs} onTold={onTold} />;
  if (question === 'liquid' || question === 'amount' || question === 'where')
    return <LiquidQuestions signs={signs} onTold={onTold} />;
  const { ask, hint } = QUESTION_WORDS[question];
  return (
    <Panel label={ask}>
      <Words size="title" level={2}>
        {ask}
      </Words>
      {hint && <Words tone="quiet">{hint}</Words>}
      {SIGNS_OF[question]
        .filter((answer) => answer !== 'baked' || befell(signs, 'hot'))
        .map((answer) => (
          <Button key={answer} onPress={() => onTold({ [question]: answer })}>
            {words.inUnits(answerWords(question, answer))}
          </Button>
        ))}
      {question === 'secondLook' && (
        <Button onPress={() => onTold({ surface: undefined, secondLook: undefined })}>
          I can see something now
        </Button>
      )}
      <Button kind="bare" onPress={() => onTold({ [question]: 'unknown' })}>
        I cannot tell
      </Button>
    </Panel>
  );
}

/** What happened to it, all that is known at once; a tap says that nothing is. */
function HappenedQuestion({
  signs,
  onTold,
}: {
  readonly signs: Signs;
  readonly onTold: (told: Signs) => void;
}) {
  const before = Array.isArray(signs.happened) ? (signs.happened as readonly Happening[]) : [];
  const [chosen, setChosen] = useState(before.filter((what) => what !== 'nothing'));
  const { ask, hint } = QUESTION_WORDS.happened;
  return (
    <Panel label={ask}>
      <Words size="title" level={2}>
        {ask}
      </Words>
      <Button
        kind={chosen.length > 0 ? 'plain' : 'main'}
        onPress={() => onTold({ happened: ['nothing'] })}
      >
        Nothing that I know
      </Button>
      <Words tone="quiet">{hint}</Words>
      <Choices
        label={ask}
        hideLabel
        options={SIGNS_OF.happened
          .filter((is) => is !== 'nothing')
          .map((is) => ({ is, text: answerWords('happened', is) }))}
        chosen={chosen}
        onChoose={(to) => setChosen([...to])}
      />
      {chosen.length > 0 && (
        <Button kind="main" onPress={() => onTold({ happened: chosen })}>
          Go on
        </Button>
      )}
    </Panel>
  );
}

function SurfaceQuestion({
  signs,
  onTold,
}: {
  readonly signs: Signs;
  readonly onTold: (told: Signs) => void;
}) {
  const before = Array.isArray(signs.surface) ? (signs.surface as readonly Surface[]) : [];
  const [seen, setSeen] = useState<readonly Surface[]>(before);
  const { ask, hint } = QUESTION_WORDS.surface;
  // Nothing odd and something odd exclude each other.
  const toggle = (sign: Surface) =>
    setSeen(
      seen.includes(sign)
        ? seen.filter((one) => one !== sign)
        : sign === 'nothing'
          ? ['nothing']
          : [...seen.filter((one) => one !== 'nothing'), sign],
    );
  return (
    <Panel label={ask}>
      <Words size="title" level={2}>
        {ask}
      </Words>
      <Words tone="quiet">{hint}</Words>
      <SignTiles
        label={ask}
        several
        options={SIGNS_OF.surface.map((is) => ({ is, text: answerWords('surface', is) }))}
        chosen={seen}
        onChoose={toggle}
      />
      <Button kind="main" disabled={seen.length === 0} onPress={() => onTold({ surface: seen })}>
        Go on
      </Button>
      <Button kind="bare" onPress={() => onTold({ surface: 'unknown' })}>
        I cannot tell
      </Button>
    </Panel>
  );
}

function LiquidQuestions({
  signs,
  onTold,
}: {
  readonly signs: Signs;
  readonly onTold: (told: Signs) => void;
}) {
  const [told, setTold] = useState<Pick<Signs, 'liquid' | 'amount' | 'where'>>({
    ...(signs.liquid ? { liquid: signs.liquid } : {}),
    amount: signs.amount ?? 'film',
    ...(signs.where ? { where: signs.where } : {}),
  });
  const { liquid, amount, where } = told;
  return (
    <Panel label="The liquid">
      <Words size="title" level={2}>
        {QUESTION_WORDS.liquid.ask}
      </Words>
      <SignTiles
        label={QUESTION_WORDS.liquid.ask}
        options={SIGNS_OF.liquid.map((is): { is: JarSign; text: string } => ({
          is,
          text: answerWords('liquid', is),
        }))}
        chosen={liquid && liquid !== 'unknown' ? [liquid] : []}
        onChoose={(is) => setTold({ ...told, liquid: is as 'clear' })}
      />
      <Choice
        label={QUESTION_WORDS.amount.ask}
        options={SIGNS_OF.amount.map((is) => ({ is, text: answerWords('amount', is) }))}
        chosen={amount && amount !== 'unknown' ? amount : null}
        onChoose={(is) => setTold({ ...told, amount: is })}
      />
      <Choice
        label={QUESTION_WORDS.where.ask}
        options={SIGNS_OF.where.map((is) => ({ is, text: answerWords('where', is) }))}
        chosen={where && where !== 'unknown' ? where : null}
        onChoose={(is) => setTold({ ...told, where: is })}
      />
      <Button
        kind="main"
        disabled={liquid === undefined || where === undefined}
        onPress={() => onTold(told)}
      >
        Go on
      </Button>
      <Button
        kind="bare"
        onPress={() => onTold({ ...told, where: where ?? 'unknown', liquid: 'unknown' })}
      >
        I cannot tell its colour
      </Button>
    </Panel>
  );
}
