/**
 * What the browser brings along: the page itself, keys, printing, files, notices, newer versions, and inputs of its own. A
 * build for another platform brings the same names, and an index of its own.
 */
export * from './back.web';
export * from './drag.web';
export * from './drawing.web';
export * from './firstPicture.web';
export * from './page.web';
export * from './pictureUrl.web';
export * from './print.web';
export * from './reminders.web';
export * from './saveFile.web';
export * from './Slider.web';
export * from './speech.web';
export * from './textScale.web';
export * from './versions.web';
