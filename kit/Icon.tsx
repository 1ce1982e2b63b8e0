import { type StyleProp, View, type ViewStyle } from 'react-native';
import Svg, { Path } from 'react-native-svg';

import { ICON_PATHS, type IconName } from './iconPaths';

type Props = {
  name: string;
  size?: number;
  color?: string;
  style?: StyleProp<ViewStyle>;
  testID?: string;
};

/**
 * Stands in for the icon font that react-native-paper asks for
 * (metro.config.js and jest.config.js point that import here).
 */
export default function Icon({ name, size = 24, color = 'currentColor', style, testID }: Props) {
  const d = ICON_PATHS[name as IconName] as string | undefined;

  return (
    <View testID={testID} aria-hidden style={[{ width: size, height: size }, style]}>
      <Svg width={size} height={size} viewBox="0 0 24 24">
        <Path d={d ?? ICON_PATHS['alert-circle']} fill={color} />
      </Svg>
    </View>
  );
}
