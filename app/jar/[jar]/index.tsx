import { useLocalSearchParams } from 'expo-router';

import { NowScreen } from '@features/now';

export default function Jar() {
  const { jar } = useLocalSearchParams<{ jar: string }>();
  return <NowScreen jar={jar} />;
}
