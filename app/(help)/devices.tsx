import { useLocalSearchParams } from 'expo-router';

import { later } from '@kit';

const DevicesScreen = later(async () => (await import('@features/devices')).DevicesScreen);

export default function Devices() {
  const { key } = useLocalSearchParams<{ key?: string }>();
  return <DevicesScreen given={key} />;
}
