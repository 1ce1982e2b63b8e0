import { useRouter } from 'expo-router';

import { type Step } from '@core/plan';
import {
  bakeRemoved,
  draftChanged,
  logEntries,
  selectJars,
  selectNow,
  selectSettings,
  useAppDispatch,
  useAppSelector,
} from '@state';

/** How a step is done: a feed at the bench with its amounts filled in, a move or a taking with one touch. */
export function useStep(step: Step): { readonly open: () => void; readonly openText: string } {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const settings = useAppSelector(selectSettings);
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
          dispatch(
            draftChanged({
              jar: step.jar,
              draft: {
                step: 0,
                keepG: step.keepG!,
                parts: step.flourG! / step.keepG!,
                waterParts: step.waterG! / step.keepG!,
                order: settings.order,
                weighing: settings.weighing,
                landed: {},
                to: 'discardJar',
                wantedAt: null,
                fedAt: null,
                place: step.place ?? null,
              },
            }),
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
                  grams: Math.min(step.takeG!, Math.floor(jar?.massG ?? 0)),
                },
              ],
              `${step.takeG} g taken for the bake`,
            ),
          );
          dispatch(bakeRemoved(step.wanted!));
        },
      };
    case 'move':
      return {
        openText: 'Done',
        open: () =>
          dispatch(
            logEntries(
              [{ kind: 'moved', ...entry, place: step.place! }],
              `${jar?.card.name ?? 'The jar'} is put away`,
            ),
          ),
      };
  }
}
