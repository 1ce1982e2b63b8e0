import { laterPart } from '@kit';

export const MakeBackupSheet = laterPart(
  async () => (await import('./MakeBackupSheet')).MakeBackupSheet,
);
