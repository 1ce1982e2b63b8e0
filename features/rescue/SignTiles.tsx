import { StyleSheet, View } from 'react-native';

import { RADIUS, RIM, TouchArea, Words, useLook } from '@kit';
import { type JarSign, SignDrawing } from '@kit/SignDrawing';

/** Drawn examples to choose from: one, or several. */
export function SignTiles<T extends JarSign>({
  label,
  several,
  options,
  chosen,
  onChoose,
}: {
  readonly label: string;
  readonly several?: boolean;
  readonly options: readonly { readonly is: T; readonly text: string }[];
  readonly chosen: readonly T[];
  readonly onChoose: (is: T) => void;
}) {
  const look = useLook();
  return (
    <View role={several ? 'group' : 'radiogroup'} aria-label={label} style={styles.wrap}>
      {options.map(({ is, text }) => {
        const on = chosen.includes(is);
        return (
          <TouchArea
            key={is}
            role={several ? 'checkbox' : 'radio'}
            on={on}
            label={text}
            onPress={() => onChoose(is)}
            frame={styles.tile}
            style={[
              styles.drawn,
              {
                borderWidth: on ? 3 : RIM,
                borderColor: on ? look.rim : look.seam,
                backgroundColor: on ? look.mist : look.enamel,
              },
            ]}
          >
            <SignDrawing sign={is} width={78} />
            <Words size="small" strong={on} center>
              {text}
            </Words>
          </TouchArea>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  tile: { width: '31%', maxWidth: 140 },
  drawn: {
    flexGrow: 1,
    alignItems: 'center',
    gap: 6,
    paddingVertical: 10,
    paddingHorizontal: 4,
    borderRadius: RADIUS,
  },
});
