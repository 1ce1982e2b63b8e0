import { Kitchen, Shell } from '@features/shell';

export default function Layout() {
  return (
    <Kitchen>
      <Shell />
    </Kitchen>
  );
}
