import { useState } from 'react';

import { type Standing } from '@core/journal';
import { note as noteOf } from '@core/verbs';
import { Field, Button, Sheet } from '@kit';
import { doneTo, selectNow, useAppDispatch, useAppSelector } from '@state';

import { When, useWhen } from '../parts/When';
import { useKitchenWords } from '../words';

const LONGEST = 2000;

/** A line for the journal. */
export function NoteSheet({
  standing,
  onClose,
}: {
  readonly standing: Standing;
  readonly onClose: () => void;
}) {
  const { jar } = standing;
  const dispatch = useAppDispatch();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [whenProblem, setWhenProblem] = useState<string | null>(null);
  const when = useWhen(useKitchenWords(), useAppSelector(selectNow));
  const log = () => {
    const note = text.trim();
    if (note === '') return setProblem('Write a word or two first.');
    if (note.length > LONGEST)
      return setProblem(`Keep it under ${LONGEST} characters; this has ${note.length}.`);
    const [objection] = dispatch(
      doneTo(jar.id, (atHand) => noteOf(atHand, note, when.at ?? atHand.now), 'Noted'),
    );
    setWhenProblem(objection?.message ?? null);
    if (!objection) onClose();
  };
  return (
    <Sheet title={`A note on ${jar.card.name}`} onClose={onClose}>
      <Field label="Note" text={text} onText={setText} lines={4} problem={problem} />
      <When when={when} label="Noticed at" problem={whenProblem} />
      <Button kind="main" onPress={log}>
        Write it down
      </Button>
    </Sheet>
  );
}
