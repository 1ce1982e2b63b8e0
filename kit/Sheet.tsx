import { type ReactNode, useEffect, useRef } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { Portal } from 'react-native-paper';

import { RADIUS, RIM, useLook } from './look';
import { Press } from './Press';
import { Words } from './Words';

/** A panel over the page. Escape and a touch outside close it; the focus stays in it and goes back afterwards. */
export function Sheet({
  title,
  onClose,
  children,
}: {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}) {
  return (
    <Portal>
      <SheetBody title={title} onClose={onClose}>
        {children}
      </SheetBody>
    </Portal>
  );
}

const FOCUSABLE = 'button, a[href], input, textarea, select, [tabindex]:not([tabindex="-1"])';

function SheetBody({
  title,
  onClose,
  children,
}: {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}) {
  const look = useLook();
  const box = useRef<View>(null);
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  }, [onClose]);
  useEffect(() => {
    const element = box.current as unknown as HTMLElement | null;
    const before = document.activeElement as HTMLElement | null;
    const inside = () => [...(element?.querySelectorAll<HTMLElement>(FOCUSABLE) ?? [])];
    inside()[0]?.focus();
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape') {
        event.stopPropagation();
        close.current();
      }
      if (event.key !== 'Tab') return;
      const stops = inside();
      const last = stops[stops.length - 1];
      const leaving = event.shiftKey ? stops[0] : last;
      if (document.activeElement === leaving || !element?.contains(document.activeElement)) {
        event.preventDefault();
        (event.shiftKey ? last : stops[0])?.focus();
      }
    };
    document.addEventListener('keydown', onKey, true);
    return () => {
      document.removeEventListener('keydown', onKey, true);
      before?.focus();
    };
  }, []);
  return (
    <View
      style={{ position: 'absolute', inset: 0, justifyContent: 'flex-end', alignItems: 'center' }}
    >
      <Pressable
        aria-hidden
        tabIndex={-1}
        onPress={onClose}
        style={{
          position: 'absolute',
          inset: 0,
          backgroundColor: look.dark ? '#000000B0' : '#14233A8C',
        }}
      />
      <View
        ref={box}
        role="dialog"
        aria-modal
        aria-label={title}
        style={{
          width: '100%',
          maxWidth: 560,
          maxHeight: '88%',
          marginBottom: 'auto',
          marginTop: 'auto',
          backgroundColor: look.enamel,
          borderColor: look.rim,
          borderWidth: RIM,
          borderRadius: RADIUS,
        }}
      >
        <View
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            justifyContent: 'space-between',
            paddingLeft: 16,
            paddingRight: 8,
            paddingTop: 8,
          }}
        >
          <Words size="title" level={2} style={{ flexShrink: 1 }}>
            {title}
          </Words>
          <Press kind="bare" icon="close" label="Close" onPress={onClose}>
            {''}
          </Press>
        </View>
        <ScrollView contentContainerStyle={{ padding: 16, paddingTop: 8, gap: 14 }}>
          {children}
        </ScrollView>
      </View>
    </View>
  );
}
