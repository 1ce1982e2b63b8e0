import { someFeed } from '../journal/someJar.testing';
import { DAY, kitchenTime } from '../measure';
import { feedsByWeek } from './feedsByWeek';

describe('feeds by the week', () => {
  const time = kitchenTime('Pacific/Auckland');
  const at = (text: string) => new Date(text).toISOString();

  it('counts by the Monday of the kitchen, with empty weeks between, to the gram', () => {
    const live = [
      // Sunday night in Greenwich is Monday morning here.
      someFeed('a', at('2026-03-01T20:00:00Z')),
      someFeed('b', at('2026-03-02T20:00:00Z'), { flourG: 50 }),
      someFeed('c', at('2026-03-17T20:00:00Z'), { jar: 'puffin' }),
    ];
    const weeks = feedsByWeek(live, time);
    expect(weeks.map(({ feeds, flourG }) => [feeds, flourG])).toEqual([
      [2, 130],
      [0, 0],
      [1, 80],
    ]);
    expect(new Date(weeks[0]!.from).toISOString()).toBe('2026-03-01T11:00:00.000Z');
    expect(feedsByWeek(live, time, (jar) => jar === 'puffin')).toHaveLength(1);
  });

  it('has a week of seven days also where clocks change', () => {
    const live = [1, 8, 15].map((day) =>
      someFeed(`f${day}`, new Date(Date.UTC(2026, 3, day, 3)).toISOString()),
    );
    const [first, second] = feedsByWeek(live, time);
    expect((second!.from - first!.from) / DAY).toBeCloseTo(7, 1);
    expect(feedsByWeek([], time)).toEqual([]);
  });
});
