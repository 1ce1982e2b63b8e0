/** What stands around every screen. */
export * from './Kitchen';
export * from './NotFoundScreen';
export * from './saveAside';
export * from './saveFile';
export * from './Shell';
export { askLeave, reminderLeave } from './reminders';
export { printDrawings, printText } from './print';
