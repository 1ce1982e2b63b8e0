import { type ReactNode } from 'react';

import { type Bake } from '@core/journal';
import { type Nearest, type Raise } from '@core/plan';
import { Button } from '@kit';
import { bakeChanged, bakeMoved, selectBakes, useAppDispatch, useAppSelector } from '@state';

import { type KitchenWords, useKitchenWords } from '../words';

/** Buttons for what would work, or work better, of those things that are a wish of their own. */
export function useWaysOut(): (
  bakeId: string,
  ways: readonly (Nearest | Raise)[],
) => readonly ReactNode[] {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const bakes = useAppSelector(selectBakes);
  return (bakeId, ways) => {
    const bake = bakes.find(({ id }) => id === bakeId);
    if (!bake) return [];
    return ways.flatMap((near) => {
      const way = wayOut(bake, near, words);
      return way
        ? [
            <Button key={`${bakeId} ${near.kind}`} onPress={() => dispatch(way.deed)}>
              {way.text}
            </Button>,
          ]
        : [];
    });
  };
}

function wayOut(bake: Bake, near: Nearest | Raise, words: KitchenWords) {
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
    case 'shorter':
      return {
        text: `Only ${words.moment(near.from)} to ${words.after(near.from, near.until)}`,
        deed: bakeChanged(
          { ...bake, from: near.from, until: near.until },
          `${bake.name} is wanted ${words.moment(near.from)} to ${words.time(near.until)}`,
        ),
      };
    case 'less':
      return near.levainG > 0
        ? {
            text: `Make it ${words.grams(near.levainG)}${near.at ? `, ${words.moment(near.at.from)}` : ''}`,
            deed: bakeChanged(
              { ...bake, levainG: near.levainG, ...near.at },
              `${bake.name} takes ${words.grams(near.levainG)}${near.at ? ` and is wanted ${words.moment(near.at.from)} to ${words.time(near.at.until)}` : ''}`,
            ),
          }
        : null;
    case 'handsAt':
    case 'looks':
    case 'moreFlour':
      return null;
  }
}
