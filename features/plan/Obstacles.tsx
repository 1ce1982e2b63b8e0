import { type Bake } from '@core/journal';
import { type Nearest } from '@core/plan';
import { Notice, Button } from '@kit';
import { bakeMoved, bakeChanged, selectBakes, useAppDispatch, useAppSelector } from '@state';

import { type KitchenWords, impossibleWords, useKitchenWords } from '../words';

/** Bakes that cannot be had, why, and what comes nearest. */
export function Obstacles() {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const impossible = useAppSelector((state) => state.plan.impossible);
  const bakes = useAppSelector(selectBakes);
  return impossible.map((obstacle) => {
    const bake = bakes.find(({ id }) => id === obstacle.wanted);
    const name = bake?.name ?? 'This bake';
    const [reason, ...nearest] = impossibleWords(obstacle, name, words);
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

/** What comes nearest as a wish of its own, where it is one. */
function wayOut(bake: Bake, near: Nearest, words: KitchenWords) {
  switch (near.kind) {
    case 'otherHour':
      return {
        text: `Have it ${words.moment(near.from)}`,
        deed: bakeMoved(
          bake.id,
          near.from - bake.from,
          `${bake.name} is wanted ${words.moment(near.from)} to ${words.time(near.until)}`,
        ),
      };
    case 'less':
      return near.levainG > 0
        ? {
            text: `Make it ${words.grams(near.levainG)}`,
            deed: bakeChanged(
              { ...bake, levainG: near.levainG },
              `${bake.name} takes ${words.grams(near.levainG)}`,
            ),
          }
        : null;
    case 'handsAt':
    case 'moreFlour':
      return null;
  }
}
