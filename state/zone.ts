import { kitchenTime } from '@core/measure';

import { createSelector } from './memo';
import { selectLog, selectZone } from './selectors';
import { type RootState } from './store';

/** Zones whose clocks never differ in a year need no question. */
function sameClock(one: string, other: string, now: number): boolean {
  if (one === other) return true;
  const [a, b] = [kitchenTime(one), kitchenTime(other)];
  return Array.from({ length: 12 }, (_, month) => now + month * 30 * 86_400_000).every(
    (at) => a.offset(at) === b.offset(at),
  );
}

/** The kitchen's zone and this device's, where they differ and nobody has been asked on such a device; null otherwise. */
export const selectZoneAsked = createSelector(
  [
    selectZone,
    (state: RootState) => state.kitchen.deviceZone,
    (state: RootState) => selectLog(state).of('zoned'),
    (state: RootState) => Math.floor(state.time.now / 86_400_000),
  ],
  (kitchen, device, zoned, today) =>
    zoned.some((entry) => entry.device === device) || sameClock(kitchen, device, today * 86_400_000)
      ? null
      : { kitchen, device },
);
