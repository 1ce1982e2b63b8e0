import { useLocalSearchParams } from 'expo-router';

import { useJarId } from '@features/jar/useJarId';
import { later } from '@kit';

const PictureScreen = later(
  async () => (await import('@features/jar/PictureScreen')).PictureScreen,
);

export default function JarPicture() {
  const { jar } = useLocalSearchParams<{ jar: string }>();
  return <PictureScreen id={useJarId(jar)} />;
}
