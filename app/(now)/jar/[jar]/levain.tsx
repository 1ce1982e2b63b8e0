import { useLocalSearchParams } from 'expo-router';

import { useJarId } from '@features/jar/useJarId';
import { later } from '@kit';

const BuildScreen = later(async () => (await import('@features/bowl/BuildScreen')).BuildScreen);

export default function Levain() {
  const { jar, wish, grams } = useLocalSearchParams<{
    jar: string;
    wish?: string;
    grams?: string;
  }>();
  const wantedG = Number(grams);
  return (
    <BuildScreen
      id={useJarId(jar)}
      wish={wish ?? null}
      wantedG={wantedG > 0 && wantedG <= 5000 ? wantedG : null}
    />
  );
}
