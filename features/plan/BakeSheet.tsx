import { StyleSheet, View } from 'react-native';

import { Button, Choice, Field, MomentField, Sheet, Words } from '@kit';

import { Term } from '../parts/Term';
import { WeightField } from '../parts/WeightField';
import { useKitchenWords } from '../words';
import { ONCE, type WishFields, useWish } from './useWish';

/** A bake: how much ripe levain, from which jar, and when. Or loaves, and the levain follows from them. */
export function BakeSheet({ onClose }: { readonly onClose: () => void }) {
  const { wish, change, jars, levainG, problems, add } = useWish();
  const addAndClose = () => {
    if (add()) onClose();
  };
  return (
    <Sheet title="Add a bake" onClose={onClose}>
      <Choice
        label="What it takes"
        options={[
          { is: false, text: 'ripe levain' },
          { is: true, text: 'discard, or what can be spared' },
        ]}
        chosen={wish.anything}
        onChoose={(anything) => change({ anything })}
      />
      <MomentField
        label={wish.anything ? 'Wanted at' : 'Levain ripe at'}
        text={wish.at}
        onText={(at) => change({ at })}
        problem={problems.at ?? null}
      />
      <Choice
        label="You may be early or late by"
        options={[
          { is: 0.5, text: 'half an hour' },
          { is: 1, text: 'an hour' },
          { is: 2, text: 'two hours' },
        ]}
        chosen={wish.width}
        onChoose={(width) => change({ width })}
      />
      <Choice
        label="Again"
        options={[
          { is: ONCE, text: 'only once' },
          { is: 1, text: 'every week' },
          { is: 2, text: 'every second week' },
          { is: 4, text: 'every fourth week' },
        ]}
        chosen={wish.weeks}
        onChoose={(weeks) => change({ weeks })}
      />
      {jars.length > 1 && (
        <Choice
          label="From"
          options={jars.map(({ id: is, card }) => ({ is, text: card.name }))}
          chosen={wish.jar}
          onChoose={(jar) => change({ jar })}
        />
      )}
      <Choice
        label="How much"
        options={[
          { is: 'mass' as const, text: 'grams of levain' },
          { is: 'loaves' as const, text: 'work it out from loaves' },
        ]}
        chosen={wish.by}
        onChoose={(by) => change({ by })}
      />
      <Term of="levain" />
      {wish.by === 'mass' ? (
        <WeightField
          label="Levain"
          text={wish.grams}
          onText={(grams) => change({ grams })}
          problem={problems.mass ?? null}
          onSubmit={addAndClose}
        />
      ) : (
        <LoavesFields
          loaves={wish.loaves}
          onLoaves={(loaves) => change({ loaves })}
          levainG={levainG}
          problem={problems.loaves ?? null}
        />
      )}
      <Field
        label="Name, if it needs one"
        text={wish.name}
        onText={(name) => change({ name })}
        problem={problems.name ?? null}
      />
      <Button kind="main" onPress={addAndClose}>
        Add this bake
      </Button>
    </Sheet>
  );
}

/** Loaves, their flour and how much of it the levain brings; and what that comes to. */
function LoavesFields({
  loaves,
  onLoaves,
  levainG,
  problem,
}: {
  readonly loaves: WishFields['loaves'];
  readonly onLoaves: (loaves: WishFields['loaves']) => void;
  readonly levainG: number;
  readonly problem: string | null;
}) {
  const words = useKitchenWords();
  return (
    <>
      <View style={styles.row}>
        <Field
          label="Loaves"
          text={loaves.count}
          onText={(count) => onLoaves({ ...loaves, count })}
          numeric
        />
        <WeightField
          label="Flour each"
          text={loaves.flourG}
          onText={(flourG) => onLoaves({ ...loaves, flourG })}
        />
        <Field
          label="Inoculation"
          text={loaves.share}
          onText={(share) => onLoaves({ ...loaves, share })}
          numeric
          unit="%"
        />
      </View>
      <Words size="small" tone={problem ? 'beet' : 'quiet'}>
        {problem ??
          (levainG > 0
            ? `${words.grams(levainG)} of levain. 10 to 20 % of the flour is usual: less in summer, more in winter.`
            : 'Fill in all three.')}
      </Words>
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12 },
});
