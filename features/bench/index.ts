/** The bench: a feed in five steps. */
export { BenchScreen } from './BenchScreen';
