/** What the drawings take of d3-shape (metro.config.js points that import here), each from its own file. */
export { default as area } from '../node_modules/d3-shape/src/area.js';
export { monotoneX as curveMonotoneX } from '../node_modules/d3-shape/src/curve/monotone.js';
export { default as line } from '../node_modules/d3-shape/src/line.js';
