import { type ReactNode, useEffect } from 'react';
import { useColorScheme } from 'react-native';
import { type MD3Theme, PaperProvider, configureFonts } from 'react-native-paper';
// From their own files: named from its root, Paper would come whole, 31 kB of it unused.
import { MD3DarkTheme } from 'react-native-paper/lib/module/styles/themes/v3/DarkTheme';
import { MD3LightTheme } from 'react-native-paper/lib/module/styles/themes/v3/LightTheme';

import { DARK, LIGHT, type Look, LookContext, TEXT_FONT } from './look';

const fonts = configureFonts({ config: { fontFamily: TEXT_FONT } });

const paperTheme = (look: Look): MD3Theme => {
  const base = look.dark ? MD3DarkTheme : MD3LightTheme;
  return {
    ...base,
    roundness: 3.5,
    fonts,
    colors: {
      ...base.colors,
      primary: look.rim,
      onPrimary: look.enamel,
      background: look.ground,
      surface: look.enamel,
      surfaceVariant: look.enamel,
      onSurface: look.ink,
      onSurfaceVariant: look.quiet,
      onBackground: look.ink,
      outline: look.rim,
      error: look.beet,
      elevation: { ...base.colors.elevation, level3: look.enamel },
    },
  };
};

const PAPER = { light: paperTheme(LIGHT), dark: paperTheme(DARK) };

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
    document.body.style.backgroundColor = look.ground;
    document.documentElement.style.colorScheme = dark ? 'dark' : 'light';
  }, [look, dark]);
  return (
    <LookContext.Provider value={look}>
      <PaperProvider theme={dark ? PAPER.dark : PAPER.light}>{children}</PaperProvider>
    </LookContext.Provider>
  );
}
