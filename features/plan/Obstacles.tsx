import { Notice } from '@kit';
import { selectBakes, useAppSelector } from '@state';

import { bakeNames, useKitchenWords } from '../words';
import { impossibleWords } from '../words/offerWords';
import { useWaysOut } from './useWaysOut';

/** Bakes that cannot be had, why, and what comes nearest. */
export function Obstacles() {
  const words = useKitchenWords();
  const waysOut = useWaysOut();
  const impossible = useAppSelector((state) => state.plan.impossible);
  const bakes = useAppSelector(selectBakes);
  const nameOf = bakeNames(bakes, words);
  return impossible.map((obstacle) => {
    const [reason, ...nearest] = impossibleWords(obstacle, nameOf(obstacle.wanted), words);
    return (
      <Notice
        key={obstacle.wanted}
        tone="beet"
        title={reason!}
        actions={waysOut(obstacle.wanted, obstacle.nearest)}
      >
        {nearest.join(' ')}
      </Notice>
    );
  });
}
