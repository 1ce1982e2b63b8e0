/** What stands around every screen. */
export * from './Kitchen';
export * from './NotFoundScreen';
export * from './Place';
export * from './saveAside';
export * from './Shell';
