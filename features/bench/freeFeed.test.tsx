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
  it('takes flour alone, takes nothing out, and is three steps', async () => {
    const store = atTheBench();
    const before = content(store).massG;
    await pick('Add to it');
    expect(screen.getByText('Tern at the bench · 1 of 3')).toBeVisible();
    await type('Flour', '40');
    await press('It is in');
    expect(screen.getByRole('heading', { name: 'Mix and mark' })).toBeVisible();
    await press('The band is set');
    await press('The feed is done');
    expect(lastFed(store)).toMatchObject({ keepG: Math.round(before), flourG: 40, waterG: 0 });
    expect(content(store).massG).toBeCloseTo(before + 40, 0);
    expect(selectJarEvents(store.getState(), 'tern').map(({ kind }) => kind)).not.toContain(
      'discarded',
    );
  });

  it('says what is missing and what is no weight, and keeps what was typed', async () => {
    atTheBench();
    await pick('Add to it');
    await press('It is in');
    expect(screen.getByText('Give flour, water or both.')).toBeVisible();
    await type('Flour', 'a handful');
    await press('It is in');
    expect(screen.getByText('This is not a weight: a handful')).toBeVisible();
    expect(screen.getByDisplayValue('a handful')).toBeVisible();
  });

  it('takes cups and spoons where the kitchen has them', async () => {
    const store = kitchenStore([...PLACES, tern()]);
    store.dispatch(settingsChanged({ cups: true }));
    show(<BenchScreen id="tern" />, store);
    await pick('Add to it');
    await type('Flour', '½ cup');
    await type('Water', '4 tbsp');
    await press('It is in');
    await press('The band is set');
    await press('The feed is done');
    expect(lastFed(store)).toMatchObject({ flourG: 60, waterG: 59 });
  });
});

describe('by eye', () => {
  it('says how rough it is, and is written down as such', async () => {
    const store = atTheBench();
    await pick('By eye');
    await pick('half');
    await pick('three times');
    expect(screen.getByText(/An eye is easily 25 % out/)).toBeVisible();
    await press('It is in');
    await press('The band is set');
    await press('The feed is done');
    expect(lastFed(store)).toMatchObject({ rough: true });
  });
});

describe('what the scale says', () => {
  it('corrects the log from then on', async () => {
    const store = atTheBench();
    await pick('Add to it');
    await press('Correct it');
    await pick('Weighed without it');
    await type('The scale says', '70');
    await press('Use this from now on');
    expect(content(store).massG).toBe(70);
    expect(screen.getByText(/^By the log 70 g are in the jar/)).toBeVisible();
  });

  it('is refused where no jar could hold it', async () => {
    atTheBench();
    await pick('Add to it');
    await press('Correct it');
    await pick('Weighed without it');
    await type('The scale says', '7000');
    await press('Use this from now on');
    expect(screen.getByText(/holds about \d+ g at most/)).toBeVisible();
  });
});

describe('a slip', () => {
  it('may leave the rest as it was planned', async () => {
    const store = atTheBench();
    await type('Scale reads, grams', '25');
    await press('Keep is in');
    await press('Leave the rest as planned');
    expect(
      screen.getByText('Kept 25 instead of 20: water and flour stay as planned.'),
    ).toBeVisible();
    for (const step of ['Water is in', 'Flour is in', 'The band is set', 'The feed is done'])
      await press(step);
    expect(lastFed(store)).toMatchObject({ keepG: 25, flourG: 40, waterG: 40 });
  });
});

describe('the usual feed', () => {
  it('is the card’s, whatever the last one was', async () => {
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
    await press('It is fed');
    expect(lastFed(store)).toMatchObject({ keepG: 20, flourG: 40, waterG: 40 });
  });
});

describe('what comes out', () => {
  it('goes to several places', async () => {
    const store = kitchenStore([...PLACES, tern()]);
    const sheet = (
      <TakeSheet standing={selectStanding(store.getState(), 'tern')!} onClose={() => undefined} />
    );
    show(sheet, store);
    await type('How much', '60');
    await press('Some of it goes elsewhere');
    await type('Some of it', '80');
    await press('Take it out');
    expect(screen.getAllByText(/more than (comes out|the 60 g)/)[0]).toBeVisible();
    await type('Some of it', '15');
    await press('Take it out');
    const out = selectJarEvents(store.getState(), 'tern').slice(-2);
    expect(out).toEqual([
      expect.objectContaining({ grams: 15 }),
      expect.objectContaining({ kind: 'took', grams: 45 }),
    ]);
  });
});

describe('a move that was said beforehand', () => {
  async function putAway() {
    const store = atTheBench();
    for (const step of ['Keep is in', 'Water is in', 'Flour is in', 'The band is set'])
      await press(step);
    await pick('Fridge, 5 °C');
    await press('The feed is done');
    show(<Promises />, store);
    return store;
  }

  it('is shown, and one tap says that it is done already', async () => {
    const store = await putAway();
    expect(screen.getByText(/^Tern goes into the fridge at /)).toBeVisible();
    await press('Already there');
    expect(selectJar(store.getState(), 'tern')!.stays.at(-1)!.place).toBe('fridge');
    expect(screen.queryByText(/goes into the fridge/)).toBeNull();
  });

  it('is put off by half an hour with one tap', async () => {
    const store = await putAway();
    later(store, 1.6);
    expect(screen.getByText('Time for Tern to go into the fridge')).toBeVisible();
    await press('In 30 min');
    expect(screen.getByText(/^Tern goes into the fridge at /)).toBeVisible();
    expect(selectJar(store.getState(), 'tern')!.stays.at(-1)!.place).toBe('counter');
  });

  it('forgotten, is asked about, and answered with one tap', async () => {
    const store = await putAway();
    later(store, 14);
    expect(screen.getByText(/^Did Tern go into the fridge .*\?$/)).toBeVisible();
    expect(screen.getByText('Until you say, its hours allow for both.')).toBeVisible();
    await press('It stays out');
    expect(screen.queryByText(/fridge/)).toBeNull();
    expect(selectJar(store.getState(), 'tern')!.stays.at(-1)!.place).toBe('counter');
  });
});
