import { type Bake } from '@core/journal';
import { type Nearest, type Raise } from '@core/plan';
import { bakeMoved, bakeChanged } from '@state';

import { type KitchenWords } from '../words';

/** What would work, or work better, as a wish of its own, where it is one. */
export function wayOut(bake: Bake, near: Nearest | Raise, words: KitchenWords) {
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
