/** Going away and coming back. */
export * from './AwayScreen';
