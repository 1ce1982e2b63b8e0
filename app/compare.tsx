import { useLocalSearchParams } from 'expo-router';

import { later } from '@kit';

const CompareScreen = later(async () => (await import('@features/compare')).CompareScreen);

export default function Compare() {
  const { a, b } = useLocalSearchParams<{ a?: string; b?: string }>();
  return <CompareScreen a={a} b={b} />;
}
