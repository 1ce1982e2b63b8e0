import { useLocalSearchParams } from 'expo-router';

import { useJarId } from '@features/jar/useJarId';
import { later } from '@kit';

const ProgrammeScreen = later(async () => (await import('@features/rescue')).ProgrammeScreen);

export default function Programme() {
  const { jar } = useLocalSearchParams<{ jar: string }>();
  return <ProgrammeScreen id={useJarId(jar)} />;
}
