import { type Forecast, heightAt } from '../ferment';

/** What somebody read off a jar, in hours after its feed. */
export type Reading =
  | { readonly afterH: number; readonly height: number }
  | { readonly afterH: number; readonly sign: 'doubled' | 'peaked' | 'fallen' };

/** Reading error of a height: so much of the rise, and so much besides. */
const OF_THE_RISE = 0.06;
const BESIDES = 0.03;
/** A time that somebody notes is off by so much of it, and by so many hours: nobody watches all the time. */
const OF_THE_TIME = 0.06;
const LATE_H = 0.35;

/** How far a forecast misses a reading, in units of the reading's own error. */
export function miss(reading: Reading, forecast: Forecast): number {
  if ('height' in reading) {
    const expected = heightAt(forecast.curve, reading.afterH);
    // The error follows the larger of the two, so that a flat forecast cannot make every reading a wonder.
    const rise = Math.max(reading.height, expected) - 1;
    return (reading.height - expected) / (OF_THE_RISE * Math.max(0, rise) + BESIDES);
  }
  const error = OF_THE_TIME * reading.afterH + LATE_H;
  const end = forecast.curve[forecast.curve.length - 1]!.hours;
  switch (reading.sign) {
    case 'doubled':
      return (reading.afterH - (forecast.doublesAtH ?? end)) / error;
    case 'peaked':
      // The top is flat and the hour of the peak hard to see.
      return (reading.afterH - (forecast.peaksAtH ?? end)) / (1.3 * error);
    case 'fallen':
      return Math.min(0, reading.afterH - (forecast.ripeUntilH ?? end)) / error;
  }
}
