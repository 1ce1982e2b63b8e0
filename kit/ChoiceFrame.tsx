import { type ReactNode } from 'react';
import { Pressable, View } from 'react-native';

import { RADIUS, RIM, TOUCH, useLook } from './look';
import { Words } from './Words';

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
    <View style={{ gap: 6 }}>
      {!hideLabel && (
        <Words size="small" tone="quiet">
          {label}
        </Words>
      )}
      <View
        role={role}
        aria-label={label}
        style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
      >
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
  // A dashed frame says that others may be chosen with it.
  const several = role === 'checkbox';
  return (
    <Pressable
      role={role}
      aria-checked={on}
      onPress={onPress}
      style={({ pressed }) => ({
        minHeight: TOUCH,
        paddingHorizontal: 14,
        borderRadius: RADIUS,
        borderWidth: RIM,
        borderStyle: several && !on ? 'dashed' : 'solid',
        borderColor: on ? look.rim : several ? look.quiet : look.seam,
        backgroundColor: on ? look.rim : look.enamel,
        opacity: pressed ? 0.75 : 1,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 8,
      })}
    >
      {swatch !== undefined && (
        <View
          style={{
            width: 16,
            height: 16,
            borderWidth: 1,
            borderColor: on ? look.enamel : look.rim,
            backgroundColor: swatch,
          }}
        />
      )}
      <Words strong={on} style={on ? { color: look.enamel } : null}>
        {text}
      </Words>
    </Pressable>
  );
}
