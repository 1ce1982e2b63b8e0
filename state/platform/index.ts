/**
 * What state needs of a browser: the page as it comes and goes, notes that are written at once, the other tabs, the room there
 * is, and the line to the hub. A build for another platform brings the same names, and an index of its own.
 */
export * from './hubLine.web';
export * from './notes.web';
export * from './page.web';
export * from './room.web';
export * from './tabs.web';
