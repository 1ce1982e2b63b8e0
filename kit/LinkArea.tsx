import { type Href } from 'expo-router';
import { type ReactNode } from 'react';
import { type StyleProp, View, type ViewStyle } from 'react-native';
import { TouchableRipple } from 'react-native-paper';

import { Leading, followed } from './Leading';

/** Something to touch that leads somewhere, whatever it looks like. */
export function LinkArea({
  href,
  label,
  current,
  style,
  children,
}: {
  readonly href: Href;
  readonly label?: string | undefined;
  readonly current?: 'page' | 'true' | undefined;
  readonly style: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}) {
  return (
    <Leading to={href} current={current}>
      <TouchableRipple onPress={followed} {...(label ? { accessibilityLabel: label } : {})}>
        <View style={style}>{children}</View>
      </TouchableRipple>
    </Leading>
  );
}
