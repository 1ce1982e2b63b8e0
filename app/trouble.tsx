import { useLocalSearchParams } from 'expo-router';

import { later } from '@kit';

const TroubleScreen = later(async () => (await import('@features/rescue')).TroubleScreen);

export default function Trouble() {
  const { jar } = useLocalSearchParams<{ jar?: string }>();
  return <TroubleScreen jar={jar} />;
}
