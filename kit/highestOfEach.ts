interface DrawnPoint {
  readonly hours: number;
  readonly height: number;
}

/** The highest point of every stretch of `apart` hours: a jar that was left for a year has far more of them than pixels. */
export function highestOfEach<P extends DrawnPoint>(
  points: readonly P[],
  apart: number,
): readonly P[] {
  const kept: P[] = [];
  let stretch = -1;
  for (const point of points) {
    const here = Math.floor(point.hours / apart);
    const before = kept.length - 1;
    if (here !== stretch) kept.push(point);
    else if (point.height > kept[before]!.height) kept[before] = point;
    stretch = here;
  }
  return kept;
}
