import { Children, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';

import { Panel } from './Panel';
import { Words } from './Words';

/** Something to know before going on: a warning, a caution, a fault. */
export function Notice({
  title,
  children,
  tone = 'crust',
  actions,
  level,
}: {
  readonly title: string;
  readonly children?: ReactNode;
  readonly tone?: 'beet' | 'crust' | 'rim';
  readonly actions?: ReactNode;
  /** When it is all there is on a page. */
  readonly level?: 1;
}) {
  return (
    <Panel tone={tone} style={styles.panel}>
      <Words strong tone={tone === 'rim' ? 'ink' : tone} live {...(level ? { level } : {})}>
        {title}
      </Words>
      {children ? <Words tone="ink">{children}</Words> : null}
      {Children.toArray(actions).length > 0 && <View style={styles.wrap}>{actions}</View>}
    </Panel>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 8 },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
