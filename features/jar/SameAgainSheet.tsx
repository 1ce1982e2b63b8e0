import { useState } from 'react';

import { type Destination, type Standing } from '@core/journal';
import { HOUR } from '@core/measure';
import { comesOut, feedJar, putAwayAfter, usualFeed } from '@core/verbs';
import { Button, Sheet, Words } from '@kit';
import {
  doneTo,
  selectJarEvents,
  selectNow,
  selectPlaces,
  selectTubs,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { FeedFigures } from '../parts/FeedFigures';
import { DestinationChoice } from '../parts/DestinationChoice';
import { When, useWhen } from '../parts/When';
import { usePutAway } from '../parts/usePutAway';
import { useIntoPlace, useKitchenWords } from '../words';

/** The usual feed, for a jar that was fed just so: it is only written down. */
export function SameAgainSheet({
  standing,
  onClose,
}: {
  readonly standing: Standing;
  readonly onClose: () => void;
}) {
  const { jar } = standing;
  const words = useKitchenWords();
  const into = useIntoPlace();
  const dispatch = useAppDispatch();
  const tubs = useAppSelector(selectTubs);
  const places = useAppSelector(selectPlaces);
  const [to, setTo] = useState<Destination>('discardJar');
  const [problem, setProblem] = useState<string | null>(null);
  const now = useAppSelector(selectNow);
  const when = useWhen(words, now);
  const events = useAppSelector((state) => selectJarEvents(state, jar.id));
  const { amounts, rough } = usualFeed(jar, events);
  const outG = comesOut(jar, amounts.keepG);
  const { putAway, here } = usePutAway(standing);
  const cold = places.find(({ id }) => id === putAway.place);
  const fed = () => {
    const [objection] = dispatch(
      doneTo(
        jar.id,
        (atHand) => {
          const at = when.at ?? atHand.now;
          const then = putAwayAfter(putAway, at, here);
          return feedJar(atHand, tubs, { amounts, at, to, rough, ...then });
        },
        `${jar.card.name} is fed: ${words.feed(amounts)}`,
      ),
    );
    setProblem(objection?.message ?? null);
    if (objection) return;
    onClose();
  };
  return (
    <Sheet title={`Feed ${jar.card.name} as usual`} onClose={onClose}>
      <FeedFigures {...amounts} />
      {outG > 0 && (
        <>
          <Words>{`About ${words.roughly(outG)} comes out. Where does it go?`}</Words>
          <DestinationChoice hideLabel chosen={to} onChoose={setTo} />
        </>
      )}
      {cold && putAway.first && (
        <Words>
          {putAway.first.hours > 0
            ? `Then ${words.span(putAway.first.hours)} out, and ${into(cold.id)} ${words.at(when.reckonedAt + putAway.first.hours * HOUR)}.`
            : `Then back to its place: ${cold.name}.`}
        </Words>
      )}
      <When when={when} label="Fed at" />
      {problem && (
        <Words tone="beet" live>
          {problem}
        </Words>
      )}
      <Button kind="main" onPress={fed}>
        It is fed
      </Button>
    </Sheet>
  );
}
