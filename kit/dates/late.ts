/** What days need a library for, fetched in one piece when a day is first typed or a month first opened. */
export { Month } from './Month';
export { readDate } from './readDate';
