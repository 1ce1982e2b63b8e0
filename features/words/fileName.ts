/** A name as part of the name of a file. */
export const fileName = (name: string): string =>
  name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-');
