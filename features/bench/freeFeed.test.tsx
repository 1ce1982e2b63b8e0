import { screen } from '@testing-library/react';

import { contentOf } from '@core/journal';
import { selectJar, selectJarEvents, selectStanding, settingsChanged } from '@state';

import { PLACES, iso, kitchenStore, later, show, tern, touch, type } from '../../tests/kitchen';
import { SameAgainSheet } from '../jar/SameAgainSheet';
import { TakeSheet } from '../jar/TakeSheet';
import { Promises } from '../parts/Promises';
import { BenchScreen } from './BenchScreen';

const press = (name: string | RegExp) => touch('button', name);
const pick = (name: string | RegExp) => touch('radio', name);

function atTheBench() {
  const store = kitchenStore([...PLACES, tern()]);
  show(<BenchScreen id="tern" />, store);
  return store;
}

const lastFed = (store: ReturnType<typeof kitchenStore>) =>
  selectJarEvents(store.getState(), 'tern').findLast(({ kind }) => kind === 'fed');
const content = (store: ReturnType<typeof kitchenStore>) =>
  contentOf(selectJar(store.getState(), 'tern')!);

describe('adding to what is there', () => {
  it('takes flour alone, takes nothing out, and is three steps', () => {
    const store = atTheBench();
    const before = content(store).massG;
    pick('Add to it');
    expect(screen.getByText('Tern at the bench · 1 of 3')).toBeVisible();
    type('Flour', '40');
    press('It is in');
    expect(screen.getByRole('heading', { name: 'Mix and mark' })).toBeVisible();
    press('The band is set');
    press('The feed is done');
    expect(lastFed(store)).toMatchObject({ keepG: Math.round(before), flourG: 40, waterG: 0 });
    expect(content(store).massG).toBeCloseTo(before + 40, 0);
    expect(selectJarEvents(store.getState(), 'tern').map(({ kind }) => kind)).not.toContain(
      'discarded',
    );
  });

  it('says what is missing and what is no weight, and keeps what was typed', () => {
    atTheBench();
    pick('Add to it');
    press('It is in');
    expect(screen.getByText('Give flour, water or both.')).toBeVisible();
    type('Flour', 'a handful');
    press('It is in');
    expect(screen.getByText('This is not a weight: a handful')).toBeVisible();
    expect(screen.getByDisplayValue('a handful')).toBeVisible();
  });

  it('takes cups and spoons where the kitchen has them', () => {
    const store = kitchenStore([...PLACES, tern()]);
    store.dispatch(settingsChanged({ cups: true }));
    show(<BenchScreen id="tern" />, store);
    pick('Add to it');
    type('Flour', '½ cup');
    type('Water', '4 tbsp');
    press('It is in');
    press('The band is set');
    press('The feed is done');
    expect(lastFed(store)).toMatchObject({ flourG: 60, waterG: 59.3 });
  });
});

describe('by eye', () => {
  it('says how rough it is, and is written down as such', () => {
    const store = atTheBench();
    pick('By eye');
    pick('half');
    pick('three times');
    expect(screen.getByText(/An eye is easily 25 % out/)).toBeVisible();
    press('It is in');
    press('The band is set');
    press('The feed is done');
    expect(lastFed(store)).toMatchObject({ rough: true });
  });
});

describe('what the scale says', () => {
  it('corrects the log from then on', () => {
    const store = atTheBench();
    pick('Add to it');
    press('Correct it');
    pick('Weighed without it');
    type('The scale says', '70');
    press('Use this from now on');
    expect(content(store).massG).toBe(70);
    expect(screen.getByText(/^By the log 70 g are in the jar/)).toBeVisible();
  });

  it('is refused where no jar could hold it', () => {
    atTheBench();
    pick('Add to it');
    press('Correct it');
    pick('Weighed without it');
    type('The scale says', '7000');
    press('Use this from now on');
    expect(screen.getByText(/holds about \d+ g at most/)).toBeVisible();
  });
});

describe('a slip', () => {
  it('may leave the rest as it was planned', () => {
    const store = atTheBench();
    type('Scale reads, grams', '25');
    press('Keep is in');
    press('Leave the rest as planned');
    expect(
      screen.getByText('Kept 25 instead of 20: water and flour stay as planned.'),
    ).toBeVisible();
    for (const step of ['Water is in', 'Flour is in', 'The band is set', 'The feed is done'])
      press(step);
    expect(lastFed(store)).toMatchObject({ keepG: 25, flourG: 40, waterG: 40 });
  });
});

describe('the usual feed', () => {
  it('is the card’s, whatever the last one was', () => {
    const slip = { keepG: 25, flourG: 50, waterG: 45, flour: { white: 1 } };
    const store = kitchenStore([
      ...PLACES,
      tern(),
      { kind: 'discarded', id: 'out', jar: 'tern', at: iso(-9), grams: 65, to: 'bin' },
      { kind: 'fed', id: 'slip', jar: 'tern', at: iso(-9), ...slip },
    ]);
    show(
      <SameAgainSheet
        standing={selectStanding(store.getState(), 'tern')!}
        onClose={() => undefined}
      />,
      store,
    );
    press('It is fed');
    expect(lastFed(store)).toMatchObject({ keepG: 20, flourG: 40, waterG: 40 });
  });
});

describe('what comes out', () => {
  it('goes to several places', () => {
    const store = kitchenStore([...PLACES, tern()]);
    const sheet = (
      <TakeSheet standing={selectStanding(store.getState(), 'tern')!} onClose={() => undefined} />
    );
    show(sheet, store);
    type('How much', '60');
    press('Some of it goes elsewhere');
    type('Some of it', '80');
    press('Take it out');
    expect(screen.getAllByText(/more than (comes out|the 60 g)/)[0]).toBeVisible();
    type('Some of it', '15');
    press('Take it out');
    const out = selectJarEvents(store.getState(), 'tern').slice(-2);
    expect(out).toEqual([
      expect.objectContaining({ grams: 15 }),
      expect.objectContaining({ kind: 'took', grams: 45 }),
    ]);
  });
});

describe('a move that was said beforehand', () => {
  function putAway() {
    const store = atTheBench();
    for (const step of ['Keep is in', 'Water is in', 'Flour is in', 'The band is set']) press(step);
    pick('Fridge, 5 °C');
    press('The feed is done');
    show(<Promises />, store);
    return store;
  }

  it('is shown, and one tap says that it is done already', () => {
    const store = putAway();
    expect(screen.getByText(/^Tern goes into the fridge at /)).toBeVisible();
    press('Already there');
    expect(selectJar(store.getState(), 'tern')!.stays.at(-1)!.place).toBe('fridge');
    expect(screen.queryByText(/goes into the fridge/)).toBeNull();
  });

  it('is put off by half an hour with one tap', () => {
    const store = putAway();
    later(store, 1.6);
    expect(screen.getByText('Time for Tern to go into the fridge')).toBeVisible();
    press('In 30 min');
    expect(screen.getByText(/^Tern goes into the fridge at /)).toBeVisible();
    expect(selectJar(store.getState(), 'tern')!.stays.at(-1)!.place).toBe('counter');
  });

  it('forgotten, is asked about, and answered with one tap', () => {
    const store = putAway();
    later(store, 14);
    expect(screen.getByText(/^Did Tern go into the fridge .*\?$/)).toBeVisible();
    expect(screen.getByText('Until you say, its hours allow for both.')).toBeVisible();
    press('It stays out');
    expect(screen.queryByText(/fridge/)).toBeNull();
    expect(selectJar(store.getState(), 'tern')!.stays.at(-1)!.place).toBe('counter');
  });
});
