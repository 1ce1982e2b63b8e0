import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { gramsFromText } from '@core/bench';
import { type Liquid, type Standing, contentOf } from '@core/journal';
import { type Signs, hoochAdvice, waterBack } from '@core/rescue';
import { pourOff, stirIn } from '@core/verbs';
import { Panel, Button, Words } from '@kit';
import { byField, doneTo, selectNow, useAppDispatch, useAppSelector } from '@state';

import { useKitchenWords } from '../words';
import { hoochWords } from './verdictWords';
import { WeightField } from '../parts/WeightField';
import { When, useWhen } from '../parts/When';

/** Liquid of hunger: pour it off or stir it in, and what that changes in the next feed. */
export function HoochPanel({
  standing,
  signs,
}: {
  readonly standing: Standing;
  readonly signs: Signs;
}) {
  const { jar } = standing;
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const colour = signs.liquid as Exclude<Liquid, 'none'>;
  const amount = signs.amount === undefined || signs.amount === 'unknown' ? 'film' : signs.amount;
  const onTop = signs.where !== 'middle' && signs.where !== 'below';
  const advice = hoochAdvice(colour, amount, onTop, contentOf(jar).massG + jar.pouredG);
  const [text, setText] = useState(String(advice.grams));
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const when = useWhen(words, useAppSelector(selectNow));
  const earlier = when.at === null ? {} : { when: when.at };
  const pour = () => {
    const grams = gramsFromText(text, 'water');
    const objections = dispatch(
      doneTo(
        jar.id,
        (atHand) => pourOff(atHand, { grams, liquid: colour, ...earlier }),
        `${words.grams(grams)} of liquid poured off`,
      ),
    );
    setProblems(byField(objections));
  };
  const stir = () => {
    const objections = dispatch(
      doneTo(
        jar.id,
        (atHand) => stirIn(atHand, { liquid: colour, ...earlier }),
        'Liquid stirred in',
      ),
    );
    setProblems(byField(objections));
  };
  const { keepG } = jar.card;
  return (
    <Panel label="The liquid">
      <Words size="title" level={2}>
        The liquid
      </Words>
      {jar.pouredG > 0 ? (
        <Words>
          {`${words.grams(jar.pouredG)} have been poured off. A keep of ${words.grams(keepG)} gets ${words.grams(waterBack(jar, keepG))} more water to make up for it, and the bench knows.`}
        </Words>
      ) : (
        <>
          <Words>{hoochWords(advice)}</Words>
          <WeightField
            of="water"
            label="About how much"
            text={text}
            onText={setText}
            problem={problems.grams ?? null}
          />
          <When when={when} problem={problems.at ?? null} />
          <View style={styles.row}>
            <Button grow kind={advice.do === 'pourOff' ? 'main' : 'plain'} onPress={pour}>
              Poured off
            </Button>
            <Button grow kind={advice.do === 'stirIn' ? 'main' : 'plain'} onPress={stir}>
              Stirred in
            </Button>
          </View>
        </>
      )}
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
});
