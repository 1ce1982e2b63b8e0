import { chanceFrom } from '../measure/chance';
import { type Pixels } from './proposeMarks';
import { type Marks, type Point } from './marks';

type Colour = readonly [number, number, number];

const WALLS: readonly Colour[] = [
  [214, 220, 222],
  [188, 200, 190],
  [230, 222, 205],
  [120, 132, 150],
  [90, 84, 80],
];
const TABLES: readonly Colour[] = [
  [150, 105, 70],
  [70, 60, 58],
  [205, 205, 210],
  [110, 130, 120],
];
const MIXES: readonly Colour[] = [
  [232, 219, 190],
  [205, 184, 146],
  [176, 150, 118],
  [222, 205, 168],
];
const BANDS: readonly Colour[] = [
  [176, 34, 52],
  [38, 84, 170],
  [40, 132, 72],
  [222, 150, 24],
  [120, 50, 140],
];

/** A jar as it was drawn: what is in the picture, and where its marks truly are. */
export interface DrawnJar {
  readonly pixels: Pixels;
  readonly marks: Marks;
  /** The surface against the band. */
  readonly height: number;
  readonly leanDeg: number;
}

/**
 * A picture of a jar at a known rise: it leans, stands off the middle, is lit from one side, is full of bubbles, its surface
 * is a dome or a hollow, and the camera is noisy.
 */
export function someJarPicture(seed: number, width = 180, height = 240): DrawnJar {
  const chance = chanceFrom(seed);
  const pick = <T>(of: readonly T[]): T => of[Math.floor(chance.even() * of.length)]!;
  const between = (low: number, high: number) => low + chance.even() * (high - low);
  const [wall, table, mix, band] = [pick(WALLS), pick(TABLES), pick(MIXES), pick(BANDS)];
  const leanDeg = between(-7, 7);
  const lean = (leanDeg * Math.PI) / 180;
  const rise = between(1.15, 3);
  const half = between(0.19, 0.28) * width;
  const foot: Point = { x: width * (0.5 + between(-0.03, 0.03)), y: height * between(0.84, 0.9) };
  const bandUp = (height * between(0.55, 0.68)) / Math.max(rise, 1.7);
  const surfaceUp = bandUp * rise;
  const rimUp = Math.min(height * 0.8, surfaceUp + height * between(0.06, 0.2));
  const bandThick = height * between(0.012, 0.022);
  const dome = height * between(-0.012, 0.02);
  const tint = between(0.86, 0.97);
  const light = { across: between(-0.35, 0.35), down: between(-0.2, 0.2) };
  const noise = between(2, 8);
  const bubbles = Array.from({ length: Math.round(between(60, 160)) }, () => ({
    u: between(-half, half),
    v: between(0, surfaceUp),
    r: between(0.6, 3.4) * (width / 180),
    dark: between(-46, 18),
  }));
  // Drawn from a table, whose length no side of a picture shares: to draw each anew takes longer than all the rest.
  const grain = Float64Array.from({ length: 10_007 }, () => noise * chance.normal());
  const up = { x: Math.sin(lean), y: -Math.cos(lean) };
  const data = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++) {
    // Those of this row: most are far from it.
    const near = bubbles.filter(({ u, v, r }) => Math.abs(foot.y + v * up.y + u * up.x - y) < r);
    for (let x = 0; x < width; x++) {
      const [dx, dy] = [x - foot.x, y - foot.y];
      const v = dx * up.x + dy * up.y;
      const u = dx * -up.y + dy * up.x;
      let colour: readonly number[] = y > foot.y + height * 0.035 ? table : wall;
      const inJar = Math.abs(u) <= half && v >= -height * 0.025 && v <= rimUp;
      if (inJar) {
        const edge = Math.abs(u) > 0.93 * half ? 0.82 : 1;
        colour = wall.map((one) => one * tint * edge);
        const top = surfaceUp + dome * (1 - (u / half) ** 2);
        if (v >= 0 && v <= top) {
          colour = mix.map((one) => one * edge);
          for (const { u: bu, v: bv, r, dark } of near)
            if (Math.hypot(u - bu, v - bv) < r) colour = mix.map((one) => one * edge + dark);
        }
        if (Math.abs(v - bandUp) <= bandThick / 2)
          colour = band.map((one) => one * (0.9 + 0.1 * edge));
      } else if (Math.abs(v - bandUp) <= bandThick / 2 && Math.abs(u) <= half + 2) colour = band;
      const lit = 1 + light.across * (x / width - 0.5) + light.down * (y / height - 0.5);
      const i = 4 * (y * width + x);
      colour.forEach((one, c) => (data[i + c] = one * lit + grain[(i + c) % grain.length]!));
      data[i + 3] = 255;
    }
  }
  const at = (along: number): Point => ({ x: foot.x + along * up.x, y: foot.y + along * up.y });
  // What an eye takes for the surface is the middle of its dome.
  const marks = { foot: at(0), band: at(bandUp), surface: at(surfaceUp + (2 / 3) * dome) };
  return {
    pixels: { width, height, data },
    marks,
    height: (surfaceUp + (2 / 3) * dome) / bandUp,
    leanDeg,
  };
}
