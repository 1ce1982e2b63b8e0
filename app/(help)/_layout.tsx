import { PlaceStack } from '@features/shell';

export const unstable_settings = { anchor: 'help' };

export default function Layout() {
  return <PlaceStack first="help" />;
}
