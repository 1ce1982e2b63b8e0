import { View } from 'react-native';

import { RADIUS, RIM, useLook } from './look';
import { Words } from './Words';

/** Grams side by side, each over its name. */
export function Amounts({ parts }: { readonly parts: readonly (readonly [string, number])[] }) {
  const look = useLook();
  return (
    <View
      style={{
        flexDirection: 'row',
        borderWidth: RIM,
        borderColor: look.rim,
        borderRadius: RADIUS,
      }}
    >
      {parts.map(([name, grams], i) => (
        <View
          key={name}
          style={{
            flex: 1,
            alignItems: 'center',
            paddingVertical: 8,
            borderLeftWidth: i > 0 ? RIM : 0,
            borderLeftColor: look.rim,
          }}
        >
          <Words size="heading">
            {grams}
            <Words size="body"> g</Words>
          </Words>
          <Words size="small" tone="quiet">
            {name}
          </Words>
        </View>
      ))}
    </View>
  );
}
