import { useLocalSearchParams } from 'expo-router';

import { useJarId } from '@features/jar/useJarId';
import { later } from '@kit';

const WhatIfScreen = later(async () => (await import('@features/whatIf')).WhatIfScreen);

export default function WhatIf() {
  const { jar, ...asked } = useLocalSearchParams<{
    jar?: string;
    a?: string;
    b?: string;
    days?: string;
  }>();
  const id = useJarId(jar ?? '');
  return <WhatIfScreen jar={id || undefined} {...asked} />;
}
