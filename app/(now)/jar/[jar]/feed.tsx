import { useLocalSearchParams } from 'expo-router';

import { useJarId } from '@features/jar/useJarId';
import { later } from '@kit';

const BenchScreen = later(async () => (await import('@features/bench')).BenchScreen);

export default function Feed() {
  const { jar, then } = useLocalSearchParams<{ jar: string; then?: string }>();
  return <BenchScreen id={useJarId(jar)} then={then ? then.split(',') : []} />;
}
