/** The store: the journal, forms under way, and what is computed from them. */
export * from './actions';
export * from './bench';
export * from './benchDraft';
export * from './clock';
export * from './decided';
export * from './deeds';
export * from './deviceZone';
export {
  type KitchenName,
  type RawStore,
  type SetAside,
  keepOpenName,
  openName,
  rawStore,
  readHubKey,
} from './door';
export * from './copies';
export * from './firstPicture';
export * from './hands';
export * from './keeping';
export * from './kitchen';
export * from './larder';
export * from './learning';
export * from './learnt';
export * from './learntBook';
export * from './notice';
export * from './opening';
export * from './plan';
export { type Room, askToKeep, roomLeft } from './platform';
export * from './planning';
export * from './promises';
export * from './quarantine';
export * from './rescue';
export * from './selectors';
export * from './settings';
export * from './story';
export * from './store';
export * from './time';
export * from './trouble';
export * from './whatNext';
export * from './troubleAnswers';
export * from './zone';
export { selectWishesInBowls } from './planProblem';
