import { type ReactNode, useEffect } from 'react';
import { useColorScheme } from 'react-native';
import { PaperProvider } from 'react-native-paper';

import { DARK, LIGHT, LookContext } from './look';
import { PAPER_THEMES } from './paper/theme';
import { paintPage } from './platform/page.web';

/** No ripple: what is touched answers at once, and flat. */
const SETTINGS = { rippleEffectEnabled: false };

/** Gives everything below it the colours and type of a theme; `system` follows the device. */
export function LookProvider({
  theme,
  children,
}: {
  readonly theme: 'system' | 'light' | 'dark';
  readonly children: ReactNode;
}) {
  const device = useColorScheme();
  const dark = theme === 'dark' || (theme === 'system' && device === 'dark');
  const look = dark ? DARK : LIGHT;
  useEffect(() => {
    paintPage(look.ground, dark);
  }, [look, dark]);
  return (
    <LookContext.Provider value={look}>
      <PaperProvider theme={dark ? PAPER_THEMES.dark : PAPER_THEMES.light} settings={SETTINGS}>
        {children}
      </PaperProvider>
    </LookContext.Provider>
  );
}
