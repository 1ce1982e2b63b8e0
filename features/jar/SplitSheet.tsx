import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useState } from 'react';

import { gramsFromText } from '@core/bench';
import { type Standing, contentOf, standsIn } from '@core/journal';
import { splitOff } from '@core/verbs';
import { Choice, Field, Button, Sheet, Words } from '@kit';
import {
  byField,
  doneTo,
  selectArchived,
  selectJars,
  selectNow,
  selectPlaces,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { useKitchenWords } from '../words';
import { timesWords } from '../words/listed';
import { WeightField } from '../parts/WeightField';
import { When, useWhen } from '../parts/When';

/** A part of a starter becomes a starter of its own: same flour and feed, its origin written down. */
export function SplitSheet({
  standing,
  onClose,
}: {
  readonly standing: Standing;
  readonly onClose: () => void;
}) {
  const { jar } = standing;
  const words = useKitchenWords();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const places = useAppSelector(selectPlaces);
  const onShelf = useAppSelector(selectJars);
  const archived = useAppSelector(selectArchived);
  const jars = [...onShelf, ...archived];
  const [name, setName] = useState('');
  const [text, setText] = useState(String(jar.card.keepG));
  const [place, setPlace] = useState(standsIn(jar));
  const when = useWhen(words, useAppSelector(selectNow));
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const split = () => {
    const id = nanoid();
    const given = name.trim();
    const objections = dispatch(
      doneTo(
        jar.id,
        (atHand) =>
          splitOff(
            atHand,
            jars.map(({ card }) => card.name),
            {
              id,
              name,
              grams: gramsFromText(text, 'starter'),
              place,
              ...(when.at === null ? {} : { when: when.at }),
              origin: `Split off from ${jar.card.name}, which was kept since ${words.datedForGood(jar.started)} and fed ${timesWords(jar.feeds)}.`,
            },
          ),
        `${given} is split off from ${jar.card.name}`,
      ),
    );
    setProblems(byField(objections));
    if (objections.length > 0) return;
    onClose();
    router.navigate(`/jar/${id}`);
  };
  return (
    <Sheet title={`Split off a part of ${jar.card.name}`} onClose={onClose}>
      <Field label="Its name" text={name} onText={setName} problem={problems.name ?? null} />
      <WeightField
        label="How much"
        text={text}
        onText={setText}
        problem={problems.grams ?? null}
        hint={`About ${words.roughly(contentOf(jar).massG)} are in the jar.`}
        onSubmit={split}
      />
      <Choice
        label="Where it stands"
        options={places.map(({ id: is, name: of }) => ({ is, text: of }))}
        chosen={place}
        onChoose={setPlace}
      />
      <Words size="small" tone="quiet">
        It begins with the same flour, feed and size of jar, and with what has been learnt of its
        pace. You can change its card later.
      </Words>
      <When when={when} label="Split off at" problem={problems.at ?? null} />
      <Button kind="main" onPress={split}>
        Split it off
      </Button>
    </Sheet>
  );
}
