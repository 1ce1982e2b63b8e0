import { laterPart } from '@kit';

export const MoreSeen = laterPart(async () => (await import('./MoreSeen')).MoreSeen);
export const NoteSheet = laterPart(async () => (await import('./NoteSheet')).NoteSheet);
export const RejarSheet = laterPart(async () => (await import('./RejarSheet')).RejarSheet);
export const SameAgainSheet = laterPart(
  async () => (await import('./SameAgainSheet')).SameAgainSheet,
);
export const TakeSheet = laterPart(async () => (await import('./TakeSheet')).TakeSheet);
