import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useState } from 'react';

import { type Standing, objectionsTo, contentOf } from '@core/journal';
import { Choice, Field, Button, Sheet, Words, parseNumber } from '@kit';
import {
  type NewEvent,
  logEntries,
  selectArchived,
  selectJarEvents,
  selectJars,
  selectNow,
  selectPlaces,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { useKitchenWords } from '../words';
import { nameProblem } from './jarForm';

/** A part of a starter becomes a starter of its own: same flour and feed, its origin written down. */
export function SplitSheet({
  standing,
  onClose,
}: {
  readonly standing: Standing;
  readonly onClose: () => void;
}) {
  const { jar, stage } = standing;
  const words = useKitchenWords();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const places = useAppSelector(selectPlaces);
  const onShelf = useAppSelector(selectJars);
  const archived = useAppSelector(selectArchived);
  const jars = [...onShelf, ...archived];
  const earlier = useAppSelector((state) => selectJarEvents(state, jar.id));
  const [name, setName] = useState('');
  const [text, setText] = useState(String(jar.card.keepG));
  const [place, setPlace] = useState(jar.stays[jar.stays.length - 1]!.place);
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const split = () => {
    const found: Record<string, string> = {};
    const grams = parseNumber(text);
    const given = name.trim();
    const unnamed = nameProblem(given);
    if (unnamed) found.name = unnamed;
    else if (jars.some(({ card }) => card.name.toLowerCase() === given.toLowerCase()))
      found.name = 'There is a jar of that name already.';
    const at = new Date(now).toISOString();
    const took: NewEvent = { kind: 'took', jar: jar.id, at, grams };
    const [objection] = objectionsTo({ ...took, id: 'new' }, jar, earlier, now);
    if (objection) found.grams = objection.message;
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    const id = nanoid();
    const entries: readonly NewEvent[] = [
      took,
      {
        kind: 'started',
        jar: id,
        at,
        card: { ...jar.card, name: given, archived: false },
        massG: grams,
        hydrationPct: contentOf(jar).hydrationPct,
        from: jar.id,
        condition: stage === 'hungry' || stage === 'hooch' ? 'hungry' : 'ripe',
        place,
      },
      {
        kind: 'noted',
        jar: id,
        at,
        note: `Split off from ${jar.card.name}, which was kept since ${words.date(jar.started)} and fed ${jar.feeds} times.`,
      },
    ];
    dispatch(logEntries(entries, `${given} is split off from ${jar.card.name}`));
    onClose();
    router.navigate(`/jar/${id}`);
  };
  return (
    <Sheet title={`Split off a part of ${jar.card.name}`} onClose={onClose}>
      <Field label="Its name" text={name} onText={setName} problem={problems.name ?? null} />
      <Field
        label="How much"
        text={text}
        onText={setText}
        numeric
        unit="g"
        problem={problems.grams ?? null}
        hint={`About ${words.grams(contentOf(jar).massG)} are in the jar.`}
        onSubmit={split}
      />
      <Choice
        label="Where it stands"
        options={places.map(({ id: is, name: of }) => ({ is, text: of }))}
        chosen={place}
        onChoose={setPlace}
      />
      <Words size="small" tone="quiet">
        It begins with the same flour, feed and jar, which its card can change, and with what was
        learnt of its pace.
      </Words>
      <Button kind="main" onPress={split}>
        Split it off
      </Button>
    </Sheet>
  );
}
