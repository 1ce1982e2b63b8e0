import { Children, type ReactNode, isValidElement, useEffect } from 'react';
import { Modal, Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { Surface } from 'react-native-paper';

import { Button, IconOnly } from './Button';
import { RADIUS, RIM, useLook } from './look';
import { makePageInert } from './platform/page.web';
import { useBack } from './useBack';
import { Words } from './Words';

/**
 * A panel over the page. Escape, Back and a touch outside close it; the focus stays in it and goes back afterwards. A main
 * button right in it stands at its foot, in sight however low the screen is.
 */
export function Sheet({
  title,
  onClose,
  children,
}: {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}) {
  const look = useLook();
  useEffect(makePageInert, []);
  useBack(1, onClose);
  const parts = Children.toArray(children);
  const main = parts.filter(isMain);
  return (
    // Not Paper's own dialog: on the web it has neither role nor Escape, and lets the focus go.
    <Modal transparent aria-label={title} onRequestClose={onClose}>
      <View style={styles.over}>
        <Pressable
          aria-hidden
          tabIndex={-1}
          onPress={onClose}
          style={[StyleSheet.absoluteFill, { backgroundColor: look.shade }]}
        />
        <Surface
          mode="flat"
          elevation={0}
          style={[styles.sheet, { backgroundColor: look.enamel, borderColor: look.rim }]}
        >
          <View style={styles.head}>
            <Words size="title" level={2} style={styles.title}>
              {title}
            </Words>
            <IconOnly icon="close" label="Close" onPress={onClose} />
          </View>
          <ScrollView style={styles.scroll} contentContainerStyle={styles.body}>
            {parts.filter((part) => !isMain(part))}
          </ScrollView>
          {main.length > 0 && (
            <View style={[styles.foot, { borderTopColor: look.seam }]}>{main}</View>
          )}
        </Surface>
      </View>
    </Modal>
  );
}

const isMain = (part: ReactNode): boolean =>
  isValidElement<{ readonly kind?: string }>(part) &&
  part.type === Button &&
  part.props.kind === 'main';

const styles = StyleSheet.create({
  over: { flex: 1, justifyContent: 'center', alignItems: 'center' },
  sheet: {
    width: '100%',
    maxWidth: 560,
    maxHeight: '88%',
    borderWidth: RIM,
    borderRadius: RADIUS,
  },
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'space-between',
    paddingLeft: 16,
    paddingRight: 8,
    paddingTop: 8,
  },
  title: { flexShrink: 1 },
  scroll: { flexShrink: 1 },
  foot: { borderTopWidth: 1, paddingHorizontal: 16, paddingVertical: 10 },
  body: { padding: 16, paddingTop: 8, gap: 14 },
});
