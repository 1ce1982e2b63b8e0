import { cleanup, screen } from '@testing-library/react';

import { contentOf, type JournalEvent } from '@core/journal';
import { someFeed } from '@core/journal/someJar.testing';
import {
  selectBakes,
  selectBowls,
  selectJar,
  selectJars,
  selectLots,
  selectStanding,
  selectWishesInBowls,
} from '@state';

import {
  PLACES,
  iso,
  kitchenStore,
  later,
  show,
  tern,
  touch,
  type,
  went,
} from '../../tests/kitchen';
import { JarPane } from '../jar';
import { NowScreen } from '../now';
import { BuildScreen } from './BuildScreen';
import { BenchScreen } from '../bench';
import { DoughScreen } from '../bake';
import { TakeSheet } from '../jar/TakeSheet';

const press = (name: string | RegExp) => touch('button', name);

const WISH: JournalEvent = {
  kind: 'wished',
  id: 'w',
  at: iso(-2),
  wish: 'loaves',
  name: 'Sunday loaves',
  jar: 'tern',
  what: { levainG: 60, from: iso(7), until: iso(9) },
};

const kitchen = () => kitchenStore([...PLACES, tern(), WISH]);
type Kitchen = ReturnType<typeof kitchenStore>;

/** A bowl for the wish, on the shelf. */
async function built(): Promise<Kitchen> {
  const store = kitchen();
  show(<BuildScreen id="tern" wish="loaves" />, store);
  await press('It is mixed');
  cleanup();
  return store;
}

describe('a levain in a bowl', () => {
  it('is named after its bake, with the grams for it, and no card to fill in', async () => {
    const store = kitchen();
    show(<BuildScreen id="tern" wish="loaves" />, store);
    expect(screen.getByDisplayValue('Sunday loaves')).toBeVisible();
    expect(screen.getByText(/^67 g at 100 %$/)).toBeVisible();
    await press('It is mixed');
    const [bowl] = selectBowls(store.getState());
    expect(went).toEqual([`/jar/${bowl!.id}`]);
    expect(contentOf(bowl!).massG).toBe(67);
    expect(contentOf(selectJar(store.getState(), 'tern')!).massG).toBeLessThan(90);
    expect(selectWishesInBowls(store.getState()).get('loaves')).toBe(bowl!.id);
    // It is no jar to be planned for, backed up or compared.
    expect(selectJars(store.getState()).map(({ id }) => id)).toEqual(['tern']);
  });

  it.each([
    ['now, of a jar long hungry', null, -40],
    ['some hours ago, when its jar was ripe', '2026-03-12T16:00', -40],
    ['now, of a jar that was only just fed', null, -1],
  ])('mixed %s, is foretold as its page tells it then', async (_, mixedAt, fedH) => {
    const fed = someFeed('long ago', iso(fedH), { flourG: 40, waterG: 40 });
    const store = kitchenStore([...PLACES, { ...tern(), at: iso(-60) }, fed]);
    show(<BuildScreen id="tern" />, store);
    const foretoldNow = screen.getByText(/^Ripe /).textContent;
    if (mixedAt !== null) {
      await press('It was earlier');
      await type('Mixed at', mixedAt);
      expect(screen.getByText(/^Ripe /).textContent).not.toBe(foretoldNow);
    }
    const foretold = /^Ripe (.*)\.$/.exec(screen.getByText(/^Ripe /).textContent)![1]!;
    await press('It is mixed');
    const [bowl] = selectBowls(store.getState());
    cleanup();
    show(<JarPane id={bowl!.id} />, store);
    expect(screen.getByText(foretold)).toBeVisible();
  });

  it('says what is wrong beside the field, and keeps what was typed', async () => {
    const store = kitchen();
    show(<BuildScreen id="tern" />, store);
    await type('Starter', '500');
    await type('Flour', 'some');
    await press('It is mixed');
    expect(screen.getByText(/There are only about \d+ g in the jar/)).toBeVisible();
    expect(screen.getByText('Give a weight: 80, 3 oz or ½ cup will do.')).toBeVisible();
    expect(screen.getByDisplayValue('some')).toBeVisible();
    expect(selectBowls(store.getState())).toEqual([]);
  });

  it('says so where there is no such jar', () => {
    show(<BuildScreen id="nobody" />);
    expect(screen.getByText(/no such jar/i)).toBeVisible();
  });

  it('stands on the shelf while it rises, and heads the page when it is ripe', async () => {
    const store = await built();
    show(<NowScreen />, store);
    expect(screen.getByText(/^Levain for Sunday loaves: ripe (tomorrow )?about /)).toBeVisible();
    later(store, 10);
    expect(
      screen.getByRole('heading', { name: /^Levain for Sunday loaves: into the dough by / }),
    ).toBeVisible();
    later(store, 12);
    expect(
      screen.getByText(/^Levain for Sunday loaves: into the dough now, it was ripe until /),
    ).toBeVisible();
    later(store, 48);
    expect(screen.getByText('Levain for Sunday loaves: is it in its dough?')).toBeVisible();
  });

  it('in the dough ends it and its bake, and what is left goes to the discard', async () => {
    const store = await built();
    const [bowl] = selectBowls(store.getState());
    show(<JarPane id={bowl!.id} />, store);
    await press('Into the dough');
    await type('Into the dough', '40');
    await press('In the dough');
    expect(selectBowls(store.getState())).toEqual([]);
    expect(selectBakes(store.getState())).toEqual([]);
    expect(selectLots(store.getState()).at(-1)).toMatchObject({ grams: 27, jar: bowl!.id });
  });

  it('is given up, and its bake stays wanted', async () => {
    const store = await built();
    const [bowl] = selectBowls(store.getState());
    show(<JarPane id={bowl!.id} />, store);
    await press('Give it up');
    await touch('radio', 'compost');
    await press('Yes, give it up');
    expect(selectBowls(store.getState())).toEqual([]);
    expect(selectBakes(store.getState())).toHaveLength(1);
  });

  it('is kept as a starter under a name of its own', async () => {
    const store = await built();
    const [bowl] = selectBowls(store.getState());
    show(<JarPane id={bowl!.id} />, store);
    await press('Keep it as a starter');
    await type('Its name', 'tern');
    await press('Keep it');
    expect(screen.getByText('There is a jar of that name already.')).toBeVisible();
    await type('Its name', 'Puffin');
    await press('Keep it');
    expect(selectJars(store.getState()).map(({ card }) => card.name)).toEqual(['Tern', 'Puffin']);
  });
});

describe('a bowl for what comes out of a jar', () => {
  it('stands on the shelf with it, and is fed there with nothing taken out', async () => {
    const store = kitchen();
    show(
      <TakeSheet standing={selectStanding(store.getState(), 'tern')!} onClose={() => {}} />,
      store,
    );
    await type('How much', '50');
    await touch('radio', 'a bowl');
    expect(screen.getByText(/^It stands on the shelf by itself/)).toBeVisible();
    await press('Take it out');
    const [bowl] = selectBowls(store.getState());
    expect(contentOf(bowl!).massG).toBe(50);
    expect(bowl!.card.name).toBe('Levain of Tern');
    cleanup();
    show(<NowScreen />, store);
    // Nobody says that it is ripe: it is what the jar was.
    expect(screen.getByText('Levain of Tern: into the dough')).toBeVisible();
    cleanup();
    show(<BenchScreen id={bowl!.id} />, store);
    await type('Flour', '100');
    await type('Water', '90');
    await press('It is in');
    expect(screen.queryByText(/comes out/)).toBeNull();
  });
});

describe('a levain in several builds', () => {
  it('asks for the next with its grams, and for its dough after the last', async () => {
    const store = kitchen();
    show(<DoughScreen />, store);
    await type('Loaves', '12');
    await press('The first is mixed, into a bowl');
    const [bowl] = selectBowls(store.getState());
    expect(went).toContain(`/jar/${bowl!.id}`);
    const { builds } = bowl!.card.bowl!;
    expect(builds!.length).toBeGreaterThan(1);
    cleanup();
    show(<JarPane id={bowl!.id} />, store);
    expect(screen.getByText(/^Levain of Tern: feed it again tomorrow about 00:/)).toBeVisible();
    cleanup();
    later(store, 8);
    show(<BenchScreen id={bowl!.id} />, store);
    expect(screen.getByLabelText('Flour')).toHaveValue(String(builds![1]!.flourG));
    expect(screen.getByLabelText('Water')).toHaveValue(String(builds![1]!.waterG));
  });
});
