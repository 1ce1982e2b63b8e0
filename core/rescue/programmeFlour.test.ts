import { programmeFlour } from './programmeFlour';
import { PROGRAMME } from './programmes';

const OWN = { white: 0.9, rye: 0.1 };

it('a programme begins with the flour that helps most, where one does', () => {
  expect(programmeFlour(PROGRAMME.neglected, OWN)).toEqual({ white: 0.5, wholeWheat: 0.5 });
  expect(programmeFlour(PROGRAMME.afterFridge, OWN)).toBe(OWN);
});

it('and goes on with the jar’s own once the baker gave that', () => {
  const medicine = programmeFlour(PROGRAMME.neglected, OWN);
  expect(programmeFlour(PROGRAMME.neglected, OWN, { rye: 1, white: 9 })).toBe(OWN);
  expect(programmeFlour(PROGRAMME.neglected, OWN, medicine)).toBe(medicine);
  // A treat of something else says nothing of what there is in the house.
  expect(programmeFlour(PROGRAMME.neglected, OWN, { spelt: 1 })).toBe(medicine);
});

it('gives no wheat or rye to a gluten-free starter, whatever would help it most', () => {
  for (const programme of Object.values(PROGRAMME))
    expect(programmeFlour(programme, { glutenFree: 1 })).toEqual({ glutenFree: 1 });
});
