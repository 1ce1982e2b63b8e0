import { Place } from '@features/shell';

export const unstable_settings = { anchor: 'larder' };

export default function Layout() {
  return <Place first="larder" />;
}
