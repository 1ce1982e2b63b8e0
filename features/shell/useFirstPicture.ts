import { useEffect } from 'react';

import { pagePicture, useLook } from '@kit';
import { keepFirstPicture, selectKitchen, selectSettings, useAppSelector } from '@state';

/** The page has settled, ms. */
const SETTLED = 3000;

/** Keeps a picture of the first page while it is shown, once it has settled, for the next visit to begin with. */
export function useFirstPicture(atHome: boolean): void {
  const look = useLook();
  const { name } = useAppSelector(selectKitchen);
  const { theme } = useAppSelector(selectSettings);
  const jars = useAppSelector((state) => state.kitchen.events);
  useEffect(() => {
    if (!atHome) return;
    const take = () => {
      const picture = pagePicture();
      if (!picture) return;
      void keepFirstPicture({
        format: 1,
        kitchen: name,
        theme,
        dark: look.dark,
        ground: look.ground,
        ...picture,
      });
    };
    const timer = setTimeout(take, SETTLED);
    return () => clearTimeout(timer);
  }, [atHome, name, theme, look, jars]);
}
