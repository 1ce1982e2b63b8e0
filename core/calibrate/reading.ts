import { type Forecast, heightAt } from '../ferment';
import { highest } from '../measure';

/** What somebody read off a jar, in hours after its feed. */
export type Sighting =
  | { readonly afterH: number; readonly height: number }
  /** How high it had been by then. */
  | { readonly afterH: number; readonly streak: number }
  | { readonly afterH: number; readonly sign: 'doubled' | 'peaked' | 'fallen' };

/** Error of a height: so much of the rise for the eye, and so much besides, for no two starters rise along one curve. */
const OF_THE_RISE = 0.06;
const BESIDES = 0.15;
/** After the peak a rise falls in its own way: so much more for each peak's time that has gone by. */
const AFTER_THE_PEAK = 0.5;
/** A time that somebody notes is off by so much of it, and by so many hours: nobody watches all the time. */
const OF_THE_TIME = 0.06;
const LATE_H = 0.2;

/**
 * How far a reading may be off where a forecast holds: a height, or hours.
 *
 * @example errorOf({ afterH: 5, sign: 'peaked' }, forecast(mix, conditions, 24)) // 0.5, in hours
 */
export function errorOf(reading: Sighting, { curve, peaksAtH }: Forecast): number {
  const { afterH } = reading;
  if ('sign' in reading) return OF_THE_TIME * afterH + LATE_H;
  if ('streak' in reading) return OF_THE_RISE * Math.max(0, reading.streak - 1) + BESIDES;
  // The larger of the two, so that a flat forecast cannot make every reading a wonder.
  const rise = Math.max(0, reading.height, heightAt(curve, afterH)) - 1;
  const late = peaksAtH === null ? 0 : Math.max(0, afterH / peaksAtH - 1);
  return (OF_THE_RISE + AFTER_THE_PEAK * late) * Math.max(0, rise) + BESIDES;
}

const highestBy = ({ curve }: Forecast, afterH: number): number =>
  highest([
    ...curve.filter(({ hours }) => hours <= afterH).map(({ height }) => height),
    heightAt(curve, afterH),
  ]);

/**
 * How far a reading is from a forecast: a height, or hours.
 *
 * @example missOf({ afterH: 0, height: 1 }, forecast(mix, conditions, 24)) // 0
 */
export function missOf(reading: Sighting, forecast: Forecast): number {
  if ('height' in reading) return reading.height - heightAt(forecast.curve, reading.afterH);
  if ('streak' in reading) return reading.streak - highestBy(forecast, reading.afterH);
  const end = forecast.curve[forecast.curve.length - 1]!.hours;
  switch (reading.sign) {
    case 'doubled':
      return reading.afterH - (forecast.doublesAtH ?? end);
    case 'peaked':
      return reading.afterH - (forecast.peaksAtH ?? end);
    case 'fallen':
      // Seen fallen some time after it began to fall.
      return Math.min(0, reading.afterH - (forecast.ripeUntilH ?? end));
  }
}
