import { useLocalSearchParams } from 'expo-router';

import { later } from '@kit';

const AddJarScreen = later(async () => (await import('@features/jar/card')).AddJarScreen);

export default function Add() {
  const { lives, more } = useLocalSearchParams<{ lives?: string; more?: string }>();
  const after = Math.min(9, Math.max(0, Math.floor(Number(more ?? 0)) || 0));
  return (
    <AddJarScreen
      // Each of several has a form of its own.
      key={after}
      lives={lives === 'fridge' || lives === 'counter' ? lives : undefined}
      more={after}
    />
  );
}
