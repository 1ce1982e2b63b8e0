import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Lot, isOfUse, lotsFor, lotsTogether } from '@core/larder';
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
import { selectGoodLots, selectNow, selectSpokenFor, useAppSelector } from '@state';

import { useJarName } from '../words/useJarName';
import { type KitchenWords, useKitchenWords } from '../words';
import { DiscardLevainPanel } from './DiscardLevainPanel';
import { DiscardPanel } from './DiscardPanel';
import { MakeItPanel } from './MakeItPanel';
import { FORMULA_WORDS, UNFIT_WORDS } from './formulaWords';

const EVERYBODYS = '';

const EVERYTHING = Infinity;

/** What the discard can become, by how much there is, how sour it is, and the time. */
export function MakeScreen() {
  const wide = useWide();
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const nameOf = useJarName();
  const good = useAppSelector(selectGoodLots);
  const { claims, free } = useAppSelector(selectSpokenFor);
  const [spent, setSpent] = useState(false);
  const kept = claims.filter(({ thereG }) => thereG > 0);
  const inFridge = (spent ? good : free).filter(
    ({ store, thawedAt }) => store === 'fridge' && (thawedAt === null || thawedAt <= now),
  );
  const gone = inFridge.filter((lot) => !isOfUse(lot));
  const thawed = inFridge.filter(isOfUse);
  const [whose, setWhose] = useState(EVERYBODYS);
  const jars = [...new Set(thawed.map(({ jar }) => jar))];
  // What is used up is chosen no more.
  const from = jars.includes(whose) ? whose : EVERYBODYS;
  const usable = thawed.filter(({ jar }) => from === EVERYBODYS || jar === from);
  const [minutes, setMinutes] = useState(90);
  const [people, setPeople] = useState(2);
  const occasion = { minutes, people };
  const [chosen, setChosen] = useState<FormulaId | null>(null);
  const discard = lotsTogether(usable);
  const fitting = FORMULAS.map((formula) => ({
    formula,
    not: unfit(formula, lotsTogether(lotsFor(formula, usable)), minutes),
  }));
  const old = usable.filter(({ keeping }) => keeping === 'old');
  const sorted = [...fitting.filter(({ not }) => !not), ...fitting.filter(({ not }) => not)];
  const shown = FORMULAS.find(({ id }) => id === chosen) ?? (wide ? sorted[0]!.formula : null);
  const grams = (of: readonly Lot[]) => words.grams(lotsTogether(of).grams);
  const list = (
    <Panel label="Recipes" style={styles.panel}>
      <View style={styles.stack}>
        <Words>
          {discard.grams < 1
            ? 'There is no discard in the fridge. Here are the recipes all the same.'
            : `${words.grams(discard.grams)} in the fridge${from === EVERYBODYS ? ', all together' : ` of ${nameOf(from)}`} at ${Math.round(discard.hydrationPct)} % hydration.`}
        </Words>
        {old.length > 0 && (
          <Words tone="crust">
            {`${grams(old)} of it is old and sour: it is offered only for what is good when sour.`}
          </Words>
        )}
        {gone.length > 0 && (
          <Words tone="crust">
            {`${grams(gone)} more is too old for anything: over six weeks in the fridge, or eight months in the freezer. It goes on the compost.`}
          </Words>
        )}
        {kept.length > 0 && (
          <>
            <Words tone="crust">
              {`${spent ? 'Some of it was kept' : 'More is kept'}: ${kept.map(({ thereG, name, at }) => `${words.grams(thereG)} for ${name}, ${words.day(at)}`).join('; ')}.`}
            </Words>
            <View style={styles.atEdge}>
              <Button kind="bare" onPress={() => setSpent(!spent)}>
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
            onChoose={setWhose}
          />
        )}
        <Choice
          label="Time there is"
          options={[30, 45, 90].map((is) => ({ is, text: `${is} min` }))}
          chosen={minutes}
          onChoose={setMinutes}
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
          chosen={people}
          onChoose={setPeople}
        />
      </View>
      {sorted.map(({ formula, not }) => (
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
  const beside = (
    <>
      {shown && (
        <MakeItPanel
          key={`${shown.id} ${from} ${minutes} ${people}`}
          formula={shown}
          lots={lotsFor(shown, usable)}
          occasion={occasion}
        />
      )}
      <DiscardLevainPanel lots={usable} />
    </>
  );
  return (
    <Page title="What can I make?">
      <View style={styles.stack2}>
        <View style={styles.atEdge}>
          <Button kind="bare" icon="arrow-left" href="/larder">
            Larder
          </Button>
        </View>
        <PageTitle>What can I make?</PageTitle>
      </View>
      {wide ? (
        <TwoPanes
          left={
            <>
              {list}
              <DiscardPanel making />
            </>
          }
          right={beside}
        />
      ) : (
        <>
          {shown && (
            <MakeItPanel
              key={`${shown.id} ${from} ${minutes} ${people}`}
              formula={shown}
              lots={lotsFor(shown, usable)}
              occasion={occasion}
            />
          )}
          {list}
          <DiscardLevainPanel lots={usable} />
          <DiscardPanel making />
        </>
      )}
    </Page>
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
  panel: { gap: 4 },
  stack: { gap: 12, paddingBottom: 8 },
  stack2: { gap: 2 },
  atEdge: { alignItems: 'flex-start', marginLeft: -8 },
  ruled: {
    minHeight: TOUCH,
    justifyContent: 'center',
    paddingVertical: 6,
    paddingHorizontal: 8,
    borderTopWidth: 1,
  },
});
