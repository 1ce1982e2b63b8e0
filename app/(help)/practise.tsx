import { later } from '@kit';

export default later(async () => (await import('@features/practice')).PracticeScreen);
