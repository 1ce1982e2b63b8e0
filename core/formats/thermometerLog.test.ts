import fc from 'fast-check';

import { DAY, HOUR, MINUTE, kitchenTime } from '../measure';
import { type DayOrder } from './writtenMoment';
import { readThermometerLog } from './thermometerLog';

const ZONE = 'America/St_Johns';
const time = kitchenTime(ZONE);
const NOW = Date.parse('2026-03-13T18:20:00Z');
const kitchen = { time, now: NOW, order: 'dayFirst' as DayOrder };
const read = (text: string, asked = {}) => readThermometerLog(text, kitchen, asked);

const two = (n: number) => String(n).padStart(2, '0');
const WALL = new Intl.DateTimeFormat('en-GB', {
  timeZone: ZONE,
  year: 'numeric',
  month: '2-digit',
  day: '2-digit',
  hour: '2-digit',
  minute: '2-digit',
  hourCycle: 'h23',
});
/** The clock on the wall of the zone, as the platform itself has it. */
function wall(at: number) {
  const parts = WALL.formatToParts(at);
  const of = (type: string) => Number(parts.find((part) => part.type === type)!.value);
  return { y: of('year'), m: of('month'), d: of('day'), h: of('hour'), min: of('minute') };
}
const MONTHS = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');
const STYLES: readonly ((at: number) => string)[] = [
  (at) => new Date(at).toISOString(),
  (at) => String(at / 1000),
  (at) => {
    const { y, m, d, h, min } = wall(at);
    return `${y}-${two(m)}-${two(d)} ${two(h)}:${two(min)}:00`;
  },
  (at) => {
    const { y, m, d, h, min } = wall(at);
    return `${two(d)}.${two(m)}.${y} ${two(h)}:${two(min)}`;
  },
  (at) => {
    const { y, m, d, h, min } = wall(at);
    return `${m}/${d}/${y} ${h % 12 || 12}:${two(min)} ${h < 12 ? 'AM' : 'PM'}`;
  },
  (at) => {
    const { y, m, d, h, min } = wall(at);
    return `${d} ${MONTHS[m - 1]} ${y} ${two(h)}:${two(min)}`;
  },
];

/** A room over some days, with a reading every ten minutes. */
const room = (days: number, from = NOW - days * DAY) =>
  Array.from({ length: days * 144 }, (_, i) => ({
    at: from - (from % MINUTE) + i * 10 * MINUTE,
    celsius: 20 + 3 * Math.sin(i / 20) + (i % 7) / 10,
  }));

describe('a thermometer’s log', () => {
  it.each(STYLES.map((style, i) => [i, style] as const))(
    'is read in date style %#, in either unit, with any mark between columns',
    (_, style) => {
      const readings = room(20);
      for (const [mark, fahrenheit, comma] of [
        [',', false, false],
        [';', false, true],
        ['\t', true, false],
      ] as const) {
        const text = readings
          .map(({ at, celsius }, i) => {
            const degrees = (fahrenheit ? celsius * 1.8 + 32 : celsius).toFixed(2);
            return [i + 1, style(at), comma ? degrees.replace('.', ',') : degrees, 55].join(mark);
          })
          .join('\r\n');
        const log = read(`No.${mark}When${mark}Temperature${mark}Humidity %\r\n${text}`);
        expect(log.readings).toBe(readings.length);
        expect(log.unread).toBe(0);
        expect(log.from).toBe(readings[0]!.at);
        expect(log.until).toBe(readings.at(-1)!.at);
        expect(log.unit).toBe(fahrenheit ? 'fahrenheit' : 'celsius');
        expect(log.everyMin).toBe(10);
        expect(log.high).toBeCloseTo(Math.max(...readings.map(({ celsius }) => celsius)), 1);
      }
    },
  );

  it('has the mean of every hour, and draws through a short gap but not through a long one', () => {
    const lines = [0, 10, 50, 60 * 3, 60 * 9].map(
      (min, i) =>
        `2026-03-10T12:${'00'}Z`.replace(
          '12:00',
          `${two(12 + Math.floor(min / 60))}:${two(min % 60)}`,
        ) + `,${20 + i}`,
    );
    const log = read(`at,°C\n${lines.join('\n')}`);
    const noon = Date.parse('2026-03-10T12:00Z') / HOUR;
    expect(
      log.hours.map(({ hour, celsius }) => [hour - noon, Math.round(10 * celsius) / 10]),
    ).toEqual([
      [0, 21],
      [1, 21.7],
      [2, 22.3],
      [3, 23],
      [9, 24],
    ]);
  });

  it('finds the order of day and month by how time goes on, and offers the other where both would do', () => {
    const american = room(14).map(({ at, celsius }) => {
      const { y, m, d, h, min } = wall(at);
      return `${m}/${d}/${y} ${two(h)}:${two(min)},${celsius}`;
    });
    expect(read(`t,temp\n${american.join('\n')}`)).toMatchObject({
      order: 'monthFirst',
      orders: ['monthFirst'],
    });
    const unsure = read('t,temp\n3/3/2026 10:00,20\n3/3/2026 11:00,21');
    expect(unsure.order).toBe('dayFirst');
    // The third of March either way: there is nothing to ask.
    expect(unsure.orders).toEqual(['dayFirst']);
    const april = read('t,temp\n3/4/2026 10:00,20\n3/4/2026 11:00,21');
    expect(april.orders).toEqual(['dayFirst', 'monthFirst']);
    expect(read('t,temp\n3/4/2026 10:00,20\n3/4/2026 11:00,21', { order: 'monthFirst' }).from).toBe(
      Date.parse('2026-03-04T13:30Z'),
    );
  });

  it('takes its unit from its name, from its cells, or from what a room can be', () => {
    expect(read('t,Temp (°F)\n2026-03-03 10:00,41\n2026-03-03 11:00,40').low).toBeCloseTo(4.4, 1);
    expect(read('t,x\n2026-03-03 10:00,70.5F\n2026-03-03 11:00,70.7F')).toMatchObject({
      unit: 'fahrenheit',
      unitSaid: true,
    });
    expect(read('t,temp\n2026-03-03 10:00,71\n2026-03-03 11:00,72')).toMatchObject({
      unit: 'fahrenheit',
      unitSaid: false,
    });
    expect(read('t,temp\n2026-03-03 10:00,21\n2026-03-03 11:00,22').unit).toBe('celsius');
  });

  it('takes day and time from two columns', () => {
    const log = read('Date;Time;T\n03.03.2026;10:00;20,5\n03.03.2026;11:00;21,5');
    expect(log.columns).toEqual({ when: 0, time: 1, celsius: 2 });
    expect(log.until - log.from).toBe(HOUR);
  });

  it('names what it cannot read by line and column, and keeps the rest', () => {
    const log = read(
      't,temp\n2026-03-03 10:00,20\n2026-02-30 10:00,20\n2026-03-03 11:00,n/a\n2026-03-03 12:00,900\n\n2026-03-03 13:00,21',
    );
    expect(log.readings).toBe(2);
    expect(log.problems.map(({ line, column, name }) => [line, column, name])).toEqual([
      [3, 1, 't'],
      [4, 2, 'temp'],
      [5, 2, 'temp'],
    ]);
  });

  it('notices a clock that was never set or runs ahead, and shifts all of it when told', () => {
    const reset = read('t,temp\n2000-01-01 00:00,20\n2000-01-01 05:00,21');
    expect(reset.until + reset.seemsBehindH! * HOUR).toBeCloseTo(NOW, -5);
    expect(read('t,temp\n2026-03-20 10:00,20\n2026-03-20 11:00,21').seemsBehindH).toBeLessThan(
      -100,
    );
    expect(read('t,temp\n2026-03-03 10:00,20\n2026-03-03 11:00,21').seemsBehindH).toBeNull();
    expect(
      read('t,temp\n2026-03-03 10:00,20\n2026-03-03 11:00,21', { clockBehindH: 1.5 }).from,
    ).toBe(Date.parse('2026-03-03T15:00Z'));
  });

  it('goes over the hour that clocks leave out, and the one that comes twice, in step', () => {
    const spring = room(3, Date.parse('2026-03-07T00:00Z')).map(
      ({ at, celsius }) => `${STYLES[2]!(at)},${celsius}`,
    );
    const { hours } = read(`t,temp\n${spring.join('\n')}`);
    expect(hours.at(-1)!.hour - hours[0]!.hour).toBe(71);
  });

  it.each([
    ['nothing', ''],
    ['one line', 'time,temp'],
    ['words', 'a,b\nc,d\ne,f'],
    ['no times', 'a,temp\nx,20\ny,21'],
    ['no temperatures', 'time,note\n2026-03-03 10:00,cold\n2026-03-03 11:00,warm'],
    ['a picture', '\u0089PNG\0\0\0\rIHDR\0,\n,'],
  ])('with %s is refused in words', (_, text) => {
    expect(() => read(text)).toThrow(/Nothing was changed\.$/);
  });

  it('whatever is in a file: it is refused in words, or every hour of it is a temperature', () => {
    const cell = fc.oneof(
      {
        weight: 3,
        arbitrary: fc.constantFrom(
          '2026-03-03 10:00',
          '13/13/2026',
          '1e9',
          '21,4',
          '-5',
          '70F',
          '',
          '"',
          'NaN',
          '24:61',
          '1710000000',
          '9'.repeat(400),
        ),
      },
      { weight: 2, arbitrary: fc.string({ maxLength: 12 }) },
    );
    const text = fc
      .tuple(
        fc.constantFrom(',', ';', '\t', '|', ' '),
        fc.array(fc.array(cell, { maxLength: 4 }), { maxLength: 8 }),
      )
      .map(([mark, rows]) => rows.map((row) => row.join(mark)).join('\n'));
    fc.assert(
      fc.property(fc.oneof(text, fc.string({ unit: 'binary' })), (given) => {
        try {
          const log = read(given);
          return (
            log.readings > 0 &&
            log.hours.every(
              ({ hour, celsius }) => Number.isInteger(hour) && celsius >= -30 && celsius <= 60,
            )
          );
        } catch (error) {
          return /Nothing was changed\.$/.test((error as Error).message);
        }
      }),
      { numRuns: 5000 },
    );
  });
});
