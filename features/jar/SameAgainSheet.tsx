import { useState } from 'react';

import { amountsAfter } from '@core/bench';
import { type Destination, type Standing, objectionsTo, contentOf } from '@core/journal';
import { Amounts, Button, Sheet, Words } from '@kit';
import {
  feedEntries,
  logEntries,
  selectJarEvents,
  selectNow,
  selectTubs,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { DestinationChoice } from '../larder/DestinationChoice';
import { useKitchenWords } from '../words';

/** The last feed once more, for a jar that was fed just so: it is only written down. */
export function SameAgainSheet({
  standing,
  onClose,
}: {
  readonly standing: Standing;
  readonly onClose: () => void;
}) {
  const { jar } = standing;
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const earlier = useAppSelector((state) => selectJarEvents(state, jar.id));
  const tubs = useAppSelector(selectTubs);
  const [to, setTo] = useState<Destination>('discardJar');
  const [problem, setProblem] = useState<string | null>(null);
  const last = jar.lastFed ?? amountsAfter(jar.card, {});
  const amounts = { keepG: last.keepG, flourG: last.flourG, waterG: last.waterG };
  const outG = Math.max(0, Math.round(contentOf(jar).massG) - amounts.keepG);
  const done = () => {
    const at = new Date(now).toISOString();
    const { fed, entries } = feedEntries(jar, tubs, { amounts, at, to, place: null });
    const [objection] = objectionsTo({ ...fed, id: 'new' }, jar, earlier, now);
    setProblem(objection?.message ?? null);
    if (objection) return;
    const { keepG, flourG, waterG } = amounts;
    dispatch(logEntries(entries, `${jar.card.name} is fed: ${keepG} + ${flourG} + ${waterG} g`));
    onClose();
  };
  return (
    <Sheet title={`Feed ${jar.card.name} as last time`} onClose={onClose}>
      <Amounts
        parts={[
          ['keep', amounts.keepG],
          ['water', amounts.waterG],
          ['flour', amounts.flourG],
        ]}
      />
      {outG > 0 && (
        <>
          <Words>{`About ${words.grams(outG)} comes out. Where does it go?`}</Words>
          <DestinationChoice hideLabel chosen={to} onChoose={setTo} />
        </>
      )}
      {problem && (
        <Words tone="beet" live>
          {problem}
        </Words>
      )}
      <Button kind="main" onPress={done}>
        It is fed
      </Button>
    </Sheet>
  );
}
