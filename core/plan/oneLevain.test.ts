import { HOUR } from '../measure';
import { servedBy, takenApart, withOneLevain } from './oneLevain';
import { makePlans } from './makePlans';
import { type PlannedJar, type Problem, type Wanted } from './problem';
import { NOW, bakeIn, jarFed, problemWith } from './someKitchen.testing';
import { build, take, walk } from './someSteps.testing';

const wanted = (id: string, from: number, until: number, over: Partial<Wanted> = {}): Wanted =>
  bakeIn(from, { id, levainG: 100, until: NOW + until * HOUR, ...over });
const hours = (at: number) => (at - NOW) / HOUR;

describe('bakes of one levain', () => {
  const grouped = (
    bakes: readonly Wanted[],
    over: Partial<Problem> = {},
    jar: PlannedJar = jarFed(10, 'counter'),
  ) =>
    withOneLevain(
      problemWith({ hands: [{ from: NOW, until: NOW + 99 * HOUR }], ...over }),
      jar,
      bakes,
    );
  const told = (bakes: readonly Wanted[]) =>
    bakes.map((bake) =>
      servedBy(bake)
        .map(({ id }) => id)
        .join(' and '),
    );

  it('are those that another levain would come too late for', () => {
    expect(told(grouped([wanted('a', 40, 42), wanted('b', 40, 42)]))).toEqual(['a and b']);
    expect(told(grouped([wanted('a', 40, 42), wanted('b', 44, 46)]))).toEqual(['a and b']);
    expect(told(grouped([wanted('a', 40, 42), wanted('b', 44.5, 46.5)]))).toEqual(['a', 'b']);
    expect(told(grouped([wanted('a', 40, 47), wanted('b', 41, 42)]))).toEqual(['a', 'b']);
    expect(told(grouped([wanted('a', 40, 42), wanted('b', 42, 43), wanted('c', 44, 46)]))).toEqual([
      'a and b and c',
    ]);
    expect(told(grouped([wanted('a', 20, 22), wanted('b', 40, 42), wanted('c', 41, 43)]))).toEqual([
      'a',
      'b and c',
    ]);
    expect(told(grouped([]))).toEqual([]);
  });

  it('are alike in their hydration, and have hands in their windows', () => {
    const stiff = wanted('b', 40, 42, { hydration: 0.6 });
    expect(told(grouped([wanted('a', 40, 42), stiff]))).toEqual(['a', 'b']);
    expect(told(grouped([wanted('a', 40, 42, { hydration: 0.6 }), stiff]))).toEqual(['a and b']);
    // What the jar has anyway need not be said.
    expect(told(grouped([wanted('a', 40, 42), wanted('b', 40, 42, { hydration: 1 })]))).toEqual([
      'a and b',
    ]);
    const near = [wanted('a', 40, 41), wanted('b', 43, 44)];
    expect(told(grouped(near, { hands: [{ from: NOW, until: NOW + 42 * HOUR }] }))).toEqual([
      'a',
      'b',
    ]);
  });

  it('are one to be ripe from the first window to the end of the last, with all they take', () => {
    const [one] = grouped([
      wanted('a', 40, 44, { levainG: 120 }),
      wanted('b', 41, 42, { levainG: 80 }),
      wanted('c', 42, 43, { levainG: 30 }),
    ]);
    expect(one).toMatchObject({ id: 'a', levainG: 230, from: NOW + 40 * HOUR });
    expect(hours(one!.until)).toBe(44);
  });

  it('take their own of it, each in its window', () => {
    const bakes = grouped([
      wanted('loaves', 25, 27, { levainG: 90 }),
      wanted('tins', 26, 28, { levainG: 60 }),
    ]);
    const problem = problemWith({ hands: [{ from: NOW, until: NOW + 99 * HOUR }] });
    const apart = takenApart(problem, bakes, [
      build(13),
      walk(25.5),
      take(26),
      walk(26, 'counter'),
    ]);
    expect(
      apart.map(({ at, latest, kind, wanted: by, takeG }) => [
        kind,
        hours(at),
        hours(latest),
        by,
        takeG,
      ]),
    ).toEqual([
      ['build', 13, 13, 'loaves', undefined],
      ['take', 25, 27, 'loaves', 90],
      ['move', 25.5, 25.5, undefined, undefined],
      ['take', 26, 28, 'tins', 60],
      ['move', 26, 26, undefined, undefined],
    ]);
    expect(takenApart(problem, [wanted('loaves', 25, 27)], [take(26)])).toEqual([take(26)]);
  });

  it('are had together, where one after the other they never were', () => {
    const near = [bakeIn(40, { levainG: 120 }), bakeIn(41, { id: 'tins', levainG: 120 })];
    const { plans, impossible } = makePlans(problemWith({ wanted: near }));
    expect(impossible).toEqual([]);
    expect(plans[0]!.wanted.map(({ id }) => id)).toEqual(['loaves', 'tins']);
    for (const { chance } of plans[0]!.wanted) expect(chance).toBeGreaterThan(0.5);
  });

  it('are had by twos where three are too much', () => {
    const three = ['loaves', 'tins', 'rolls'].map((id) => bakeIn(40, { id, levainG: 150 }));
    const { plans, impossible } = makePlans(problemWith({ wanted: three }));
    expect(plans[0]!.wanted.map(({ id }) => id)).toEqual(['loaves', 'tins']);
    expect(impossible.map(({ wanted: id, because }) => [id, because])).toEqual([
      ['rolls', 'jarTooSmall'],
    ]);
  });

  it('are had as far as the jar holds them, and it is told of the others', () => {
    const much = [bakeIn(40, { levainG: 280 }), bakeIn(41, { id: 'tins', levainG: 280 })];
    const { plans, impossible } = makePlans(problemWith({ wanted: much }));
    expect(plans[0]!.wanted.map(({ id }) => id)).toEqual(['loaves']);
    expect(impossible.map(({ wanted: id }) => id)).toEqual(['tins']);
  });
});
