import { HOUR, kitchenTime } from '../measure';
import { type JournalEvent } from './events';
import { bakesOf, logOf } from '.';

const NOW = Date.parse('2026-03-20T12:00:00Z');
const TIME = kitchenTime('Europe/Lisbon');
const FRIDAY: JournalEvent = {
  kind: 'wished',
  id: 'w',
  at: '2026-03-01T10:00:00.000Z',
  wish: 'loaves',
  name: 'Friday loaves',
  jar: 'tern',
  what: { levainG: 150, from: '2026-03-06T08:00:00.000Z', until: '2026-03-06T10:00:00.000Z' },
  every: { weeks: 1 },
};
const at = '2026-03-20T09:00:00.000Z';
const told = (...more: readonly JournalEvent[]) =>
  bakesOf(logOf([FRIDAY, ...more], NOW), NOW, TIME);

describe('a wish that comes back', () => {
  it('stands there once for each time in the two weeks ahead', () => {
    expect(told().map(({ id }) => id)).toEqual([
      'loaves 2026-03-20',
      'loaves 2026-03-27',
      'loaves 2026-04-03',
    ]);
  });

  it('keeps its hour on the kitchen’s clock when that is put forward', () => {
    const hours = told().map(({ from, until }) => {
      expect(until - from).toBe(2 * HOUR);
      return TIME.hourOfDay(from);
    });
    expect(hours).toEqual([8, 8, 8]);
  });

  it('every second week is there every second week', () => {
    const bakes = bakesOf(logOf([{ ...FRIDAY, every: { weeks: 2 } }], NOW), NOW, TIME);
    expect(bakes.map(({ id }) => id)).toEqual(['loaves 2026-03-20', 'loaves 2026-04-03']);
  });

  it('is skipped once, and comes back after that', () => {
    const skipped = told({ kind: 'wishDropped', id: 'd', at, wish: 'loaves 2026-03-27' });
    expect(skipped.map(({ id }) => id)).toEqual(['loaves 2026-03-20', 'loaves 2026-04-03']);
  });

  it('is changed once, and the others stay', () => {
    const { every: _, ...once } = FRIDAY;
    const moved: JournalEvent = {
      ...once,
      id: 'm',
      at,
      wish: 'loaves 2026-03-27',
      what: { levainG: 90, from: '2026-03-28T08:00:00.000Z', until: '2026-03-28T10:00:00.000Z' },
    };
    expect(told(moved).map(({ id, levainG }) => `${id} ${levainG}`)).toEqual([
      'loaves 2026-03-20 150',
      'loaves 2026-03-27 90',
      'loaves 2026-04-03 150',
    ]);
  });

  it('is off for good once the whole of it is dropped', () => {
    expect(told({ kind: 'wishDropped', id: 'd', at, wish: 'loaves' })).toEqual([]);
  });

  it('of years ago is told for these days alone', () => {
    const old: JournalEvent = {
      ...FRIDAY,
      what: { levainG: 1, from: '2019-01-04T08:00:00.000Z', until: '2019-01-04T10:00:00.000Z' },
    };
    const bakes = bakesOf(logOf([old], NOW), NOW, TIME);
    expect(bakes.length).toBeGreaterThanOrEqual(2);
    expect(bakes.length).toBeLessThanOrEqual(4);
  });
});
