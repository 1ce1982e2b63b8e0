import { Image, StyleSheet, View } from 'react-native';

import { Words, useHold, useLook } from '@kit';

/** What is marked in a picture of a jar, from below. */
export const MARKS = ['foot', 'band', 'surface'] as const;
export type Mark = (typeof MARKS)[number];

export const MARK_WORDS: Readonly<Record<Mark, string>> = {
  foot: 'Floor of the jar',
  band: 'Band',
  surface: 'Surface',
};

const GRIP = 44;
/** A touch of an arrow key moves a mark by so much of the picture, and a page key by more. */
const STEP = 0.004;
const LEAP = 0.03;

/** A picture with three marks across it, each to be dragged or moved with the arrow keys. Heights are shares from the top. */
export function MarkedPicture({
  url,
  label,
  width,
  height,
  marks,
  onMark,
}: {
  readonly url: string;
  readonly label: string;
  readonly width: number;
  readonly height: number;
  readonly marks: Readonly<Record<Mark, number>>;
  readonly onMark: (mark: Mark, to: number) => void;
}) {
  const look = useLook();
  return (
    <View style={[styles.frame, { width, height, borderColor: look.rim }]}>
      <Image source={{ uri: url }} accessibilityLabel={label} style={{ width, height }} />
      {MARKS.map((mark) => (
        <Line
          key={mark}
          mark={mark}
          share={marks[mark]}
          high={height}
          onShare={(to) => onMark(mark, to)}
        />
      ))}
    </View>
  );
}

function Line({
  mark,
  share,
  high,
  onShare,
}: {
  readonly mark: Mark;
  readonly share: number;
  readonly high: number;
  readonly onShare: (to: number) => void;
}) {
  const look = useLook();
  const within = (to: number) => Math.min(1, Math.max(0, to));
  const line = useHold({
    onHold: () => share,
    onDrag: (held, by) => onShare(within(held + by.y / high)),
  });
  const onKeyDown = (event: { key: string; preventDefault: () => void }) => {
    const by = { ArrowUp: -STEP, ArrowDown: STEP, PageUp: -LEAP, PageDown: LEAP }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onShare(within(share + by));
  };
  const up = Math.round(100 * (1 - share));
  return (
    <View
      ref={line}
      role="slider"
      tabIndex={0}
      aria-label={MARK_WORDS[mark]}
      aria-orientation="vertical"
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={up}
      aria-valuetext={`${up} % up the picture`}
      {...{ onKeyDown }}
      style={[
        styles.line,
        // On the side: each line has its own, so that two that lie close can both be held.
        { top: share * high - GRIP / 2, justifyContent: SIDES[mark] },
        STAYS as object,
      ]}
    >
      <View style={[styles.rule, { borderColor: look.canopy }]} />
      <View style={[styles.name, { backgroundColor: look.enamel, borderColor: look.ink }]}>
        <Words size="small" strong>
          {MARK_WORDS[mark]}
        </Words>
      </View>
    </View>
  );
}

const SIDES = { foot: 'flex-start', band: 'center', surface: 'flex-end' } as const;
const STAYS = { touchAction: 'none', cursor: 'ns-resize', userSelect: 'none' };

const styles = StyleSheet.create({
  frame: { borderWidth: 2, borderRadius: 10, overflow: 'hidden' },
  line: {
    position: 'absolute',
    left: 0,
    right: 0,
    height: GRIP,
    flexDirection: 'row',
    alignItems: 'center',
    paddingHorizontal: 4,
  },
  rule: { position: 'absolute', left: 0, right: 0, borderTopWidth: 2 },
  name: { borderWidth: 1, borderRadius: 6, paddingHorizontal: 5 },
});
