import { HOUR } from '../measure';
import { besideTheMother } from './beside';
import { kitchenOf } from './kitchen';
import { type PlannedJar, type Problem, type Step, USUAL_LIMITS, type Wanted } from './problem';
import { slotsFor } from './slots';
import { NOW, TIME, bakeIn, jarFed } from './someKitchen.testing';
import { at, build, feed, loaves, take, taskOf, walk } from './someSteps.testing';

/** Each with an hour of slack either way, and a bake that waits for two hours. */
const slack = (step: Step): Step => ({ ...step, ...at((step.at - NOW) / HOUR, 1) });
const built = (hours: number, over: Partial<Step> = {}) => slack(build(hours, over));
const fed = (hours: number) => slack(feed(hours, { flourG: 50, waterG: 50 }));
const bake = { ...loaves, until: NOW + 28 * HOUR };

function beside(
  baked: readonly Step[],
  jar: PlannedJar = jarFed(10, 'counter'),
  over: Partial<Problem> = {},
  bakes: readonly Wanted[] = [bake],
) {
  const task = taskOf({ until: NOW + 60 * HOUR, ...over }, jar, bakes);
  const { problem } = task;
  const home = kitchenOf(problem).byId.get(jar.home ?? task.start.place)!;
  const { all } = slotsFor(NOW, problem.until, problem.hands, bakes, TIME);
  return besideTheMother(task, baked, home, all);
}
const said = (steps: readonly Step[]) =>
  steps.map(({ kind, at: when, place = '', keepG, flourG, waterG }) =>
    [kind, (when - NOW) / HOUR, place, ...(keepG === undefined ? [] : [keepG, flourG, waterG])]
      .join(' ')
      .replace(/ +/g, ' ')
      .trim(),
  );

describe('a levain that is built beside its mother', () => {
  it('is mixed in a bowl at its hour and ratio, only for its bake, and taken from there', () => {
    const { bowls } = beside([built(15), walk(20, 'warm'), take(26)]);
    // 150 and what sticks: one part in nine is seed.
    expect(said(bowls)).toEqual(['build 15 counter 17 70 70', 'move 20 warm', 'take 26']);
    expect(bowls.every(({ bowl, wanted }) => bowl && wanted === 'loaves')).toBe(true);
    expect(bowls[0]).toMatchObject({
      discardG: 0,
      earliest: NOW + 14 * HOUR,
      latest: NOW + 16 * HOUR,
    });
  });

  it('is as stiff as its bake wants it, of seed as it is', () => {
    const stiff = { ...bake, hydration: 0.5 };
    const [bowl] = beside([built(15), take(26)], jarFed(10, 'counter'), {}, [stiff]).bowls;
    const { keepG, flourG, waterG } = bowl!;
    expect((waterG! + keepG! / 2) / (flourG! + keepG! / 2)).toBeCloseTo(0.5, 1);
    expect(keepG! + flourG! + waterG!).toBe(160);
  });

  it('is a build, where the jar would have been topped up', () => {
    const top = built(22, { kind: 'topUp', keepG: 150, flourG: 14, waterG: 13 });
    const [bowl] = beside([top, take(26)]).bowls;
    expect(bowl).toMatchObject({ kind: 'build', bowl: true });
    // As thick as half as much flour as seed.
    expect(bowl!.flourG! / bowl!.keepG!).toBeCloseTo(0.5, 1);
  });

  it('takes nothing of the mother but its seed: she is fed then, for she is hungry and at hand', () => {
    const { mother } = beside([built(15), take(26)]);
    expect(said(mother.slice(0, 1))).toEqual(['feed 15 counter 10 40 40']);
    expect(mother[0]).toMatchObject({
      // 180 g less the seed and the keep.
      discardG: 153,
      earliest: NOW + 14 * HOUR,
      latest: NOW + 16 * HOUR,
    });
    expect(mother.some(({ kind, bowl }) => kind === 'take' || bowl)).toBe(false);
  });

  it('leaves her in peace while she has food', () => {
    const { mother } = beside([built(1), take(12)], jarFed(2, 'counter'));
    expect(mother.some(({ at: when }) => when <= NOW + 2 * HOUR)).toBe(false);
  });

  it('feeds her within the ratios that are allowed', () => {
    const thin = beside([built(15), take(26)], jarFed(10, 'counter'), {
      limits: { ...USUAL_LIMITS, partsMin: 6 },
    });
    expect(thin.mother[0]).toMatchObject({ keepG: 10, flourG: 60 });
    const thick = beside([built(15), take(26)], jarFed(10, 'counter'), {
      limits: { ...USUAL_LIMITS, partsMax: 2 },
    });
    expect(thick.mother[0]).toMatchObject({ keepG: 10, flourG: 20 });
  });

  it('puts her back where she lives, an hour and a half later where somebody is there', () => {
    const cold = jarFed(200, 'fridge', { home: 'fridge' });
    const { mother } = beside([built(15), take(26)], cold);
    expect(said(mother.slice(0, 2))).toEqual(['feed 15 counter 10 40 40', 'move 16.5 fridge']);
    expect(mother[1]).toMatchObject({ earliest: NOW + 16 * HOUR, latest: NOW + 17 * HOUR });
    const hands = [{ from: NOW + 15 * HOUR, until: NOW + 16 * HOUR }];
    const { mother: alone } = beside([built(15), take(26)], cold, { hands });
    expect(said(alone.slice(0, 1))).toEqual(['feed 15 fridge 10 40 40']);
    expect(alone.some(({ kind }) => kind === 'move')).toBe(false);
  });

  it('gives two bakes a bowl each', () => {
    const tins = { ...bakeIn(50, { levainG: 100, until: NOW + 52 * HOUR }), id: 'tins' };
    const { bowls } = beside(
      [built(15), take(26), built(38, { wanted: 'tins' }), take(50, { wanted: 'tins' })],
      jarFed(10, 'counter'),
      {},
      [bake, tins],
    );
    expect(bowls.map(({ kind, wanted }) => `${kind} ${wanted}`)).toEqual([
      'build loaves',
      'take loaves',
      'build tins',
      'take tins',
    ]);
  });

  it('is mixed in a bowl for each of the bakes that it serves, and each is taken at its hour', () => {
    const rolls = { ...bakeIn(27, { levainG: 60, until: NOW + 29 * HOUR }), id: 'rolls' };
    const both = { ...bake, levainG: 210, until: rolls.until, serves: [bake, rolls] };
    const steps = [built(15), walk(20), take(26, { takeG: 210 }), walk(26, 'counter')];
    const { bowls, mother } = beside(steps, jarFed(10, 'counter'), {}, [both]);
    expect(said(bowls)).toEqual([
      'build 15 counter 17 70 70',
      'build 15 counter 7 30 30',
      'move 20 fridge',
      'move 20 fridge',
      'take 26',
      'take 27',
    ]);
    expect(bowls.map(({ wanted }) => wanted)).toEqual([
      'loaves',
      'rolls',
      'loaves',
      'rolls',
      'loaves',
      'rolls',
    ]);
    expect(bowls.slice(4).map(({ takeG }) => takeG)).toEqual([150, 60]);
    expect(mother.some(({ kind }) => kind === 'take')).toBe(false);
  });

  it('refreshes her before it where that was found, as she is by then', () => {
    const { mother, bowls } = beside([fed(1), built(15), take(26)]);
    expect(said(mother.slice(0, 1))).toEqual(['feed 1 counter 10 50 50']);
    expect(mother[0]!.discardG).toBe(170);
    expect(said(bowls)[0]).toBe('build 15 counter 17 70 70');
    // Ten of what the first feed left.
    expect(mother[1]).toMatchObject({ kind: 'feed', discardG: 83 });
  });

  it('carries her only to where she does not stand', () => {
    const { mother } = beside([walk(1, 'counter'), walk(2), built(15), take(26)]);
    expect(said(mother)[0]).toBe('move 2 fridge');
  });

  it('keeps what was found after its take for a jar that had held it', () => {
    const { mother } = beside([built(15), take(26), fed(26), walk(27.5)]);
    const later = mother.filter(({ at: when }) => when > NOW + 16.5 * HOUR);
    expect(said(later)).not.toContain('feed 26 counter 10 50 50');
  });

  it('is as it was where nothing is built, or a levain was left in the jar for a second bake', () => {
    const plain = [fed(3), take(26)];
    expect(beside(plain)).toEqual({ mother: plain, bowls: [] });
    const twice = [built(15), take(26), take(28, { wanted: 'tins' })];
    expect(beside(twice)).toEqual({ mother: twice, bowls: [] });
    const unknown = [built(15, { wanted: 'nothing' }), take(26)];
    expect(beside(unknown)).toEqual({ mother: unknown, bowls: [] });
  });

  it('is not made where there is too little for its seed', () => {
    const crumb = jarFed(10, 'counter', { massG: 5 });
    const steps = [built(15), take(26)];
    expect(beside(steps, crumb)).toEqual({ mother: steps, bowls: [] });
  });
});
