import { PlaceStack } from '@features/shell';

export const unstable_settings = { anchor: 'plan' };

export default function Layout() {
  return <PlaceStack first="plan" />;
}
