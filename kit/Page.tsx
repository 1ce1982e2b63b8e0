import { type ReactNode, useEffect, useRef, useState } from 'react';
import { StyleSheet, ScrollView, View, useWindowDimensions } from 'react-native';

import { WIDE, useLook } from './look';
import { useFooted } from './foot';
import { focusHeading, titlePage } from './platform/page.web';
import { useTextScale } from './textScale';

/** Whether there is room for a rail and two panes. */
export const useWide = (): boolean => {
  const scale = useTextScale();
  return useWindowDimensions().width / scale >= WIDE;
};

/** A telephone on its side: too low for a bar along the bottom. */
const LOW = 500;

/** Whether there is so little height that what stands under each other stands side by side instead. */
export const useLow = (): boolean => {
  const { width, height } = useWindowDimensions();
  return height < LOW && width > height;
};

/** Whether the places stand beside the page: where there is room, and where there is no height to give away. */
export const useRail = (): boolean => {
  const low = useLow();
  return useWide() || low;
};

/** From here on two columns take more room each, px. */
const VERY_WIDE = 1600;

/** The scrolling middle of a screen. `foot` stays in sight below it. */
export function Page({
  title,
  children,
  foot,
  narrow,
  step,
}: {
  /** What the browser's tab and its history call it. */
  readonly title: string;
  readonly children: ReactNode;
  readonly foot?: ReactNode;
  /** Keeps text lines readable on a wide screen. */
  readonly narrow?: boolean;
  /** Where one page asks one thing after the other: each is read from its beginning. */
  readonly step?: string;
}) {
  const scroll = useRef<ScrollView>(null);
  const read = useRef(step);
  // An effect and not the router's head: it runs again whenever the page is shown, and at once.
  useEffect(() => titlePage(`${title} · Ombrello`), [title]);
  const main = useRef<View>(null);
  useEffect(() => focusHeading(main.current), []);
  useEffect(() => {
    // Not when a page that was left is come back to.
    if (read.current !== step) scroll.current?.scrollTo({ y: 0, animated: false });
    read.current = step;
  }, [step]);
  const look = useLook();
  useFooted(foot !== undefined);
  const { width } = useWindowDimensions();
  const wide = useWide();
  const inner = {
    width: '100%' as const,
    maxWidth: narrow ? 680 : width >= VERY_WIDE ? 1520 : 1180,
    alignSelf: 'center' as const,
    paddingHorizontal: wide ? 28 : 16,
  };
  return (
    <View ref={main} role="main" style={[styles.part, { backgroundColor: look.ground }]}>
      <ScrollView ref={scroll} contentContainerStyle={styles.box}>
        <View style={[inner, styles.stack, { paddingTop: wide ? 28 : 20 }]}>{children}</View>
      </ScrollView>
      {foot && (
        <View style={[styles.ruled, { borderTopColor: look.seam, backgroundColor: look.ground }]}>
          <View style={[inner, styles.boxNarrow]}>{foot}</View>
        </View>
      )}
    </View>
  );
}

type Side = 'left' | 'right';

/** The browser keeps in its place what is in sight when something above it grows or goes; not what stands in here. */
const LETS_GO = { overflowAnchor: 'none' } as object;

/** Two columns side by side. When one grows or shrinks, what somebody has their hand on in the other stays under it. */
export function TwoPanes({
  left,
  right,
  leftShare = 0.46,
}: {
  readonly left: ReactNode;
  readonly right: ReactNode;
  readonly leftShare?: number;
}) {
  const [held, setHeld] = useState<Side>('left');
  const pane = (side: Side, share: number, inside: ReactNode) => (
    <View
      onPointerEnter={() => setHeld(side)}
      onFocus={() => setHeld(side)}
      style={[styles.stack16, { flexGrow: share }, held !== side && LETS_GO]}
    >
      {inside}
    </View>
  );
  return (
    <View style={styles.row}>
      {pane('left', leftShare, left)}
      {pane('right', 1 - leftShare, right)}
    </View>
  );
}

const styles = StyleSheet.create({
  part: { flex: 1, minHeight: 0 },
  box: { flexGrow: 1 },
  stack: { paddingBottom: 28, gap: 16, flexGrow: 1 },
  ruled: { borderTopWidth: 1 },
  boxNarrow: { paddingVertical: 12 },
  row: { flexDirection: 'row', gap: 28, alignItems: 'flex-start' },
  stack16: { flexShrink: 1, flexBasis: 0, gap: 16, minWidth: 0 },
});
