import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { gramsFromText } from '@core/bench';
import { type Standing, contentOf } from '@core/journal';
import { freshDensity } from '@core/measure';
import { weigh } from '@core/verbs';
import { Button, Choice, Sheet, Words } from '@kit';
import { doneTo, selectNow, useAppDispatch, useAppSelector } from '@state';

import { useKitchenWords } from '../words';
import { WeightField } from './WeightField';
import { When, useWhen } from './When';

/** Shares of a jar that an eye tells apart. */
const FILLS = [
  { is: 0.125, text: 'an eighth' },
  { is: 0.25, text: 'a quarter' },
  { is: 1 / 3, text: 'a third' },
  { is: 0.5, text: 'half' },
  { is: 2 / 3, text: 'two thirds' },
  { is: 0.75, text: 'three quarters' },
] as const;

type How = 'withJar' | 'alone' | 'eye';

/** What is really in the jar: by the scale, or by eye. The log goes by it from then on. */
export function WeighSheet({
  standing,
  onClose,
}: {
  readonly standing: Standing;
  readonly onClose: () => void;
}) {
  const { jar, moment } = standing;
  const { emptyG, capacityMl } = jar.card.vessel;
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const when = useWhen(words, now);
  const [how, setHow] = useState<How>('withJar');
  const [text, setText] = useState('');
  const [fill, setFill] = useState<number | null>(null);
  const [problems, setProblems] = useState<readonly { field: string; message: string }[]>([]);
  const { massG, hydrationPct } = contentOf(jar);
  // A risen starter is full of gas: so much of what is seen is not there to be weighed.
  const eyedG =
    fill === null ? NaN : (fill * capacityMl * freshDensity(hydrationPct)) / moment.height;
  const reading = gramsFromText(text, 'starter');
  const grams = how === 'eye' ? Math.round(eyedG) : how === 'withJar' ? reading - emptyG : reading;
  const log = () => {
    const found = dispatch(
      doneTo(
        jar.id,
        (atHand) => weigh(atHand, { grams, at: when.at ?? atHand.now }),
        `${jar.card.name}: ${words.grams(grams)} in the jar`,
      ),
    );
    setProblems(found);
    if (found.length === 0) onClose();
  };
  const problemOf = (field: string) =>
    problems.find((problem) => problem.field === field)?.message ?? null;
  return (
    <Sheet title={`What is in ${jar.card.name}’s jar`} onClose={onClose}>
      <Words>{`By the log it holds about ${words.roughly(massG)}.`}</Words>
      <Choice
        label="How you know"
        options={[
          { is: 'withJar' as const, text: 'Weighed with the jar' },
          { is: 'alone' as const, text: 'Weighed without it' },
          { is: 'eye' as const, text: 'By eye' },
        ]}
        chosen={how}
        onChoose={setHow}
      />
      {how === 'eye' ? (
        <>
          <Choice
            label={`How full its ${capacityMl} ml are`}
            options={FILLS}
            chosen={fill}
            onChoose={setFill}
          />
          {problemOf('grams') && (
            <Words tone="beet" live>
              {fill === null ? 'Say about how full it is.' : problemOf('grams')}
            </Words>
          )}
        </>
      ) : (
        <WeightField
          label="The scale says"
          text={text}
          onText={setText}
          problem={problemOf('grams')}
          hint={
            how === 'withJar' ? `The empty jar weighs ${words.grams(emptyG)}, by its card.` : ''
          }
          onSubmit={log}
        />
      )}
      {grams > 0 && how !== 'alone' && (
        <View style={styles.told}>
          <Words strong>{`${how === 'eye' ? 'About ' : ''}${words.grams(grams)} of starter`}</Words>
        </View>
      )}
      <When when={when} label="Weighed at" problem={problemOf('at')} />
      <Button kind="main" onPress={log}>
        Use this from now on
      </Button>
    </Sheet>
  );
}

const styles = StyleSheet.create({
  told: { paddingVertical: 2 },
});
