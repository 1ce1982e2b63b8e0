import { useLocalSearchParams } from 'expo-router';

import { useJarId } from '@features/jar/useJarId';
import { later } from '@kit';

const JournalScreen = later(async () => (await import('@features/journal')).JournalScreen);

export default function Journal() {
  const { jar } = useLocalSearchParams<{ jar?: string }>();
  const of = useJarId(jar ?? '');
  return <JournalScreen key={of} of={of || undefined} />;
}
