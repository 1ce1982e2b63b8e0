import { useEffect } from 'react';

import { useLook } from '@kit';
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
      const root = document.getElementById('root');
      if (!root?.querySelector('[data-testid="lasting"]')) return;
      const html = root.innerHTML;
      void keepFirstPicture({
        format: 1,
        kitchen: name,
        width: window.innerWidth,
        theme,
        dark: look.dark,
        ground: look.ground,
        html,
        css: rulesFor(html),
      });
    };
    const timer = setTimeout(take, SETTLED);
    return () => clearTimeout(timer);
  }, [atHome, name, theme, look, jars]);
}

/** The rules of the page's own sheet that a text of HTML uses. */
function rulesFor(html: string): string {
  const used = new Set(html.match(CLASS));
  const sheet = document.getElementById('react-native-stylesheet') as HTMLStyleElement | null;
  return [...(sheet?.sheet?.cssRules ?? [])]
    .map(({ cssText }) => cssText)
    .filter((text) => {
      const classes = text.match(CLASS);
      return !classes || classes.some((one) => used.has(one));
    })
    .join('\n');
}

const CLASS = /\b(?:css|r)-[\w-]+/g;
