import { Place } from '@features/shell';

export const unstable_settings = { anchor: 'help' };

export default function Layout() {
  return <Place first="help" />;
}
