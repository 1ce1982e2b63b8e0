/** Where jars stand. */
export const PLACE_KINDS = ['counter', 'warm', 'larder', 'fridge'] as const;

export type PlaceKind = (typeof PLACE_KINDS)[number];

/** Temperature of a place over the local day, °C and hours 0 to 24. */
export type DayTemperature =
  | { readonly kind: 'constant'; readonly celsius: number }
  | {
      readonly kind: 'dayNight';
      readonly day: number;
      readonly night: number;
      readonly dayFrom: number;
      readonly nightFrom: number;
    }
  | { readonly kind: 'hourly'; readonly points: readonly (readonly [number, number])[] };

/** A place in the kitchen; `sd` is how far its temperature may be off, °C. */
export interface Place {
  readonly id: string;
  readonly name: string;
  readonly kind: PlaceKind;
  readonly temperature: DayTemperature;
  readonly sd: number;
}

/** A heated or unheated room takes about this long from night to day, h. */
const TURN = 2;

/**
 * Temperature of a place at an hour of the local day. Between given hours it moves in straight lines, past midnight too.
 *
 * @throws RangeError for a place by the hour that has no hour
 * @example celsiusAt({ kind: 'hourly', points: [[6, 18], [18, 24]] }, 12) // = 21
 */
export function celsiusAt(temperature: DayTemperature, hourOfDay: number): number {
  switch (temperature.kind) {
    case 'constant':
      return temperature.celsius;
    case 'dayNight': {
      const { day, night, dayFrom, nightFrom } = temperature;
      return alongDay(
        [
          [dayFrom, night],
          [dayFrom + TURN, day],
          [nightFrom, day],
          [nightFrom + TURN, night],
        ],
        hourOfDay,
      );
    }
    case 'hourly':
      return alongDay(temperature.points, hourOfDay);
  }
}

function alongDay(points: readonly (readonly [number, number])[], hourOfDay: number): number {
  const ring = points
    .map(([hour, celsius]) => [((hour % 24) + 24) % 24, celsius] as const)
    .sort((a, b) => a[0] - b[0]);
  if (ring.length === 0) throw new RangeError('a place needs at least one hour');
  const last = ring[ring.length - 1]!;
  let before: readonly [number, number] = [last[0] - 24, last[1]];
  for (const point of [...ring, [ring[0]![0] + 24, ring[0]![1]] as const]) {
    if (hourOfDay <= point[0]) {
      const span = point[0] - before[0];
      return span > 0
        ? before[1] + ((point[1] - before[1]) * (hourOfDay - before[0])) / span
        : point[1];
    }
    before = point;
  }
  return last[1];
}

/**
 * A day of temperatures every quarter of an hour, for a simulation that asks often.
 *
 * @example dayTable(() => 21).length // = 97
 */
export function dayTable(temperature: DayTemperature): Float64Array {
  return Float64Array.from({ length: 97 }, (_, quarter) => celsiusAt(temperature, quarter / 4));
}

/** A kitchen as many have one. A new one begins with {@link FIRST_PLACES}: who has a warm spot says so. */
export const USUAL_PLACES: readonly Place[] = [
  {
    id: 'counter',
    name: 'Counter',
    kind: 'counter',
    temperature: { kind: 'dayNight', day: 22, night: 19, dayFrom: 7, nightFrom: 22 },
    sd: 1,
  },
  {
    id: 'warm',
    name: 'Warm spot',
    kind: 'warm',
    temperature: { kind: 'constant', celsius: 26 },
    sd: 1,
  },
  {
    id: 'larder',
    name: 'Larder',
    kind: 'larder',
    temperature: { kind: 'constant', celsius: 15 },
    sd: 1.5,
  },
  {
    id: 'fridge',
    name: 'Fridge',
    kind: 'fridge',
    temperature: { kind: 'constant', celsius: 5 },
    sd: 1,
  },
];

/** What every kitchen has: nothing else is assumed of it. */
export const FIRST_PLACES: readonly Place[] = USUAL_PLACES.filter(
  ({ kind }) => kind === 'counter' || kind === 'fridge',
);
