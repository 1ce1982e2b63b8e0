import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Instant } from '@core/measure';
import { Button, MomentField } from '@kit';

import { type KitchenWords } from '../words';

/** The hour of something that is written down: now, unless another is typed. */
export function useWhen(words: KitchenWords, now: Instant) {
  const [text, setText] = useState<string | null>(null);
  const at = text === null ? now : words.instantOf(text);
  return {
    /** Null while it is just now, as the clock goes on meanwhile; no number while what is typed is no hour. */
    at: text === null ? null : at,
    /** The hour to reckon from and to tell: now while what is typed is none. */
    reckonedAt: Number.isNaN(at) ? now : at,
    text,
    ask: () => setText(words.fieldText(now)),
    setText: (to: string) => setText(to),
    clear: () => setText(null),
  };
}

/** Offers another hour than now. */
export function When({
  when,
  label = 'When',
  offer = 'It was earlier',
  problem,
}: {
  readonly when: ReturnType<typeof useWhen>;
  readonly label?: string;
  readonly offer?: string;
  readonly problem?: string | null;
}) {
  if (when.text === null)
    return (
      <View style={styles.atEdge}>
        <Button kind="bare" onPress={when.ask}>
          {offer}
        </Button>
      </View>
    );
  return (
    <MomentField label={label} text={when.text} onText={when.setText} problem={problem ?? null} />
  );
}

const styles = StyleSheet.create({
  atEdge: { alignItems: 'flex-start', marginLeft: -8 },
});
