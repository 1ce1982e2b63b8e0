import { useState } from 'react';

import { amountsAfter } from '@core/bench';
import { type Destination, type Standing } from '@core/journal';
import { comesOut, feedJar } from '@core/verbs';
import { Amounts, Button, Sheet, Words } from '@kit';
import { doneTo, selectTubs, useAppDispatch, useAppSelector } from '@state';

import { DestinationChoice } from '../parts/DestinationChoice';
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
  const tubs = useAppSelector(selectTubs);
  const [to, setTo] = useState<Destination>('discardJar');
  const [problem, setProblem] = useState<string | null>(null);
  const last = jar.lastFed ?? amountsAfter(jar.card, {});
  const amounts = { keepG: last.keepG, flourG: last.flourG, waterG: last.waterG };
  const outG = comesOut(jar, amounts.keepG);
  const fed = () => {
    const { keepG, flourG, waterG } = amounts;
    const [objection] = dispatch(
      doneTo(
        jar.id,
        (atHand) => feedJar(atHand, tubs, { amounts, at: atHand.now, to, place: null }),
        `${jar.card.name} is fed: ${keepG} + ${flourG} + ${waterG} g`,
      ),
    );
    setProblem(objection?.message ?? null);
    if (objection) return;
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
      <Button kind="main" onPress={fed}>
        It is fed
      </Button>
    </Sheet>
  );
}
