import { useCallback } from 'react';

import { type Step } from '@core/plan';
import { selectBakes, useAppSelector } from '@state';

import { stepWords } from './planWords';
import { useJarName } from './useJarName';
import { useKitchenWords, usePlaceName } from './useKitchenWords';

/** What a step of the open kitchen asks for, with the names its jar, its place and its bake have there. */
export function useStepWords(): (step: Step) => string {
  const words = useKitchenWords();
  const placeName = usePlaceName();
  const nameOf = useJarName();
  const bakes = useAppSelector(selectBakes);
  return useCallback(
    (step) => {
      const bake = bakes.find(({ id }) => id === step.wanted);
      return stepWords(step, nameOf(step.jar), placeName, words, bake?.name);
    },
    [bakes, nameOf, placeName, words],
  );
}
