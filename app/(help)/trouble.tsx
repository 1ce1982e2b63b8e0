import { useLocalSearchParams } from 'expo-router';

import { useJarId } from '@features/jar/useJarId';
import { later } from '@kit';

const TroubleScreen = later(async () => (await import('@features/rescue')).TroubleScreen);

export default function Trouble() {
  const { jar } = useLocalSearchParams<{ jar?: string }>();
  const id = useJarId(jar ?? '');
  return <TroubleScreen jar={jar === undefined ? undefined : id} />;
}
