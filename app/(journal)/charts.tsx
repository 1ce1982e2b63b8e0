import { useLocalSearchParams } from 'expo-router';

import { useJarId } from '@features/jar/useJarId';
import { later } from '@kit';

const ChartsScreen = later(async () => (await import('@features/journal')).ChartsScreen);

export default function Charts() {
  const { jar, beside } = useLocalSearchParams<{ jar?: string; beside?: string }>();
  const [one, other] = [useJarId(jar ?? ''), useJarId(beside ?? '')];
  return <ChartsScreen key={`${one} ${other}`} jar={one || undefined} other={other || undefined} />;
}
