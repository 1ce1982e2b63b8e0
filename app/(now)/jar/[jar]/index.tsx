import { useLocalSearchParams } from 'expo-router';

import { useJarId } from '@features/jar/useJarId';
import { NowScreen } from '@features/now';

export default function Jar() {
  const { jar } = useLocalSearchParams<{ jar: string }>();
  return <NowScreen jar={useJarId(jar)} />;
}
