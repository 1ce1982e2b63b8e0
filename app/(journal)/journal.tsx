import { useLocalSearchParams } from 'expo-router';

import { JournalScreen } from '@features/journal';

export default function Journal() {
  const { jar } = useLocalSearchParams<{ jar?: string }>();
  return <JournalScreen key={jar} {...(jar === undefined ? {} : { of: jar })} />;
}
