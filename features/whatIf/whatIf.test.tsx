import { act, fireEvent, screen } from '@testing-library/react';

import { type Setup, USUAL_SETUP, courseDifference, followSetup, setupText } from '@core/whatIf';
import { USUAL_SETTINGS } from '@state';
import { shelf } from '@state/door/shelf';

import { NOW, PLACES, kitchenStore, show, tern, touch, type } from '../../tests/kitchen';
import { kitchenWords } from '../words';
import { WhatIfScreen } from './WhatIfScreen';
import { differenceWords } from './courseWords';

beforeEach(() => shelf.clear());

const words = kitchenWords({ ...USUAL_SETTINGS, ounces: false }, 'Europe/Lisbon', NOW);
const said = (to: Partial<Setup>, from: Setup = USUAL_SETUP, days = 10) => {
  const other = { ...from, ...to };
  const courses = [followSetup(from, days), followSetup(other, days)] as const;
  return differenceWords(
    courseDifference(courses, [from.everyH, other.everyH], days)!,
    [from, other],
    words,
  );
};

describe('what the other way changes', () => {
  it('is told in a sentence, the flour in another', () => {
    expect(said({ parts: 5 })).toMatch(
      /^The other way it is ripe \S+ hours later, after \S+ hours; it .*milder.*\. It takes 700 g of flour a week instead of 280 g\.$/,
    );
  });

  it('is nothing where nothing is', () => {
    expect(said({})).toBe('Nothing that anybody would notice.');
    expect(said({ keepG: 40 })).toMatch(
      /^Nothing that anybody would notice, but for the flour: it takes 560 g/,
    );
  });

  it('says which of them never gets there', () => {
    const cold = { temperature: { kind: 'constant', celsius: 5 } } as const;
    expect(said(cold)).toMatch(/^This way it is ripe after .*; the other way it never gets there before it is fed again/); // oxfmt-ignore
    expect(said({}, { ...USUAL_SETUP, ...cold })).toMatch(
      /^It is not ripe before it is fed again, either way\./,
    );
  });
});

/** The room, once what was kept before is there. */
async function shown(...args: Parameters<typeof show>) {
  show(...args);
  await act(async () => {
    await shelf.getItem('anything');
  });
}

describe('the what-if room', () => {
  /** By its label: asking a page of so many choices by role takes seconds. */
  const slider = (name: string) =>
    document.querySelector<HTMLInputElement>(`input[type="range"][aria-label="${name}"]`)!;
  const slide = (name: string, to: number) =>
    fireEvent.change(slider(name), { target: { value: String(to) } });
  const chosen = () =>
    [...document.querySelectorAll('[role="radio"][aria-checked="true"]')].map(
      ({ textContent }) => textContent,
    );

  it('begins with a jar of the shelf, and follows what is slid', async () => {
    await shown(<WhatIfScreen jar="tern" />, kitchenStore([...PLACES, tern({ ratio: { flour: 2, water: 2 } })])); // oxfmt-ignore
    expect(chosen()).toContain('Tern');
    expect(slider('Flour to 1 of keep').value).toBe('5');
    slide('Flour to 1 of keep', 2);
    expect(screen.getByText('Nothing that anybody would notice.')).toBeVisible();
    await touch('radio', 'the same all day');
    slide('All day', 27);
    expect(screen.getByText(/^The other way it is ripe .* sooner/)).toBeVisible();
  });

  it('opens what a link holds', async () => {
    const rye = { ...USUAL_SETUP, flour: { rye: 1 }, everyH: 36 };
    await shown(<WhatIfScreen a={setupText(rye)} b={setupText(USUAL_SETUP)} days="7" />);
    await touch('radio', 'This way');
    expect(chosen()).toEqual(expect.arrayContaining(['rye', '36 hours', '7 days']));
  });

  it('says so of a link that holds nothing', async () => {
    await shown(<WhatIfScreen a="{}" b="x" />);
    expect(screen.getByText(/holds no two ways that can be read/)).toBeVisible();
  });

  it('keeps a pair under a name, opens it, and drops it', async () => {
    await shown(<WhatIfScreen />);
    await touch('button', 'Keep it');
    expect(screen.getByText('Give it a name.')).toBeVisible();
    slide('Hydration', 60);
    await type('Keep it under a name', 'Stiff or not');
    await touch('button', 'Keep it');
    await screen.findByText('Stiff or not');
    slide('Hydration', 100);
    await touch('button', 'Open Stiff or not');
    expect(slider('Hydration').value).toBe('60');
    await touch('button', 'Drop Stiff or not');
    expect(await screen.findByText(/What you keep stays in this browser/)).toBeVisible();
  });
});
