/**
 * Stands in for the 250 colours of Paper's former design (metro.config.js points that import here):
 * the theme in force brings its own, and Paper's code for it names only these.
 */
export const black = '#000000';
export const white = '#ffffff';
export const grey50 = '#fafafa';
export const grey200 = '#eeeeee';
export const grey400 = '#bdbdbd';
export const grey700 = '#616161';
export const grey800 = '#424242';
export const pinkA100 = '#ff80ab';
export const pinkA400 = '#f50057';
