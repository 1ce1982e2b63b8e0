import { chanceFrom } from '../measure/chance';
import { balancedDraws, evenDraws, likelyHours, normalQuantile, tenthAndNineTenths } from './draws';

const DRAWS = balancedDraws();
const sum = (numbers: readonly number[]) => numbers.reduce((all, one) => all + one, 0);

/** Directions in eight unknowns as an hour of a forecast follows them: the pace, the feed and the thermometer most. */
function someDirections(count: number): readonly (readonly number[])[] {
  const chance = chanceFrom(8);
  return Array.from({ length: count }, () => {
    const weights = [0.25, 0.1, 0.1, 0.1, 0.08, 0.1, 0.11, 0.1].map((sd) => sd * chance.normal());
    const length = Math.hypot(...weights);
    return weights.map((weight) => weight / length);
  });
}

/** How far the ends of a range are off along some directions, at the root of their mean square, and to which side. */
function offBy(draws: readonly (readonly number[])[]) {
  const ranges = someDirections(300).map((along) =>
    tenthAndNineTenths(draws.map((draw) => sum(draw.map((normal, i) => normal * along[i]!)))),
  );
  const end = normalQuantile(0.9);
  const off = ranges.flatMap(({ low, high }) => [low + end, high - end]);
  return {
    ends: Math.sqrt(sum(off.map((by) => by * by)) / off.length),
    middle: Math.max(...ranges.map(({ middle }) => Math.abs(middle))),
  };
}

it('quantiles of the normal distribution are those of the tables', () => {
  expect([0.5, 0.975, 0.001].map(normalQuantile)).toEqual(
    [0, 1.959964, -3.090232].map((known) => expect.closeTo(known, 5)),
  );
});

describe('sixteen draws of eight unknowns', () => {
  it('take each unknown through the same even quantiles', () => {
    for (let i = 0; i < 8; i++)
      expect(DRAWS.map((draw) => draw[i]!).sort((a, b) => a - b)).toEqual(
        Array.from({ length: 16 }, (_, n) => expect.closeTo(normalQuantile((n + 0.5) / 16), 8)),
      );
  });

  it('let no unknown go with another', () => {
    for (let i = 0; i < 8; i++)
      for (let j = 0; j < i; j++)
        expect(sum(DRAWS.map((draw) => draw[i]! * draw[j]!))).toBeCloseTo(0, 10);
  });

  it('have the middle of whatever follows them where it belongs, and its ends nearer than as many spread by a rule', () => {
    expect(offBy(DRAWS).middle).toBeLessThan(1e-9);
    expect(offBy(DRAWS).ends).toBeLessThan(0.2);
    expect(offBy(evenDraws(16, 8)).ends).toBeGreaterThan(0.25);
  });

  it('give the tenths of hours exactly, in whatever direction those go by factors', () => {
    for (const along of someDirections(50)) {
      const hours = DRAWS.map((draw) => Math.exp(2 + 0.3 * sum(draw.map((n, i) => n * along[i]!))));
      const { low, high } = likelyHours(hours);
      expect(Math.log(low)).toBeCloseTo(2 - 0.3 * normalQuantile(0.9), 9);
      expect(Math.log(high)).toBeCloseTo(2 + 0.3 * normalQuantile(0.9), 9);
    }
    // A jar that stands at its peak when its band is set.
    expect(likelyHours([0, 0]).high).toBeLessThan(0.02);
  });
});
