import { type Settings } from '@core/journal';
import { type DayTemperature, type Place, type PlaceKind } from '@core/ferment';
import { celsiusToFahrenheit, fahrenheitToCelsius } from '@core/measure';
import { parseNumber } from '@kit';

/** A place as it is typed; temperatures in the kitchen's unit. */
export interface PlaceForm {
  readonly name: string;
  readonly kind: PlaceKind;
  readonly over: DayTemperature['kind'];
  readonly constant: string;
  readonly day: string;
  readonly night: string;
  readonly dayFrom: string;
  readonly nightFrom: string;
  readonly hours: readonly { readonly hour: string; readonly degrees: string }[];
}

type Unit = Settings['temperature'];

const toUnit = (celsius: number, unit: Unit) =>
  String(Math.round((unit === 'fahrenheit' ? celsiusToFahrenheit(celsius) : celsius) * 10) / 10);

const fromUnit = (text: string, unit: Unit) => {
  const given = parseNumber(text);
  return Math.round((unit === 'fahrenheit' ? fahrenheitToCelsius(given) : given) * 10) / 10;
};

/** A place as it would be typed. */
export function placeForm(place: Place, unit: Unit): PlaceForm {
  const { temperature: t } = place;
  const mean = t.kind === 'constant' ? t.celsius : t.kind === 'dayNight' ? t.day : t.points[0]![1];
  return {
    name: place.name,
    kind: place.kind,
    over: t.kind,
    constant: toUnit(mean, unit),
    day: toUnit(t.kind === 'dayNight' ? t.day : mean, unit),
    night: toUnit(t.kind === 'dayNight' ? t.night : mean, unit),
    dayFrom: String(t.kind === 'dayNight' ? t.dayFrom : 7),
    nightFrom: String(t.kind === 'dayNight' ? t.nightFrom : 22),
    hours: (t.kind === 'hourly'
      ? t.points
      : ([
          [6, mean],
          [18, mean],
        ] as const)
    ).map(([hour, celsius]) => ({ hour: String(hour), degrees: toUnit(celsius, unit) })),
  };
}

/** What is wrong with a place as typed, by field; hours are `hour-0`, `degrees-0` and so on. */
export function placeProblems(form: PlaceForm, unit: Unit): Readonly<Record<string, string>> {
  const found: Record<string, string> = {};
  const name = form.name.trim();
  if (name === '') found.name = 'Give it a name.';
  else if ([...name].length > 60) found.name = 'Keep the name under 60 characters.';
  const degrees = (field: string, text: string) => {
    const celsius = fromUnit(text, unit);
    if (Number.isNaN(celsius)) found[field] = 'A temperature, please.';
    else if (celsius < -5 || celsius > 50)
      found[field] = `No kitchen is ${text} degrees. Check the number.`;
  };
  const hour = (field: string, text: string) => {
    const given = parseNumber(text);
    if (!(given >= 0 && given <= 24)) found[field] = 'An hour from 0 to 24.';
  };
  if (form.over === 'constant') degrees('constant', form.constant);
  if (form.over === 'dayNight') {
    degrees('day', form.day);
    degrees('night', form.night);
    hour('dayFrom', form.dayFrom);
    hour('nightFrom', form.nightFrom);
  }
  if (form.over === 'hourly')
    form.hours.forEach((row, i) => {
      hour(`hour-${i}`, row.hour);
      degrees(`degrees-${i}`, row.degrees);
    });
  return found;
}

/** The place of a form without problems. */
export function placeFrom(form: PlaceForm, place: Place, unit: Unit): Place {
  return {
    ...place,
    name: form.name.trim(),
    kind: form.kind,
    temperature: temperatureFrom(form, unit),
  };
}

function temperatureFrom(form: PlaceForm, unit: Unit): DayTemperature {
  switch (form.over) {
    case 'constant':
      return { kind: 'constant', celsius: fromUnit(form.constant, unit) };
    case 'dayNight':
      return {
        kind: 'dayNight',
        day: fromUnit(form.day, unit),
        night: fromUnit(form.night, unit),
        dayFrom: parseNumber(form.dayFrom),
        nightFrom: parseNumber(form.nightFrom),
      };
    case 'hourly':
      return {
        kind: 'hourly',
        points: form.hours.map(
          (row) => [parseNumber(row.hour), fromUnit(row.degrees, unit)] as const,
        ),
      };
  }
}
