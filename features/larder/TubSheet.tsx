import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Tub } from '@core/larder';
import { FLOUR_KINDS } from '@core/measure';
import { fillTub } from '@core/verbs';
import { Choices, DayField, Field, Button, Sheet, Words } from '@kit';
import { done, selectSettings, selectTubs, useAppDispatch, useAppSelector } from '@state';

import { FLOUR_WORDS, useKitchenWords } from '../words';
import { NEW_TUB, refillForm, stockFrom, totalOf, tubProblems } from './tubForm';
import { WeightField } from '../parts/WeightField';

/** Flour into a tub: a new one, or on what is left in an old one. */
export function TubSheet({
  tub,
  onClose,
}: {
  readonly tub: Tub | null;
  readonly onClose: () => void;
}) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const { currency } = useAppSelector(selectSettings);
  const tubs = useAppSelector(selectTubs);
  const [form, setForm] = useState(() => (tub ? refillForm(tub) : NEW_TUB));
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const total = totalOf(form);
  const save = () => {
    const found = tubProblems(
      form,
      tubs.filter(({ id }) => id !== tub?.id),
    );
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    const stock = stockFrom(form);
    dispatch(
      done(
        (clock) => fillTub(tub?.id ?? nanoid(), stock, clock),
        `${words.grams(stock.grams)} into ${stock.name}`,
      ),
    );
    onClose();
  };
  return (
    <Sheet title={tub ? `Fill up ${tub.name}` : 'A tub of flour'} onClose={onClose}>
      <Field
        label="Name"
        text={form.name}
        onText={(name) => setForm({ ...form, name })}
        placeholder="Half and half"
        problem={problems.name ?? null}
      />
      <Choices
        label="Flour that goes in"
        options={FLOUR_KINDS.map((is) => ({ is, text: FLOUR_WORDS[is] }))}
        chosen={form.kinds}
        onChoose={(kinds) => setForm({ ...form, kinds })}
      />
      {problems.kinds && (
        <Words tone="beet" live>
          {problems.kinds}
        </Words>
      )}
      {form.kinds.map((kind) => (
        <WeightField
          key={kind}
          of={kind}
          label={`Grams of ${FLOUR_WORDS[kind]}`}
          text={form.grams[kind] ?? ''}
          onText={(to) => setForm({ ...form, grams: { ...form.grams, [kind]: to } })}
          problem={problems[kind] ?? null}
        />
      ))}
      <Words strong>
        {Number.isNaN(total)
          ? 'Grams of each, please.'
          : `${words.grams(total)} go in${tub && tub.grams > 0 ? `, on the ${words.grams(tub.grams)} that are left` : ''}.`}
      </Words>
      <View style={styles.row}>
        <WeightField
          of="white"
          label="Warn at"
          text={form.lowG}
          onText={(lowG) => setForm({ ...form, lowG })}
          problem={problems.lowG ?? null}
        />
        <Field
          label="All of it cost"
          text={form.cost}
          onText={(cost) => setForm({ ...form, cost })}
          numeric
          {...(currency === '' ? {} : { unit: currency })}
          placeholder="optional"
          problem={problems.cost ?? null}
        />
      </View>
      <DayField
        label="Use by, if it says so"
        text={form.useBy}
        onText={(useBy) => setForm({ ...form, useBy })}
        problem={problems.useBy ?? null}
      />
      <Button kind="main" onPress={save}>
        {tub ? 'It is in' : 'Set up the tub'}
      </Button>
    </Sheet>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12 },
});
