import { useRouter } from 'expo-router';

import { contentOf } from '@core/journal';
import { type Step } from '@core/plan';
import {
  fillBench,
  logEntries,
  selectJars,
  selectNow,
  useAppDispatch,
  useAppSelector,
  wishDropped,
} from '@state';

/** How a step is done: a feed at the bench with its amounts filled in, a move or a taking with one touch. */
export function useStep(step: Step): { readonly open: () => void; readonly openText: string } {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const jar = useAppSelector(selectJars).find(({ id }) => id === step.jar);
  const entry = { jar: step.jar, at: new Date(now).toISOString() };
  switch (step.kind) {
    case 'feed':
    case 'build':
    case 'topUp':
      return {
        openText: 'Bench',
        open: () => {
          const { keepG, flourG, waterG } = step;
          dispatch(
            fillBench(
              step.jar,
              { keepG: keepG!, flourG: flourG!, waterG: waterG! },
              step.place ?? null,
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
            logEntries(
              [
                {
                  kind: 'took',
                  ...entry,
                  grams: Math.min(step.takeG!, Math.floor(jar ? contentOf(jar).massG : 0)),
                },
                wishDropped(step.wanted!),
              ],
              `${step.takeG} g taken for the bake`,
            ),
          );
        },
      };
    case 'move':
      return {
        openText: 'Done',
        open: () =>
          dispatch(
            logEntries(
              [{ kind: 'moved', ...entry, place: step.place! }],
              `${jar?.card.name ?? 'The jar'} is moved`,
            ),
          ),
      };
  }
}
