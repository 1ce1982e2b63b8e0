/** What stands around every screen. */
export * from './Kitchen';
export * from './NotFoundScreen';
export * from './PlaceStack';
export * from './saveAside';
export * from './Shell';
