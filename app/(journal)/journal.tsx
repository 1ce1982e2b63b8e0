import { JournalScreen } from '@features/journal';

export default function Journal() {
  return <JournalScreen />;
}
