import { type MD3Theme, configureFonts } from 'react-native-paper';
// From their own files: named from its root, Paper would come whole, 31 kB of it unused.
import { MD3DarkTheme } from 'react-native-paper/lib/module/styles/themes/v3/DarkTheme';
import { MD3LightTheme } from 'react-native-paper/lib/module/styles/themes/v3/LightTheme';

import { type Look, RADIUS, TEXT_FONT } from '../look';
import { scaledType } from '../textScale';

/** Paper's type in our letters, at a scale. */
function fontsAt(scale: number): MD3Theme['fonts'] {
  const fonts = configureFonts({ config: { fontFamily: TEXT_FONT } });
  return Object.fromEntries(
    Object.entries(fonts).map(([of, type]) => [
      of,
      'fontSize' in type
        ? {
            ...type,
            fontSize: scaledType(type.fontSize, scale),
            lineHeight: scaledType(type.lineHeight, scale),
          }
        : type,
    ]),
  ) as unknown as MD3Theme['fonts'];
}

/** Paper in enamel: a look's colours on all it draws, no shadows, nothing that moves by itself. */
export const paperTheme = (look: Look, scale: number): MD3Theme => {
  const base = look.dark ? MD3DarkTheme : MD3LightTheme;
  const flat = look.enamel;
  return {
    ...base,
    // Text fields take it four times.
    roundness: RADIUS / 4,
    fonts: fontsAt(scale),
    animation: { ...base.animation, scale: 0 },
    colors: {
      ...base.colors,
      primary: look.rim,
      onPrimary: look.enamel,
      primaryContainer: look.mist,
      onPrimaryContainer: look.ink,
      secondary: look.rain,
      secondaryContainer: look.rim,
      onSecondaryContainer: look.enamel,
      background: look.ground,
      onBackground: look.ink,
      surface: look.enamel,
      onSurface: look.ink,
      surfaceVariant: look.enamel,
      onSurfaceVariant: look.quiet,
      surfaceDisabled: look.mist,
      onSurfaceDisabled: look.quiet,
      outline: look.rim,
      outlineVariant: look.seam,
      error: look.beet,
      inverseSurface: look.enamel,
      inverseOnSurface: look.ink,
      inversePrimary: look.rim,
      backdrop: look.shade,
      elevation: {
        level0: flat,
        level1: flat,
        level2: flat,
        level3: flat,
        level4: flat,
        level5: flat,
      },
    },
  };
};
