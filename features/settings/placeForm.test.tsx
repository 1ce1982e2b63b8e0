import { type Place, USUAL_PLACES } from '@core/ferment';

import { placeForm, placeFrom, placeProblems } from './placeForm';

const HOURLY: Place = {
  id: 'loft',
  name: 'Loft',
  kind: 'counter',
  temperature: {
    kind: 'hourly',
    points: [
      [6, 16],
      [15, 25],
    ],
  },
  sd: 1,
};

it.each([...USUAL_PLACES, HOURLY])(
  '$name goes into its form and comes out the same, in both units',
  (place) => {
    expect(placeFrom(placeForm(place, 'celsius'), place, 'celsius')).toEqual(place);
    expect(placeFrom(placeForm(place, 'fahrenheit'), place, 'fahrenheit')).toEqual(place);
  },
);

it('temperatures are shown and taken in the kitchen’s own unit', () => {
  const fridge = USUAL_PLACES.find(({ id }) => id === 'fridge')!;
  const form = placeForm(fridge, 'fahrenheit');
  expect(form.constant).toBe('41');
  const warmer = placeFrom({ ...form, constant: '50' }, fridge, 'fahrenheit');
  expect(warmer.temperature).toEqual({ kind: 'constant', celsius: 10 });
});

it('says what is wrong with each field, and only with those in use', () => {
  const form = placeForm(HOURLY, 'celsius');
  expect(placeProblems(form, 'celsius')).toEqual({});
  expect(placeProblems({ ...form, name: ' ', constant: 'x' }, 'celsius')).toEqual({
    name: 'Give it a name.',
  });
  const bad = { ...form, hours: [{ hour: '25', degrees: '90' }, form.hours[1]!] };
  expect(Object.keys(placeProblems(bad, 'celsius'))).toEqual(['hour-0', 'degrees-0']);
  expect(placeProblems({ ...form, over: 'constant', constant: 'warm' }, 'celsius').constant).toBe(
    'A temperature, please.',
  );
  expect(placeProblems({ ...form, name: 'x'.repeat(300) }, 'celsius').name).toContain('60');
});
