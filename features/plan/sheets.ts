import { laterPart } from '@kit';

export const StepSheet = laterPart(async () => (await import('./StepSheet')).StepSheet);
