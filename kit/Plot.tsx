import { type ReactNode, useState } from 'react';
import { type StyleProp, View, type ViewStyle } from 'react-native';
import Svg from 'react-native-svg';

/** How wide a drawing has come out; 0 until it was laid out. */
export interface PlotWidth {
  readonly width: number;
  readonly onWidth: (width: number) => void;
}

export function usePlotWidth(): PlotWidth {
  const [width, onWidth] = useState(0);
  return { width, onWidth };
}

/** A drawing over the width there is. Who does not see it hears its label instead. */
export function Plot({
  label,
  height,
  across: { width, onWidth },
  style,
  opens = false,
  children,
}: {
  readonly label: string;
  readonly height: number;
  readonly across: PlotWidth;
  readonly style?: StyleProp<ViewStyle>;
  /** It opens when it is first seen, for those who like motion (index.html). */
  readonly opens?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <View
      role="img"
      aria-label={label}
      onLayout={(event) => onWidth(event.nativeEvent.layout.width)}
      style={[{ height }, style]}
    >
      {width > 0 && (
        <View {...(opens ? { testID: 'opens' } : {})}>
          <Svg width={width} height={height} aria-hidden>
            {children}
          </Svg>
        </View>
      )}
    </View>
  );
}
