/** Now: the next step and the shelves. */
export { NowScreen } from './NowScreen';
