import { useCallback } from 'react';

import { selectNames, useAppSelector } from '@state';

/** The name of a jar or a bowl, on the shelf or not. */
export function useJarName(): (id: string) => string {
  const names = useAppSelector(selectNames);
  return useCallback((id) => names.get(id) ?? id, [names]);
}
