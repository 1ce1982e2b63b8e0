import { bytesOf, lettersOf } from './letters';

/** Bytes in one piece: sealed it stays well below what the hub takes. */
const PIECE = 240_000;
/** No picture that is kept has as many. */
export const MOST_PIECES = 40;

/**
 * What is too large for one message, cut into pieces of letters and digits; nothing at all is one piece too.
 *
 * @example piecesOf(new Uint8Array(500_000)).length // = 3
 */
export const piecesOf = (bytes: Uint8Array): readonly string[] =>
  Array.from({ length: Math.max(1, Math.ceil(bytes.length / PIECE)) }, (_, n) =>
    lettersOf(bytes.subarray(n * PIECE, (n + 1) * PIECE)),
  );

/**
 * Pieces put together again.
 *
 * @throws DOMException where one of them is no piece
 * @example joined(piecesOf(Uint8Array.of(1, 2, 3))) // = Uint8Array.of(1, 2, 3)
 */
export function joined(pieces: readonly string[]): Uint8Array {
  const parts = pieces.map(bytesOf);
  const whole = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}
