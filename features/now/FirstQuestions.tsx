import { Choice } from '@kit';
import { selectSettings, settingsChanged, useAppDispatch, useAppSelector } from '@state';

/** What a kitchen says of itself before its first jar; null where it was not said. */
export interface FirstAnswers {
  /** As many as are to be put on the shelf one after another. */
  readonly starters: number | null;
  readonly lives: 'counter' | 'fridge' | null;
}

type Measures = 'grams' | 'ounces' | 'cups';

/** Three questions, and none of them has to be answered. */
export function FirstQuestions({
  answers,
  onAnswers,
}: {
  readonly answers: FirstAnswers;
  readonly onAnswers: (answers: FirstAnswers) => void;
}) {
  const { ounces, cups } = useAppSelector(selectSettings);
  const dispatch = useAppDispatch();
  const measures: Measures = cups ? 'cups' : ounces ? 'ounces' : 'grams';
  return (
    <>
      <Choice
        label="How many starters do you keep?"
        options={[
          { is: 1, text: 'one' },
          { is: 2, text: 'two' },
          { is: 3, text: 'three' },
          { is: 4, text: 'four' },
        ]}
        chosen={answers.starters}
        onChoose={(starters) => onAnswers({ ...answers, starters })}
      />
      <Choice
        label="Where do they live most of the time?"
        options={[
          { is: 'counter' as const, text: 'on the counter' },
          { is: 'fridge' as const, text: 'in the fridge' },
        ]}
        chosen={answers.lives}
        onChoose={(lives) => onAnswers({ ...answers, lives })}
      />
      <Choice
        label="What does your scale show?"
        options={[
          { is: 'grams' as const, text: 'grams' },
          { is: 'ounces' as const, text: 'ounces' },
          { is: 'cups' as const, text: 'I have none: cups and spoons' },
        ]}
        chosen={measures}
        onChoose={(to) => {
          if (to !== measures)
            dispatch(
              settingsChanged({ ounces: to === 'ounces', cups: to === 'cups' }, MEASURED[to]),
            );
        }}
      />
    </>
  );
}

const MEASURED: Readonly<Record<Measures, string>> = {
  grams: 'Weights are shown in grams',
  ounces: 'Ounces stand beside grams from now on',
  cups: 'Cups and spoons stand beside grams from now on',
};

/** Where the first starter is added, with what was said. */
export function firstJarPath({ starters, lives }: FirstAnswers) {
  const said = new URLSearchParams();
  if (lives) said.set('lives', lives);
  if (starters && starters > 1) said.set('more', String(starters - 1));
  const query = said.toString();
  return query === '' ? ('/add' as const) : (`/add?${query}` as const);
}
