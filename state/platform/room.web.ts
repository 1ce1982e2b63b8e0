/** How much room the browser gives, and whether it promises to keep what is there. */
export interface Room {
  readonly usedBytes: number;
  readonly allBytes: number;
  readonly promised: boolean;
}

const storage = (): StorageManager | undefined =>
  typeof navigator === 'undefined' ? undefined : navigator.storage;

/** Null where the browser does not say. */
export async function roomLeft(): Promise<Room | null> {
  try {
    const manager = storage();
    const { usage, quota } = (await manager?.estimate()) ?? {};
    if (usage === undefined || quota === undefined) return null;
    return { usedBytes: usage, allBytes: quota, promised: (await manager?.persisted()) ?? false };
  } catch {
    return null;
  }
}

/** Asks the browser not to clear the store when the disk is full; some ask the baker, some decide by themselves. */
export async function askToKeep(): Promise<boolean> {
  try {
    return (await storage()?.persist()) ?? false;
  } catch {
    return false;
  }
}
