import { act, screen, within } from '@testing-library/react';

import {
  selectBackups,
  selectDrying,
  selectLots,
  selectTubs,
  selectTrips,
  undoNotice,
} from '@state';

import { type JournalEvent } from '@core/journal';

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
import { AwayScreen } from '../away';
import { LarderScreen } from './LarderScreen';
import { MakeScreen } from './MakeScreen';

const press = (name: string | RegExp) => touch('button', name);
const region = (name: string) => within(screen.getByRole('region', { name, hidden: true }));

describe('the larder', () => {
  it('has its discard by age, and says what each lot tastes of', () => {
    show(<LarderScreen />);
    const discard = region('Discard');
    expect(discard.getByText(/^In the fridge: \d+ g$/)).toBeVisible();
    expect(discard.getAllByText(/days in the fridge, tangy/).length).toBeGreaterThan(0);
    expect(discard.getByText(/^frozen 5 weeks, mild/)).toBeVisible();
  });

  it('teaches what belongs here while it is empty', () => {
    const places = kitchenStore()
      .getState()
      .kitchen.events.filter((e) => e.kind === 'arranged');
    show(<LarderScreen />, kitchenStore(places));
    expect(screen.getByText(/^You have none\./)).toBeVisible();
    expect(screen.getByText(/^Many bakers keep a tub of their own blend/)).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Make a backup' })).toBeNull();
    expect(screen.queryByRole('region', { name: 'Used and saved' })).toBeNull();
  });

  it('says when the discard jar is full', async () => {
    show(<LarderScreen />);
    await type('The discard jar holds', '400');
    expect(screen.getByText('The discard jar is full')).toBeVisible();
    await type('The discard jar holds', '5');
    expect(screen.getByText('Between 100 and 10000, please.')).toBeVisible();
  });

  it('freezes a lot, and it sours no more', async () => {
    const store = show(<LarderScreen />);
    const before = selectLots(store.getState()).filter(({ store: at }) => at === 'freezer').length;
    await touch('button', /^Freeze 192 g/);
    const frozen = selectLots(store.getState()).filter(({ store: at }) => at === 'freezer');
    expect(frozen.length).toBe(before + 1);
    const acid = frozen[0]!.acid;
    later(store, 24 * 10);
    expect(selectLots(store.getState()).find(({ id }) => id === frozen[0]!.id)!.acid).toBe(acid);
  });

  describe('with discard of two jars', () => {
    const out = (jar: string, days: number, grams: number): JournalEvent => ({
      kind: 'discarded',
      id: `${jar} out ${days}`,
      jar,
      at: iso(-24 * days),
      grams,
      to: 'discardJar',
    });
    const two = () =>
      kitchenStore([
        ...PLACES,
        { ...tern(), id: 'for two jars', at: iso(-500), massG: 400 },
        {
          ...tern({ name: 'Puffin', flour: { rye: 1 } }),
          id: 'puffin begins',
          jar: 'puffin',
          at: iso(-500),
          massG: 400,
        },
        out('tern', 5, 120),
        out('puffin', 3, 90),
        out('tern', 1, 60),
      ]);
    const here = (store: ReturnType<typeof two>) =>
      selectLots(store.getState()).map(({ jar, grams }) => [jar, grams]);

    it('takes the oldest first, or the lot that is chosen', async () => {
      const store = show(<LarderScreen />, two());
      await press('Take some');
      expect(screen.getByLabelText('How much')).toHaveValue('120');
      await touch('radio', /^Puffin, 90 g/);
      expect(screen.getByLabelText('How much')).toHaveValue('90');
      await type('How much', '100');
      await press('Take it');
      expect(screen.getByText('There are only 90 g of it.')).toBeVisible();
      await type('How much', '50');
      await press('Take it');
      expect(here(store)).toEqual([
        ['tern', 120],
        ['puffin', 40],
        ['tern', 60],
      ]);
      await press('Take some');
      await type('How much', '130');
      await press('Take it');
      expect(here(store)).toEqual([
        ['puffin', 30],
        ['tern', 60],
      ]);
    });

    it('has what is too old for anything composted, and gives it to no bake', async () => {
      const store = show(
        <LarderScreen />,
        kitchenStore([...PLACES, { ...tern(), at: iso(-2000), massG: 900 }, out('tern', 60, 860)]),
      );
      expect(screen.getByText(/compost the 860 g that are too old/)).toBeVisible();
      expect(screen.queryByText('What can I make?')).toBeNull();
      await press('Take some');
      await touch('radio', 'today’s bake');
      await press('Take it');
      expect(screen.getByText('It is too old for that: compost it.')).toBeVisible();
      await press('Close');
      await press(/^Compost 860 g of Tern/);
      expect(here(store)).toEqual([]);
    });

    it('has all that is too old composted at once, but for what is to be looked over, and back by one undo', async () => {
      const grown: JournalEvent = {
        kind: 'thrownOut',
        id: 'grown',
        jar: 'puffin',
        at: iso(-1),
        why: 'growth',
        since: iso(-24 * 90),
      };
      const old = [out('tern', 70, 80), out('tern', 60, 90), out('puffin', 50, 40)];
      const store = show(
        <LarderScreen />,
        kitchenStore([
          ...PLACES,
          { ...tern(), at: iso(-2000), massG: 900 },
          { ...tern({ name: 'Puffin' }), id: 'puffin begins', jar: 'puffin', at: iso(-2000) },
          ...old,
          out('tern', 2, 60),
          grown,
        ]),
      );
      await press(/^Compost the 2 that are too old: 170 g$/);
      expect(here(store)).toEqual([
        ['puffin', 40],
        ['tern', 60],
      ]);
      act(() => void store.dispatch(undoNotice()));
      expect(here(store)).toHaveLength(4);
    });

    it('makes something of one jar’s alone', async () => {
      const store = show(<MakeScreen />, two());
      expect(screen.getByText(/^270 g in the fridge, all together/)).toBeVisible();
      await touch('radio', 'Puffin');
      expect(screen.getByText(/^90 g in the fridge of Puffin at 100 % hydration\.$/)).toBeVisible();
      await touch('radio', 'use it up');
      await press(/^Pancakes: /);
      await press(/^Made: take 90 g off$/);
      expect(here(store)).toEqual([
        ['tern', 120],
        ['tern', 60],
      ]);
      // What is used up is chosen no more.
      expect(screen.getByText(/^180 g in the fridge, all together/)).toBeVisible();
    });
  });

  it('dries a backup: too much is refused, what is spread out can be packed once it snaps', async () => {
    const store = show(<LarderScreen />);
    await press('Make a backup of Dunlin');
    await type('How much', '900');
    await press('It is spread out');
    expect(screen.getByText(/^There are only about \d+ g in the jar/)).toBeVisible();
    await type('How much', '40');
    await press('It is spread out');
    expect(selectDrying(store.getState())).toHaveLength(1);
    later(store, 30);
    expect(screen.getByText(/^Try a piece: it may snap/)).toBeVisible();
    await press('Dunlin snaps: pack it');
    await type('Flakes', '80');
    await press('They are packed');
    expect(screen.getByText('40 g were spread out; dried they weigh less.')).toBeVisible();
    await type('Flakes', '21');
    await press('They are packed');
    expect(selectBackups(store.getState())[0]).toMatchObject({ form: 'flakes', gramsLeft: 21 });
    expect(selectDrying(store.getState())).toHaveLength(0);
  });

  it('keeps a twin that is fed monthly', async () => {
    const store = show(<LarderScreen />);
    await press('Make a backup of Skua');
    await touch('radio', 'twin');
    await press('It is made');
    later(store, 24 * 31);
    expect(screen.getByText(/^Its monthly feed is due/)).toBeVisible();
    await press('Skua, a twin: fed');
    expect(screen.getByText(/^Feed it by/)).toBeVisible();
    await press('Skua, a twin: used up or thrown out');
    expect(selectBackups(store.getState()).map(({ form }) => form)).toEqual(['flakes']);
  });

  it('asks for a backup once of each jar', async () => {
    show(<LarderScreen />);
    await press('Dunlin needs no backup');
    expect(screen.queryByText('Dunlin has no backup yet.')).toBeNull();
    expect(screen.getByText('Skua has no backup yet.')).toBeVisible();
  });

  it('weighs a tub and puts it away', async () => {
    const store = show(<LarderScreen />);
    await press('Weigh Harbour blend');
    await type('It holds', '-1');
    await press('That is in it');
    expect(screen.getByText('Grams from 0 to 50 000, please.')).toBeVisible();
    await type('It holds', '300');
    await press('That is in it');
    expect(screen.getByText(/^300 g, running low/)).toBeVisible();
    await press('Weigh Harbour blend');
    await press('Put the tub away for good');
    expect(selectTubs(store.getState())).toEqual([]);
  });

  it('notes what to buy from what is fed and what is here', () => {
    show(<LarderScreen />);
    expect(
      screen.getByText(
        /^For the next four weeks, buy \d+ g white, \d+ g whole wheat, \d+ g rye\.$/,
      ),
    ).toBeVisible();
  });

  it('draws what was used, and reads it out', async () => {
    show(<LarderScreen />);
    expect(
      screen.getByRole('img', { name: /^Starter taken out, by month\. Oct \d+ g: baked/ }),
    ).toBeVisible();
    await type('If Grebe had kept', '20');
    expect(screen.getByText(/^A keep of 20 g instead of 25 g would save/)).toBeVisible();
    await type('If Grebe had kept', '25');
    expect(screen.getByText('It usually keeps 25 g: a smaller keep saves flour.')).toBeVisible();
  });
});

describe('what can I make', () => {
  it('lists what fits the time first, and says why the rest does not', async () => {
    show(<MakeScreen />);
    await touch('radio', '30 min');
    const names = screen
      .getAllByRole('button', { name: /: / })
      .map((row) => row.getAttribute('aria-label') ?? '');
    const long = names.findIndex((name) => name.endsWith('takes longer'));
    expect(long).toBeGreaterThan(0);
    expect(names.slice(long).every((name) => name.endsWith('takes longer'))).toBe(true);
  });

  it('begins with what two people eat, and with the time there is', async () => {
    show(<MakeScreen />);
    await touch('button', /^Pancakes: 6 pancakes in 24 min, from \d+ g$/);
    expect(screen.getByLabelText('How many pancakes')).toHaveValue('6');
    await touch('radio', 'use it up');
    await touch('radio', '30 min');
    expect(screen.getByText(/^About (2\d|30) minutes for \d+ pancakes/)).toBeVisible();
  });

  it('scales to a number that is wanted, and takes what is used off the ledger', async () => {
    const store = show(<MakeScreen />);
    const here = () => selectLots(store.getState()).reduce((sum, { grams }) => sum + grams, 0);
    const before = here();
    await touch('button', /^Waffles: /);
    await type('How many waffles', '4');
    await touch('button', /^Made: take 13\d g off$/);
    expect(before - here()).toBeGreaterThan(130);
    expect(before - here()).toBeLessThan(140);
  });

  it('shows the formulas where nothing is here, and takes nothing', async () => {
    show(<MakeScreen />, kitchenStore([]));
    expect(screen.getByText(/^There is no discard in the fridge/)).toBeVisible();
    await touch('button', /^Crumpets: /);
    expect(screen.getByText(/there is none\. Make fewer/)).toBeVisible();
    expect(screen.queryByRole('button', { name: /^Made/ })).toBeNull();
  });

  it('feeds some of it as a levain, with its forecast', async () => {
    show(<MakeScreen />);
    const levain = region('As a levain');
    expect(
      levain.getByText(/^21 g of the freshest discard, 65 g water and 65 g flour: ripe/),
    ).toBeVisible();
    await type('Levain wanted', '1990');
    expect(levain.getByText(/of the freshest are there\.$/)).toBeVisible();
  });
});

describe('going away', () => {
  it('refuses dates that cannot be, and keeps them', async () => {
    show(<AwayScreen />);
    await type('Back', '2026-03-01T09:00');
    expect(screen.getByText('You come back before you leave: check the two dates.')).toBeVisible();
    expect(screen.getByLabelText('Back')).toHaveValue('2026-03-01T09:00');
    expect(screen.queryByRole('region', { name: 'Grebe' })).toBeNull();
  });

  it('advises each jar by how long, and lets another way be chosen', async () => {
    show(<AwayScreen />);
    await type('Leaving', '2026-03-20T09:00');
    await type('Back', '2026-07-20T09:00');
    const grebe = region('Grebe');
    expect(grebe.getByText('The least trouble for 122 days: dry it')).toBeVisible();
    expect(grebe.getByText(/begin three days before leaving/)).toBeVisible();
    expect(grebe.getByText(/^It takes 4 feeds/)).toBeVisible();
  });

  it('fills the bench with the last feed before leaving', () => {
    const store = show(<AwayScreen />);
    const [bench] = region('Grebe').getAllByRole('button', { name: 'To the bench', hidden: true });
    bench!.click();
    expect(went).toEqual(['/jar/grebe/feed']);
    expect(store.getState().bench.grebe).toMatchObject({ keepG: 20, parts: 5, waterParts: 5 });
  });

  it('tells the plan of the trip', async () => {
    const store = show(<AwayScreen />);
    await press('Add to my plan');
    expect(selectTrips(store.getState())).toHaveLength(1);
    expect(screen.getByRole('button', { name: 'It is in your plan' })).toBeDisabled();
  });
});
