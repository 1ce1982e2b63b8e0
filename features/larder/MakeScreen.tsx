import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Lot, lotsFor, lotsTogether } from '@core/larder';
import {
  FORMULAS,
  type Formula,
  type FormulaId,
  type Occasion,
  minutesFor,
  batchFor,
  unfit,
} from '@core/larder/formulas';
import {
  PageTitle,
  Choice,
  Page,
  Panel,
  Button,
  TOUCH,
  TouchArea,
  TwoPanes,
  Words,
  useLook,
  useWide,
} from '@kit';

import { useJarName } from '../words/useJarName';
import { type KitchenWords, useKitchenWords } from '../words';
import { DiscardLevainPanel } from './DiscardLevainPanel';
import { DiscardPanel } from './DiscardPanel';
import { MakeItPanel } from './MakeItPanel';
import { FORMULA_WORDS, UNFIT_WORDS } from './formulaWords';
import { EVERYBODYS, type UsableDiscard, useUsableDiscard } from './useUsableDiscard';

const EVERYTHING = Infinity;

/** What the discard can become, by how much there is, how sour it is, and the time. */
export function MakeScreen() {
  const wide = useWide();
  const words = useKitchenWords();
  const discard = useUsableDiscard();
  const { usable, from } = discard;
  const [occasion, setOccasion] = useState<Occasion>({ minutes: 90, people: 2 });
  const [chosen, setChosen] = useState<FormulaId | null>(null);
  const { minutes, people } = occasion;
  const fits = FORMULAS.map((formula) => ({
    formula,
    not: unfit(formula, lotsTogether(lotsFor(formula, usable)), minutes),
  }));
  const fittingFirst = [...fits.filter(({ not }) => !not), ...fits.filter(({ not }) => not)];
  const shown =
    FORMULAS.find(({ id }) => id === chosen) ?? (wide ? fittingFirst[0]!.formula : null);
  const recipe = shown && (
    <MakeItPanel
      key={`${shown.id} ${from} ${minutes} ${people}`}
      formula={shown}
      lots={lotsFor(shown, usable)}
      occasion={occasion}
    />
  );
  const recipes = (
    <Panel label="Recipes" style={styles.panel}>
      <View style={styles.stack}>
        <DiscardTold discard={discard} />
        <OccasionChoices occasion={occasion} onOccasion={setOccasion} />
      </View>
      {fittingFirst.map(({ formula, not }) => (
        <FormulaRow
          key={formula.id}
          formula={formula}
          text={not ? UNFIT_WORDS[not] : madeOf(formula, lotsFor(formula, usable), occasion, words)}
          dim={not !== null}
          on={shown?.id === formula.id}
          onPress={() => setChosen(formula.id)}
        />
      ))}
    </Panel>
  );
  return (
    <Page title="What can I make?">
      <PageTitle back={{ to: '/larder', name: 'Larder' }}>What can I make?</PageTitle>
      {wide ? (
        <TwoPanes
          left={
            <>
              {recipes}
              <DiscardPanel making />
            </>
          }
          right={
            <>
              {recipe}
              <DiscardLevainPanel lots={usable} />
            </>
          }
        />
      ) : (
        <>
          {recipe}
          {recipes}
          <DiscardLevainPanel lots={usable} />
          <DiscardPanel making />
        </>
      )}
    </Page>
  );
}

/** How much discard there is to make something of, and what is left out of it; whose, where there are several. */
function DiscardTold({ discard }: { readonly discard: UsableDiscard }) {
  const words = useKitchenWords();
  const nameOf = useJarName();
  const { usable, old, tooOld, claims, spent, jars, from } = discard;
  const all = lotsTogether(usable);
  const grams = (of: readonly Lot[]) => words.grams(lotsTogether(of).grams);
  return (
    <>
      <Words>
        {all.grams < 1
          ? 'There is no discard in the fridge. Here are the recipes all the same.'
          : `${words.grams(all.grams)} in the fridge${from === EVERYBODYS ? ', all together' : ` of ${nameOf(from)}`} at ${Math.round(all.hydrationPct)} % hydration.`}
      </Words>
      {old.length > 0 && (
        <Words tone="crust">
          {`${grams(old)} of it is old and sour: it is offered only for what is good when sour.`}
        </Words>
      )}
      {tooOld.length > 0 && (
        <Words tone="crust">
          {`${grams(tooOld)} more is too old for anything: over six weeks in the fridge, or eight months in the freezer. It goes on the compost.`}
        </Words>
      )}
      {claims.length > 0 && (
        <>
          <Words tone="crust">
            {`${spent ? 'Some of it was kept' : 'More is kept'}: ${claims.map(({ thereG, name, at }) => `${words.grams(thereG)} for ${name}, ${words.day(at)}`).join('; ')}.`}
          </Words>
          <View style={styles.atEdge}>
            <Button kind="bare" onPress={() => discard.setSpent(!spent)}>
              {spent ? 'Leave that alone' : 'Count it in all the same'}
            </Button>
          </View>
        </>
      )}
      {jars.length > 1 && (
        <Choice
          label="Whose"
          options={[
            { is: EVERYBODYS, text: 'all of it' },
            ...jars.map((is) => ({ is, text: nameOf(is) })),
          ]}
          chosen={from}
          onChoose={discard.setWhose}
        />
      )}
    </>
  );
}

/** The time there is, and for how many. */
function OccasionChoices({
  occasion,
  onOccasion,
}: {
  readonly occasion: Occasion;
  readonly onOccasion: (occasion: Occasion) => void;
}) {
  return (
    <>
      <Choice
        label="Time there is"
        options={[30, 45, 90].map((is) => ({ is, text: `${is} min` }))}
        chosen={occasion.minutes}
        onChoose={(minutes) => onOccasion({ ...occasion, minutes })}
      />
      <Choice
        label="For how many"
        options={[
          { is: 1, text: 'one' },
          { is: 2, text: 'two' },
          { is: 4, text: 'four' },
          { is: 6, text: 'six' },
          { is: EVERYTHING, text: 'use it up' },
        ]}
        chosen={occasion.people}
        onChoose={(people) => onOccasion({ ...occasion, people })}
      />
    </>
  );
}

/** "6 pancakes in 24 min, from 110 g" */
function madeOf(
  formula: Formula,
  lots: readonly Lot[],
  occasion: Occasion,
  words: KitchenWords,
): string {
  const { pieces, discardG } = batchFor(formula, lotsTogether(lots), occasion);
  const [one, several] = FORMULA_WORDS[formula.id].piece;
  return `${pieces} ${pieces === 1 ? one : several} in ${minutesFor(formula, pieces)} min, from ${words.grams(discardG)}`;
}

function FormulaRow({
  formula,
  text,
  dim,
  on,
  onPress,
}: {
  readonly formula: Formula;
  readonly text: string;
  readonly dim: boolean;
  readonly on: boolean;
  readonly onPress: () => void;
}) {
  const look = useLook();
  return (
    <TouchArea
      on={on}
      label={`${FORMULA_WORDS[formula.id].name}: ${text}`}
      onPress={onPress}
      style={[
        styles.ruled,
        { borderTopColor: look.seam, backgroundColor: on ? look.mist : 'transparent' },
      ]}
    >
      <Words strong={!dim}>{FORMULA_WORDS[formula.id].name}</Words>
      <Words size="small" tone="quiet">
        {text}
      </Words>
    </TouchArea>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 0 },
  stack: { gap: 12, paddingBottom: 12 },
  atEdge: { alignItems: 'flex-start', marginLeft: -8 },
  ruled: {
    minHeight: TOUCH,
    justifyContent: 'center',
    paddingVertical: 6,
    paddingHorizontal: 8,
    borderTopWidth: 1,
  },
});
