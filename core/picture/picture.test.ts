import { chanceFrom } from '../measure/chance';
import { middle } from '../measure';
import { proposeMarks, riseFromMarks } from '.';
import { someJarPicture } from './someJarPicture.testing';
import { stretchesOf } from './stretches';

const PICTURES = 80;
const jars = Array.from({ length: PICTURES }, (_, seed) => someJarPicture(seed + 1));
const proposals = jars.map(({ pixels }) => proposeMarks(pixels));
/** How far a height is off, against the rise that it tells of. */
const off = (height: number, truth: number) => Math.abs(height - truth) / (truth - 1);

describe('a rise read off a picture', () => {
  it('by somebody’s marks is right within 3 % of the rise, and knows how far it may be off', () => {
    const chance = chanceFrom(7);
    const heights = jars.map(({ marks, pixels }) => {
      // A thumb on a telephone: a two hundredth of the picture off, each way.
      const px = pixels.height / 400;
      const shaken = ({ x, y }: { readonly x: number; readonly y: number }) => ({
        x: x + px * chance.normal(),
        y: y + px * chance.normal(),
      });
      const { foot, band, surface } = marks;
      return riseFromMarks(
        { foot: shaken(foot), band: shaken(band), surface: shaken(surface) },
        px,
      )!;
    });
    expect(middle(heights.map(({ height }, i) => off(height, jars[i]!.height)))).toBeLessThan(0.03);
    const inside = heights.filter(
      ({ height, error }, i) => Math.abs(height - jars[i]!.height) < 2 * error,
    );
    expect(inside.length / PICTURES).toBeGreaterThan(0.88);
  });

  it('by the proposal is right within 8 % of the rise, for half of the pictures, and seldom far off', () => {
    const offs = jars.map(({ height }, i) => {
      const proposal = proposals[i];
      const read = proposal && riseFromMarks(proposal.marks, 1);
      return read ? off(read.height, height) : 1;
    });
    expect(middle(offs)).toBeLessThan(0.08);
    expect(offs.filter((one) => one > 0.3).length / PICTURES).toBeLessThan(0.2);
  });

  it('sees how far the jar leans', () => {
    const leans = jars.map(({ leanDeg }, i) => Math.abs((proposals[i]?.leanDeg ?? 90) - leanDeg));
    expect(middle(leans)).toBeLessThan(2);
  });

  it('does not change with the size of the picture, nor when the jar leans', () => {
    const marks = { foot: { x: 50, y: 200 }, band: { x: 50, y: 140 }, surface: { x: 50, y: 80 } };
    expect(riseFromMarks(marks, 1)!.height).toBeCloseTo(2);
    const leaning = {
      foot: { x: 50, y: 200 },
      band: { x: 80, y: 140 },
      surface: { x: 110, y: 80 },
    };
    expect(riseFromMarks(leaning, 1)!.height).toBeCloseTo(2);
    const large = Object.fromEntries(
      Object.entries(marks).map(([of, { x, y }]) => [of, { x: 7 * x, y: 7 * y }]),
    ) as unknown as typeof marks;
    expect(riseFromMarks(large, 7)).toEqual(riseFromMarks(marks, 1));
  });

  it('is none where the marks cannot be those of a jar', () => {
    const at = (y: number) => ({ x: 50, y });
    expect(riseFromMarks({ foot: at(80), band: at(140), surface: at(200) }, 1)).toBeNull();
    expect(riseFromMarks({ foot: at(200), band: at(200), surface: at(80) }, 1)).toBeNull();
    expect(riseFromMarks({ foot: at(200), band: at(195), surface: at(10) }, 1)).toBeNull();
  });

  it('is not proposed where there is no band', () => {
    const grey = { width: 60, height: 80, data: new Uint8ClampedArray(4 * 60 * 80).fill(120) };
    expect(proposeMarks(grey)).toBeNull();
    expect(proposeMarks({ width: 1, height: 1, data: new Uint8ClampedArray(4) })).toBeNull();
  });
});

describe('stretches of one kind', () => {
  it('end where what they are made of changes, and nowhere in noise', () => {
    const chance = chanceFrom(3);
    const row = (value: number) => [
      value + 0.02 * chance.normal(),
      -value + 0.02 * chance.normal(),
    ];
    const rows = [
      ...Array.from({ length: 30 }, () => row(0)),
      ...Array.from({ length: 40 }, () => row(1)),
      ...Array.from({ length: 20 }, () => row(0.5)),
    ];
    expect(stretchesOf(rows)).toEqual([30, 70]);
    expect(stretchesOf(Array.from({ length: 80 }, () => row(1)))).toEqual([]);
  });
});
