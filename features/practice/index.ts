export { PracticeScreen } from './PracticeScreen';
