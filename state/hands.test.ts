import { USUAL_HANDS, handsChange, withHands } from '@core/journal';

import { handsAt, paint, weekPattern } from './hands';

const FRIDAY = 4;
/** Out at work on weekdays. */
const WORKING = { ...USUAL_HANDS, workDays: [0, 1, 2, 3, 4] };

describe('hands', () => {
  it('are there all day, but for the night, until somebody says otherwise', () => {
    for (const day of weekPattern(USUAL_HANDS)) expect(day).toEqual([[6.5, 22.5]]);
  });

  it('are there when up and not at work', () => {
    expect(weekPattern(WORKING)[FRIDAY]).toEqual([
      [6.5, 8],
      [17.5, 22.5],
    ]);
    expect(weekPattern(WORKING)[6]).toEqual([[6.5, 22.5]]);
    expect(handsAt(WORKING, FRIDAY, 3)).toBe('asleep');
    expect(handsAt(WORKING, FRIDAY, 12)).toBe('away');
  });

  it('follow what is painted over the pattern, and the pattern again when it is painted back', () => {
    const early = paint(
      WORKING,
      [
        [FRIDAY, 5],
        [FRIDAY, 6],
      ],
      'there',
    );
    expect(weekPattern(early)[FRIDAY]![0]).toEqual([5, 8]);
    const choir = paint(early, [[FRIDAY, 19]], 'away');
    expect(weekPattern(choir)[FRIDAY]).toEqual([
      [5, 8],
      [17.5, 19],
      [20, 22.5],
    ]);
    const back = paint(choir, [[FRIDAY, 19]], 'there');
    expect(back.painted).not.toHaveProperty('4 19');
    expect(weekPattern(back)[FRIDAY]![1]).toEqual([17.5, 22.5]);
  });

  it('can be a shift that ends after midnight', () => {
    const night = paint(
      USUAL_HANDS,
      [0, 1, 2].map((hour) => [6, hour] as const),
      'there',
    );
    expect(weekPattern(night)[6]).toEqual([
      [0, 3],
      [6.5, 22.5],
    ]);
  });

  it('are told by what is new in them: two that change different hours both count', () => {
    const choir = paint(USUAL_HANDS, [[FRIDAY, 19]], 'away');
    const late = { ...USUAL_HANDS, upUntil: 23 };
    expect(handsChange(USUAL_HANDS, late)).toEqual({ upUntil: 23 });
    expect(handsChange(USUAL_HANDS, USUAL_HANDS)).toEqual({});
    const both = [choir, late].reduce(
      (hands, to) => withHands(hands, handsChange(USUAL_HANDS, to)),
      USUAL_HANDS,
    );
    expect(both).toEqual({ ...choir, upUntil: 23 });
    expect(withHands(both, handsChange(both, late))).toEqual(late);
  });
});
