import { screen } from '@testing-library/react';

import { selectHands, selectBakes, selectTrips } from '@state';

import { PLACES, kitchenStore, show, tern, touch, type } from '../../tests/kitchen';
import { PlanScreen } from './PlanScreen';

const press = (name: string | RegExp) => touch('button', name);
const pick = (name: string | RegExp) => touch('radio', name);

/** A kitchen with one jar, in which nobody has said anything yet. */
const ownKitchen = () => kitchenStore([...PLACES, tern()]);

describe('what is wished', () => {
  it('is a bake from grams or from loaves', async () => {
    const store = show(<PlanScreen />);
    await press('Add a bake');
    await type('Levain ripe at', '2026-03-15T09:00');
    await type('Levain', '200');
    await type('Name, if it needs one', 'Sunday');
    await press('Add this bake');
    await press('Add a bake');
    await type('Levain ripe at', '2026-03-16T09:00');
    await pick('work it out from loaves');
    await type('Loaves', '2');
    await type('Flour each', '500');
    await type('Inoculation', '20');
    await pick('two hours');
    await press('Add this bake');
    expect(selectBakes(store.getState())).toMatchObject([
      { name: 'Sunday', levainG: 200, until: Date.parse('2026-03-15T10:00Z') },
      { from: Date.parse('2026-03-16T07:00Z'), until: Date.parse('2026-03-16T11:00Z') },
    ]);
    // A fifth of a kilogram of flour, and water at the jar's own hydration.
    expect(selectBakes(store.getState())[1]!.levainG).toBe(400);
    await press('Remove Sunday');
    expect(selectBakes(store.getState())).toHaveLength(1);
  });

  it('is called by its day when nobody names it, as it will still be called on that day', async () => {
    const store = show(<PlanScreen />, ownKitchen());
    await press('Add a bake');
    await type('Levain ripe at', '2026-03-14T15:00');
    await press('Add this bake');
    expect(selectBakes(store.getState())).toMatchObject([{ name: 'Bake of Sat 14 Mar' }]);
  });

  it('comes back every week, is skipped once, and ends', async () => {
    const store = show(<PlanScreen />, ownKitchen());
    await press('Add a bake');
    await type('Levain ripe at', '2026-03-15T09:00');
    await type('Name, if it needs one', 'Sunday tins');
    await pick('every week');
    await press('Add this bake');
    expect(selectBakes(store.getState()).map(({ name }) => name)).toEqual([
      'Sunday tins',
      'Sunday tins',
    ]);
    expect(screen.getByText('Sunday tins comes back every week.')).toBeVisible();
    await press('Skip Sunday tins, Sun 15 Mar');
    expect(selectBakes(store.getState())).toHaveLength(1);
    await press('Stop Sunday tins');
    expect(selectBakes(store.getState())).toEqual([]);
  });

  it('may be pancakes, of whatever is there', async () => {
    const store = show(<PlanScreen />, ownKitchen());
    await press('Add a bake');
    await pick('discard, or what can be spared');
    await type('Wanted at', '2026-03-15T09:00');
    await type('Levain', '200');
    await type('Name, if it needs one', 'Pancakes');
    await press('Add this bake');
    expect(selectBakes(store.getState())).toMatchObject([{ anything: true, levainG: 200 }]);
    expect(screen.getByText(/^200 g of discard, or of what Tern can spare/)).toBeVisible();
    expect(screen.getByText(/^There is no discard for it yet/)).toBeVisible();
  });

  it('is planned by no hours that nobody gave, and asked about once', async () => {
    const store = show(<PlanScreen />, ownKitchen());
    expect(selectHands(store.getState()).workDays).toEqual([]);
    expect(
      screen.getByText(/^Until you say so, plans keep clear of the night alone/),
    ).toBeVisible();
    await press('Out on weekdays, 08:00 to 17:30');
    expect(selectHands(store.getState()).workDays).toEqual([0, 1, 2, 3, 4]);
    expect(screen.queryByText('When are you home?')).toBeNull();
  });

  it('can be painted at once', async () => {
    const store = show(<PlanScreen />, ownKitchen());
    await press('Paint it');
    expect(screen.getByRole('dialog', { name: 'When you are home' })).toBeVisible();
    expect(selectHands(store.getState()).workDays).toEqual([]);
  });

  it('is not taken too soon, too far ahead, or of no levain', async () => {
    const store = show(<PlanScreen />);
    await press('Add a bake');
    for (const [label, text, problem] of [
      ['Levain ripe at', '2026-03-13T18:40', /^Too soon/],
      ['Levain ripe at', '2026-06-13T18:40', /two weeks ahead at most/],
      ['Levain', '0', /^Give between 1 and 5000 g/],
      ['Levain', 'some', /^Give between 1 and 5000 g/],
    ] as const) {
      await type('Levain ripe at', '2026-03-15T09:00');
      await type(label, text);
      await press('Add this bake');
      expect(screen.getByText(problem)).toBeVisible();
      expect(selectBakes(store.getState())).toEqual([]);
    }
  });

  it('is around hands: hours, work days, what is painted, and trips', async () => {
    const store = show(<PlanScreen />);
    await press('Hands');
    await type('Up from', '5:45');
    await touch('checkbox', 'Sat');
    expect(selectHands(store.getState())).toMatchObject({
      upFrom: 5.75,
      workDays: expect.arrayContaining([5]),
    });
    await type('until', '4');
    expect(screen.getByText('The end is before the beginning.')).toBeVisible();
    await type('until', 'late');
    expect(screen.getByText('An hour like 6:30.')).toBeVisible();
    expect(selectHands(store.getState()).upUntil).toBeGreaterThan(20);
    await press('A trip, or a night away');
    await type('Leaving', '2026-03-20T08:00');
    await type('Coming back', '2026-03-19T08:00');
    await press('Mark the trip');
    expect(screen.getByText(/^Give the day you leave/)).toBeVisible();
    await type('Coming back', '2026-03-22T08:00');
    await press('Mark the trip');
    expect(selectTrips(store.getState())).toMatchObject([
      { from: Date.parse('2026-03-20T08:00Z'), until: Date.parse('2026-03-22T08:00Z') },
    ]);
    await press('Remove the trip');
    expect(selectTrips(store.getState())).toEqual([]);
  });
});
