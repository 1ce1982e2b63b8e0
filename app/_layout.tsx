import { Kitchen, LastResort, Shell } from '@features/shell';

export default function Layout() {
  return (
    <LastResort>
      <Kitchen>
        <Shell />
      </Kitchen>
    </LastResort>
  );
}
