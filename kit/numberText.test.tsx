import { parseNumber, riseFromText } from './numberText';

it.each([
  ['23', 23],
  [' 23,5 g', 23.5],
  ['1 200', 1200],
  ['-4', -4],
  ['\u22124', -4],
  ['.5', 0.5],
  ['100 %', 100],
  ['72°F', 72],
])('reads %j as %d', (text, number) => expect(parseNumber(text)).toBe(number));

it.each(['', '  ', 'a lot', '1e9', '1,2,3', '--3', 'NaN', 'Infinity', '12 cups'])(
  'takes %j for no number',
  (text) => expect(parseNumber(text)).toBeNaN(),
);

it.each([
  ['85 %', 85],
  ['-10', -10],
  ['Doubled', 100],
  ['tripled', 200],
  ['2x', 100],
  ['×2.5', 150],
  ['1,85 times the band', 85],
])('reads a rise of %j as %d %', (text, pct) => expect(riseFromText(text)).toBe(pct));

it.each(['', 'high', 'x', '2x2', 'times'])('%j is no rise', (text) =>
  expect(riseFromText(text)).toBeNaN(),
);
