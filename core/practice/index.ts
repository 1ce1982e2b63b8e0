/** Reading jars for practice: kinds of jars, and rounds of them drawn by the model. */
export * from './cases';
export * from './round';
