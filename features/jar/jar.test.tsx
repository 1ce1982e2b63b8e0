import { act, cleanup, screen, within } from '@testing-library/react';

import { type JournalEvent } from '@core/journal';
import { someFeed } from '@core/journal/someJar.testing';
import { beginProgramme } from '@core/verbs';
import { doneTo, selectJar, selectJarEvents, selectJars } from '@state';

import { JarPane } from './JarPane';
import { PictureScreen } from './PictureScreen';
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

type Kitchen = ReturnType<typeof kitchenStore>;

const press = (name: string | RegExp) => touch('button', name);
const pick = (name: string | RegExp) => touch('radio', name);
const logged = (store: Kitchen, jar = 'tern') =>
  selectJarEvents(store.getState(), jar).at(-1) as JournalEvent;
const problemOf = (label: string) => expect(screen.getByLabelText(label));

function ternShown(...events: readonly JournalEvent[]): Kitchen {
  const store = kitchenStore([...PLACES, tern(), ...events]);
  return show(<JarPane id="tern" />, store);
}
const fed = someFeed('fed once', iso(-5), { flourG: 40, waterG: 40 });

it('of which only a guess is known says no more than the guess', async () => {
  const guessed = { ...tern(), condition: 'hungry', unfedH: [168, 720] } as JournalEvent;
  show(<JarPane id="tern" />, kitchenStore([...PLACES, guessed]));
  expect(screen.getByRole('heading', { name: /^Last fed 1 to 4 weeks ago$/ })).toBeVisible();
  expect(screen.queryByText(/Still rising/)).toBeNull();
  expect(screen.queryByText(/^Peaked about/)).toBeNull();
  await screen.findByLabelText('Note');
});

it.each([
  ['whose feed nobody saw', [{ ...tern(), condition: 'hungry', unfedH: [168, 720] }]],
  ['that was not fed here yet', [tern()]],
  ['that is a ball of dough', [tern(), someFeed('ball', iso(-4), { waterG: 10 })]],
] as const)('%s is asked for no height, and for something seen', async (_, entries) => {
  const store = kitchenStore([...PLACES, ...(entries as readonly JournalEvent[])]);
  show(<JarPane id="tern" />, store);
  expect(screen.queryByLabelText('Rise above the band')).toBeNull();
  expect(screen.queryByRole('slider', { name: 'Surface in the jar' })).toBeNull();
  await screen.findByLabelText('Note');
  expect(screen.queryByLabelText('Highest streak on the glass')).toBeNull();
  expect(screen.queryByText('just doubled')).toBeNull();
  expect(screen.queryByText(/× the band$/)).toBeNull();
  await press('Log this look');
  problemOf('Note').toHaveAccessibleDescription('Say first what you see.');
  await touch('radio', 'vinegar');
  await press('Log this look');
  expect(logged(store)).toMatchObject({ kind: 'looked', smell: 'vinegar' });
  expect(logged(store)).not.toHaveProperty('height');
  cleanup();
  show(<PictureScreen id="tern" />, store);
  expect(screen.queryByRole('button', { name: /^Choose one/ })).toBeNull();
});

describe('a jar', () => {
  it('shows how it stands, and goes on with the clock', () => {
    const store = ternShown(fed);
    expect(screen.getByRole('heading', { name: 'Tern' })).toBeVisible();
    expect(screen.getByText('white · 100 % · counter 22 °C')).toBeVisible();
    expect(screen.getByText('rising')).toBeVisible();
    later(store, 40);
    expect(screen.queryByText('rising')).toBeNull();
    expect(screen.getByText(/^(hungry|sunk|sinking)/)).toBeVisible();
  });

  it('asks about a height that no starter reaches, takes it back with what was typed, or lets it stand', async () => {
    const store = ternShown(fed);
    const kinds = () => selectJarEvents(store.getState(), 'tern').map(({ kind }) => kind);
    await type('Rise above the band', '300');
    await press('Log this look');
    expect(screen.getByText('300 % up: is that right?')).toBeVisible();
    await press('No, take it back');
    expect(kinds()).not.toContain('looked');
    expect(screen.getByLabelText('Rise above the band')).toHaveValue('300');
    await press('Log this look');
    await press('Yes, it was so');
    expect(kinds()).toContain('looked');
    expect(screen.queryByText(/is that right/)).toBeNull();
  });

  it('is said to be below the band where it is', async () => {
    ternShown(fed);
    await type('Rise above the band', '-40');
    await press('Log this look');
    expect(screen.getByText('40 % below the band: is that right?')).toBeVisible();
  });

  it('leaves the height alone while somebody is in its field, and follows the forecast again after', () => {
    const store = ternShown(fed);
    const field = screen.getByLabelText('Rise above the band');
    const before = (field as HTMLInputElement).value;
    act(() => field.focus());
    later(store, 2);
    expect(field).toHaveValue(before);
    act(() => field.blur());
    expect(field).not.toHaveValue(before);
  });

  it('in a jar that widens is asked about in its own heights', async () => {
    const wide = tern({}, { taper: 0.6 });
    show(<JarPane id="tern" />, kitchenStore([...PLACES, wide, fed]));
    const told = () => screen.queryByText(/^The forecast was/)?.textContent ?? '';
    const field = screen.getByLabelText('Rise above the band');
    const expected = Number((field as HTMLInputElement).value);
    await type('Rise above the band', '400');
    await press('Log this look');
    const [low, high] = [...told().matchAll(/[+−] (\d+) %/g)].map(([, pct]) => Number(pct));
    expect(low).toBeLessThanOrEqual(expected);
    expect(high).toBeGreaterThanOrEqual(expected);
  });

  it('in a programme told beside has no panel with nothing in it', () => {
    const store = kitchenStore([...PLACES, tern(), fed]);
    store.dispatch(
      doneTo('tern', (jar) => beginProgramme(jar, { programme: 'neglected' }), 'begun'),
    );
    show(<JarPane id="tern" told />, store);
    expect(screen.queryByRole('region', { name: 'Next', hidden: true })).toBeNull();
  });

  it('says that there is no such jar', () => {
    show(<JarPane id="nobody" />);
    expect(screen.getByText(/no such jar/i)).toBeVisible();
  });

  it('in a programme leads to it', async () => {
    const store = ternShown(fed);
    act(
      () =>
        void store.dispatch(
          doneTo('tern', (jar) => beginProgramme(jar, { programme: 'neglected' }), 'begun'),
        ),
    );
    await touch('link', 'To its programme');
    expect(went).toEqual(['/jar/tern/programme']);
  });

  it('that was emptied is drawn and looked at like any other', async () => {
    const store = ternShown(fed);
    await press('Take out');
    await type('How much', '100');
    await press('Take it out');
    expect(selectJar(store.getState(), 'tern')!.massG).toBe(0);
    expect(document.body.innerHTML).not.toMatch(/NaN/);
    await type('Rise above the band', '20');
    await press('Log this look');
    expect(logged(store)).toMatchObject({ kind: 'looked', height: 1.2 });
  });

  it('leaves the shelf, and comes back', async () => {
    const store = ternShown();
    await press('Archive');
    expect(selectJars(store.getState())).toEqual([]);
    expect(screen.queryByRole('link', { name: 'Feed' })).toBeNull();
    await press('Back on the shelf');
    expect(selectJars(store.getState()).map(({ id }) => id)).toEqual(['tern']);
  });
});

describe('a look', () => {
  it('is logged as it was typed', async () => {
    const store = ternShown(fed);
    await type('Rise above the band', '85');
    await press('Log this look');
    expect(logged(store)).toMatchObject({ kind: 'looked', height: 1.85 });
  });

  it('of a nonsense height is not, and keeps what was typed', async () => {
    const store = ternShown(fed);
    await type('Rise above the band', 'high');
    await press('Log this look');
    expect(logged(store)).toMatchObject({ kind: 'fed' });
    problemOf('Rise above the band').toHaveAccessibleDescription(/between -80 and 900/);
    problemOf('Rise above the band').toHaveValue('high');
  });

  it('in a jar that widens upward counts volume, not height', async () => {
    const store = kitchenStore([...PLACES, { ...tern({}, { taper: 0.6 }), id: 'a tumbler' }, fed]);
    show(<JarPane id="tern" />, store);
    await type('Rise above the band', '50');
    expect(screen.getByText(/in this jar 1\.\d × the volume/)).toBeVisible();
    await press('Log this look');
    expect((logged(store) as { height: number }).height).toBeGreaterThan(1.55);
  });

  it('without a height logs what else was seen', async () => {
    const store = ternShown(fed);
    await press('More');
    await pick('yoghurt');
    await pick('floats');
    await type('Note', '  thick and merry ');
    await press('Log this look');
    expect(logged(store)).toMatchObject({
      smell: 'yoghurt',
      floats: true,
      note: 'thick and merry',
    });
    expect(logged(store)).not.toHaveProperty('height');
    expect(screen.queryByLabelText('Note')).toBeNull();
  });

  it('happens when it is logged, however long its fields were open, unless an hour is typed', async () => {
    const store = ternShown(fed);
    await press('More');
    later(store, 2);
    await pick('yoghurt');
    await press('Log this look');
    expect(logged(store)).toMatchObject({ kind: 'looked', at: iso(2) });
    await press('More');
    later(store, 3);
    await type('Seen at', '2026-03-13T21:00');
    await press('Less');
    await type('Rise above the band', '40');
    await press('Log this look');
    expect(logged(store)).toMatchObject({ kind: 'looked', at: '2026-03-13T21:00:00.000Z' });
  });

  it('of an earlier hour begins with what was expected then', async () => {
    const store = ternShown(fed);
    const rise = () => Number(screen.getByLabelText<HTMLInputElement>('Rise above the band').value);
    const now = rise();
    await press('More');
    await type('Seen at', '2026-03-13T14:10');
    expect(rise()).toBeLessThan(now / 2);
    await type('Seen at', '2026-03-13T13:40');
    expect(rise()).toBeLessThan(5);
    await press('Log this look');
    expect(logged(store)).toMatchObject({ kind: 'looked', at: '2026-03-13T13:40:00.000Z' });
    expect((logged(store) as { height: number }).height).toBeLessThan(1.05);
  });

  it('cannot lie in the time to come', async () => {
    const store = ternShown(fed);
    await press('More');
    await type('Seen at', '2026-03-15T10:00');
    await type('Rise above the band', '40');
    await press('Log this look');
    expect(logged(store)).toMatchObject({ kind: 'fed' });
    problemOf('Seen at').toHaveAccessibleDescription(/./);
  });
});

describe('the sheets of a jar', () => {
  it('feed the same again in two touches', async () => {
    const store = ternShown(fed);
    await press('Same again');
    await press('It is fed');
    expect(logged(store)).toMatchObject({ kind: 'fed', keepG: 20, flourG: 40, waterG: 40 });
    expect(store.getState().kitchen.events.find(({ kind }) => kind === 'discarded')).toMatchObject({
      grams: 80,
      to: 'discardJar',
    });
  });

  it('do not take out nothing, less than nothing, or more than there is', async () => {
    const store = ternShown();
    await press('Take out');
    for (const grams of ['', '500', '-3']) {
      await type('How much', grams);
      await press('Take it out');
      problemOf('How much').toHaveAccessibleDescription(/./);
      expect(logged(store)).toMatchObject({ kind: 'started' });
    }
  });

  it('warn when less than the keep stays, take it, and go on to the feed', async () => {
    const store = ternShown();
    await press('Take out');
    await type('How much', '80');
    problemOf('How much').toHaveAccessibleDescription(/Less than the keep of 20 g stays/);
    await press('Take it out, then feed what stays');
    expect(logged(store)).toMatchObject({ kind: 'took', grams: 80 });
    expect(went).toEqual(['/jar/tern/feed']);
  });

  it('take out for elsewhere', async () => {
    const store = ternShown();
    await press('Take out');
    await type('How much', '30');
    await pick('compost');
    await press('Take it out');
    expect(logged(store)).toMatchObject({ kind: 'discarded', grams: 30, to: 'compost' });
  });

  it('move it, with what each place would do', async () => {
    const store = ternShown(fed);
    await press('Move');
    const sheet = within(screen.getByRole('dialog', { name: 'Move Tern', hidden: true }));
    expect(
      sheet.getByRole('button', { name: 'Counter, where it stands', hidden: true }),
    ).toBeDisabled();
    expect(sheet.getAllByText(/^(ripe|not ripe)/).length).toBe(PLACES.length);
    await press('Larder');
    expect(logged(store)).toMatchObject({ kind: 'moved', place: 'larder' });
  });

  it('write no empty note and no novel', async () => {
    const store = ternShown(fed);
    await press('Write a note');
    await press('Write it down');
    problemOf('Note').toHaveAccessibleDescription('Write a word or two first.');
    await type('Note', 'x'.repeat(2001));
    await press('Write it down');
    problemOf('Note').toHaveAccessibleDescription(/this has 2001/);
    await type('Note', 'smells of apples');
    await press('Write it down');
    expect(logged(store)).toMatchObject({ kind: 'noted', note: 'smells of apples' });
  });

  it('put it into another glass, if that will hold it', async () => {
    const store = ternShown();
    await press('Put it into another jar');
    await type('Holds', '60');
    await press('It is in the other jar');
    problemOf('Holds').toHaveAccessibleDescription(/that jar is too small/);
    await type('Holds', '750');
    await type('Weighs empty', 'heavy');
    await press('It is in the other jar');
    problemOf('Weighs empty').toHaveAccessibleDescription(/Between 5 and 5000/);
    await type('Weighs empty', '410');
    await press('It is in the other jar');
    expect(selectJar(store.getState(), 'tern')!.card.vessel).toEqual({
      emptyG: 410,
      capacityMl: 750,
    });
  });
});

describe('what happens if', () => {
  it('fills the bench with the feed that was thought of', async () => {
    const store = ternShown(fed);
    await press('What happens if I feed it');
    expect(screen.getByRole('heading', { name: /^If fed now: / })).toBeVisible();
    await pick('Warm spot');
    await press('Do this');
    expect(went).toEqual(['/jar/tern/feed']);
    expect(store.getState().bench.tern).toMatchObject({ keepG: 20, place: 'warm' });
  });
});
