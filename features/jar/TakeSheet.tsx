import { useRouter } from 'expo-router';
import { useState } from 'react';

import { type Destination, type Standing, objectionsTo, contentOf } from '@core/journal';
import { Field, Button, Sheet, Words, parseNumber } from '@kit';
import {
  type NewEvent,
  logEntries,
  selectJarEvents,
  selectNow,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { DestinationChoice } from '../larder/DestinationChoice';
import { useKitchenWords } from '../words';

/** Taking starter out of the jar: how much, and where it goes. */
export function TakeSheet({
  standing,
  onClose,
}: {
  readonly standing: Standing;
  readonly onClose: () => void;
}) {
  const { jar } = standing;
  const router = useRouter();
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const earlier = useAppSelector((state) => selectJarEvents(state, jar.id));
  const [text, setText] = useState('');
  const [to, setTo] = useState<Destination>('bake');
  const [problem, setProblem] = useState<string | null>(null);
  const grams = parseNumber(text);
  const left = contentOf(jar).massG - grams;
  const take = () => {
    const common = { jar: jar.id, at: new Date(now).toISOString(), grams };
    const entry: NewEvent =
      to === 'bake' ? { kind: 'took', ...common } : { kind: 'discarded', ...common, to };
    const found = objectionsTo({ ...entry, id: 'new' }, jar, earlier, now);
    setProblem(found[0]?.message ?? null);
    if (found.length > 0) return false;
    dispatch(logEntries([entry], `${Math.round(grams)} g taken from ${jar.card.name}`));
    onClose();
    return true;
  };
  return (
    <Sheet title={`Take from ${jar.card.name}`} onClose={onClose}>
      <Words tone="quiet">{`About ${words.grams(contentOf(jar).massG)} are in the jar.`}</Words>
      <Field
        label="How much"
        text={text}
        onText={setText}
        numeric
        unit="g"
        problem={problem}
        hint={
          left < jar.card.keepG && left >= 0
            ? `Less than the keep of ${words.grams(jar.card.keepG)} stays. Leave some to go on with.`
            : ''
        }
        onSubmit={take}
      />
      <DestinationChoice chosen={to} onChoose={setTo} />
      <Button kind="main" onPress={take}>
        Take it out
      </Button>
      <Button
        onPress={() => {
          if (take()) router.navigate(`/jar/${jar.id}/feed`);
        }}
      >
        Take it out, then feed what stays
      </Button>
    </Sheet>
  );
}
