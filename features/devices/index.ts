// The page and what listens behind it are one piece: it is fetched where there is a key to the hub, and nowhere else.
export { keepHub } from '@state/hubKeeper';
export { DevicesScreen } from './DevicesScreen';
