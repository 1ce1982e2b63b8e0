/** Help: the marks, the cautions, the way to the settings. */
export { HelpScreen } from './HelpScreen';
