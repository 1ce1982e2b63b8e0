import { type DeviceKind, type Post, type Reading } from './contract';

/** What the hub remembers of a device: nothing of what a baker does. */
export interface KnownDevice {
  readonly kind: DeviceKind;
  readonly name: string;
  readonly boot: string;
  readonly seq: number;
  readonly last: Reading;
}

/** A post as it came in. */
export interface TakenPost {
  readonly readings: readonly Reading[];
  /** Readings that came later than later ones, or twice: they are left out. */
  readonly late: number;
  readonly known: KnownDevice | null;
}

/** Readings of one post lie no further apart, ms: a device's clock that jumps is not followed. */
const LONGEST_POST = 600_000;

/**
 * Puts a post in order. The hour is the hub's: the last reading was taken just now, and those before it as long ago as the
 * device's own clock says they lie apart.
 *
 * @param before what was known of this device
 * @example takePost(post, null, now).late // 0
 */
export function takePost(post: Post, before: KnownDevice | null, now: number): TakenPost {
  const { device, kind, name = device, boot = '' } = post;
  const same = before?.kind === kind && before.boot === boot ? before : null;
  let seq = same?.seq ?? -1;
  const inOrder = [...post.readings].sort((a, b) => a.seq - b.seq);
  const fresh = inOrder.filter((reading) => {
    if (reading.seq <= seq) return false;
    seq = reading.seq;
    return true;
  });
  const newest = fresh.at(-1)?.at;
  const readings = fresh.map(({ at, ...reading }): Reading => {
    const ago = at === undefined || newest === undefined ? 0 : newest - at;
    return {
      ...(reading as object),
      kind,
      device,
      name,
      at: now - Math.min(LONGEST_POST, Math.max(0, ago)),
    } as Reading;
  });
  const last = readings.at(-1);
  return {
    readings,
    late: post.readings.length - readings.length,
    known: last ? { kind, name, boot, seq, last } : before,
  };
}
