import { type Vessel } from '../ferment';

/** Width of a jar at a share of its inner height, its mouth being 1. */
const widthAt = (taper: number, height: number) => taper + (1 - taper) * height;

/**
 * Share of a jar's volume below a share of its inner height: a truncated cone.
 *
 * @example volumeBelow({}, 0.4) // = 0.4
 * @example volumeBelow({ taper: 0.5 }, 0.5) < 0.5 // = true
 */
export function volumeBelow({ taper = 1 }: Vessel, height: number): number {
  const part = (h: number) => h * (taper ** 2 + taper * widthAt(taper, h) + widthAt(taper, h) ** 2);
  return part(height) / part(1);
}

/**
 * Share of a jar's inner height that a share of its volume reaches. Inverse of {@link volumeBelow}.
 *
 * @example heightOf({ taper: 0.5 }, volumeBelow({ taper: 0.5 }, 0.3)) // = 0.3
 */
export function heightOf({ taper = 1 }: Vessel, volume: number): number {
  if (Math.abs(taper - 1) < 1e-6) return volume;
  // widthAt³ grows evenly with the volume from the floor up.
  const width = Math.cbrt(taper ** 3 + volume * (1 - taper ** 3));
  return (width - taper) / (1 - taper);
}

/**
 * How many times its volume at the band a starter has, from how many times its height it stands at. In an emptied jar
 * both are the same, as they are for the last smear on its floor.
 *
 * @param bandVolume share of the jar's volume that the mix filled when the band was set
 */
export const volumeRise = (vessel: Vessel, bandVolume: number, height: number): number =>
  bandVolume > 0 ? volumeBelow(vessel, height * heightOf(vessel, bandVolume)) / bandVolume : height;

/** How many times its height at the band it stands at, from how many times its volume. Inverse of {@link volumeRise}. */
export const heightRise = (vessel: Vessel, bandVolume: number, volume: number): number =>
  bandVolume > 0 ? heightOf(vessel, volume * bandVolume) / heightOf(vessel, bandVolume) : volume;
