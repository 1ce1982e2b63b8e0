import { type ReactNode } from 'react';
import { StyleSheet, type TextStyle, View } from 'react-native';
import { Chip } from 'react-native-paper';

import { RADIUS, RIM, TOUCH, useLook } from './look';
import { SIZES, Words, useType } from './Words';

/** The label of a choice, and its words in a row that wraps. */
export function ChoiceFrame({
  label,
  hideLabel,
  role,
  children,
}: {
  readonly label: string;
  readonly hideLabel: boolean | undefined;
  readonly role: 'radiogroup' | 'group';
  readonly children: ReactNode;
}) {
  return (
    <View style={styles.frame}>
      {!hideLabel && (
        <Words size="small" tone="quiet">
          {label}
        </Words>
      )}
      <View role={role} aria-label={label} style={styles.row}>
        {children}
      </View>
    </View>
  );
}

/** A word to touch: one of a few, or any of some. */
export function ChoiceWord({
  text,
  on,
  role,
  swatch,
  onPress,
}: {
  readonly text: string;
  readonly on: boolean;
  readonly role: 'radio' | 'checkbox';
  /** The colour it stands for. */
  readonly swatch?: string | undefined;
  readonly onPress: () => void;
}) {
  const look = useLook();
  const type = useType('body');
  // A dashed frame says that others may be chosen with it.
  const several = role === 'checkbox';
  return (
    <Chip
      mode="outlined"
      accessibilityRole={role}
      selected={on}
      showSelectedCheck={false}
      onPress={onPress}
      style={[
        styles.word,
        several && !on && styles.dashed,
        {
          borderColor: on ? look.rim : several ? look.quiet : look.seam,
          backgroundColor: on ? look.rim : look.enamel,
        },
      ]}
      textStyle={[type, styles.text, on && styles.chosen, { color: on ? look.enamel : look.ink }]}
      {...(swatch === undefined
        ? {}
        : {
            icon: () => (
              <View
                style={[
                  styles.swatch,
                  { borderColor: on ? look.enamel : look.rim, backgroundColor: swatch },
                ]}
              />
            ),
          })}
    >
      {text}
    </Chip>
  );
}

const styles = StyleSheet.create({
  frame: { gap: 6, maxWidth: '100%' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  word: {
    borderWidth: RIM,
    borderRadius: RADIUS,
    minWidth: TOUCH,
    maxWidth: '100%',
    justifyContent: 'center',
  },
  dashed: { borderStyle: 'dashed' },
  // The text gives the chip its height, so that all of it is touched; Paper would cut a long one.
  text: {
    marginHorizontal: 14,
    marginVertical: (TOUCH - 2 * RIM - SIZES.body.lineHeight) / 2,
    letterSpacing: 0,
    flexShrink: 1,
    whiteSpace: 'normal',
  } as TextStyle,
  chosen: { fontWeight: '700' },
  swatch: { width: 16, height: 16, borderWidth: 1 },
});
