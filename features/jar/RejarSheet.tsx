import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Standing, contentOf } from '@core/journal';
import { rejar } from '@core/verbs';
import { Field, Button, Sheet, Words, parseNumber } from '@kit';
import { doneTo, selectNow, useAppDispatch, useAppSelector } from '@state';

import { When, useWhen } from '../parts/When';
import { useKitchenWords } from '../words';

/** The starter goes into another glass, or back into its own, washed. */
export function RejarSheet({
  standing,
  onClose,
}: {
  readonly standing: Standing;
  readonly onClose: () => void;
}) {
  const { jar } = standing;
  const { vessel } = jar.card;
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const [form, setForm] = useState({
    emptyG: String(vessel.emptyG),
    capacityMl: String(vessel.capacityMl),
    taperPct: String(Math.round(100 * (vessel.taper ?? 1))),
  });
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const [whenProblem, setWhenProblem] = useState<string | null>(null);
  const when = useWhen(words, useAppSelector(selectNow));
  const log = (to: typeof vessel, text: string) => {
    const [objection] = dispatch(
      doneTo(jar.id, (atHand) => rejar(atHand, to, when.at ?? atHand.now), text),
    );
    setWhenProblem(objection?.message ?? null);
    if (!objection) onClose();
  };
  const another = () => {
    const found: Record<string, string> = {};
    const number = (key: keyof typeof form, low: number, high: number) => {
      const given = parseNumber(form[key]);
      if (!(given >= low && given <= high)) found[key] = `Between ${low} and ${high}, please.`;
      return given;
    };
    const emptyG = number('emptyG', 5, 5000);
    const capacityMl = number('capacityMl', 30, 10_000);
    const taper = number('taperPct', 30, 200) / 100;
    if (!found.capacityMl && capacityMl < contentOf(jar).massG)
      found.capacityMl = `About ${words.roughly(contentOf(jar).massG)} have to go in: that jar is too small.`;
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    log(
      { emptyG, capacityMl, ...(taper === 1 ? {} : { taper }) },
      `${jar.card.name} stands in a jar of ${capacityMl} ml`,
    );
  };
  const field = (key: keyof typeof form, label: string, unit: string) => (
    <Field
      label={label}
      text={form[key]}
      onText={(to) => setForm({ ...form, [key]: to })}
      numeric
      unit={unit}
      problem={problems[key] ?? null}
    />
  );
  return (
    <Sheet title={`A jar for ${jar.card.name}`} onClose={onClose}>
      <Words>
        {`In this one since ${words.date(jar.cleanSince)}. A clean jar each time, or the same one for weeks: both work as long as the rim is clean.`}
      </Words>
      <When when={when} problem={whenProblem} />
      <Button onPress={() => log(vessel, `${jar.card.name} stands in a clean jar`)}>
        The same jar, washed
      </Button>
      <Words strong level={3}>
        Another jar
      </Words>
      <View style={styles.row}>
        {field('capacityMl', 'Holds', 'ml')}
        {field('emptyG', 'Weighs empty', 'g')}
      </View>
      {field('taperPct', 'Base width, as a share of the rim', '%')}
      <Button kind="main" onPress={another}>
        It is in the other jar
      </Button>
    </Sheet>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12 },
});
