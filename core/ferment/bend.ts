import { type Mix } from './mix';
import { growthRate } from './rates';
import { type Conditions, simulate } from './simulate';
import { type Moment } from './moment';

/** Nobody waits longer for a peak, hours. */
const LATEST_PEAK = 14 * 24;

/** How far a mix gets in an hour on its way to the peak, by its temperature: a jar in the cold hardly moves. */
export const progress = (celsius: number): number => growthRate('yeast', celsius) + 1e-4;

/**
 * A rise as this starter bends it: at a share of the way to the peak it stands where the usual rise stands at that share to
 * the power of its bend. The peak keeps its hour and its height, and what comes after it its course.
 */
export function bentRise(
  curve: readonly Moment[],
  mix: Mix,
  conditions: Conditions,
): readonly Moment[] {
  let top = 0;
  for (let i = 1; i < curve.length; i++) if (curve[i]!.height > curve[top]!.height) top = i;
  if (top === 0) return curve;
  const way = [0];
  for (let i = 1; i <= top; i++) {
    const [before, here] = [curve[i - 1]!, curve[i]!];
    const mean = (progress(before.celsius) + progress(here.celsius)) / 2;
    way.push(way[i - 1]! + mean * (here.hours - before.hours));
  }
  const whole =
    top < curve.length - 1 ? way[top]! : way[top]! + wayBeyond(curve[top]!, mix, conditions);
  let k = 1;
  return curve.map((moment, i) => {
    if (i === 0 || i >= top) return moment;
    const at = whole * (way[i]! / whole) ** conditions.pace.bend;
    while (k < top && way[k]! < at) k++;
    while (k > 1 && way[k - 1]! > at) k--;
    const share = Math.min(1, (at - way[k - 1]!) / (way[k]! - way[k - 1]!));
    const [left, right] = [curve[k - 1]!.height, curve[k]!.height];
    return { ...moment, height: left + share * (right - left) };
  });
}

/** What is left of the way to the peak behind the end of a curve. */
function wayBeyond(last: Moment, mix: Mix, conditions: Conditions): number {
  let highest = -1;
  let way = 0;
  let toTop = 0;
  let before = last.hours;
  simulate(mix, conditions, Math.max(LATEST_PEAK, 2 * last.hours), (hours, { gas, celsius }) => {
    if (hours <= last.hours) return;
    way += progress(celsius) * (hours - before);
    before = hours;
    if (gas > highest) {
      highest = gas;
      toTop = way;
    }
  });
  return toTop;
}
