import { HOUR } from '../measure';
import { someStanding, T0 } from '../next/someStanding.testing';
import { doubtOf } from './doubt';

const standing = someStanding(13, 'counter');
const doubt = (height: number, hours = 13) => doubtOf(standing, height, T0 + hours * HOUR);

it('a height near the forecast is taken as it is, quick and slow starters too', () => {
  const expected = standing.moment.height;
  for (const share of [0.8, 1, 1.2]) expect(doubt(1 + (expected - 1) * share)).toBeNull();
});

it('one that no starter would reach, or that is far too low, is doubted, with what was expected', () => {
  const high = doubt(4)!;
  expect(high.high).toBeGreaterThan(standing.moment.height - 0.01);
  expect(high.low).toBeLessThan(high.high);
  expect(doubt(1)).not.toBeNull();
});

it('right after the feed little is expected, and much is doubted', () => {
  expect(doubt(1.02, 0.5)).toBeNull();
  expect(doubt(2, 0.5)).not.toBeNull();
});

it('a jar whose last feed was not seen here is not argued with', () => {
  const guessed = { ...standing, jar: { ...standing.jar, lastFed: null } };
  expect(doubtOf(guessed, 4, standing.now)).toBeNull();
});

it('what was seen before the feed, or is still to come, says nothing of it', () => {
  expect(doubt(4, -2)).toBeNull();
  expect(doubt(4, 40)).toBeNull();
});
