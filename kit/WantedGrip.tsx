import { useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import Icon from './Icon';
import { RADIUS, useLook } from './look';
import { useHold } from './platform/drag.web';
import { Words } from './Words';

/** A window on a week's row, with what it is called and what moving it does. */
export interface WantedWindow {
  readonly id: string;
  readonly name: string;
  readonly from: number;
  readonly until: number;
  /** The window in words, moved by so many ms. */
  readonly text: (by: number) => string;
  readonly onMove: (by: number) => void;
}

/** Windows are moved by half hours. */
const GRAIN = 1_800_000;
const GRIP = 40;
/** Room for the longest window in words. */
const BUBBLE = 290;
/** Keys pressed in a row are one move, ms. */
const PAUSE = 600;

/** The handle of a window: dragged along the week, or moved with the arrow keys. */
export function WantedGrip({
  wanted,
  x,
  width,
  msPerPixel,
}: {
  readonly wanted: WantedWindow;
  /** Where the middle of the window is, and how wide the row. */
  readonly x: number;
  readonly width: number;
  readonly msPerPixel: number;
}) {
  const look = useLook();
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const [by, setBy] = useState<number | null>(null);
  const settle = (moved: number | null) => {
    setBy(null);
    if (moved) wanted.onMove(moved);
  };
  const movedBy = (pixels: number) => Math.round((pixels * msPerPixel) / GRAIN) * GRAIN;
  const grip = useHold({
    onHold: () => setBy(0),
    onDrag: (_, way) => setBy(movedBy(way.x)),
    onLetGo: (_, to) => settle(to && movedBy(to.by.x)),
  });
  const onKeyDown = (event: { key: string; preventDefault: () => void }) => {
    const step = KEYS[event.key];
    if (step === undefined) return;
    event.preventDefault();
    const moved = (by ?? 0) + step * GRAIN;
    setBy(moved);
    clearTimeout(timer.current);
    timer.current = setTimeout(() => settle(moved), PAUSE);
  };
  const at = x + (by ?? 0) / msPerPixel;
  const room = Math.min(BUBBLE, width);
  return (
    <>
      <View
        ref={grip}
        role="slider"
        tabIndex={0}
        aria-label={`${wanted.name}, when its levain is wanted`}
        aria-valuenow={Math.round((wanted.from + (by ?? 0)) / GRAIN)}
        aria-valuetext={wanted.text(by ?? 0)}
        {...{ onKeyDown }}
        style={
          {
            position: 'absolute',
            top: 0,
            left: Math.min(width - GRIP, Math.max(0, at - GRIP / 2)),
            width: GRIP,
            height: GRIP - 8,
            alignItems: 'center',
            justifyContent: 'center',
            touchAction: 'none',
            cursor: 'ew-resize',
            userSelect: 'none',
          } as object
        }
      >
        <View style={[styles.centred, { backgroundColor: look.leaf }]}>
          <Icon name="arrow-left-right-bold" size={18} color={look.enamel} />
        </View>
      </View>
      {by !== null && (
        <View
          aria-hidden
          style={[
            styles.over,
            {
              left: Math.min(width - room, Math.max(0, at - room / 2)),
              width: room,
              // At the ends of the week it stands as near to the grip as it can.
              alignItems:
                at < room / 2 ? 'flex-start' : at > width - room / 2 ? 'flex-end' : 'center',
            },
          ]}
        >
          <View style={[styles.bubble, { backgroundColor: look.enamel, borderColor: look.leaf }]}>
            <Words size="small" strong center>
              {wanted.text(by)}
            </Words>
          </View>
        </View>
      )}
    </>
  );
}

const KEYS: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -48,
  PageUp: 48,
};

const styles = StyleSheet.create({
  centred: {
    width: 26,
    height: 26,
    borderRadius: 13,
    alignItems: 'center',
    justifyContent: 'center',
  },
  over: {
    position: 'absolute',
    top: GRIP - 6,
    pointerEvents: 'none',
  },
  bubble: {
    paddingVertical: 4,
    paddingHorizontal: 10,
    borderWidth: 2,
    borderRadius: RADIUS,
  },
});
