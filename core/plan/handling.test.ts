import { HOUR } from '../measure';
import { handling } from './handling';
import { type Step } from './problem';
import { NOW, problemWith } from './someKitchen.testing';
import { feed, take, walk } from './someSteps.testing';

// A Tuesday, six in the evening; hands are there from half past six to half past ten.
const problem = problemWith();
const handled = (steps: readonly Step[], place = 'fridge') => handling(problem, place, steps);

describe('a jar that is fed out of the cold', () => {
  it('is taken out an hour before', () => {
    expect(handled([feed(14)])[0]!.outAt).toBe(NOW + 13 * HOUR);
    expect(handled([feed(14)], 'larder')[0]!.outAt).toBe(NOW + 13 * HOUR);
  });

  it('is not, where nobody is there to do it, or the hour is past', () => {
    expect(handled([feed(13)])[0]).not.toHaveProperty('outAt');
    expect(handled([feed(13.5)])[0]!.outAt).toBe(NOW + 12.5 * HOUR);
    expect(handled([feed(0.5)])[0]).not.toHaveProperty('outAt');
    expect(handled([feed(1)])[0]!.outAt).toBe(NOW);
  });

  it('is not, where it stands in the room anyway', () => {
    expect(handled([feed(14)], 'counter')[0]).toEqual(feed(14));
    expect(handled([feed(14)], 'warm')[0]).not.toHaveProperty('outAt');
    expect(handled([feed(14), feed(20)])[1]).not.toHaveProperty('outAt');
    expect(handled([walk(2, 'counter'), feed(14)])[1]).not.toHaveProperty('outAt');
  });

  it('is, where a walk or a feed before put it there', () => {
    expect(handled([walk(2, 'fridge'), feed(14)], 'counter')[1]).toHaveProperty('outAt');
    expect(handled([feed(2, { place: 'fridge' }), feed(14)], 'counter')[1]).toHaveProperty('outAt');
  });

  it('stays there until its bake has taken what it waits for', () => {
    expect(handled([take(13.5), feed(14)])[1]).not.toHaveProperty('outAt');
    expect(handled([take(13), feed(14)])[1]).toHaveProperty('outAt');
    expect(handled([take(12), feed(14)])[1]).toHaveProperty('outAt');
  });

  it('gets water that makes up for a keep that weighs something', () => {
    const heavy = feed(14, { keepG: 60, flourG: 60, waterG: 60 });
    const [{ waterCelsius }] = handled([heavy]) as [Step];
    // In the morning the room has 22 °C and the keep 6: a third of the mix, so much colder as a third of it is warmer.
    expect(waterCelsius).toBeGreaterThan(28);
    expect(waterCelsius).toBeLessThan(36);
    expect(Number.isInteger(waterCelsius)).toBe(true);
    expect(handled([heavy], 'larder')[0]!.waterCelsius).toBeLessThan(waterCelsius! - 3);
  });

  it('gets water as it comes where nobody would tell the difference', () => {
    expect(handled([feed(14, { keepG: 2, flourG: 40, waterG: 40 })])[0]).not.toHaveProperty(
      'waterCelsius',
    );
    const full = feed(14, { keepG: 800, flourG: 50, waterG: 30 });
    expect(handled([full])[0]).not.toHaveProperty('waterCelsius');
    const room = feed(14, { keepG: 60, flourG: 60, waterG: 60 });
    expect(handled([room], 'counter')[0]).not.toHaveProperty('waterCelsius');
  });

  it('gets no warm water where it goes back into the cold', () => {
    const heavy = feed(14, { keepG: 60, flourG: 60, waterG: 60 });
    expect(handled([heavy, walk(15.5, 'fridge')])[0]).not.toHaveProperty('waterCelsius');
    expect(handled([heavy, walk(18, 'fridge')])[0]).toHaveProperty('waterCelsius');
    expect(handled([{ ...heavy, place: 'fridge' }])[0]).not.toHaveProperty('waterCelsius');
  });
});

describe('a walk', () => {
  it('within three hours of a feed is told with it', () => {
    const then = { at: NOW + 17 * HOUR, place: 'fridge' };
    expect(handled([feed(14), walk(17, 'fridge')], 'counter')[0]!.then).toEqual(then);
    expect(handled([feed(14), walk(17.5, 'fridge')], 'counter')[0]).not.toHaveProperty('then');
    expect(handled([feed(14), take(15)], 'counter')[0]).not.toHaveProperty('then');
  });

  it('and a take need nothing but hands', () => {
    const steps = [walk(2, 'warm'), take(3)];
    expect(handled(steps)).toEqual(steps);
  });
});
