import { type ReactNode, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import Icon from './Icon';
import { Panel } from './Panel';
import { TouchArea } from './TouchArea';
import { Words } from './Words';
import { TOUCH, useLook } from './look';

/** A panel whose heading opens and shuts it: what is settled lies folded, with a word on what it holds. */
export function Folded({
  title,
  said,
  open: begins,
  children,
}: {
  readonly title: string;
  /** What it holds, in a few words, while it is shut. */
  readonly said: string;
  readonly open: boolean;
  readonly children: ReactNode;
}) {
  const look = useLook();
  const [turned, setTurned] = useState<boolean | null>(null);
  const open = turned ?? begins;
  return (
    <Panel label={title}>
      <View role="heading" aria-level={2}>
        <TouchArea open={open} label={title} onPress={() => setTurned(!open)} style={styles.row}>
          <View style={styles.fill}>
            <Words size="title">{title}</Words>
            {!open && (
              <Words size="small" tone="quiet">
                {said}
              </Words>
            )}
          </View>
          <Icon name={open ? 'menu-up' : 'menu-down'} size={26} color={look.rim} />
        </TouchArea>
      </View>
      {open && children}
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: TOUCH },
  fill: { flex: 1 },
});
