import { screen } from '@testing-library/react';

import { selectHands, selectJars, selectRuns } from '@state';

import { PLACES, kitchenStore, show, tern, touch, type, went } from '../../tests/kitchen';
import { ProgrammeScreen } from './ProgrammeScreen';
import { StartScreen } from './StartScreen';

const press = (name: string | RegExp) => touch('button', name);
const pick = (name: string | RegExp) => touch('radio', name);

describe('a programme on its way', () => {
  it('is joined on day 4 with a table of the baker’s own', async () => {
    const store = kitchenStore([...PLACES, tern()]);
    show(<StartScreen />, store);
    await press('Join a programme on the way');
    await pick(/^a new starter: tiny/);
    await press('My own feeds instead');
    await type('Keep', '15');
    await type('Water', '40');
    await type('Flour', '45');
    await press('Go on from here');
    expect(went).toEqual(['/jar/tern/programme']);
    const [{ run, next }] = selectRuns(store.getState()) as [ReturnType<typeof selectRuns>[number]];
    expect(run.day).toBe(4);
    expect(next).toMatchObject({ keepG: 15, waterG: 40, flourG: 45 });
  });

  it('asks once when somebody is there, and keeps to it', async () => {
    const store = kitchenStore([...PLACES, tern()]);
    show(<StartScreen />, store);
    await press('Join a programme on the way');
    await press('Go on from here');
    show(<ProgrammeScreen id="tern" />, store);
    await press('Out on weekdays, 08:00 to 17:30');
    expect(screen.queryByText('When are you home?')).toBeNull();
    expect(selectHands(store.getState()).workDays).toHaveLength(5);
  });

  it('says what is wrong beside the field, and keeps what was typed', async () => {
    const store = kitchenStore([...PLACES, tern()]);
    show(<StartScreen />, store);
    await press('Join a programme on the way');
    await type('Today is day', 'four');
    await press('Go on from here');
    expect(screen.getByText('A day from 1 to 60, please.')).toBeVisible();
    expect(screen.getByDisplayValue('four')).toBeVisible();
    expect(selectRuns(store.getState())).toEqual([]);
  });

  it('asks for a jar first where there is none', async () => {
    show(<StartScreen />, kitchenStore([...PLACES]));
    await press('Join a programme on the way');
    expect(screen.getByRole('link', { name: 'Add a starter' })).toHaveAttribute('href', '/add');
  });

  it('several portions are begun in one pass', async () => {
    const store = kitchenStore([...PLACES]);
    show(<StartScreen />, store);
    await press('Begin: Dried flakes');
    await type('Its name', 'Flake');
    await pick('three');
    await press('They are soaking');
    expect(selectJars(store.getState()).map(({ card }) => card.name)).toEqual([
      'Flake',
      'Flake 2',
      'Flake 3',
    ]);
    expect(selectRuns(store.getState())).toHaveLength(3);
  });
});
