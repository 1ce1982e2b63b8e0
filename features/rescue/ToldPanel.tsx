import { StyleSheet, View } from 'react-native';

import { QUESTIONS, type QuestionId, type Signs, shows, toldBeside } from '@core/rescue';
import { Button, Words, useLook } from '@kit';

import { useKitchenWords } from '../words';
import { QUESTION_WORDS, saidOf } from './questionWords';

/** Of what the log knows, that no heat harmed it and that its flour is white says nothing. */
const matters = (question: QuestionId, signs: Signs): boolean =>
  question === 'heat' ? signs.heat !== 'none' : question !== 'darkFlour' || shows(signs, 'tinge');

/** What is known so far: told just now, or from the log. Each can be told otherwise. */
export function ToldPanel({
  told,
  known,
  onAskAgain,
}: {
  readonly told: Signs;
  readonly known: Signs;
  readonly onAskAgain: (question: QuestionId) => void;
}) {
  const look = useLook();
  const words = useKitchenWords();
  const signs = toldBeside(known, told);
  const facts = QUESTIONS.filter(
    (question) =>
      signs[question] !== undefined && (told[question] !== undefined || matters(question, signs)),
  );
  if (facts.length === 0) return null;
  return (
    <View role="region" aria-label="What is known" style={styles.stack}>
      <Words size="small" tone="quiet">
        What is known
      </Words>
      {facts.map((question) => (
        <View key={question} style={[styles.row, { borderTopColor: look.seam }]}>
          <Words style={styles.fill}>
            {words.inUnits(`${QUESTION_WORDS[question].short}: ${saidOf(question, signs)}`)}
            {told[question] === undefined && (
              <Words size="small" tone="quiet">
                {'  from the log'}
              </Words>
            )}
          </Words>
          <Button
            kind="bare"
            label={`Change ${QUESTION_WORDS[question].short}`}
            onPress={() => onAskAgain(question)}
          >
            Change
          </Button>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 0 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8, borderTopWidth: 1 },
  fill: { flex: 1 },
});
