/** The demo household: an invented kitchen by a small harbour, with twenty weeks of log. */
export { householdJournal, householdWish } from './household';
