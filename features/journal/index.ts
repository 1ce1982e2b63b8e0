/**
 * Everything that was logged: by day, feed by feed; entries put right or struck out; charts, notes that come in, the year. All
 * of it is fetched as one, whichever page asks first: what two late pages fetch apart would come with the first page.
 */
export { ChartsScreen } from './ChartsScreen';
export { EntryRow } from './EntryRow';
export { EntrySheet } from './EntrySheet';
export { JournalScreen } from './JournalScreen';
export { NotesScreen } from './NotesScreen';
export { YearScreen } from './YearScreen';
