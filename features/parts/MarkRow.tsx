import { type Href } from 'expo-router';

import { StyleSheet } from 'react-native';
import { LinkArea, TOUCH, type Umbrella, UmbrellaMark, Words, useLook } from '@kit';

/** A line with its mark that leads somewhere. */
export function MarkRow({
  umbrella,
  text,
  path,
  first,
}: {
  readonly umbrella: Umbrella;
  readonly text: string;
  readonly path: Href;
  readonly first: boolean;
}) {
  const look = useLook();
  return (
    <LinkArea
      href={path}
      style={[styles.row, { borderTopWidth: first ? 0 : 1, borderTopColor: look.seam }]}
    >
      <UmbrellaMark umbrella={umbrella} size={24} />
      <Words style={styles.fill}>{text}</Words>
    </LinkArea>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    minHeight: TOUCH,
    paddingHorizontal: 4,
  },
  fill: { flex: 1 },
});
