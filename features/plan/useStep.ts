import { useRouter } from 'expo-router';

import { HOUR } from '@core/measure';
import { type Step } from '@core/plan';
import { move, takeForBake } from '@core/verbs';
import {
  done,
  doneTo,
  fillBench,
  selectJars,
  selectPlaces,
  useAppDispatch,
  useAppSelector,
} from '@state';

/** How a step is done: a feed at the bench with its amounts filled in, a move or a taking with one touch. */
export function useStep(step: Step): { readonly open: () => void; readonly openText: string } {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const places = useAppSelector(selectPlaces);
  const jar = useAppSelector(selectJars).find(({ id }) => id === step.jar);
  // The bowl is not there before it is built; then it speaks for itself.
  if (step.bowl)
    return {
      openText: 'Bowl',
      open: () => router.navigate(`/jar/${step.jar}/levain?wish=${step.wanted ?? ''}`),
    };
  switch (step.kind) {
    case 'feed':
    case 'build':
    case 'topUp':
      return {
        openText: 'Bench',
        open: () => {
          const { keepG, flourG, waterG, then, place = null } = step;
          // Out on the counter and then into the cold is one decision; any other walk is a step of its own.
          const kindOf = (id: string | null) => places.find((known) => known.id === id)?.kind;
          const cold = then && kindOf(then.place) === 'fridge' && kindOf(place) === 'counter';
          dispatch(
            fillBench(
              step.jar,
              { keepG: keepG!, flourG: flourG!, waterG: waterG! },
              cold ? then.place : place,
              null,
              // As the plan has it: its levain is ripe only so.
              cold ? (then.at - step.at) / HOUR : 0,
            ),
          );
          router.navigate(`/jar/${step.jar}/feed`);
        },
      };
    case 'take':
      return {
        openText: 'Taken',
        open: () => {
          dispatch(
            done(
              (now) =>
                takeForBake(
                  jar ?? null,
                  { jar: step.jar, grams: step.takeG!, wish: step.wanted! },
                  now,
                ),
              'Taken for the bake',
            ),
          );
        },
      };
    case 'move':
      return {
        openText: 'Done',
        open: () =>
          dispatch(
            doneTo(
              step.jar,
              (atHand) => move(atHand, step.place!),
              `${jar?.card.name ?? 'The jar'} is moved`,
            ),
          ),
      };
  }
}
