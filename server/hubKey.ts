import { randomBytes } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';

/** What a key may look like. */
const KEY = /^[\w-]{8,}$/;

/**
 * The key that devices show the hub: the one that was given, else the one of the start before, so that what is set up once
 * is found again; else a new one, which is kept. Where nothing can be kept it is another one at the next start.
 *
 * @param given what stands in HUB_KEY
 * @param file where the key is kept, readable for its owner alone; who deletes it gets another key
 * @throws RangeError when the one that was given is too short or holds other signs
 */
export function hubKey(given: string | undefined, file: string): string {
  if (given !== undefined) {
    if (!KEY.test(given))
      throw new RangeError('HUB_KEY should be eight letters and digits or more.');
    return given;
  }
  const kept = keptIn(file);
  if (kept !== null) return kept;
  const key = randomBytes(12).toString('base64url');
  try {
    writeFileSync(file, `${key}\n`, { mode: 0o600 });
  } catch {
    // A folder that cannot be written to is no reason not to start.
  }
  return key;
}

function keptIn(file: string): string | null {
  try {
    const key = readFileSync(file, 'utf8').trim();
    return KEY.test(key) ? key : null;
  } catch {
    return null;
  }
}
