import { useLocalSearchParams } from 'expo-router';

import { useJarId } from '@features/jar/useJarId';
import { later } from '@kit';

const CompareScreen = later(async () => (await import('@features/compare')).CompareScreen);

export default function Compare() {
  const { a, b } = useLocalSearchParams<{ a?: string; b?: string }>();
  const [one, other] = [useJarId(a ?? ''), useJarId(b ?? '')];
  return <CompareScreen a={one || undefined} b={other || undefined} />;
}
