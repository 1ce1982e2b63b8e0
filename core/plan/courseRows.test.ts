import { progress } from '../ferment';
import { CELSIUS, WIDTH, bentHours } from './courseRows';

/** Rows of a course at hours and degrees. */
function rowsOf(...moments: readonly (readonly [hours: number, celsius: number])[]): Float64Array {
  const rows = new Float64Array(moments.length * WIDTH);
  for (const [i, [hours, celsius]] of moments.entries()) {
    rows[i * WIDTH] = hours;
    rows[i * WIDTH + CELSIUS] = celsius;
  }
  return rows;
}
const UNEVEN = rowsOf([0, 20], [1, 24], [1.5, 26], [4, 21], [9, 22], [12, 30]);

it('a starter that bends nothing comes to each height at the usual hour', () => {
  const usual = bentHours(UNEVEN, 4, 1);
  for (const hours of [0.2, 1, 1.3, 3, 4, 6.5, 9]) expect(usual(hours)).toBeCloseTo(hours, 9);
});

it('at one warmth, hours go with the power of one over the bend', () => {
  const rows = rowsOf([0, 22], [1, 22], [3, 22], [4, 22], [10, 22], [11, 22]);
  const late = bentHours(rows, 4, 2);
  expect([0.1, 0.4, 2.5, 8.1, 10].map((hours) => late(hours))).toEqual([1, 2, 5, 9, 10].map((hour) => expect.closeTo(hour, 9) as number)); // oxfmt-ignore
  expect(bentHours(rows, 4, 0.5)(5)).toBeCloseTo(2.5, 9);
});

it('hours count by the warmth they have, and none after the peak', () => {
  const [cool, mild, warm] = [18, 22, 28].map(progress) as [number, number, number];
  const first = 5 * ((cool + mild) / 2);
  const second = 5 * ((mild + warm) / 2);
  const bent = bentHours(rowsOf([0, 18], [5, 22], [10, 28], [20, 40]), 2, 2);
  const way = Math.sqrt(first * (first + second));
  expect(bent(5)).toBeCloseTo(5 + (5 * (way - first)) / second, 9);
});

it('rows of one moment are stepped over', () => {
  const rows = rowsOf([0, 22], [2, 22], [2, 22], [4, 22]);
  expect(bentHours(rows, 3, 1)(2)).toBeCloseTo(2, 9);
  expect(bentHours(rows, 3, 2)(1)).toBeCloseTo(2, 9);
});
