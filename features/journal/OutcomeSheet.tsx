import { useState } from 'react';

import { type Baked, CRUMBS, OVEN_RISES, SOURNESSES, type Took } from '@core/journal';
import { type JudgedBake, judgeBake } from '@core/verbs/judgeBake';
import { Button, Choice, Field, Sheet, Words } from '@kit';
import { byField, done, useAppDispatch } from '@state';

import { CRUMB_WORDS, OVEN_RISE_WORDS, SOUR_WORDS, useKitchenWords } from '../words';
import { useJarName } from '../words/useJarName';

/** How a bake turned out, tied to the levain that went into it. */
export function OutcomeSheet({
  took,
  outcome,
  onClose,
}: {
  readonly took: Took;
  /** What was said of it before. */
  readonly outcome: Baked | null;
  readonly onClose: () => void;
}) {
  const words = useKitchenWords();
  const nameOf = useJarName();
  const dispatch = useAppDispatch();
  const [said, setSaid] = useState<JudgedBake>(outcome ?? {});
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const toggled = <K extends keyof JudgedBake>(key: K, is: JudgedBake[K]) =>
    setSaid({ ...said, [key]: said[key] === is ? null : is });
  const write = () => {
    const found = byField(
      dispatch(done((now) => judgeBake(took, said, now), 'How it turned out is written down')),
    );
    setProblems(found);
    if (Object.keys(found).length === 0) onClose();
  };
  return (
    <Sheet title="How did it turn out?" onClose={onClose}>
      <Words tone="quiet">
        {`With ${words.grams(took.grams)} of ${nameOf(took.jar)}, taken ${words.dated(Date.parse(took.at))}.`}
      </Words>
      <Choice
        label="In the oven it"
        options={OVEN_RISES.map((is) => ({ is, text: OVEN_RISE_WORDS[is] }))}
        chosen={said.rise ?? null}
        onChoose={(is) => toggled('rise', is)}
      />
      <Choice
        label="Crumb"
        options={CRUMBS.map((is) => ({ is, text: CRUMB_WORDS[is] }))}
        chosen={said.crumb ?? null}
        onChoose={(is) => toggled('crumb', is)}
      />
      <Choice
        label="Taste"
        options={SOURNESSES.map((is) => ({ is, text: SOUR_WORDS[is] }))}
        chosen={said.sour ?? null}
        onChoose={(is) => toggled('sour', is)}
      />
      <Field
        label="Note"
        text={said.note ?? ''}
        onText={(note) => setSaid({ ...said, note })}
        lines={2}
        problem={problems.note ?? null}
      />
      <Field
        label="Otherwise the next time"
        text={said.next ?? ''}
        onText={(next) => setSaid({ ...said, next })}
        lines={2}
        problem={problems.next ?? null}
      />
      {problems.said && (
        <Words tone="beet" live>
          {problems.said}
        </Words>
      )}
      <Button kind="main" onPress={write}>
        Write it down
      </Button>
    </Sheet>
  );
}
