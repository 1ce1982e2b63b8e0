import { StyleSheet, View } from 'react-native';

import { Icon, JAR_BOX, JarDrawing, type JarPicture, jarY, useHold, useLook } from '@kit';

const WIDTH = 116;
const SCALE = WIDTH / JAR_BOX.width;
const HANDLE = 34;
const STEP = 0.05;
const LOWEST = 0.5;

/** The jar with a surface that follows the finger, or the arrow keys. Height against the band. */
export function SurfaceDrag({
  name = 'Surface in the jar',
  picture,
  height,
  onHeight,
}: {
  readonly name?: string;
  readonly picture: JarPicture;
  readonly height: number;
  readonly onHeight: (height: number) => void;
}) {
  const look = useLook();
  const highest = Math.max(1.1, 1 / picture.band);
  const within = (to: number) => Math.min(highest, Math.max(LOWEST, to));
  const perBand = (JAR_BOX.floor - JAR_BOX.brim) * SCALE * picture.band;
  const jar = useHold({
    onHold: () => height,
    onDrag: (held, by) => onHeight(within(held - by.y / perBand)),
  });
  const y = jarY(Math.min(0.99, picture.band * height)) * SCALE;
  const shown = { ...picture, surface: Math.min(0.98, picture.band * height), streaksTo: 0 };
  const onKeyDown = (event: { key: string; preventDefault: () => void }) => {
    const by = { ArrowUp: STEP, ArrowDown: -STEP, PageUp: 0.25, PageDown: -0.25 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onHeight(within(Math.round((height + by) * 100) / 100));
  };
  return (
    <View
      ref={jar}
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-orientation="vertical"
      aria-valuemin={Math.round((LOWEST - 1) * 100)}
      aria-valuemax={Math.round((highest - 1) * 100)}
      aria-valuenow={Math.round((height - 1) * 100)}
      aria-valuetext={`${Math.round((height - 1) * 100)} % above the band`}
      {...{ onKeyDown }}
      style={
        {
          width: WIDTH + HANDLE / 2,
          touchAction: 'none',
          cursor: 'ns-resize',
          userSelect: 'none',
        } as object
      }
    >
      <JarDrawing picture={shown} width={WIDTH} />
      <View style={[styles.over, { top: y - 1, borderColor: look.ink }]} />
      <View
        style={[
          styles.overNarrow,
          { top: y - HANDLE / 2, backgroundColor: look.canopy, borderColor: look.onCanopy },
        ]}
      >
        <Icon name="arrow-up-down-bold" size={20} color={look.onCanopy} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  over: {
    position: 'absolute',
    left: 0,
    right: HANDLE / 2,
    borderTopWidth: 2,
    borderStyle: 'dashed',
  },
  overNarrow: {
    position: 'absolute',
    right: 0,
    width: HANDLE,
    height: HANDLE,
    borderRadius: HANDLE / 2,
    borderWidth: 2,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
