import { DAY, HOUR, kitchenTime } from '../measure';
import { type JarEvent } from './events';
import { foldJar, horizonFor, outlookOf, rhythmOf, standingAt } from '.';
import { needOf } from '../next';
import { nextByRhythm } from './rhythm';
import { someCard, someFeed, someStart, usualKitchen } from './someJar.testing';
import { type Rhythm } from './rhythm';

/** A kitchen east and one west of the world's clock, and one that puts its clock forward at the end of March. */
const ZONES = ['Asia/Kolkata', 'America/New_York', 'Europe/Lisbon'];

describe('the next feed by a rhythm', () => {
  it('comes so long after the last one, on the half hour of the kitchen', () => {
    const fedAt = Date.parse('2026-03-10T09:20:00Z');
    const after = (everyH: number | null, zone: string) =>
      nextByRhythm({ everyH }, fedAt, kitchenTime(zone));
    expect(after(12, 'Europe/Lisbon')).toBe(Date.parse('2026-03-10T21:30:00Z'));
    expect(after(24, 'Europe/Lisbon')).toBe(Date.parse('2026-03-11T09:30:00Z'));
    // A quarter to, by this clock: the half hours of another lie between those of the first.
    expect(after(12, 'Asia/Kathmandu')).toBe(Date.parse('2026-03-10T21:15:00Z'));
    expect(after(null, 'Europe/Lisbon')).toBeNull();
  });

  it.each(ZONES)('is drawn to its usual hour and day in %s', (zone) => {
    const time = kitchenTime(zone);
    for (const hour of [0, 7, 13.5, 22])
      for (let h = 0; h < 24 * 9; h += 5) {
        const fedAt = Date.parse('2026-03-02T00:10:00Z') + h * HOUR;
        const daily = nextByRhythm({ everyH: 24, at: hour }, fedAt, time)!;
        expect(time.hourOfDay(daily)).toBeCloseTo(hour, 6);
        expect(daily - fedAt).toBeGreaterThan(12 * HOUR);
        expect(daily - fedAt).toBeLessThanOrEqual(36 * HOUR);
        const weekly = nextByRhythm({ everyH: 168, at: hour, on: 6 }, fedAt, time)!;
        expect(time.hourOfDay(weekly)).toBeCloseTo(hour, 6);
        expect(new Date(weekly + time.offset(weekly)).getUTCDay()).toBe(0);
        expect(weekly - fedAt).toBeGreaterThan(3.5 * DAY);
        expect(weekly - fedAt).toBeLessThanOrEqual(10.5 * DAY);
      }
  });

  it('twice a day keeps both hours, and finds back after a late one', () => {
    const time = kitchenTime('Europe/Lisbon');
    const twice = { everyH: 12, at: 8 };
    const at = (text: string) => Date.parse(text);
    expect(nextByRhythm(twice, at('2026-03-10T08:05Z'), time)).toBe(at('2026-03-10T20:00Z'));
    expect(nextByRhythm(twice, at('2026-03-10T22:30Z'), time)).toBe(at('2026-03-11T08:00Z'));
  });

  it('keeps its local hour over the night in which clocks change', () => {
    const time = kitchenTime('Europe/Lisbon');
    const fedAt = Date.parse('2026-03-28T08:00:00Z');
    const next = nextByRhythm({ everyH: 24, at: 8 }, fedAt, time)!;
    expect(next - fedAt).toBe(23 * HOUR);
    // Without a usual hour it is that of the last feed; twelve hours stay twelve.
    expect(nextByRhythm({ everyH: 7 * 24 }, fedAt, time)! - fedAt).toBe(7 * DAY - HOUR);
    expect(nextByRhythm({ everyH: 60 }, fedAt, time)! - fedAt).toBe(60 * HOUR);
  });
});

describe('a jar with a rhythm on its card', () => {
  const context = usualKitchen();
  const T0 = Date.parse('2026-03-01T08:00:00Z');
  const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
  /** Fed 1:1:1 and put into the fridge, week after week; then left for some days. */
  function stepAfter(days: number, rhythm: Rhythm | undefined, weeks = 4) {
    const feeds = Array.from({ length: weeks }, (_, week): readonly JarEvent[] => [
      someFeed(`fed ${week}`, iso(168 * week), { keepG: 60, flourG: 60, waterG: 60 }),
      { kind: 'moved', id: `in ${week}`, jar: 'tern', at: iso(168 * week + 1.5), place: 'fridge' },
    ]).flat();
    const card = someCard(rhythm ? { rhythm } : {});
    const events = [someStart(iso(-1), { card }), ...feeds];
    const jar = foldJar(events, context)!.jar;
    const now = T0 + (168 * (weeks - 1) + 24 * days) * HOUR;
    const outlook = outlookOf(jar, context, horizonFor(jar, now, 40 * 24));
    return { step: needOf(standingAt(jar, outlook, context, now)), jar, now };
  }

  it('is fed by it, though the model would call it starving', () => {
    expect(stepAfter(6.5, undefined).step.reason).not.toBe('rhythm');
    const { step, jar } = stepAfter(6.5, { everyH: 168 });
    expect(step.reason).toBe('rhythm');
    // The clocks go forward in that week, and it is fed at the same hour by them.
    expect(step.by).toBe(jar.since + 167 * HOUR);
  });

  it('is offered a little before its hour, and stays due after it', () => {
    const { step, now } = stepAfter(7.5, { everyH: 168 });
    expect(step.by!).toBeLessThan(now);
    expect(step.from).toBeLessThan(step.by!);
  });

  it('is fed before it comes to harm, if it has never borne so much', () => {
    const monthly = { everyH: 60 * 24 };
    const { step } = stepAfter(50, monthly, 1);
    expect(step.reason).not.toBe('rhythm');
  });

  it('is fed an hour or two after it was taken out of the cold, whatever its rhythm says', () => {
    const events: readonly JarEvent[] = [
      someStart(iso(-1), { card: someCard({ rhythm: { everyH: 168 } }) }),
      someFeed('fed', iso(0)),
      { kind: 'moved', id: 'in', jar: 'tern', at: iso(1.5), place: 'fridge' },
      { kind: 'moved', id: 'out', jar: 'tern', at: iso(200), place: 'counter' },
    ];
    const stepAt = (hours: number) => {
      const jar = foldJar(events, context)!.jar;
      const now = T0 + hours * HOUR;
      return needOf(standingAt(jar, outlookOf(jar, context, 240), context, now));
    };
    expect(stepAt(200.5)).toMatchObject({ reason: 'warming', by: T0 + 202 * HOUR });
    expect(stepAt(210).reason).not.toBe('warming');
  });

  it('whose last feed is only guessed at is not said to be late for an hour nobody knows', () => {
    const card = someCard({ rhythm: { everyH: 168 } });
    const jar = foldJar([someStart(iso(0), { card, unfedH: [168, 720] })], context)!.jar;
    const outlook = outlookOf(jar, context, 40 * 24);
    const step = needOf(standingAt(jar, outlook, context, T0 + HOUR));
    expect(step.reason).not.toBe('rhythm');
  });

  it.each([12, 24, 48])(
    'of every %d h rests in the fridge, and goes on when it is out',
    (everyH) => {
      const rhythm = { everyH };
      const put = (hours: number, place: string): JarEvent => ({
        kind: 'moved',
        id: `${place} ${hours}`,
        jar: 'tern',
        at: iso(hours),
        place,
      });
      const start = someStart(iso(-1), { card: someCard({ rhythm }) });
      const jarOf = (...events: readonly JarEvent[]) => foldJar([start, ...events], context)!.jar;
      const counts = (...events: readonly JarEvent[]) =>
        rhythmOf(jarOf(...events), context) !== null;
      const fed = someFeed('fed', iso(0));
      const away = [fed, put(1, 'fridge')];
      expect(counts(fed)).toBe(true);
      expect(counts(fed, put(1, 'larder'))).toBe(true);
      expect(counts(...away)).toBe(false);
      expect(counts(...away, put(150, 'counter'))).toBe(true);
      // Fed from the fridge in its rhythm before, it is kept so; back from a rest and put away once more, it rests.
      const againAfter = (hours: number) => [
        ...away,
        someFeed('again', iso(hours)),
        put(hours + 2, 'fridge'),
      ];
      expect(counts(...againAfter(1.2 * everyH))).toBe(true);
      expect(counts(...againAfter(4 * everyH))).toBe(false);
      const jar = jarOf(...away);
      const standing = standingAt(jar, outlookOf(jar, context, 960), context, T0 + 100 * HOUR);
      expect(needOf(standing).reason).toBe('asleep');
    },
  );

  it('that is fed only before a bake is asked for nothing until it comes to harm', () => {
    const { step } = stepAfter(3, { everyH: null });
    expect(step.reason).toBe('onlyForBakes');
  });
});
