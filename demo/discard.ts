import { type Discarded, type JarEvent, type LotEvent, instantOf } from '@core/journal';
import { DAY, HOUR, type Instant, highest } from '@core/measure';

/** What the household makes of its discard on a free day. */
const MADE = ['pancakes', 'crackers', 'flatbread', 'crackers', 'waffles'] as const;
/** Younger than this it still stands in the fridge. */
const KEPT_DAYS = 8;
const EVERY_DAYS = 7;
/** One lot went into the freezer, about so long ago. */
const FROZEN_DAYS_AGO = 40;

/** Every week the discard jar is emptied into a pan; one lot lies in the freezer. */
export function discardUsed(events: readonly JarEvent[], now: Instant): readonly LotEvent[] {
  const lots = events.filter(
    (event): event is Discarded =>
      event.kind === 'discarded' &&
      event.to === 'discardJar' &&
      now - instantOf(event) > KEPT_DAYS * DAY,
  );
  const frozen = lots.find((lot) => now - instantOf(lot) < FROZEN_DAYS_AGO * DAY);
  const weeks = new Map<number, Discarded[]>();
  for (const lot of lots) {
    if (lot === frozen) continue;
    const week = Math.floor((now - instantOf(lot)) / (EVERY_DAYS * DAY));
    weeks.set(week, [...(weeks.get(week) ?? []), lot]);
  }
  return [
    ...[...weeks].map(([week, used], i): LotEvent => ({
      kind: 'lotsUsed',
      id: `demo-used-${week}`,
      at: new Date(highest(used.map(instantOf)) + 2 * HOUR).toISOString(),
      lots: used.map(({ id, grams }) => ({ lot: id, grams })),
      to: 'bake',
      note: MADE[i % MADE.length]!,
    })),
    ...(frozen
      ? [
          {
            kind: 'lotMoved' as const,
            id: 'demo-frozen',
            at: new Date(instantOf(frozen) + DAY).toISOString(),
            lot: frozen.id,
            store: 'freezer' as const,
          },
        ]
      : []),
  ];
}
