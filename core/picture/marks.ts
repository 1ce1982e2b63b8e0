/** A point of a picture, in pixels from its upper left corner. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** Where a jar stands in a picture: the floor of the mix, the band, and the surface, each in the middle of the jar. */
export interface Marks {
  readonly foot: Point;
  readonly band: Point;
  readonly surface: Point;
}

/** How high marks stand in a picture: shares of it from its top. */
export type MarkHeights = Readonly<Record<keyof Marks, number>>;

/**
 * Marks in the middle of a jar that stands in the middle of its picture, by how high each is.
 *
 * @param leanDeg how far the jar leans to the right
 * @example marksAcross({ foot: 0.9, band: 0.6, surface: 0.4 }, 0, { width: 900, height: 1200 })
 */
export function marksAcross(
  heights: MarkHeights,
  leanDeg: number,
  { width, height }: { readonly width: number; readonly height: number },
): Marks {
  const across = Math.tan((leanDeg * Math.PI) / 180);
  const at = (share: number): Point => ({
    x: width / 2 - (share - 0.5) * height * across,
    y: share * height,
  });
  return { foot: at(heights.foot), band: at(heights.band), surface: at(heights.surface) };
}

/** A rise as it was read off a picture. */
export interface RiseRead {
  /** The surface against the band, 1 at the band, as a height in this jar. */
  readonly height: number;
  /** How far it may be off, for marks that are: one standard deviation. */
  readonly error: number;
}

/** Marks that cannot be those of a jar are no rise. */
const HIGHEST = 10;

/**
 * The rise that three marks tell of. The jar may lean: heights are taken along the line from its floor to the surface.
 *
 * @param offPx how far a mark may be off, pixels
 * @returns null where the band stands on the floor, or the marks lie upside down
 * @example riseFromMarks({ foot: { x: 50, y: 200 }, band: { x: 50, y: 140 }, surface: { x: 50, y: 80 } }, 2) // { height: 2, … }
 */
export function riseFromMarks({ foot, band, surface }: Marks, offPx: number): RiseRead | null {
  const up = { x: surface.x - foot.x, y: surface.y - foot.y };
  const length = Math.hypot(up.x, up.y);
  const bandLength = ((band.x - foot.x) * up.x + (band.y - foot.y) * up.y) / length;
  if (!(bandLength > 2 * offPx) || !(up.y < 0)) return null;
  const height = length / bandLength;
  if (height > HIGHEST) return null;
  // Each of the three marks by itself: the foot moves both lengths.
  const bySurface = offPx / bandLength;
  const byBand = (height * offPx) / bandLength;
  const byFoot = (Math.abs(height - 1) * offPx) / bandLength;
  return { height, error: Math.hypot(bySurface, byBand, byFoot) };
}
