import { type Place, celsiusAt, dayTable, growthRate } from '../ferment';
import { placeAt } from '../journal';
import { type Instant } from '../measure';
import { type Problem } from './problem';
import { remembered } from './remembered';

/** Without a counter the kitchen is taken for a room, °C. */
const ROOM = 21;

/** What a problem's places come to, worked out once. */
interface Kitchen {
  readonly places: readonly Place[];
  readonly byId: ReadonlyMap<string, Place>;
  /** The place where flour and water stand. */
  readonly counter: Place | null;
  readonly fridge: Place | null;
  readonly counterDay: Float64Array | null;
  /** Growth of yeast in each place at noon, 1/h, and how much a degree changes it, as a logarithm. */
  readonly growth: ReadonlyMap<string, { readonly perHour: number; readonly perCelsius: number }>;
}

const kitchens = new WeakMap<Problem['places'], Kitchen>();

export const kitchenOf = (problem: Problem): Kitchen =>
  remembered(kitchens, problem.places, () => {
    const places = [...problem.places.keys()].map((id) =>
      placeAt(problem.places, id, problem.now)!,
    );
    const counter = places.find(({ kind }) => kind === 'counter') ?? null;
    return {
      places,
      byId: new Map(places.map((place) => [place.id, place])),
      counter,
      fridge: places.find(({ kind }) => kind === 'fridge') ?? null,
      counterDay: counter && dayTable(counter.temperature),
      growth: new Map(places.map((place) => [place.id, growthIn(place)])),
    };
  });

/** Whether things stand nearly still in a place. */
export const isCold = ({ kind }: Place): boolean => kind === 'fridge' || kind === 'larder';

function growthIn({ temperature }: Place) {
  const noon = celsiusAt(temperature, 12);
  // A frozen or scalded place still has a growth to divide by.
  const at = (celsius: number) => growthRate('yeast', celsius) + 1e-3;
  return { perHour: at(noon), perCelsius: Math.abs(Math.log(at(noon + 1) / at(noon - 1))) / 2 };
}

/** Temperature of flour and water at an instant, °C. */
export function kitchenCelsius(problem: Problem, at: Instant): number {
  const { counterDay } = kitchenOf(problem);
  return counterDay ? counterDay[Math.floor(problem.time.hourOfDay(at) * 4)]! : ROOM;
}
