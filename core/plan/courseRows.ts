import { progress } from '../ferment';

/** Columns of a course's rows; the first is the hours. */
export const YEAST = 1;
export const LACTIC = 2;
export const DORMANT = 3;
export const FOOD = 4;
export const ACID = 5;
export const GLUTEN = 6;
export const GAS = 7;
export const HUNGER = 8;
export const READY = 9;
export const CELSIUS = 10;
export const WIDTH = 11;

/**
 * Where a starter that bends its rise comes to a height that the usual one reaches at some hour: the share of the way to
 * the peak is the usual one's to the power of one over its bend.
 */
export function bentHours(
  rows: Float64Array,
  top: number,
  bend: number,
): (hours: number) => number {
  const hourOf = (i: number) => rows[i * WIDTH]!;
  const way = new Float64Array(top + 1);
  for (let i = 1; i <= top; i++) {
    const both = progress(rows[(i - 1) * WIDTH + CELSIUS]!) + progress(rows[i * WIDTH + CELSIUS]!);
    way[i] = way[i - 1]! + (both / 2) * (hourOf(i) - hourOf(i - 1));
  }
  const whole = way[top]!;
  const between = (
    i: number,
    from: (k: number) => number,
    to: (k: number) => number,
    x: number,
  ) => {
    const span = from(i) - from(i - 1);
    return span > 0 ? to(i - 1) + ((x - from(i - 1)) / span) * (to(i) - to(i - 1)) : to(i);
  };
  const wayAt = (k: number) => way[k]!;
  return (hours) => {
    let i = 1;
    while (i < top && hourOf(i) < hours) i++;
    const bentWay = whole * (between(i, hourOf, wayAt, hours) / whole) ** (1 / bend);
    let k = 1;
    while (k < top && way[k]! < bentWay) k++;
    return between(k, wayAt, hourOf, bentWay);
  };
}
