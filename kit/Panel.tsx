import { type ReactNode } from 'react';
import { type StyleProp, StyleSheet, type ViewStyle } from 'react-native';
import { Surface } from 'react-native-paper';

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
    <Surface
      mode="flat"
      elevation={0}
      {...(lasting ? { testID: 'lasting' } : {})}
      {...(label ? { role: 'region' as const, 'aria-label': label } : {})}
      style={[styles.panel, { backgroundColor: look.enamel, borderColor: look[tone] }, style]}
    >
      {children}
    </Surface>
  );
}

const styles = StyleSheet.create({
  panel: { borderWidth: RIM, borderRadius: RADIUS, padding: 16, gap: 12 },
});
