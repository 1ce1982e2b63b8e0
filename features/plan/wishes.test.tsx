import { screen } from '@testing-library/react';

import { selectHands, selectBakes, selectTrips } from '@state';

import { show, touch, type } from '../../tests/kitchen';
import { PlanScreen } from './PlanScreen';

const press = (name: string | RegExp) => touch('button', name);
const pick = (name: string | RegExp) => touch('radio', name);

describe('what is wished', () => {
  it('is a bake from grams or from loaves', () => {
    const store = show(<PlanScreen />);
    press('Add a bake');
    type('Levain ripe at', '2026-03-15T09:00');
    type('Levain', '200');
    type('Name, if it needs one', 'Sunday');
    press('Want it');
    press('Add a bake');
    type('Levain ripe at', '2026-03-16T09:00');
    pick('reckon from loaves');
    type('Loaves', '2');
    type('Flour each', '500');
    type('Inoculation', '20');
    pick('two hours');
    press('Want it');
    expect(selectBakes(store.getState())).toMatchObject([
      { name: 'Sunday', levainG: 200, until: Date.parse('2026-03-15T10:00Z') },
      { from: Date.parse('2026-03-16T07:00Z'), until: Date.parse('2026-03-16T11:00Z') },
    ]);
    // A fifth of a kilogram of flour, and water at the jar's own hydration.
    expect(selectBakes(store.getState())[1]!.levainG).toBe(400);
    press('Remove Sunday');
    expect(selectBakes(store.getState())).toHaveLength(1);
  });

  it.each([
    ['Levain ripe at', '2026-03-13T18:40', /^Too soon/],
    ['Levain ripe at', '2026-06-13T18:40', /two weeks ahead at most/],
    ['Levain', '0', /no levain between 1 and 5000 g/],
    ['Levain', 'some', /no levain between 1 and 5000 g/],
  ])('with %s at %j is not taken', (label, text, problem) => {
    const store = show(<PlanScreen />);
    press('Add a bake');
    type('Levain ripe at', '2026-03-15T09:00');
    type(label, text);
    press('Want it');
    expect(screen.getByText(problem)).toBeVisible();
    expect(selectBakes(store.getState())).toEqual([]);
  });

  it('is around hands: hours, work days, what is painted, and trips', () => {
    const store = show(<PlanScreen />);
    type('Up from', '5:45');
    touch('checkbox', 'Sat');
    expect(selectHands(store.getState())).toMatchObject({
      upFrom: 5.75,
      workDays: expect.arrayContaining([5]),
    });
    type('until', '4');
    expect(screen.getByText('The end comes before the beginning.')).toBeVisible();
    type('until', 'late');
    expect(screen.getByText('An hour like 6:30.')).toBeVisible();
    expect(selectHands(store.getState()).upUntil).toBeGreaterThan(20);
    press('A trip, or a night away');
    type('Leaving', '2026-03-20T08:00');
    type('Coming back', '2026-03-19T08:00');
    press('Mark the trip');
    expect(screen.getByText(/^Give the day you leave/)).toBeVisible();
    type('Coming back', '2026-03-22T08:00');
    press('Mark the trip');
    expect(selectTrips(store.getState())).toMatchObject([
      { from: Date.parse('2026-03-20T08:00Z'), until: Date.parse('2026-03-22T08:00Z') },
    ]);
    press('Remove the trip');
    expect(selectTrips(store.getState())).toEqual([]);
  });
});
