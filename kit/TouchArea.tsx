import { type ReactNode } from 'react';
import { type StyleProp, View, type ViewStyle } from 'react-native';
import { TouchableRipple } from 'react-native-paper';

/** Something to touch that is no plain button: a drawn example, a line that opens, a day of the week. */
export function TouchArea({
  role = 'button',
  label,
  on,
  open,
  onPress,
  style,
  frame,
  children,
}: {
  readonly role?: 'button' | 'radio' | 'checkbox';
  readonly label?: string | undefined;
  /** Whether it is chosen. */
  readonly on?: boolean;
  /** Whether what it opens is open. */
  readonly open?: boolean;
  readonly onPress: () => void;
  readonly style?: StyleProp<ViewStyle>;
  /** Of the touched frame itself: its share of a row. */
  readonly frame?: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}) {
  return (
    <TouchableRipple
      onPress={onPress}
      accessibilityRole={role}
      accessibilityState={{
        ...(on === undefined ? {} : { checked: on }),
        ...(open === undefined ? {} : { expanded: open }),
      }}
      {...(label ? { accessibilityLabel: label } : {})}
      style={frame}
    >
      <View style={style}>{children}</View>
    </TouchableRipple>
  );
}
