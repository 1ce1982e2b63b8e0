/** A picture of a jar: three marks on it are a rise, and where the marks should stand can be guessed from its pixels. */
export * from './marks';
export * from './proposeMarks';
