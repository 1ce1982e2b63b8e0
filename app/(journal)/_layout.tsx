import { PlaceStack } from '@features/shell';

export const unstable_settings = { anchor: 'journal' };

export default function Layout() {
  return <PlaceStack first="journal" />;
}
