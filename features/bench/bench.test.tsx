import { cleanup, screen } from '@testing-library/react';

import { type JournalEvent } from '@core/journal';
import { someFeed } from '@core/journal/someJar.testing';
import { fillBench, selectJar, selectJarEvents, selectTubs, settingsChanged } from '@state';

import { PLACES, iso, kitchenStore, show, tern, touch, type, went } from '../../tests/kitchen';
import { JarPane } from '../jar';
import { BenchScreen } from './BenchScreen';

const press = (name: string | RegExp) => touch('button', name);
const pick = (name: string | RegExp) => touch('radio', name);
const fedLast = (store: ReturnType<typeof kitchenStore>, jar: string) =>
  selectJarEvents(store.getState(), jar).findLast(({ kind }) => kind === 'fed');

const takenOut = (store: ReturnType<typeof kitchenStore>) =>
  store.getState().kitchen.events.findLast(({ kind }) => kind === 'discarded');

/** A kitchen of its own with one jar, at the bench. */
const ownKitchen = (...events: readonly JournalEvent[]) =>
  kitchenStore([...PLACES, ...(events.length > 0 ? events : [tern()])]);

function atTheBench(...events: readonly JournalEvent[]) {
  const store = ownKitchen(...events);
  show(<BenchScreen id="tern" />, store);
  return store;
}

describe('with floury hands', () => {
  const said: string[] = [];
  const voices = [
    { lang: 'en-GB', localService: false },
    { lang: 'en-GB', localService: true },
  ];
  beforeEach(() => {
    said.length = 0;
    Object.assign(globalThis, {
      SpeechSynthesisUtterance: class {
        constructor(readonly text: string) {}
      },
      speechSynthesis: {
        getVoices: () => voices,
        cancel: () => undefined,
        speak: ({ text }: { text: string }) => said.push(text),
      },
    });
  });
  afterEach(() => {
    Reflect.deleteProperty(globalThis, 'speechSynthesis');
    Reflect.deleteProperty(globalThis, 'SpeechSynthesisUtterance');
  });

  it('the number is read aloud, and what the scale shows where the jar stands on it', async () => {
    atTheBench(tern({ vessel: { emptyG: 300, capacityMl: 500 } }));
    await press(/Read it aloud/);
    await pick('With the jar');
    await press(/Read it aloud/);
    expect(said).toEqual(['Keep: 20 grams.', 'Keep: 20 grams. The scale then shows 320.']);
  });

  it('is not offered where only a voice from elsewhere could read', () => {
    const mine = voices.pop()!;
    atTheBench();
    expect(screen.queryByRole('button', { name: /Read it aloud/ })).toBeNull();
    voices.push(mine);
  });
});

it('foretells a feed of some hours ago from what stood in the jar then, as its page does afterwards', async () => {
  const fed = someFeed('before', iso(-10), { flourG: 40, waterG: 40 });
  const store = atTheBench(tern(), fed);
  await press('Keep is in');
  await press('Water is in');
  await press('Flour is in');
  await type('Mixed at', '2026-03-13T10:00');
  await press('The band is set');
  const peak = /peak[^.]*?(about \d\d:\d\d)/i;
  const foretold = peak.exec(document.body.textContent)![1];
  await press('The feed is done');
  cleanup();
  show(<JarPane id="tern" />, store);
  expect(peak.exec(document.body.textContent)![1]).toBe(foretold);
});

it('says of an hour, and not of half a one, that no ratio is ripe then', async () => {
  atTheBench();
  const none = () => screen.queryByText(/^No ratio is ripe at that hour/);
  await type('Should be ripe at', '2026-03-14T0');
  expect(none()).toBeNull();
  await type('Should be ripe at', '2026-03-19T09:00');
  expect(none()).toBeVisible();
  await type('Should be ripe at', '2026-03-14T07:00');
  expect(none()).toBeNull();
  expect(screen.getByText(/^Ripe by tomorrow 07:00: /)).toBeVisible();
});

describe('the scale', () => {
  it('asks for one number after the other, and writes down what was asked', async () => {
    const store = atTheBench();
    expect(screen.getByRole('heading', { name: 'Keep' })).toBeVisible();
    expect(screen.getByText('20')).toBeVisible();
    await press('Keep is in');
    expect(screen.getByRole('heading', { name: 'Water' })).toBeVisible();
    await press('Water is in');
    await press('Flour is in');
    expect(screen.getByText(/^20 g keep, 40 g flour, 40 g water: 100 g at 100 %\.$/)).toBeVisible();
    await press('The band is set');
    await press('The feed is done');
    expect(went).toEqual(['/jar/tern']);
    expect(fedLast(store, 'tern')).toMatchObject({ keepG: 20, flourG: 40, waterG: 40 });
    expect(takenOut(store)).toMatchObject({
      grams: 70,
      to: 'discardJar',
    });
    expect(store.getState().bench.tern).toBeUndefined();
  });

  it('keeps what is no weight as it was typed, and says what is wrong with it', async () => {
    atTheBench();
    const field = screen.getByLabelText('Scale reads, grams');
    for (const [typed, says] of [
      ['0', 'More than nothing, please.'],
      ['-4', 'More than nothing, please.'],
      ['a lot', 'Give a weight: 80, 3 oz or ½ cup will do.'],
      ['99999', 'That is more than ten kilograms. Check the number.'],
    ] as const) {
      await type('Scale reads, grams', typed);
      await press('Keep is in');
      expect(field).toHaveAccessibleDescription(says);
      expect(field).toHaveValue(typed);
      expect(screen.getByRole('heading', { name: 'Keep' })).toBeVisible();
    }
  });

  it('lets the rest follow an overshoot, and says how it stands', async () => {
    const store = atTheBench();
    await type('Scale reads, grams', '25');
    expect(screen.getByText('5 g over. That is fine: water and flour will follow.')).toBeVisible();
    await press('Keep is in');
    expect(screen.getByText('Kept 25 instead of 20: water and flour follow.')).toBeVisible();
    expect(screen.getByText('50')).toBeVisible();
    await type('Scale reads, grams', '54');
    await press('Water is in');
    await type('Scale reads, grams', '60');
    expect(
      screen.getByText('6 g over: a little stiffer. Take some off the top, or leave it.'),
    ).toBeVisible();
    await press('Flour is in');
    await press('The band is set');
    await press('The feed is done');
    expect(fedLast(store, 'tern')).toMatchObject({ keepG: 25, waterG: 54, flourG: 60 });
  });

  it('reads with the jar on it: every number is the sum of what stands there', async () => {
    const store = atTheBench();
    await pick('With the jar');
    expect(screen.getByText('320')).toBeVisible();
    expect(screen.getByText('20 g of keep, on 300 g of jar.')).toBeVisible();
    await type('Scale reads, grams', '322');
    await press('Keep is in');
    expect(screen.getByText('366')).toBeVisible();
    await type('Scale reads, grams', '310');
    await press('Water is in');
    expect(
      screen.getByText(
        'The jar and what is already in it weigh 322 g. The scale should read more.',
      ),
    ).toBeVisible();
    expect(screen.getByLabelText('Scale reads, grams')).toHaveValue('310');
    await type('Scale reads, grams', '366');
    await press('Water is in');
    await press('Flour is in');
    await press('The band is set');
    await press('The feed is done');
    expect(fedLast(store, 'tern')).toMatchObject({ keepG: 22, waterG: 44, flourG: 44 });
  });

  it('lets another flour in a little more at every feed', async () => {
    atTheBench(tern({ flour: { rye: 1 }, change: { to: { spelt: 1 }, feeds: 4 } }));
    await press('Keep is in');
    await press('Water is in');
    expect(screen.getByText('Feed 1 of 4 on the way to spelt.')).toBeVisible();
    expect(screen.getByText('30 g rye + 10 g spelt')).toBeVisible();
  });

  it('takes flour first for those who do', async () => {
    const store = ownKitchen();
    store.dispatch(settingsChanged({ order: 'flourFirst' }));
    show(<BenchScreen id="tern" />, store);
    await press('Keep is in');
    expect(screen.getByRole('heading', { name: 'Flour' })).toBeVisible();
    await press('Flour is in');
    expect(screen.getByRole('heading', { name: 'Water' })).toBeVisible();
  });

  it('takes cups and spoons from those without a scale, and says how far off they are', async () => {
    const store = ownKitchen();
    store.dispatch(settingsChanged({ cups: true }));
    show(<BenchScreen id="tern" />, store);
    expect(screen.getByText(/measured by volume it can easily be \d+ % off/)).toBeVisible();
    await press('Keep is in');
    await type('Scale reads, or cups', '3 tbsp');
    await press('Water is in');
    await press('Flour is in');
    await press('The band is set');
    await press('The feed is done');
    expect(fedLast(store, 'tern')).toMatchObject({ keepG: 20, waterG: 44.4 });
  });

  it('takes another flour for one feed, and leaves the card as it is', async () => {
    const store = atTheBench();
    await press('Keep is in');
    await press('Water is in');
    await press('Another flour this time');
    await pick('rye');
    expect(screen.getByText('rye, this time.')).toBeVisible();
    await press('Flour is in');
    await press('The band is set');
    await press('The feed is done');
    expect(fedLast(store, 'tern')).toMatchObject({ flour: { rye: 1 } });
    expect(selectJar(store.getState(), 'tern')!.card.flour).toEqual({ white: 1 });
  });

  it('keeps what a programme asks for to be chosen again', async () => {
    const store = ownKitchen();
    const grams = { keepG: 10, flourG: 45, waterG: 45 };
    store.dispatch(fillBench('tern', grams, null, { flour: { white: 0.5, wholeWheat: 0.5 } }));
    show(<BenchScreen id="tern" />, store);
    await press('Keep is in');
    await press('Water is in');
    await pick('white');
    expect(store.getState().bench.tern!.other).toBeNull();
    await pick('white, half whole wheat');
    expect(screen.getByText('white, half whole wheat, this time.')).toBeVisible();
  });

  it('takes flour out of another tub, which that feed runs down', async () => {
    const store = atTheBench(tern(), {
      kind: 'stocked',
      id: 'a tub',
      at: iso(-20),
      tub: 'blend',
      name: 'Harbour blend',
      grams: 1000,
      flour: { white: 0.5, spelt: 0.5 },
      lowG: 300,
    });
    await press('Keep is in');
    await press('Water is in');
    await press('Another flour this time');
    await pick('tub: Harbour blend');
    expect(screen.getByText('Out of the tub Harbour blend.')).toBeVisible();
    await press('Flour is in');
    await press('The band is set');
    await press('The feed is done');
    expect(selectTubs(store.getState())[0]).toMatchObject({ grams: 960 });
  });

  it('says when the log has less in the jar than the keep, and takes what is there', async () => {
    const store = atTheBench(tern(), {
      kind: 'took',
      id: 'all of it',
      jar: 'tern',
      at: iso(-1),
      grams: 90,
    });
    expect(screen.getByText(/^By the log there are only 0 g in the jar/)).toBeVisible();
    await type('Scale reads, grams', '6');
    await press('Keep is in');
    for (const step of ['Water is in', 'Flour is in', 'The band is set', 'The feed is done'])
      await press(step);
    expect(fedLast(store, 'tern')).toMatchObject({ keepG: 6, waterG: 12, flourG: 12 });
    expect(takenOut(store)).toBeUndefined();
  });

  it('stays where it was, through another look and a step back', async () => {
    const store = atTheBench();
    await type('Scale reads, grams', '23');
    await press('Keep is in');
    await press(/^Back/);
    expect(screen.getByLabelText('Scale reads, grams')).toHaveValue('23');
    expect(store.getState().bench.tern).toMatchObject({ step: 0, landed: { keep: 23 } });
  });
});

describe('before the keep', () => {
  it('lets the rest go elsewhere', async () => {
    const store = atTheBench();
    await pick('compost');
    for (const step of ['Keep is in', 'Water is in', 'Flour is in']) await press(step);
    await press('The band is set');
    await press('The feed is done');
    expect(takenOut(store)).toMatchObject({ grams: 70, to: 'compost' });
  });

  it('says when the discard jar will not hold what comes out', () => {
    const store = ownKitchen();
    store.dispatch(settingsChanged({ discardJarMl: 50 }));
    show(<BenchScreen id="tern" />, store);
    expect(screen.getByText(/discard jar/i, { selector: '[aria-live] *, [role] *' })).toBeVisible();
  });

  it('gives back the water that was poured off', async () => {
    atTheBench(tern(), { kind: 'pouredOff', id: 'p', jar: 'tern', at: iso(-1), grams: 18 });
    await press('Keep is in');
    expect(screen.getByText(/for the 18 g of liquid that you poured off/)).toBeVisible();
    expect(screen.getByText('45')).toBeVisible();
  });
});

describe('mix, mark and place', () => {
  const toMix = async () => {
    for (const step of ['Keep is in', 'Water is in', 'Flour is in']) await press(step);
  };

  it.each([
    [250, false],
    [495, true],
  ])(
    'warns of a jar of %d ml, and of the hour to stir it down where that helps',
    async (ml, helps) => {
      atTheBench(tern({ ratio: { flour: 5, water: 5 } }, { capacityMl: ml }));
      await toMix();
      expect(screen.getByText('It will climb out of the jar')).toBeVisible();
      expect(screen.queryAllByText(/Or stir it down (tomorrow )?about/)).toHaveLength(
        helps ? 1 : 0,
      );
    },
  );

  it('does not write a feed of the time to come, and says why at its field', async () => {
    const store = atTheBench();
    await toMix();
    await type('Mixed at', '2026-03-14T09:00');
    await press('The band is set');
    await press('The feed is done');
    expect(screen.getByRole('heading', { name: 'Mix and mark' })).toBeVisible();
    expect(screen.getByLabelText('Mixed at')).toHaveAccessibleDescription(/still to come/);
    expect(fedLast(store, 'tern')).toBeUndefined();
  });

  it('reminds of a clean jar by the school of weeks, until it is washed', async () => {
    const store = ownKitchen({ ...tern(), id: 'a month ago', at: iso(-30 * 24) });
    show(<BenchScreen id="tern" />, store);
    await toMix();
    expect(screen.getByText(/^In this jar since/)).toBeVisible();
    await press('It is washed');
    expect(screen.queryByText(/^In this jar since/)).toBeNull();
    expect(selectJarEvents(store.getState(), 'tern').at(-1)).toMatchObject({ kind: 'rejarred' });
  });

  it('shows what comes of it place by place, and moves the jar there', async () => {
    const store = atTheBench();
    await toMix();
    await press('The band is set');
    const onCounter = screen.getByText(/^Ripe (tomorrow )?\d\d:\d\d to/).textContent;
    await pick('Larder, 15 °C');
    expect(screen.queryByText(onCounter)).toBeNull();
    await press('The feed is done');
    expect(selectJarEvents(store.getState(), 'tern').at(-1)).toMatchObject({
      kind: 'moved',
      place: 'larder',
    });
  });

  it('“Fridge, after 1½ h” is one decision: the move is written down for its time', async () => {
    const store = atTheBench();
    await toMix();
    await press('The band is set');
    await pick('Fridge, 5 °C');
    expect(screen.getByRole('radio', { name: 'Fridge, after 1½ h' })).toBeChecked();
    expect(screen.getByText('It goes to sleep in the cold')).toBeVisible();
    await pick('2 h');
    await press('The feed is done');
    const { events } = store.getState().kitchen;
    const fed = fedLast(store, 'tern')!;
    expect(events.at(-1)).toMatchObject({ kind: 'moved', place: 'fridge', said: fed.at });
    expect(Date.parse(events.at(-1)!.at) - Date.parse(fed.at)).toBe(2 * 3_600_000);
    // Until then it stands where it stood.
    expect(selectJar(store.getState(), 'tern')!.stays.at(-1)!.place).toBe('counter');
  });

  it('at once is at once, with water as it comes', async () => {
    const store = atTheBench();
    await toMix();
    await press('The band is set');
    await pick('Fridge, 5 °C');
    await pick('at once');
    await press('The feed is done');
    expect(store.getState().kitchen.events.at(-1)).not.toHaveProperty('said');
    expect(selectJar(store.getState(), 'tern')!.stays.at(-1)!.place).toBe('fridge');
  });
});

it('a label follows from the last step, once the feed is written down', async () => {
  const store = atTheBench();
  for (const step of ['Keep is in', 'Water is in', 'Flour is in', 'The band is set'])
    await press(step);
  await press('Done, and print its label');
  expect(went).toEqual(['/jar/tern/paper']);
  expect(fedLast(store, 'tern')).toMatchObject({ keepG: 20 });
});

describe('several jars', () => {
  it('are fed in one pass', async () => {
    const store = kitchenStore();
    show(<BenchScreen id="grebe" then={['dunlin', 'skua']} />, store);
    expect(screen.getByText('Grebe at the bench · 1 of 5, 2 more jars after')).toBeVisible();
    for (const step of ['Keep is in', 'Water is in', 'Flour is in', 'The band is set'])
      await press(step);
    await press('The feed is done');
    expect(went).toEqual(['/jar/dunlin/feed?then=skua']);
  });

  it('of which one is not there: it says so', () => {
    show(<BenchScreen id="nobody" />);
    expect(screen.getByText(/no such jar/i)).toBeVisible();
  });

  it('that are left keep nothing half done', async () => {
    const store = atTheBench();
    await type('Scale reads, grams', '23');
    await press('Keep is in');
    await press('Leave the bench');
    expect(went).toEqual(['/jar/tern']);
    expect(store.getState().bench).toEqual({});
  });
});
