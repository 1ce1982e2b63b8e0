import { useLocalSearchParams } from 'expo-router';

import { useJarId } from '@features/jar/useJarId';
import { later } from '@kit';

const PaperScreen = later(async () => (await import('@features/jar/PaperScreen')).PaperScreen);

export default function Paper() {
  const { jar } = useLocalSearchParams<{ jar: string }>();
  return <PaperScreen id={useJarId(jar)} />;
}
