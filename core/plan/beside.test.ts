import { STICKS_G } from '../bench';
import { DAY } from '../measure';
import { type Plan, type Step } from './problem';
import { inHands } from './slots';
import { NOW, bakeIn, jarFed, plansOf, problemWith } from './someKitchen.testing';

const CASES = (
  [
    { name: 'one bake tomorrow', hours: [38], home: 'counter' },
    { name: 'one bake in three days', hours: [62], home: 'fridge' },
    { name: 'two bakes a week', hours: [38, 110], home: 'fridge' },
    { name: 'two bakes on one morning', hours: [38, 39], home: 'counter' },
    { name: 'three bakes', hours: [38, 62, 110], home: 'counter' },
  ] as const
).map(({ name, hours, home }) => {
  const wanted = hours.map((at, i) => ({ ...bakeIn(at), id: `bake ${i}` }));
  const jar = jarFed(20, home, { home, beside: true });
  const given = problemWith({ jars: [jar], wanted, until: NOW + 7 * DAY });
  return { name: `${name}, a jar of the ${home}`, given, plans: plansOf(given), wanted };
});

/** Follows the scale through a plan: what is in the jar after each step, and in the bowls. */
function onTheScale({ steps }: Plan, startG: number) {
  let motherG = startG;
  let least = startG;
  const bowls = new Map<string, number>();
  for (const step of steps) {
    const { keepG = 0, flourG = 0, waterG = 0, wanted = '' } = step;
    if (step.bowl && step.kind === 'build') {
      motherG -= keepG;
      bowls.set(wanted, keepG + flourG + waterG);
    } else if (step.bowl && step.kind === 'take') {
      bowls.set(wanted, bowls.get(wanted)! - step.takeG!);
    } else if (step.keepG !== undefined) {
      expect(keepG).toBeLessThanOrEqual(Math.round(motherG));
      motherG = keepG + flourG + waterG;
    }
    least = Math.min(least, motherG);
  }
  return { motherG, least, bowls };
}

const ofJar = ({ bowl, kind }: Step) => !bowl && kind === 'take';

describe('a baker with a second vessel', () => {
  it.each(CASES)(
    '$name: builds every levain in its bowl, and only so much',
    ({ plans, wanted }) => {
      expect(plans.length).toBeGreaterThan(0);
      for (const plan of plans) {
        const built = plan.steps.filter(({ kind, bowl }) => bowl && kind === 'build');
        expect(built.map((step) => step.wanted).sort()).toEqual(wanted.map(({ id }) => id));
        for (const { keepG, flourG, waterG, wanted: id } of built) {
          const { levainG } = wanted.find((bake) => bake.id === id)!;
          const spareG = keepG! + flourG! + waterG! - levainG - STICKS_G;
          expect(spareG).toBeGreaterThanOrEqual(0);
          // No more than to round it up.
          expect(spareG).toBeLessThan(10);
        }
      }
    },
  );

  it.each(CASES)('$name: never takes the mother herself, nor uses her up', ({ given, plans }) => {
    for (const plan of plans) {
      expect(plan.steps.some(ofJar)).toBe(false);
      const { least, bowls } = onTheScale(plan, given.jars[0]!.massG);
      expect(least).toBeGreaterThanOrEqual(1);
      for (const left of bowls.values()) expect(left).toBeLessThan(STICKS_G + 10);
    }
  });

  it.each(CASES)(
    '$name: she is fed where her seed is taken, unless she has food for days',
    ({ plans }) => {
      const { steps } = plans[0]!;
      for (const build of steps.filter(({ kind, bowl }) => bowl && kind === 'build')) {
        const fed = steps.filter(({ kind, bowl }) => !bowl && kind === 'feed');
        expect(fed.some(({ at }) => Math.abs(at - build.at) < 3 * DAY)).toBe(true);
      }
    },
  );

  it.each(CASES)('$name: never carries her to where she stands', ({ given, plans }) => {
    for (const { steps } of plans) {
      let place = given.jars[0]!.stays.at(-1)!.place;
      for (const step of steps) {
        if (step.bowl || step.place === undefined) continue;
        if (step.kind === 'move') expect(step.place).not.toBe(place);
        place = step.place;
      }
    }
  });

  it.each(CASES)('$name: asks for hands only when they are there', ({ given, plans }) => {
    for (const { steps } of plans)
      for (const { at } of steps) expect(inHands(given.hands, at)).toBe(true);
  });

  it('without a bake it is a jar like any other', () => {
    const jar = jarFed(20, 'counter', { home: 'counter' });
    const plain = plansOf(problemWith({ jars: [jar] }))[0]!;
    const beside = plansOf(problemWith({ jars: [{ ...jar, beside: true }] }))[0]!;
    expect(beside.steps).toEqual(plain.steps);
  });
});
