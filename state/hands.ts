import { type HandsPattern, type HandsState } from '@core/journal';
import { type WeekPattern } from '@core/plan';

/** An hour of the week, as it is painted. */
const cellOf = (day: number, hour: number) => `${day} ${hour}`;

const MINUTES = 24 * 60;

/** Hands on a day of the week (0 is Monday) at a local hour, which may be broken. */
export function handsAt(hands: HandsPattern, day: number, hour: number): HandsState {
  return hands.painted[cellOf(day, Math.floor(hour))] ?? unpaintedAt(hands, day, hour);
}

function unpaintedAt(hands: HandsPattern, day: number, hour: number): HandsState {
  if (hour < hands.upFrom || hour >= hands.upUntil) return 'asleep';
  const atWork = hands.workDays.includes(day) && hour >= hands.workFrom && hour < hands.workUntil;
  return atWork ? 'away' : 'there';
}

/** Paints hours of the week; what would be so anyway need not be painted. */
export function paint(
  hands: HandsPattern,
  cells: readonly (readonly [day: number, hour: number])[],
  as: HandsState,
): HandsPattern {
  const painted = { ...hands.painted };
  for (const [day, hour] of cells) {
    const key = cellOf(day, hour);
    const anyway = [hour, hour + 0.5, hour + 0.99].every((h) => unpaintedAt(hands, day, h) === as);
    if (anyway) delete painted[key];
    else painted[key] = as;
  }
  return { ...hands, painted };
}

/** A week's pattern of hands as stretches of local hours, from Monday. */
export const weekPattern = (hands: HandsPattern): WeekPattern =>
  Array.from({ length: 7 }, (_, day) => {
    const stretches: (readonly [number, number])[] = [];
    let from: number | null = null;
    for (let minute = 0; minute <= MINUTES; minute++) {
      const there = minute < MINUTES && handsAt(hands, day, minute / 60) === 'there';
      if (there && from === null) from = minute;
      if (!there && from !== null) {
        stretches.push([from / 60, minute / 60]);
        from = null;
      }
    }
    return stretches;
  });
