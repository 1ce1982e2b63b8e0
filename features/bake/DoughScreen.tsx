import { useState } from 'react';

import { doughCard, turned } from '@core/bench';
import { PageTitle, Choice, Notice, Page, TwoPanes, useWide } from '@kit';
import { doughChanged, useAppDispatch, useAppSelector, selectDough } from '@state';

import { useKitchenWords } from '../words';
import {
  DOUGH_PROBLEM_WORDS,
  RECIPE_WARNING_WORDS,
  bowlParts,
  doughText,
  turnedParts,
  turnedText,
} from '../words/bakeWords';
import { Bowl } from './Bowl';
import { BulkPanel } from './BulkPanel';
import { PercentagesPanel } from './PercentagesPanel';
import { LevainPanel } from './LevainPanel';
import { RecipePanel } from './RecipePanel';
import { WeighOut } from './WeighOut';

/** A dough by baker's percentages, or a yeast recipe turned; what goes into the bowl, how long it takes, and its levain. */
export function DoughScreen() {
  const wide = useWide();
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const { from, formula, recipe } = useAppSelector(selectDough);
  const [weighing, setWeighing] = useState(false);
  const turnedRecipe = turned(recipe, formula.inoculationPct, formula.levainHydrationPct);
  const card = doughCard(formula);
  const fine = from === 'percentages' ? typeof card !== 'string' : turnedRecipe !== null;
  const parts =
    from === 'yeastRecipe'
      ? turnedRecipe && turnedParts(recipe, turnedRecipe)
      : typeof card === 'string'
        ? null
        : bowlParts(card);
  const text =
    from === 'yeastRecipe'
      ? turnedRecipe && turnedText(recipe, turnedRecipe, words)
      : typeof card === 'string'
        ? null
        : doughText(formula, card, words);
  if (weighing && parts) return <WeighOut parts={parts} onDone={() => setWeighing(false)} />;

  const asked = (
    <>
      <Choice
        label="Work it out"
        options={[
          { is: 'percentages' as const, text: 'from percentages' },
          { is: 'yeastRecipe' as const, text: 'from a yeast recipe' },
        ]}
        chosen={from}
        onChoose={(to) => dispatch(doughChanged({ from: to }))}
      />
      {from === 'percentages' ? <PercentagesPanel /> : <RecipePanel />}
    </>
  );
  const levainG = parts?.[0]?.[0] === 'levain' ? parts[0][1] : 0;
  const found = (
    <>
      {!fine && (
        <Notice
          tone="beet"
          title={
            from === 'percentages' && typeof card === 'string'
              ? DOUGH_PROBLEM_WORDS[card]
              : DOUGH_PROBLEM_WORDS.levainTooWet
          }
        />
      )}
      {from === 'yeastRecipe' &&
        turnedRecipe?.warnings.map((warning) => (
          <Notice key={warning} title={RECIPE_WARNING_WORDS[warning]} />
        ))}
      {parts && text && <Bowl parts={parts} text={text} onWeigh={() => setWeighing(true)} />}
      {fine && <BulkPanel />}
      {levainG > 0 && <LevainPanel levainG={levainG} />}
    </>
  );
  return (
    <Page title="Dough">
      <PageTitle>Dough</PageTitle>
      {wide ? (
        <TwoPanes left={asked} right={found} leftShare={0.42} />
      ) : (
        <>
          {asked}
          {found}
        </>
      )}
    </Page>
  );
}
