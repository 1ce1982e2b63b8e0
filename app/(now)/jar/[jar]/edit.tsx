import { useLocalSearchParams } from 'expo-router';

import { useJarId } from '@features/jar/useJarId';
import { later } from '@kit';

const EditJarScreen = later(async () => (await import('@features/jar/card')).EditJarScreen);

export default function EditJar() {
  const { jar } = useLocalSearchParams<{ jar: string }>();
  return <EditJarScreen id={useJarId(jar)} />;
}
