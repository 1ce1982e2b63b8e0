import { type ReactNode, useMemo } from 'react';
import { StyleSheet, type StyleProp, type TextStyle } from 'react-native';
import { Text } from 'react-native-paper';

import { HEADING_FONT, type Look, TEXT_FONT, useLook } from './look';
import { scaledType, useTextScale } from './textScale';

export const SIZES = {
  giant: { fontFamily: HEADING_FONT, fontWeight: '700', fontSize: 116, lineHeight: 116 },
  number: { fontFamily: HEADING_FONT, fontWeight: '700', fontSize: 34, lineHeight: 40 },
  heading: { fontFamily: HEADING_FONT, fontWeight: '700', fontSize: 26, lineHeight: 32 },
  title: { fontFamily: HEADING_FONT, fontWeight: '650' as '600', fontSize: 19, lineHeight: 24 },
  large: { fontFamily: TEXT_FONT, fontWeight: '400', fontSize: 18, lineHeight: 25 },
  body: { fontFamily: TEXT_FONT, fontWeight: '400', fontSize: 16, lineHeight: 23 },
  small: { fontFamily: TEXT_FONT, fontWeight: '400', fontSize: 14, lineHeight: 19 },
} as const satisfies Record<string, TextStyle>;

export type WordSize = keyof typeof SIZES;
export type Tone = keyof Pick<
  Look,
  'ink' | 'quiet' | 'rim' | 'rain' | 'crust' | 'leaf' | 'beet' | 'onCanopy'
>;

interface WordsProps {
  readonly size?: WordSize;
  readonly tone?: Tone;
  readonly strong?: boolean;
  readonly center?: boolean;
  /** Level of a heading, for those who hear the page. */
  readonly level?: 1 | 2 | 3;
  readonly lines?: number;
  readonly style?: StyleProp<TextStyle>;
  readonly id?: string;
  readonly live?: boolean;
  /** True whatever the hour: it stands in the picture that the next visit begins with. */
  readonly lasting?: boolean;
  readonly children: ReactNode;
}

/** A size of type as large as the browser is set to show text. */
export function useType(size: WordSize): (typeof SIZES)[WordSize] | TextStyle {
  const scale = useTextScale();
  return useMemo(() => {
    const type = SIZES[size];
    if (scale === 1) return type;
    const fontSize = scaledType(type.fontSize, scale);
    return {
      ...type,
      fontSize,
      lineHeight: Math.round((type.lineHeight / type.fontSize) * fontSize),
    };
  }, [size, scale]);
}

/** All text there is: a size, a tone, and figures that stand under each other. */
export function Words({
  size = 'body',
  tone = 'ink',
  strong,
  center,
  level,
  lines,
  style,
  id,
  live,
  lasting,
  children,
}: WordsProps) {
  const look = useLook();
  const type = useType(size);
  return (
    <Text
      {...(id ? { nativeID: id } : {})}
      {...(level ? { role: 'heading', 'aria-level': level } : {})}
      {...(live ? { 'aria-live': 'polite' as const } : {})}
      {...(lasting ? { testID: 'lasting' } : {})}
      {...(lines ? { numberOfLines: lines } : {})}
      style={[
        type,
        styles.words,
        { color: look[tone] },
        strong && { fontWeight: '700' },
        center && { textAlign: 'center' },
        style,
      ]}
    >
      {children}
    </Text>
  );
}

const styles = StyleSheet.create({
  words: { fontVariant: ['tabular-nums'] },
});
