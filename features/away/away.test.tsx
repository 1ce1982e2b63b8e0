import { screen, within } from '@testing-library/react';

import { selectTrips } from '@state';

import { PLACES, kitchenStore, show, tern, touch, type, went } from '../../tests/kitchen';
import { AwayScreen } from './AwayScreen';

const press = (name: string | RegExp) => touch('button', name);
const away = async (from: string, until: string) => {
  const store = show(<AwayScreen />, kitchenStore([...PLACES, tern()]));
  await type('Leaving', from);
  await type('Back', until);
  return store;
};
const ternPanel = () => within(screen.getByRole('region', { name: 'Tern', hidden: true }));

describe('a trip', () => {
  it('that is over, too long, or ends before it begins is none', async () => {
    await away('2026-03-14T08:00', '2026-03-21T08:00');
    for (const [from, until, problem] of [
      [
        '2026-03-14T08:00',
        '2026-03-13T08:00',
        'You come back before you leave: check the two dates.',
      ],
      ['', '2026-03-20T08:00', 'Give a day and a time for both.'],
      ['2026-03-10T08:00', '2026-03-12T08:00', 'That trip is over.'],
      ['2026-03-14T08:00', '2029-03-14T08:00', 'Two years at most. For longer than that, dry it.'],
    ] as const) {
      await type('Leaving', from);
      await type('Back', until);
      expect(screen.getByText(problem)).toBeVisible();
      expect(screen.queryByRole('button', { name: 'Add to my plan' })).toBeNull();
      expect(screen.queryByRole('region', { name: 'Tern', hidden: true })).toBeNull();
    }
  });

  it('is told to the plan once', async () => {
    const store = await away('2026-03-14T08:00', '2026-03-21T08:00');
    await press('Add to my plan');
    expect(selectTrips(store.getState())).toHaveLength(1);
    expect(screen.getByRole('button', { name: 'It is in your plan' })).toBeDisabled();
  });

  it('of a week takes a lean feed, weighed out at the bench', async () => {
    const store = await away('2026-03-14T08:00', '2026-03-21T08:00');
    expect(
      ternPanel().getByText(/The least trouble for \d+ days: lean feed, fridge/),
    ).toBeVisible();
    await press('To the bench');
    expect(went).toEqual(['/jar/tern/feed']);
    expect(store.getState().bench.tern!.parts).toBeGreaterThan(3);
  });

  it('of half a year takes drying, and the backup is made from here', async () => {
    await away('2026-03-14T08:00', '2026-09-14T08:00');
    expect(ternPanel().getByText(/The least trouble for \d+ days: dry it/)).toBeVisible();
    await press('Make it now');
    expect(screen.getByRole('dialog', { hidden: true })).toBeVisible();
  });

  it('says from when to begin to be ripe by an hour, or that it cannot be', async () => {
    await away('2026-03-14T08:00', '2026-03-21T08:00');
    await type('Starter ripe again by (optional)', '2026-03-25T08:00');
    expect(ternPanel().getByText(/^To be ripe by .*, begin by /)).toBeVisible();
    await type('Starter ripe again by (optional)', '2026-03-21T09:00');
    expect(ternPanel().getByText(/^Not ripe by /)).toBeVisible();
  });

  it('leaves a jar out that goes along', async () => {
    await away('2026-03-14T08:00', '2026-03-21T08:00');
    await touch('checkbox', 'Tern');
    expect(screen.queryByRole('region', { name: 'Tern', hidden: true })).toBeNull();
  });

  it('without a jar leaves nothing behind', () => {
    show(<AwayScreen />, kitchenStore([...PLACES]));
    expect(screen.getByText('There is no jar on the shelf to leave behind.')).toBeVisible();
  });
});
