import { starterIn } from '../ferment';
import { HOUR } from '../measure';
import { type Label, frontier, likeness, withStand } from './label';
import { NOW, WHITE, bakeIn, jarFed } from './someKitchen.testing';
import { stepsOf } from './stepsOf';

const MIX = starterIn('hungry', WHITE, 100, 20);
const label = (over: Partial<Label> & { readonly yeast?: number } = {}): Label => ({
  at: NOW + HOUR,
  mix: { ...MIX, yeast: over.yeast ?? 0.2 },
  massG: 180,
  place: 'counter',
  done: 0,
  strong: 1,
  cost: 2,
  before: null,
  touch: null,
  ...over,
});
const costs = (labels: readonly Label[]) => labels.map(({ cost }) => cost).sort();

describe('ways that wait at a slot', () => {
  const ALIKE = likeness(0, 'feed', 4, 1);
  const offered = (...labels: readonly Label[]) => {
    const ways = frontier();
    for (const one of labels) ways.offer(one, ALIKE);
    return ways;
  };

  it('are taken once, and each at its own', () => {
    const ways = offered(label(), label({ at: NOW + 2 * HOUR, cost: 5 }));
    expect(costs(ways.takeAt(NOW + HOUR))).toEqual([2]);
    expect(ways.takeAt(NOW + HOUR)).toEqual([]);
    expect(costs(ways.takeAt(NOW + 2 * HOUR))).toEqual([5]);
    expect(ways.takeAt(NOW + 3 * HOUR)).toEqual([]);
  });

  it('are not joined by one that is dearer and no stronger', () => {
    expect(costs(offered(label(), label({ cost: 3 })).takeAt(NOW + HOUR))).toEqual([2]);
    expect(costs(offered(label(), label({ cost: 2 })).takeAt(NOW + HOUR))).toEqual([2]);
  });

  it('give way to one that is cheaper and no weaker', () => {
    expect(costs(offered(label({ cost: 3 }), label()).takeAt(NOW + HOUR))).toEqual([2]);
    const weaker = label({ cost: 1, yeast: 0.18 });
    expect(costs(offered(label(), weaker).takeAt(NOW + HOUR))).toEqual([1]);
  });

  it('are both kept where the dearer one is much the stronger', () => {
    const strong = label({ cost: 3, yeast: 0.3 });
    expect(costs(offered(label(), strong).takeAt(NOW + HOUR))).toEqual([2, 3]);
    expect(costs(offered(strong, label()).takeAt(NOW + HOUR))).toEqual([2, 3]);
  });

  it('are told apart by what they are like: fed or taken from, how, and how strong', () => {
    const ways = frontier();
    const kinds = [
      likeness(0, 'feed', 4, 1),
      likeness(1, 'feed', 4, 1),
      likeness(0, 'take', 4, 1),
      likeness(0, 'feed', 10, 1),
      likeness(0, 'feed', 4, 2),
      likeness(0, 'feed', 1.5, 1),
      likeness(0, 'feed', 1, 1),
    ];
    expect(new Set(kinds).size).toBe(kinds.length);
    kinds.forEach((alike, i) => ways.offer(label({ cost: i + 1 }), alike));
    expect(ways.takeAt(NOW + HOUR)).toHaveLength(kinds.length);
  });

  it('say beforehand whether one more would be taken in', () => {
    const ways = offered(label());
    expect(ways.wants(NOW + HOUR, 3, 0.2, ALIKE)).toBe(false);
    expect(ways.wants(NOW + HOUR, 1, 0.2, ALIKE)).toBe(true);
    expect(ways.wants(NOW + HOUR, 3, 0.3, ALIKE)).toBe(true);
    expect(ways.wants(NOW + HOUR, 3, 0.2, ALIKE + 1)).toBe(true);
    expect(ways.wants(NOW + 2 * HOUR, 3, 0.2, ALIKE)).toBe(true);
  });
});

describe('a touch with where the jar is left', () => {
  const feed = {
    kind: 'feed',
    amounts: { keepG: 10, flourG: 40, waterG: 40, discardG: 0 },
  } as const;
  const fridge = { place: 'fridge' };

  it('is the touch, whether the jar moves or not', () => {
    expect(withStand(feed, fridge, true)).toEqual({ ...feed, stand: fridge });
    expect(withStand(feed, fridge, false)).toEqual({ ...feed, stand: fridge });
  });

  it('is a walk where nothing else was done, or nothing where it stays', () => {
    expect(withStand(null, fridge, true)).toEqual({ kind: 'move', stand: fridge });
    expect(withStand(null, fridge, false)).toBeNull();
    const walked = { kind: 'move', stand: { place: 'warm' } } as const;
    expect(withStand(walked, fridge, true)).toEqual({ kind: 'move', stand: fridge });
    expect(withStand(walked, fridge, false)).toBe(walked);
  });
});

describe('a way, told as steps', () => {
  const amounts = { keepG: 20, flourG: 80, waterG: 80, discardG: 160 };
  const bake = bakeIn(20);
  const told = (...touches: readonly [number, Label['touch']][]) =>
    stepsOf(
      touches.reduce<Label>(
        (before, [hours, touch]) => label({ at: NOW + hours * HOUR, before, touch }),
        label({ at: NOW }),
      ),
      jarFed(10, 'counter'),
      'counter',
    );
  const common = (hours: number, slackH = 0) => ({
    at: NOW + hours * HOUR,
    earliest: NOW + (hours - slackH) * HOUR,
    latest: NOW + (hours + slackH) * HOUR,
    jar: 'tern',
  });

  it('has a feed with its grams and place, and the walk that follows it', () => {
    expect(
      told([
        2,
        { kind: 'feed', amounts, stand: { place: 'counter', thenAfterH: 1.5, then: 'fridge' } },
      ]),
    ).toEqual([
      { ...common(2), kind: 'feed', ...amounts, place: 'counter' },
      { ...common(3.5, 0.5), kind: 'move', place: 'fridge' },
    ]);
  });

  it('has a levain with its bake, and its take with what is taken, until the window ends', () => {
    const steps = told(
      [9, { kind: 'build', bake, amounts, stand: { place: 'warm' } }],
      [20, { kind: 'take', bake }],
    );
    expect(steps).toEqual([
      { ...common(9), kind: 'build', wanted: 'loaves', ...amounts, place: 'warm' },
      { ...common(20), latest: bake.until, kind: 'take', wanted: 'loaves', takeG: 180 },
    ]);
  });

  it('has a walk only where the jar stands elsewhere', () => {
    expect(told([2, { kind: 'move', stand: { place: 'counter' } }])).toEqual([]);
    expect(told([2, { kind: 'move', stand: { place: 'fridge' } }])).toEqual([
      { ...common(2), kind: 'move', place: 'fridge' },
    ]);
    const afterTake = told([20, { kind: 'take', bake, stand: { place: 'fridge' } }]);
    expect(afterTake.map(({ kind, place }) => [kind, place])).toEqual([
      ['take', undefined],
      ['move', 'fridge'],
    ]);
    const there = told(
      [2, { kind: 'feed', amounts, stand: { place: 'fridge' } }],
      [4, { kind: 'move', stand: { place: 'fridge' } }],
      [6, { kind: 'move', stand: { place: 'counter' } }],
    );
    expect(there.map(({ kind, place }) => [kind, place])).toEqual([
      ['feed', 'fridge'],
      ['move', 'counter'],
    ]);
  });

  it('comes in order of time, what is taken before what is done to the rest', () => {
    const steps = told(
      [
        18,
        {
          kind: 'build',
          bake,
          amounts,
          stand: { place: 'counter', thenAfterH: 4, then: 'fridge' },
        },
      ],
      [20, { kind: 'take', bake }],
      [20, { kind: 'feed', amounts, stand: { place: 'counter' } }],
    );
    expect(steps.map(({ kind, at }) => [kind, (at - NOW) / HOUR])).toEqual([
      ['build', 18],
      ['take', 20],
      ['feed', 20],
      ['move', 22],
    ]);
  });
});
