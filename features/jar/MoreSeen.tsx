import { StyleSheet, View } from 'react-native';

import { BUBBLES, LIQUIDS, SIGNS, SMELLS } from '@core/journal';
import { Choice, Field, MomentField, Words } from '@kit';
import { selectNow, useAppSelector } from '@state';

import { BUBBLE_WORDS, LIQUID_WORDS, SIGN_WORDS, SMELL_WORDS, useKitchenWords } from '../words';
import { type SeenFields } from './seen';

/** The fields of what else was seen. */
export function MoreSeen({
  seen,
  onSeen,
  problems,
  heights,
}: {
  readonly seen: SeenFields;
  readonly onSeen: (seen: SeenFields) => void;
  readonly problems: Readonly<Record<string, string>>;
  /** Whether heights can be read off the glass. */
  readonly heights: boolean;
}) {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const toggled = <K extends keyof SeenFields>(key: K, is: SeenFields[K]) =>
    onSeen({ ...seen, [key]: seen[key] === is ? null : is });
  return (
    <View style={styles.stack}>
      <MomentField
        label="Seen at"
        // The clock goes on until somebody says another hour.
        text={seen.at === '' ? words.fieldText(now) : seen.at}
        onText={(at) => onSeen({ ...seen, at })}
        problem={problems.at ?? null}
      />
      {heights && (
        <>
          <Choice
            label="The rise"
            options={SIGNS.map((is) => ({ is, text: SIGN_WORDS[is] }))}
            chosen={seen.sign}
            onChoose={(is) => toggled('sign', is)}
          />
          <Field
            label="Highest streak on the glass"
            text={seen.streak}
            onText={(streak) => onSeen({ ...seen, streak })}
            numeric
            unit="%"
            hint="The highest it got above the band, whenever that was."
            problem={problems.streak ?? null}
          />
        </>
      )}
      <Choice
        label="Bubbles"
        options={BUBBLES.map((is) => ({ is, text: BUBBLE_WORDS[is] }))}
        chosen={seen.bubbles}
        onChoose={(is) => toggled('bubbles', is)}
      />
      <Choice
        label="Smell"
        options={SMELLS.map((is) => ({ is, text: SMELL_WORDS[is] }))}
        chosen={seen.smell}
        onChoose={(is) => toggled('smell', is)}
      />
      <Choice
        label="Liquid"
        options={LIQUIDS.map((is) => ({ is, text: LIQUID_WORDS[is] }))}
        chosen={seen.liquid}
        onChoose={(is) => toggled('liquid', is)}
      />
      <Choice
        label="Float test"
        options={[
          { is: true, text: 'floats' },
          { is: false, text: 'sinks' },
        ]}
        chosen={seen.floats}
        onChoose={(is) => toggled('floats', is)}
      />
      <Words size="small" tone="quiet">
        A hint, not proof: a ripe starter sinks once it is stirred, and rye or stiff ones mislead.
        How far it rises in what time tells more. Smell it but do not taste it: raw flour can carry
        germs.
      </Words>
      <Field
        label="Note"
        text={seen.note}
        onText={(note) => onSeen({ ...seen, note })}
        lines={2}
        problem={problems.note ?? null}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 14 },
});
