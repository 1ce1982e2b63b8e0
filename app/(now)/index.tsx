import { NowScreen } from '@features/now';

export default function Now() {
  return <NowScreen />;
}
