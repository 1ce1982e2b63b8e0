/** The journal: everything logged, by jar and time. */
export { EventRow } from './EventRow';
export { JournalScreen } from './JournalScreen';
