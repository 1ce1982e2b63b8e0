import { laterPart } from '@kit';

export const NoteSheet = laterPart(async () => (await import('./NoteSheet')).NoteSheet);
export const RejarSheet = laterPart(async () => (await import('./RejarSheet')).RejarSheet);
export const TakeSheet = laterPart(async () => (await import('./TakeSheet')).TakeSheet);
