/** Settings: how things are shown, places, the school, export and import. */
export { SettingsScreen } from './SettingsScreen';
