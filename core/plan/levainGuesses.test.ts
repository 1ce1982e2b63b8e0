import { starterIn } from '../ferment';
import { HOUR } from '../measure';
import { type LevainGuess, levainGuesses } from './levainGuesses';
import { NOW, WHITE } from './someKitchen.testing';

const mix = starterIn('hungry', WHITE, 100, 20);
const guess = (total: number, over: Partial<LevainGuess> = {}): LevainGuess => ({
  kind: 'build',
  at: NOW,
  parts: 4,
  amounts: { keepG: 20, flourG: 80, waterG: 80, discardG: 0 },
  place: 'counter',
  hold: undefined,
  way: {
    at: NOW,
    mix,
    massG: 100,
    place: 'counter',
    done: 0,
    strong: 0,
    cost: 0,
    before: null,
    touch: null,
  },
  course: {} as LevainGuess['course'],
  strong: 0,
  cost: 1,
  guess: total,
  ...over,
});
const held = { afterH: 5, place: 'fridge' };
const inOrder = (guesses: readonly LevainGuess[], ofEach = 99) => {
  const all = levainGuesses();
  for (const one of guesses) all.add(one);
  return all.inOrder(ofEach).map((one) => one.guess);
};

describe('levains that are guessed at', () => {
  it('come the cheapest first', () => {
    expect(inOrder([guess(3), guess(1, { parts: 2 }), guess(2, { place: 'warm' })])).toEqual([
      1, 2, 3,
    ]);
  });

  it('that are alike are kept six times, the cheapest', () => {
    const costs = [5, 9, 1, 8, 2, 7, 3, 4, 6];
    expect(inOrder(costs.map((cost) => guess(cost)))).toEqual([1, 2, 3, 4, 5, 6]);
  });

  it.each<[string, Partial<LevainGuess>]>([
    ['an hour later', { at: NOW + HOUR }],
    ['of another ratio', { parts: 4.5 }],
    ['elsewhere', { place: 'warm' }],
    ['topped up', { kind: 'topUp', parts: 0 }],
    ['held in the cold', { hold: held }],
    ['of a stronger starter', { strong: 1 }],
  ])('are not alike: one %s', (_, over) => {
    const seven = Array.from({ length: 7 }, (_unused, i) => guess(10 + i));
    expect(inOrder([...seven, guess(99, over)])).toContain(99);
  });

  it('that are held are told apart by where and from when', () => {
    const here = Array.from({ length: 6 }, (_, i) => guess(i, { hold: held }));
    expect(inOrder([...here, guess(20, { hold: { ...held, place: 'larder' } })])).toContain(20);
    expect(inOrder([...here, guess(20, { hold: { ...held, afterH: 5.5 } })])).toContain(20);
    expect(inOrder([...here, guess(20, { hold: held })])).not.toContain(20);
  });

  it('of each sort come so many, all by their cost', () => {
    const builds = [1, 2, 3].map((cost) => guess(cost, { parts: cost }));
    const tops = [4, 5, 6].map((cost) =>
      guess(cost, { kind: 'topUp', parts: 0, at: NOW + cost * HOUR }),
    );
    const holds = [0.5, 5.5, 7].map((cost) => guess(cost, { hold: held, parts: cost }));
    expect(inOrder([...builds, ...tops, ...holds], 2)).toEqual([0.5, 1, 2, 4, 5, 5.5]);
  });

  it('say the best of those that are plainly built, which is seldom too hopeful', () => {
    const all = levainGuesses();
    expect(all.best).toBe(Infinity);
    all.add(guess(1, { hold: held }));
    all.add(guess(1, { kind: 'topUp', parts: 0 }));
    expect(all.best).toBe(Infinity);
    all.add(guess(4));
    all.add(guess(6));
    expect(all.best).toBe(4);
  });
});
