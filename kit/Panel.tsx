import { type ReactNode } from 'react';
import { type StyleProp, View, type ViewStyle } from 'react-native';

import { RADIUS, RIM, useLook } from './look';

/** A flat enamel panel with a thin dark-blue rim. */
export function Panel({
  children,
  style,
  tone = 'rim',
  label,
}: {
  readonly children: ReactNode;
  readonly style?: StyleProp<ViewStyle>;
  readonly tone?: 'rim' | 'beet' | 'crust';
  readonly label?: string;
}) {
  const look = useLook();
  return (
    <View
      {...(label ? { role: 'region' as const, 'aria-label': label } : {})}
      style={[
        {
          backgroundColor: look.enamel,
          borderColor: look[tone],
          borderWidth: RIM,
          borderRadius: RADIUS,
          padding: 16,
          gap: 12,
        },
        style,
      ]}
    >
      {children}
    </View>
  );
}
