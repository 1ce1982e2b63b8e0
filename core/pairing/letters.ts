/** Bytes as letters, digits, - and _: base64 as it may stand in an address. */
export function lettersOf(bytes: Uint8Array): string {
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text).replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '');
}

/** @throws DOMException on what are no such letters */
export const bytesOf = (letters: string): Uint8Array =>
  Uint8Array.from(atob(letters.replaceAll('-', '+').replaceAll('_', '/')), (one) =>
    one.charCodeAt(0),
  );
