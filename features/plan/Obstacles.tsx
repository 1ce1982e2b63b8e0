import { Notice, Button } from '@kit';
import { selectBakes, useAppDispatch, useAppSelector } from '@state';

import { bakeNames, useKitchenWords } from '../words';
import { impossibleWords } from '../words/offerWords';
import { wayOut } from './wayOut';

/** Bakes that cannot be had, why, and what comes nearest. */
export function Obstacles() {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const impossible = useAppSelector((state) => state.plan.impossible);
  const bakes = useAppSelector(selectBakes);
  const nameOf = bakeNames(bakes, words);
  return impossible.map((obstacle) => {
    const bake = bakes.find(({ id }) => id === obstacle.wanted);
    const [reason, ...nearest] = impossibleWords(obstacle, nameOf(obstacle.wanted), words);
    return (
      <Notice
        key={obstacle.wanted}
        tone="beet"
        title={reason!}
        actions={obstacle.nearest.map((near) => {
          const way = bake && wayOut(bake, near, words);
          return (
            way && (
              <Button key={near.kind} onPress={() => dispatch(way.deed)}>
                {way.text}
              </Button>
            )
          );
        })}
      >
        {nearest.join(' ')}
      </Notice>
    );
  });
}
