declare module 'exifr/dist/mini.esm.mjs' {
  const exifr: { parse(file: Blob, options: object): Promise<unknown> };
  export default exifr;
}
