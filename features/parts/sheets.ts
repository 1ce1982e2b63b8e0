import { laterPart } from '@kit';

export const MoveSheet = laterPart(async () => (await import('./MoveSheet')).MoveSheet);
export const WeighSheet = laterPart(async () => (await import('./WeighSheet')).WeighSheet);
