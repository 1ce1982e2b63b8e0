/** The demo household: an invented kitchen by a small harbour, with twenty weeks of log. */
export { householdBake, householdJournal } from './household';
