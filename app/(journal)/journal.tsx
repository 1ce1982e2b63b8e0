import { useLocalSearchParams } from 'expo-router';

import { later } from '@kit';

const JournalScreen = later(async () => (await import('@features/journal')).JournalScreen);

export default function Journal() {
  const { jar } = useLocalSearchParams<{ jar?: string }>();
  return <JournalScreen key={jar} of={jar} />;
}
