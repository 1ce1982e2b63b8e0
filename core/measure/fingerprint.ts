/**
 * A short name for some texts in their order: another one whenever any of them changes. Two FNV-1a sums of 32 bits with
 * different beginnings, so that chance alone confuses two in 10¹⁸.
 *
 * @example fingerprint(['ab']) === fingerprint(['a', 'b']) // = false
 */
export function fingerprint(texts: Iterable<string>): string {
  let one = 0x811c9dc5;
  let other = 0x1b873593;
  for (const text of texts) {
    for (let i = 0; i < text.length; i++) {
      const unit = text.charCodeAt(i);
      one = Math.imul(one ^ unit, 0x01000193);
      other = Math.imul(other ^ unit, 0x85ebca6b) ^ (other >>> 13);
    }
    // So that "ab", "c" is not "a", "bc".
    one = Math.imul(one ^ 0x1f, 0x01000193);
    other = Math.imul(other ^ 0x1f, 0x85ebca6b);
  }
  return hex(one) + hex(other);
}

const hex = (sum: number) => (sum >>> 0).toString(16).padStart(8, '0');
