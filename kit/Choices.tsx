import { Pressable, View } from 'react-native';

import { RADIUS, RIM, TOUCH, useLook } from './look';
import { Words } from './Words';

/** Any of some: each is a word to touch, and touched again to take it back. */
export function Choices<T extends string>({
  label,
  options,
  chosen,
  onChoose,
  hideLabel,
}: {
  readonly label: string;
  readonly options: readonly { readonly is: T; readonly text: string }[];
  readonly chosen: readonly T[];
  readonly onChoose: (chosen: readonly T[]) => void;
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
        role="group"
        aria-label={label}
        style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
      >
        {options.map(({ is, text }) => {
          const on = chosen.includes(is);
          return (
            <Pressable
              key={is}
              role="checkbox"
              aria-checked={on}
              onPress={() => onChoose(on ? chosen.filter((c) => c !== is) : [...chosen, is])}
              style={({ pressed }) => ({
                minHeight: TOUCH,
                paddingHorizontal: 14,
                borderRadius: RADIUS,
                borderWidth: RIM,
                borderStyle: on ? 'solid' : 'dashed',
                borderColor: on ? look.rim : look.quiet,
                backgroundColor: on ? look.rim : look.enamel,
                opacity: pressed ? 0.75 : 1,
                justifyContent: 'center',
              })}
            >
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
