import { type Href } from 'expo-router';
import { StyleSheet, View } from 'react-native';

import { LinkArea } from './LinkArea';
import { TouchArea } from './TouchArea';
import { Words } from './Words';
import { TOUCH, useLook } from './look';

/** A quiet line of a list: what can be done, and what happens then. It leads somewhere or does it. */
export function ActionRow({
  title,
  hint,
  href,
  onPress,
  first = false,
}: {
  readonly title: string;
  readonly hint: string;
  readonly href?: Href;
  readonly onPress?: () => void;
  readonly first?: boolean;
}) {
  const look = useLook();
  const style = [styles.row, { borderTopWidth: first ? 0 : 1, borderTopColor: look.seam }];
  const lines = (
    <View>
      <Words strong tone="rim">
        {title}
      </Words>
      <Words size="small" tone="quiet">
        {hint}
      </Words>
    </View>
  );
  return href === undefined ? (
    <TouchArea label={title} onPress={() => onPress?.()} style={style}>
      {lines}
    </TouchArea>
  ) : (
    <LinkArea href={href} label={title} style={style}>
      {lines}
    </LinkArea>
  );
}

const styles = StyleSheet.create({
  row: { minHeight: TOUCH, paddingVertical: 8, justifyContent: 'center' },
});
