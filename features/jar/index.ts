/** One jar: its canopy, looks, numbers, card and log. */
export { JarPane } from './JarPane';
