import { type ReactNode, useEffect, useMemo, useState } from 'react';
import { useColorScheme } from 'react-native';
import { PaperProvider } from 'react-native-paper';

import { DARK, LIGHT, LookContext } from './look';
import { paperTheme } from './paper/theme';
import { paintPage } from './platform/page.web';
import { textScaleNow, watchTextScale } from './platform/textScale.web';
import { TextScaleContext } from './textScale';

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
  const [scale, setScale] = useState(textScaleNow);
  useEffect(() => watchTextScale(setScale), []);
  const paper = useMemo(() => paperTheme(look, scale), [look, scale]);
  return (
    <LookContext.Provider value={look}>
      <TextScaleContext.Provider value={scale}>
        <PaperProvider theme={paper} settings={SETTINGS}>
          {children}
        </PaperProvider>
      </TextScaleContext.Provider>
    </LookContext.Provider>
  );
}
