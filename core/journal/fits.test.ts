import { fitsOf } from './fits';
import {
  ENTRY_AHEAD,
  type Shape,
  either,
  fields,
  flag,
  list,
  moment,
  number,
  one,
  whole,
  day,
} from './shape';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const fits = (shape: Shape, value: unknown) => fitsOf(shape)(value, NOW);
const text = (over: object = {}): Shape => ({ of: 'text', max: 5, ...over });
const table: Shape = { of: 'table', keys: /^[a-z]$/, values: number(0, 9), max: 2 };
const pair: Shape = { of: 'pair', items: [number(0, 24), flag] };
const tub = fields({ grams: number(0, 9), 'name?': text() });

describe('what fits', () => {
  it.each<[string, Shape, unknown]>([
    ['a number at its least', number(1, 3), 1],
    ['a number at its most', number(1, 3), 3],
    ['a number between', number(1, 3), 1.5],
    ['a whole number', whole(1, 3), 2],
    ['a text', text(), 'flour'],
    ['a text with room around it', text(), ' a '],
    ['a trimmed text', text({ trimmed: true }), 'a b'],
    ['a text as it should be', text({ like: /^a/ }), 'abc'],
    ['a moment', moment(1), '2026-03-13T18:20:00.000Z'],
    ['a moment with an offset', moment(1), '2026-03-13T23:50+05:30'],
    ['a moment a year ahead', moment(ENTRY_AHEAD), '2027-03-14T18:20:00Z'],
    ['a day', day, '2026-12-31'],
    ['yes', flag, true],
    ['no', flag, false],
    ['one of some', one('a', 2, null), 2],
    ['nothing, where that is one of them', one('a', 2, null), null],
    ['a list at its shortest', list(flag, 1, 2), [true]],
    ['a list at its longest', list(flag, 1, 2), [true, false]],
    ['a pair', pair, [6.5, true]],
    ['the first of two', either(number(0, 1), text()), 0.5],
    ['the second of two', either(number(0, 1), text()), 'b'],
    ['an empty table', table, {}],
    ['a full table', table, { a: 1, b: 9 }],
    ['a table with a hole', table, { a: undefined, b: 2 }],
    ['fields', tub, { grams: 3, name: 'rye' }],
    ['fields without what may be missing', tub, { grams: 3 }],
    ['fields with a hole where something may be missing', tub, { grams: 3, name: undefined }],
    ['as many fields as asked for', fields({ 'a?': flag, 'b?': flag }, 1), { b: true }],
  ])('%s', (_, shape, value) => {
    expect(fits(shape, value)).toBe(true);
  });
});

describe('what does not', () => {
  it.each<[string, Shape, unknown]>([
    ['a number too small', number(1, 3), 0.99],
    ['a number too large', number(1, 3), 3.01],
    ['no number', number(1, 3), NaN],
    ['a number in words', number(1, 3), '2'],
    ['a part of a whole number', whole(1, 3), 1.5],
    ['an empty text', text(), ''],
    ['a text too long', text(), 'flours'],
    ['a number for a text', text(), 7],
    ['a list for a text', text(), ['a']],
    ['a text with room around it', text({ trimmed: true }), ' a'],
    ['a text as it should not be', text({ like: /^a/ }), 'b'],
    ['a day for a moment', moment(1), '2026-03-13'],
    ['a moment that is none', moment(1), '2026-13-13T18:20Z'],
    ['a moment of long ago', moment(1), '1989-03-13T18:20Z'],
    ['a moment too far ahead', moment(1), '2026-03-15T18:20Z'],
    ['a number for a moment', moment(1), NOW],
    ['a day of another century', day, '1926-12-31'],
    ['a day that is none', day, '2026-13-31'],
    ['a moment for a day', day, '2026-03-13T18:20Z'],
    ['a list for a day', day, ['2026-12-31']],
    ['a word for yes', flag, 'true'],
    ['another than some', one('a', 2, null), 'b'],
    ['nothing', one('a', 2), undefined],
    ['a list too short', list(flag, 1, 2), []],
    ['a list too long', list(flag, 1, 2), [true, true, true]],
    ['a list with something else', list(flag, 1, 2), [true, 1]],
    ['a list with a hole', list(flag, 1, 2), Object.assign([], { 1: true })],
    ['what is like a list', list(flag, 1, 2), { length: 1, 0: true }],
    ['half a pair', pair, [6.5]],
    ['more than a pair', pair, [6.5, true, true]],
    ['a pair the wrong way round', pair, [true, 6.5]],
    ['a pair whose second is wrong', pair, [6.5, 1]],
    ['what is like a pair', pair, { length: 2, 0: 6.5, 1: true }],
    ['neither of two', either(number(0, 1), text()), 2],
    ['a table with too much', table, { a: 1, b: 2, c: 3 }],
    ['a table with another key', table, { ab: 1 }],
    ['a table with another value', table, { a: 1, b: 10 }],
    ['a table that is a list', table, [1]],
    ['a table that is nothing', table, null],
    ['a table in words', table, 'a'],
    ['fields without what must be there', tub, { name: 'rye' }],
    ['fields with a hole where something must be', tub, { grams: undefined }],
    ['fields with another', tub, { grams: 3, colour: 'red' }],
    ['fields with another that is a hole', tub, { grams: 3, colour: undefined }],
    ['fields with a wrong one', tub, { grams: 3, name: '' }],
    ['fields that are a list', tub, [3]],
    ['fields that are nothing', tub, null],
    ['too few fields', fields({ 'a?': flag, 'b?': flag }, 1), { a: undefined }],
  ])('%s', (_, shape, value) => {
    expect(fits(shape, value)).toBe(false);
  });
});
