import { useState } from 'react';

import { gramsFromText } from '@core/bench';
import { BACKUP_FORMS, type BackupForm, contentOf } from '@core/journal';
import { USUAL_STORE, filmGrams, flakesFrom } from '@core/rescue';
import { makeBackup } from '@core/verbs';
import { Choice, Field, Button, Sheet, Words } from '@kit';
import { byField, doneTo, selectJars, selectNow, useAppDispatch, useAppSelector } from '@state';

import { BACKUP_WORDS, STORE_WORDS, useKitchenWords } from '../words';
import { WeightField } from '../parts/WeightField';
import { When, useWhen } from '../parts/When';

/** How each is made, in a few lines. */
const HOW: Readonly<Record<BackupForm, readonly string[]>> = {
  flakes: [
    'Take ripe starter. Spread it very thin on baking paper or a silicone mat, thin enough to see the paper through.',
    'Let it dry in the open for 24 to 48 hours, not in the warm oven: over {40} harms it.',
    'When a piece snaps, peel it off, crumble it and pack it airtight.',
  ],
  frozen: [
    'Take ripe starter and freeze it flat in a small bag, so that it thaws quickly. In a box leave a finger of headspace, and never freeze it in glass: it swells and the glass cracks.',
    'Good for about three months.',
  ],
  stiffBall: [
    'Work flour into a little ripe starter until it is a dry, stiff ball; roll it in flour and wrap it loosely.',
    'In the fridge it keeps for some weeks.',
  ],
  twin: ['Feed a little of it in a second jar and keep that in the fridge. Feed it once a month.'],
};

const USUAL_G: Readonly<Record<BackupForm, string>> = {
  flakes: '60',
  frozen: '50',
  stiffBall: '20',
  twin: '20',
};
/** A sheet of baking paper, cm². */
const SHEET_CM2 = 30 * 38;

/** Making a backup: what form, how much, where it goes. */
export function MakeBackupSheet({
  jar: proposed,
  onClose,
}: {
  readonly jar: string;
  readonly onClose: () => void;
}) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const jars = useAppSelector(selectJars);
  const [id, setId] = useState(proposed);
  const jar = jars.find((one) => one.id === id) ?? jars[0]!;
  const [form, setForm] = useState<BackupForm>('flakes');
  const [text, setText] = useState(USUAL_G.flakes);
  const [note, setNote] = useState('');
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const when = useWhen(words, useAppSelector(selectNow));
  const grams = gramsFromText(text, 'starter');
  const make = () => {
    const objections = dispatch(
      doneTo(
        jar.id,
        (atHand) =>
          makeBackup(atHand, {
            form,
            grams,
            note,
            ...(when.at === null ? {} : { when: when.at }),
          }),
        form === 'flakes'
          ? `${words.grams(grams)} of ${jar.card.name} lie drying`
          : `${jar.card.name} has a backup: ${BACKUP_WORDS[form]}`,
      ),
    );
    setProblems(byField(objections));
    if (objections.length > 0) return;
    onClose();
  };
  return (
    <Sheet title="Make a backup" onClose={onClose}>
      {jars.length > 1 && (
        <Choice
          label="Of"
          options={jars.map(({ id: is, card }) => ({ is, text: card.name }))}
          chosen={jar.id}
          onChoose={setId}
        />
      )}
      <Choice
        label="As"
        options={BACKUP_FORMS.map((is) => ({ is, text: BACKUP_WORDS[is].replace(/^an? /, '') }))}
        chosen={form}
        onChoose={(is) => {
          setForm(is);
          setText(USUAL_G[is]);
          setProblems({});
        }}
      />
      {HOW[form].map((step) => (
        <Words key={step}>{words.inUnits(step)}</Words>
      ))}
      <WeightField
        label="How much"
        text={text}
        onText={setText}
        problem={problems.grams ?? null}
        hint={
          form === 'flakes'
            ? `A baking sheet takes at most ${words.grams(filmGrams(SHEET_CM2))} in a film a millimetre thin${grams > 0 ? `; these give about ${words.roughly(flakesFrom(grams, contentOf(jar).hydrationPct))} of flakes` : ''}.`
            : `About ${words.roughly(contentOf(jar).massG)} are in the jar. It goes ${STORE_WORDS[USUAL_STORE[form]]}.`
        }
      />
      {form !== 'flakes' && (
        <Field label="Where exactly" text={note} onText={setNote} placeholder="top drawer" />
      )}
      <When when={when} label="Made at" problem={problems.at ?? null} />
      <Button kind="main" onPress={make}>
        {form === 'flakes' ? 'It is spread out' : 'It is made'}
      </Button>
    </Sheet>
  );
}
