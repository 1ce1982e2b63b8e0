import { xchacha20poly1305 } from '@noble/ciphers/chacha.js';
import { managedNonce, randomBytes } from '@noble/ciphers/utils.js';

import { bytesOf, lettersOf } from './letters';

/** What two devices share: a box of the hub, and the key that the hub does not know. */
export interface Pair {
  readonly box: string;
  /** 32 bytes, in letters and digits. */
  readonly secret: string;
}

const BOX = /^[\w-]{22}$/;
const SECRET = /^[\w-]{43}$/;

/** A new pair, unlike any other. */
export const newPair = (): Pair => ({ box: lettersOf(randomBytes(16)), secret: lettersOf(randomBytes(32)) }); // oxfmt-ignore

/** A pair as a code, and the pair of a code; null where it is none. */
export const codeOf = ({ box, secret }: Pair): string => `${box}.${secret}`;
/**
 * @example pairFrom('no code') // null
 */
export function pairFrom(code: string): Pair | null {
  const [box, secret, ...more] = code.trim().split('.');
  return more.length === 0 && BOX.test(box ?? '') && SECRET.test(secret ?? '')
    ? { box: box!, secret: secret! }
    : null;
}

/** Sealed for the other device: nobody in between can read it, or change it unnoticed. */
export const seal = (pair: Pair, text: string): string =>
  lettersOf(cipherOf(pair).encrypt(new TextEncoder().encode(text)));

/**
 * What was sealed with the same pair; null for anything else.
 *
 * @example ((pair) => unseal(pair, seal(pair, 'fed')))(newPair()) // 'fed'
 * @example unseal(newPair(), seal(newPair(), 'fed')) // null
 */
export function unseal(pair: Pair, sealed: string): string | null {
  try {
    return new TextDecoder().decode(cipherOf(pair).decrypt(bytesOf(sealed)));
  } catch {
    return null;
  }
}

/** A nonce of 24 random bytes goes with each message, and the box is sealed in with it. */
const cipherOf = ({ box, secret }: Pair) =>
  managedNonce(xchacha20poly1305)(bytesOf(secret), new TextEncoder().encode(box));
