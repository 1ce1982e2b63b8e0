import { highest, middle } from '../measure';
import { type Marks, type Point } from './marks';
import { stretchesOf } from './stretches';

/** Pixels as a browser gives them: red, green, blue and opacity, row by row. */
export interface Pixels {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/** Marks as they may stand, to be looked at by somebody. */
export interface Proposal {
  readonly marks: Marks;
  /** How far the jar leans to the right, degrees. */
  readonly leanDeg: number;
}

/** Jars are held straighter than this, degrees. */
const MOST_LEAN = 12;
/** The middle of the jar that is read, share of the picture's width. */
const STRIP = 0.22;
/** A rubber band is about so high, share of the picture. */
const BAND_SHARE = 0.03;
/** A jar is read in so many rows, whatever the picture has. */
const ROWS = 180;
/** The band stands out of its neighbours by so much, in shares of colour. */
const STANDS_OUT = 0.035;

/** A row across the jar: its colour without regard to light, its light, and how mottled it is. */
interface Row {
  readonly red: number;
  readonly green: number;
  readonly light: number;
  readonly mottled: number;
}

/**
 * Guesses where floor, band and surface are in a picture of a jar that stands in its middle: the band is the thin stripe whose
 * colour is like nothing above or below it, and the mix is the stretch of one colour and grain that it lies on.
 *
 * @returns null where no band can be made out
 * @example proposeMarks(pixels) // null where no band stands out
 */
export function proposeMarks(pixels: Pixels): Proposal | null {
  let best: { lean: number; rows: readonly Row[]; band: number; out: number } | null = null;
  for (let lean = -MOST_LEAN; lean <= MOST_LEAN; lean += 1) {
    const rows = rowsOf(pixels, (lean * Math.PI) / 180);
    const { band, out } = bandIn(rows);
    // Read along the right lean the stripe is thin and strong.
    if (out > (best?.out ?? 0)) best = { lean, rows, band, out };
  }
  if (!best || best.out < STANDS_OUT) return null;
  const { rows, band, lean } = best;
  const [top, bottom] = mixAround(rows, band);
  const at = (row: number): Point => pointAt(pixels, (lean * Math.PI) / 180, row);
  return { marks: { foot: at(bottom), band: at(band), surface: at(top) }, leanDeg: lean };
}

/** The middle of a row in the picture. */
function pointAt({ width, height }: Pixels, lean: number, row: number): Point {
  const along = ((row + 0.5) / ROWS - 0.5) * height;
  return { x: width / 2 - along * Math.sin(lean), y: height / 2 + along * Math.cos(lean) };
}

/** Rows across the middle of a jar that leans. */
function rowsOf(pixels: Pixels, lean: number): readonly Row[] {
  const { width, height, data } = pixels;
  const half = (STRIP * width) / 2;
  const step = Math.max(1, half / 14);
  return Array.from({ length: ROWS }, (_, row) => {
    const middleOf = pointAt(pixels, lean, row);
    let [red, green, light, squares, count] = [0, 0, 0, 0, 0];
    for (let across = -half; across <= half; across += step) {
      const x = Math.round(middleOf.x + across * Math.cos(lean));
      const y = Math.round(middleOf.y + across * Math.sin(lean));
      if (x < 0 || y < 0 || x >= width || y >= height) continue;
      const i = 4 * (y * width + x);
      const sum = data[i]! + data[i + 1]! + data[i + 2]! + 1;
      red += data[i]! / sum;
      green += data[i + 1]! / sum;
      light += sum;
      squares += sum * sum;
      count++;
    }
    if (count === 0) return { red: 1 / 3, green: 1 / 3, light: 0, mottled: 0 };
    const mean = light / count;
    const spread = Math.sqrt(Math.max(0, squares / count - mean * mean));
    return {
      red: red / count,
      green: green / count,
      light: Math.log(mean + 20),
      mottled: spread / (mean + 20),
    };
  });
}

/** The row that stands out most in colour from what lies a little above and a little below it. */
function bandIn(rows: readonly Row[]): { readonly band: number; readonly out: number } {
  const away = Math.ceil(2.2 * BAND_SHARE * ROWS);
  const outs = rows.map((row, i) => {
    const [above, below] = [rows[i - away], rows[i + away]];
    if (!above || !below) return 0;
    const far = (other: Row) => Math.hypot(row.red - other.red, row.green - other.green);
    return Math.min(far(above), far(below));
  });
  const out = highest(outs);
  // The middle of the stripe, not its strongest row.
  const stripe = outs.flatMap((one, i) => (one > 0.6 * out ? [i] : []));
  const peak = outs.indexOf(out);
  const near = stripe.filter((i) => Math.abs(i - peak) <= away);
  return { band: middle(near), out };
}

/** Weights of light and grain against colour: light changes over any jar, and colour does not. */
const LIGHT = 0.06;
const GRAIN = 0.35;

/** Where the mix ends, the step is at least so large against the largest on that side. */
const ENDS = 0.5;

/** How far the stretches on either side of each bound differ in the middle. */
function stepsAt(bounds: readonly number[], facts: readonly (readonly number[])[]) {
  return bounds.map((bound, i) => {
    const sides = [facts.slice(bounds[i - 1] ?? 0, bound), facts.slice(bound, bounds[i + 1])];
    const [a, b] = sides.map((side) => side[0]!.map((_, c) => middle(side.map((row) => row[c]!))));
    return { bound, step: Math.hypot(...a!.map((value, c) => value - b![c]!)) };
  });
}

/** The first and the last row of the stretch that a band lies on: the mix. */
function mixAround(rows: readonly Row[], band: number): readonly [top: number, bottom: number] {
  const half = Math.ceil(1.2 * BAND_SHARE * ROWS);
  // What lies under the band is the mix too: its rows say nothing of where the mix ends.
  const kept = rows.map((_, i) => i).filter((i) => Math.abs(i - band) > half);
  const facts = kept.map((i) => {
    const { red, green, light, mottled } = rows[i]!;
    return [red, green, LIGHT * light, GRAIN * mottled];
  });
  const below = kept.findIndex((i) => i > band);
  const bounds = stretchesOf(facts);
  const steps = stepsAt(bounds, facts);
  // Light and bubbles make steps within the mix too, but smaller ones than where it ends.
  const nearest = (side: readonly { readonly bound: number; readonly step: number }[]) =>
    side.find(({ step }) => step >= ENDS * highest(side.map((one) => one.step)))?.bound;
  const first = nearest(steps.filter(({ bound }) => bound < below).reverse()) ?? 0;
  const last = nearest(steps.filter(({ bound }) => bound > below)) ?? kept.length;
  return [kept[first]! - 0.5, kept[last - 1]! + 0.5];
}
