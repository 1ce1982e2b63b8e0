import { useState } from 'react';

import { gramsFromText } from '@core/bench';
import { STORES, type Storage, contentOf } from '@core/journal';
import { type DryingBatch, flakesFrom } from '@core/rescue';
import { packFlakes } from '@core/verbs';
import { Choice, Field, Button, Sheet, Words } from '@kit';
import { byField, done, selectJar, selectNow, useAppDispatch, useAppSelector } from '@state';

import { STORE_WORDS, useKitchenWords } from '../words';
import { WeightField } from '../parts/WeightField';
import { When, useWhen } from '../parts/When';

/** Dried starter that snaps is crumbled and packed. */
export function PackSheet({
  batch,
  onClose,
}: {
  readonly batch: DryingBatch;
  readonly onClose: () => void;
}) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const jar = useAppSelector((state) => selectJar(state, batch.jar));
  const hydrationPct = jar ? contentOf(jar).hydrationPct : 100;
  const [text, setText] = useState(() => String(flakesFrom(batch.grams, hydrationPct)));
  const [store, setStore] = useState<Storage>('room');
  const [note, setNote] = useState('');
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const when = useWhen(words, useAppSelector(selectNow));
  const pack = () => {
    const grams = gramsFromText(text, 'starter');
    const found = byField(
      dispatch(
        done(
          (now) => packFlakes(batch, { grams, store, note, when: when.at ?? now }, now),
          `${words.grams(grams)} of flakes are packed`,
        ),
      ),
    );
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    onClose();
  };
  return (
    <Sheet title="Crumble and pack" onClose={onClose}>
      <Words>
        A piece that snaps is dry. One that bends is not, and would go mouldy. Crumble it, pack it
        airtight, and write the name and date on it.
      </Words>
      <WeightField
        label="Flakes"
        text={text}
        onText={setText}
        problem={problems.grams ?? null}
        onSubmit={pack}
      />
      <Choice
        label="They are kept"
        options={STORES.map((is) => ({ is, text: STORE_WORDS[is] }))}
        chosen={store}
        onChoose={setStore}
      />
      <Field
        label="Where exactly"
        text={note}
        onText={setNote}
        placeholder="tin on the top shelf"
      />
      <When when={when} label="Packed at" problem={problems.at ?? null} />
      <Button kind="main" onPress={pack}>
        They are packed
      </Button>
    </Sheet>
  );
}
