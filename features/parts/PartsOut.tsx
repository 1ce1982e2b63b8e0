import { StyleSheet, View } from 'react-native';

import { gramsFromText } from '@core/bench';
import { OUT_TO, type OutTo, leftOver } from '@core/verbs';
import { Button, IconOnly, Words } from '@kit';

import { type DraftPart } from '@state';

import { useKitchenWords } from '../words';
import { DestinationChoice } from './DestinationChoice';
import { WeightField } from './WeightField';

/** What the typed parts weigh, grams; nothing typed is nothing. */
export const partsFrom = (typed: readonly DraftPart[]) =>
  typed.map(({ grams, to }) => ({
    grams: grams.trim() === '' ? 0 : gramsFromText(grams, 'starter'),
    to,
  }));

/** Where what comes out goes: all of it to one place, or some of it elsewhere. */
export function PartsOut({
  outG,
  to,
  onTo,
  parts,
  onParts,
  problem,
  hideLabel,
}: {
  readonly outG: number;
  readonly to: OutTo;
  readonly onTo: (to: OutTo) => void;
  readonly parts: readonly DraftPart[];
  readonly onParts: (parts: readonly DraftPart[]) => void;
  readonly problem?: string | null;
  readonly hideLabel?: boolean;
}) {
  const words = useKitchenWords();
  const restG = leftOver(outG, partsFrom(parts));
  const changed = (i: number, change: Partial<DraftPart>) =>
    onParts(parts.map((part, at) => (at === i ? { ...part, ...change } : part)));
  return (
    <View style={styles.stack}>
      {parts.map((part, i) => (
        <View key={i} style={styles.stack}>
          <View style={styles.row}>
            <WeightField
              label={parts.length > 1 ? `Part ${i + 1} of it` : 'Some of it'}
              text={part.grams}
              onText={(grams) => changed(i, { grams })}
              problem={i === parts.length - 1 ? (problem ?? null) : null}
            />
            <IconOnly
              icon="close"
              label={parts.length > 1 ? `Leave part ${i + 1} out` : 'All to one place again'}
              onPress={() => onParts(parts.filter((_, at) => at !== i))}
            />
          </View>
          <DestinationChoice
            label={parts.length > 1 ? `Where part ${i + 1} goes` : 'Where some of it goes'}
            hideLabel
            among={OUT_TO}
            chosen={part.to}
            onChoose={(is) => changed(i, { to: is })}
          />
        </View>
      ))}
      {parts.length > 0 && (
        <Words tone={restG < 0 ? 'beet' : 'ink'}>
          {restG < 0
            ? 'That is more than comes out.'
            : Number.isNaN(restG)
              ? 'And the rest:'
              : `And the other ${words.grams(restG)}:`}
        </Words>
      )}
      <DestinationChoice
        {...(hideLabel ? { hideLabel } : {})}
        among={OUT_TO}
        chosen={to}
        onChoose={onTo}
      />
      <View style={styles.atEdge}>
        <Button
          kind="bare"
          icon="plus"
          onPress={() =>
            onParts([...parts, { grams: '', to: to === 'bake' ? 'discardJar' : 'bake' }])
          }
        >
          {parts.length > 0 ? 'And some elsewhere' : 'Some of it goes elsewhere'}
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 10 },
  row: { flexDirection: 'row', gap: 8, alignItems: 'flex-end' },
  atEdge: { alignItems: 'flex-start', marginLeft: -8 },
});
