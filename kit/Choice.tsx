import { Pressable, View } from 'react-native';

import { RADIUS, RIM, TOUCH, useLook } from './look';
import { Words } from './Words';

/** One of a few: each is a word to touch, and one is chosen. */
export function Choice<T extends string | number | boolean>({
  label,
  options,
  chosen,
  onChoose,
  hideLabel,
}: {
  readonly label: string;
  readonly options: readonly {
    readonly is: T;
    readonly text: string;
    /** The colour it stands for. */
    readonly swatch?: string;
  }[];
  readonly chosen: T | null;
  readonly onChoose: (is: T) => void;
  readonly hideLabel?: boolean;
}) {
  const look = useLook();
  return (
    <View style={{ gap: 6 }}>
      {!hideLabel && (
        <Words size="small" tone="quiet">
          {label}
        </Words>
      )}
      <View
        role="radiogroup"
        aria-label={label}
        style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
      >
        {options.map(({ is, text, swatch }) => {
          const on = is === chosen;
          return (
            <Pressable
              key={String(is)}
              role="radio"
              aria-checked={on}
              onPress={() => onChoose(is)}
              style={({ pressed }) => ({
                minHeight: TOUCH,
                paddingHorizontal: 14,
                borderRadius: RADIUS,
                borderWidth: RIM,
                borderColor: on ? look.rim : look.seam,
                backgroundColor: on ? look.rim : look.enamel,
                opacity: pressed ? 0.75 : 1,
                flexDirection: 'row',
                alignItems: 'center',
                gap: 8,
              })}
            >
              {swatch && (
                <View
                  style={{
                    width: 16,
                    height: 16,
                    borderWidth: 1,
                    borderColor: on ? look.enamel : look.rim,
                    backgroundColor: swatch,
                  }}
                />
              )}
              <Words strong={on} style={on ? { color: look.enamel } : null}>
                {text}
              </Words>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}
