/** Two jars side by side. */
export { CompareScreen } from './CompareScreen';
