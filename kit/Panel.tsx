import { type ReactNode } from 'react';
import { type StyleProp, View, type ViewStyle } from 'react-native';

import { RADIUS, RIM, useLook } from './look';

/** A flat enamel panel with a thin dark-blue rim. */
export function Panel({
  children,
  style,
  tone = 'rim',
  label,
  lasting,
}: {
  readonly children: ReactNode;
  readonly style?: StyleProp<ViewStyle>;
  readonly tone?: 'rim' | 'beet' | 'crust';
  readonly label?: string;
  /** Its frame stands whatever the hour: it is in the picture that the next visit begins with. */
  readonly lasting?: boolean;
}) {
  const look = useLook();
  return (
    <View
      {...(lasting ? { testID: 'lasting' } : {})}
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
