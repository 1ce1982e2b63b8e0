import { Notice, Press } from '@kit';
import { bakeAdded, bakeMoved, changeWish, useAppDispatch, useAppSelector } from '@state';

import { impossibleWords, useKitchenWords } from '../words';

/** Bakes that cannot be had, why, and what comes nearest. */
export function Obstacles() {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const impossible = useAppSelector((state) => state.plan.impossible);
  const bakes = useAppSelector((state) => state.plan.bakes);
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
          if (!bake) return null;
          if (near.kind === 'otherHour')
            return (
              <Press
                key={near.kind}
                onPress={() =>
                  dispatch(
                    changeWish(
                      bakeMoved({ id: bake.id, by: near.from - bake.from }),
                      `${name} is wanted ${words.moment(near.from)} to ${words.time(near.until)}`,
                    ),
                  )
                }
              >
                {`Have it ${words.moment(near.from)}`}
              </Press>
            );
          if (near.kind === 'less' && near.levainG > 0)
            return (
              <Press
                key={near.kind}
                onPress={() =>
                  dispatch(
                    changeWish(
                      bakeAdded({ ...bake, levainG: near.levainG }),
                      `${name} takes ${words.grams(near.levainG)}`,
                    ),
                  )
                }
              >
                {`Make it ${words.grams(near.levainG)}`}
              </Press>
            );
          return null;
        })}
      >
        {nearest.join(' ')}
      </Notice>
    );
  });
}
