import { bestFirst, looksTheSame, worthALook } from './comparePlans';
import { type Plan, type Prospect, type Step, USUAL_WEIGHTS } from './problem';
import { NOW } from './someKitchen.testing';
import { HOUR } from '../measure';

const sure = (chance: number, id = 'loaves'): Prospect => ({
  id,
  chance,
  peakAt: NOW,
  low: NOW,
  high: NOW,
});
const step = (hours: number, over: Partial<Step> = {}): Step => ({
  at: NOW + hours * HOUR,
  earliest: NOW + hours * HOUR,
  latest: NOW + hours * HOUR,
  kind: 'build',
  jar: 'tern',
  wanted: 'loaves',
  keepG: 20,
  flourG: 80,
  waterG: 80,
  place: 'counter',
  ...over,
});
const walk = (hours: number): Step => ({ ...step(hours), kind: 'move', keepG: undefined });
const plan = (over: Partial<Plan> = {}): Plan => ({
  name: 'balanced',
  steps: [step(4)],
  wanted: [sure(0.9)],
  flourG: 100,
  discardG: 0,
  touches: 2,
  curves: [],
  savings: [],
  ...over,
});

describe('two plans', () => {
  it.each<[boolean, string, Partial<Plan>]>([
    [true, 'the same', {}],
    [true, 'a twentieth more flour', { flourG: 105 }],
    [true, 'a twentieth less flour', { flourG: 95 }],
    [false, 'more flour than that', { flourG: 106 }],
    [false, 'less flour than that', { flourG: 94 }],
    [false, 'a touch more', { touches: 3 }],
    [true, 'a levain an hour later', { steps: [step(5)] }],
    [true, 'a levain an hour sooner', { steps: [step(3)] }],
    [false, 'a levain later than that', { steps: [step(5.1)] }],
    [false, 'a levain sooner than that', { steps: [step(2.9)] }],
    [false, 'a levain that stands elsewhere', { steps: [step(4, { place: 'warm' })] }],
    [true, 'a levain topped up at that hour', { steps: [step(4, { kind: 'topUp' })] }],
    [true, 'a feed besides', { steps: [step(1, { kind: 'feed', place: 'fridge' }), step(4)] }],
    [false, 'no levain at all', { steps: [step(4, { kind: 'feed' })] }],
    [false, 'a levain for something else', { steps: [step(4, { wanted: 'tins' })] }],
  ])('look the same: %s, %s', (same, _, over) => {
    expect(looksTheSame(plan(), plan(over))).toBe(same);
  });

  it('are told apart by each of their bakes', () => {
    const two = [sure(0.9), sure(0.9, 'tins')];
    const steps = [step(4), step(30, { wanted: 'tins' })];
    const later = [step(4), step(33, { wanted: 'tins' })];
    expect(looksTheSame(plan({ wanted: two, steps }), plan({ wanted: two, steps }))).toBe(true);
    expect(looksTheSame(plan({ wanted: two, steps }), plan({ wanted: two, steps: later }))).toBe(
      false,
    );
  });
});

describe('what a plan costs a baker', () => {
  /** Which of two comes first, however they are given. */
  const better = (a: Partial<Plan>, b: Partial<Plan>, weights = USUAL_WEIGHTS) => {
    const both = [plan(a), plan(b)];
    const first = bestFirst(both, weights)[0];
    expect(bestFirst(both.toReversed(), weights)[0]).toBe(first);
    return first === both[0] ? 'one' : 'other';
  };

  it('is less with fewer feeds, and a walk is half a feed', () => {
    const twice = { steps: [step(1, { kind: 'feed' }), step(4)] };
    expect(better({}, twice)).toBe('one');
    expect(better({ steps: [walk(1), step(4)] }, twice)).toBe('one');
    expect(better({}, { steps: [walk(1), step(4)] })).toBe('one');
    expect(better({ steps: [walk(1), walk(2), walk(3), step(4)] }, twice)).toBe('other');
  });

  it('counts what is done at one moment as one touch, a walk then as none', () => {
    const together = { steps: [step(4), step(4, { jar: 'grebe', kind: 'feed' })] };
    expect(better(together, { steps: [step(4), step(5, { jar: 'grebe', kind: 'feed' })] })).toBe(
      'one',
    );
    expect(better({ steps: [step(4), walk(4)] }, { steps: [step(4), walk(5)] })).toBe('one');
  });

  it('is a touch for 83 g of flour', () => {
    const leaner = { flourG: 20, steps: [step(1, { kind: 'feed' }), step(4)] };
    expect(better({ flourG: 100 }, leaner)).toBe('one');
    expect(better({ flourG: 110 }, leaner)).toBe('other');
    expect(better({ flourG: 100 }, leaner, { ...USUAL_WEIGHTS, flour: 2 })).toBe('other');
    expect(better({ flourG: 110 }, leaner, { ...USUAL_WEIGHTS, touches: 2 })).toBe('one');
  });

  it('is a touch for four in a hundred of a bake missed', () => {
    const surer = { wanted: [sure(0.95)], steps: [step(1, { kind: 'feed' }), step(4)] };
    expect(better({ wanted: [sure(0.92)] }, surer)).toBe('one');
    expect(better({ wanted: [sure(0.9)] }, surer)).toBe('other');
    expect(better({ wanted: [sure(0.92)] }, surer, { ...USUAL_WEIGHTS, risk: 2 })).toBe('other');
  });

  it('adds up the bakes that may be missed', () => {
    const one = { wanted: [sure(0.9), sure(0.9, 'tins')] };
    const other = { wanted: [sure(0.85), sure(0.99, 'tins')] };
    expect(better(one, other)).toBe('other');
  });
});

describe('of the plans that were found', () => {
  const names = (plans: readonly Plan[]) => worthALook(plans).map(({ name }) => name);

  it('the first is the best, whatever it is called', () => {
    expect(names([plan({ name: 'safest', wanted: [sure(0.3)] })])).toEqual(['balanced']);
    expect(worthALook([])).toEqual([]);
  });

  it('one that is surer is the safest, one with fewer touches or less flour is named for that', () => {
    const safe = plan({ wanted: [sure(0.97)], flourG: 200, touches: 3 });
    const easy = plan({ wanted: [sure(0.8)], touches: 1, flourG: 150 });
    const lean = plan({ wanted: [sure(0.8)], touches: 4, flourG: 50 });
    expect(names([plan(), safe, easy, lean])).toEqual([
      'balanced',
      'safest',
      'fewestTouches',
      'leastFlour',
    ]);
    expect(worthALook([plan(), lean, safe])[1]).toEqual({ ...lean, name: 'leastFlour' });
  });

  it('one that gains in nothing is none', () => {
    expect(names([plan(), plan({ touches: 3 })])).toEqual(['balanced']);
    expect(names([plan(), plan({ flourG: 130 })])).toEqual(['balanced']);
    expect(names([plan(), plan({ wanted: [sure(0.8)] })])).toEqual(['balanced']);
  });

  it('one that another beats is not shown, though it beats the first in something', () => {
    const easy = plan({ wanted: [sure(0.8)], touches: 1 });
    const easier = plan({ wanted: [sure(0.8)], touches: 1, flourG: 60 });
    expect(names([plan({ flourG: 80 }), easy, easier])).toEqual(['balanced', 'fewestTouches']);
    expect(worthALook([plan({ flourG: 80 }), easy, easier])[1]!.flourG).toBe(60);
  });

  it('one that is as likely missed as not is a warning, no choice', () => {
    expect(names([plan(), plan({ wanted: [sure(0.49)], touches: 1 })])).toEqual(['balanced']);
    expect(names([plan(), plan({ wanted: [sure(0.5)], touches: 1 })])).toEqual([
      'balanced',
      'fewestTouches',
    ]);
  });

  it('is as sure as its weakest bake', () => {
    const uneven = plan({ wanted: [sure(0.99), sure(0.4, 'tins')], touches: 1 });
    expect(names([plan(), uneven])).toEqual(['balanced']);
  });

  it('a hundredth surer or a spoon of flour less is no name', () => {
    const hardly = plan({ wanted: [sure(0.905)], flourG: 99, touches: 3 });
    expect(names([plan({ wanted: [sure(0.9)], flourG: 101 }), hardly])).toEqual(['balanced']);
    const tenLess = plan({ flourG: 84, touches: 3 });
    expect(names([plan(), tenLess])).toEqual(['balanced', 'leastFlour']);
  });

  it('two that are alike in what they are best at are both no choice', () => {
    const easy = plan({ wanted: [sure(0.85)], touches: 1, flourG: 180 });
    const leanToo = plan({ wanted: [sure(0.7)], touches: 1, flourG: 170 });
    expect(names([plan(), easy, leanToo])).toEqual(['balanced']);
  });

  it('has no name twice: of two safe ones the surer is the safest, the other best at something else', () => {
    const safer = plan({ wanted: [sure(0.97)], touches: 4, flourG: 150 });
    const safest = plan({ wanted: [sure(0.99)], touches: 5, flourG: 90 });
    expect(names([plan(), safer, safest])).toEqual(['balanced', 'safest']);
  });
});
