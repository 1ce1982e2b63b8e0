export { DevicesScreen } from './DevicesScreen';
