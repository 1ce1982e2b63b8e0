import { NotFoundScreen } from '@features/shell';

export default function NotFound() {
  return <NotFoundScreen />;
}
