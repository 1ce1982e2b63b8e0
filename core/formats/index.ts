/** Formats for other programs. */
export * from './planCalendar';
