import { useCallback } from 'react';

import { selectArchived, selectJars, useAppSelector } from '@state';

/** The name of a jar, on the shelf or archived. */
export function useJarName(): (id: string) => string {
  const jars = useAppSelector(selectJars);
  const archived = useAppSelector(selectArchived);
  return useCallback(
    (id) => [...jars, ...archived].find((jar) => jar.id === id)?.card.name ?? id,
    [jars, archived],
  );
}
