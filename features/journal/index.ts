/** Everything that was logged: by day, feed by feed; entries put right or struck out. */
export { EntryRow } from './EntryRow';
export { JournalScreen } from './JournalScreen';
