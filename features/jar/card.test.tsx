import { cleanup, screen } from '@testing-library/react';

import { type JournalEvent } from '@core/journal';
import { selectJar, selectJarEvents, selectJars, selectJarAt } from '@state';

import { AddJarScreen } from './AddJarScreen';
import { EditJarScreen } from './EditJarScreen';
import { JarPane } from './JarPane';
import { PaperScreen } from './PaperScreen';
import { PLACES, iso, kitchenStore, show, tern, touch, type, went } from '../../tests/kitchen';

type Kitchen = ReturnType<typeof kitchenStore>;

const press = (name: string | RegExp) => touch('button', name);
const pick = (name: string | RegExp) => touch('radio', name);
const logged = (store: Kitchen, jar = 'tern') =>
  selectJarEvents(store.getState(), jar).at(-1) as JournalEvent;
const problemOf = (label: string) => expect(screen.getByLabelText(label));

const fed: JournalEvent = {
  kind: 'fed',
  id: 'fed once',
  jar: 'tern',
  at: iso(-5),
  keepG: 20,
  flourG: 40,
  waterG: 40,
  flour: { white: 1 },
};

describe('the card', () => {
  const edit = (...events: readonly JournalEvent[]) =>
    show(<EditJarScreen id="tern" />, kitchenStore([...PLACES, tern(), ...events]));

  it('is changed, and what is not is kept', async () => {
    const store = edit();
    await type('Keep', '15');
    await type('Hydration: water over flour', '80');
    await press('Save the card');
    expect(selectJar(store.getState(), 'tern')!.card).toMatchObject({
      name: 'Tern',
      keepG: 15,
      ratio: { flour: 2, water: 1.6 },
      vessel: { emptyG: 300, capacityMl: 500 },
    });
    expect(went).toEqual(['/jar/tern']);
  });

  it('may name a flour that is none of the known ones, and says what it is like', async () => {
    const store = edit();
    await touch('radio', 'another');
    await press('Save the card');
    problemOf('What it is called').toHaveAccessibleDescription('What is it called?');
    await type('What it is called', 'old mill');
    await type('Protein, if the label says', '13.2');
    await press('Save the card');
    expect(selectJar(store.getState(), 'tern')!.card).toMatchObject({
      flourCalled: 'old mill',
      flour: { strongWhite: 1 },
    });
  });

  it('with what cannot be is not saved, and says so at each field', async () => {
    const store = edit();
    const wrong = {
      Name: ' ',
      Keep: 'a spoon',
      'Flour to 1 of keep': '0',
      'Hydration: water over flour': '900',
      Holds: '-1',
      'Weighs empty': '',
      'Base width, as a share of the rim': '5',
    };
    for (const [label, text] of Object.entries(wrong)) await type(label, text);
    await press('Save the card');
    for (const label of Object.keys(wrong)) {
      problemOf(label).toHaveAccessibleDescription(/./);
      problemOf(label).toBeInvalid();
    }
    expect(logged(store)).toMatchObject({ kind: 'started' });
    expect(went).toEqual([]);
  });

  it('lets another flour in over some feeds', async () => {
    const store = edit();
    await pick('rye');
    await pick('over 4 feeds');
    await press('Save the card');
    expect(selectJar(store.getState(), 'tern')!.card.change).toMatchObject({
      to: { rye: 1 },
      feeds: 4,
    });
  });
});

describe('a starter that joins', () => {
  const add = () => show(<AddJarScreen />, kitchenStore([...PLACES]));

  it('with a feed that is remembered stands as that says', async () => {
    const store = add();
    await type('Name', 'Puffin');
    await type('Fed at', '2026-03-13T12:00');
    await press('Put it on the shelf');
    const puffin = selectJarAt(store.getState(), 'puffin')!;
    expect(went).toEqual([`/jar/${puffin}`]);
    expect(selectJarEvents(store.getState(), puffin)).toMatchObject([
      { kind: 'started', massG: 20 },
      { kind: 'fed', at: '2026-03-13T12:00:00.000Z', keepG: 20, flourG: 80, waterG: 80 },
    ]);
  });

  it('of which nothing is known but its weight joins too', async () => {
    const store = add();
    await type('Name', 'Puffin');
    await pick('1 to 4 weeks ago');
    await type('In the jar', '140');
    await press('Put it on the shelf');
    expect(
      selectJarEvents(store.getState(), selectJarAt(store.getState(), 'puffin')!),
    ).toMatchObject([{ kind: 'started', unfedH: [168, 720], massG: 140 }]);
  });

  it('of which nobody knows when it was fed is told by nothing but what is seen', async () => {
    const store = add();
    await type('Name', 'Puffin');
    await pick('nobody knows');
    await press('Put it on the shelf');
    const puffin = selectJarAt(store.getState(), 'puffin')!;
    cleanup();
    show(<JarPane id={puffin} />, store);
    expect(screen.getByText(/^Nobody knows when it was last fed: say what you see/)).toBeVisible();
    expect(screen.getByText('no band yet')).toBeVisible();
    await screen.findByLabelText('Note');
    expect(screen.queryByText(/^Peak|^Doubled|^Half starved/)).toBeNull();
  });

  it('as flakes begins with the soak that wakes them, at so many grams', async () => {
    const store = add();
    await type('Name', 'Puffin');
    await pick('it is dried flakes');
    await type('Grams of flakes', '15');
    expect(screen.getByText('With 30 g of lukewarm water.')).toBeVisible();
    await type('Grams of flakes', '0');
    await press('Put it on the shelf');
    problemOf('Grams of flakes').toHaveAccessibleDescription(/At least a gram/);
    await type('Grams of flakes', '15');
    await press('Put it on the shelf');
    const puffin = selectJarAt(store.getState(), 'puffin')!;
    expect(selectJarEvents(store.getState(), puffin)).toMatchObject([
      { kind: 'started', massG: 45, condition: 'dried' },
      { kind: 'programmeBegun', programme: 'flakesInStages' },
    ]);
    expect(went).toEqual([`/jar/${puffin}/programme`]);
  });

  it('counts the fields that want another look, and joins nothing', async () => {
    const store = add();
    await type('Keep', 'none');
    await type('Fed at', '');
    await press('Put it on the shelf');
    expect(screen.getByText('3 fields need another look.')).toBeVisible();
    expect(selectJars(store.getState())).toEqual([]);
  });
});

describe('a jar on paper', () => {
  it('splits off a part with its origin, not twice under one name', async () => {
    const store = kitchenStore([...PLACES, tern(), fed]);
    show(<PaperScreen id="tern" />, store);
    await press('Split off a part as a jar of its own');
    await type('Its name', 'tern');
    await type('How much', '900');
    await press('Split it off');
    problemOf('Its name').toHaveAccessibleDescription('There is a jar of that name already.');
    problemOf('How much').toHaveAccessibleDescription(/./);
    await type('Its name', 'Puffin');
    await type('How much', '25');
    await press('Split it off');
    expect(
      selectJarEvents(store.getState(), selectJarAt(store.getState(), 'puffin')!),
    ).toMatchObject([
      { kind: 'started', massG: 25, condition: 'asItStood', from: 'tern' },
      { kind: 'noted', note: expect.stringMatching(/^Split off from Tern/) },
    ]);
    expect(logged(store)).toMatchObject({ kind: 'took', grams: 25 });
  });
});
