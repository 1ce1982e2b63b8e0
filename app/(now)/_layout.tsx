import { PlaceStack } from '@features/shell';

export const unstable_settings = { anchor: 'index' };

export default function Layout() {
  return <PlaceStack first="index" />;
}
