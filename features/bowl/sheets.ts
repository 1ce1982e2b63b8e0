import { laterPart } from '@kit';

export const FinishSheet = laterPart(async () => (await import('./FinishSheet')).FinishSheet);
