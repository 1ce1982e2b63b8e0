import { createContext, useContext, useEffect } from 'react';

/** Told by a page that is shown: whether its main button stands at its foot. */
export const FootContext = createContext<(footed: boolean) => void>(() => undefined);

/** A page with a foot says so for as long as it is shown, so that no message comes up under a finger on its way there. */
export function useFooted(footed: boolean): void {
  const tell = useContext(FootContext);
  useEffect(() => {
    if (!footed) return undefined;
    tell(true);
    return () => tell(false);
  }, [footed, tell]);
}
