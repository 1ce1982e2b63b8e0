import { PlaceStack } from '@features/shell';

export const unstable_settings = { anchor: 'larder' };

export default function Layout() {
  return <PlaceStack first="larder" />;
}
