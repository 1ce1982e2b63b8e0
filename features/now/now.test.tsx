import { act, screen, within } from '@testing-library/react';

import { type JarEvent } from '@core/journal';
import { type Plan } from '@core/plan';
import { beginProgramme, wishBake } from '@core/verbs';
import {
  done,
  doneTo,
  logEntries,
  planChosen,
  searchBegun,
  searchEnded,
  selectSettings,
} from '@state';

import {
  NOW,
  PLACES,
  iso,
  kitchenStore,
  later,
  show,
  tern,
  touch,
  went,
} from '../../tests/kitchen';
import { NowScreen } from './NowScreen';

jest.mock('expo-document-picker', () => ({ getDocumentAsync: jest.fn() }));

const HOUR = 3_600_000;
const LOAVES = { id: 'loaves', name: 'harbour loaves', jar: 'grebe', levainG: 200, widthH: 1 };
const press = (name: string | RegExp) => touch('button', name);
const region = (name: string) => within(screen.getByRole('region', { name, hidden: true }));

describe('the kitchen now', () => {
  it('says what is next, when and how much, and how every jar stands', async () => {
    show(<NowScreen />);
    expect(screen.getByText(/^Friday 18:20 · kitchen 2\d °C$/)).toBeVisible();
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(
      /^Feed Grebe by \d\d:\d\d$/,
    );
    const jars = region('Shelves').getAllByRole('link', { hidden: true });
    expect(jars.map((jar) => jar.getAttribute('aria-label')!.split(',')[0])).toEqual([
      'Grebe',
      'Dunlin',
      'Skua',
    ]);
    await touch('link', 'Go to the bench');
    await touch('link', /^Skua, /);
    expect(went).toEqual(['/jar/grebe/feed', '/jar/skua']);
  });

  it('goes on with the clock', () => {
    const store = show(<NowScreen />);
    const said = () => screen.getByRole('heading', { level: 1 }).textContent;
    const first = said();
    later(store, 30);
    expect(said()).not.toBe(first);
  });

  it('feeds all that are due in one pass', async () => {
    const fed = (jar: string): JarEvent => ({
      kind: 'fed',
      id: `${jar} fed`,
      jar,
      at: iso(-14),
      keepG: 20,
      flourG: 80,
      waterG: 80,
      flour: { white: 1 },
    });
    const jars = ['tern', 'knot'].flatMap((jar) => [
      { ...tern(), id: `${jar} began`, jar },
      fed(jar),
    ]);
    show(<NowScreen />, kitchenStore([...PLACES, ...jars]));
    await touch('link', 'Feed both that are due');
    expect(went).toEqual([expect.stringMatching(/^\/jar\/\w+\/feed\?then=/)]);
  });

  it('says that the bench has a feed under way', () => {
    const store = kitchenStore();
    store.dispatch({
      type: 'bench/draftChanged',
      payload: {
        jar: 'grebe',
        draft: {
          step: 1,
          keepG: 25,
          parts: 4,
          waterParts: 4,
          order: 'waterFirst',
          weighing: 'tare',
          landed: { keep: 25 },
          to: 'discardJar',
          wantedAt: null,
          fedAt: null,
          place: null,
        },
      },
    });
    show(<NowScreen />, store);
    expect(screen.getByRole('link', { name: 'Go on at the bench', hidden: true })).toBeVisible();
  });

  it('asks politely for backups, tells of flour that runs low, and leads there', async () => {
    const store = kitchenStore([
      ...PLACES,
      tern(),
      {
        kind: 'fed',
        id: 'its feed',
        jar: 'tern',
        at: iso(-2),
        keepG: 20,
        flourG: 40,
        waterG: 40,
        flour: { white: 1 },
      },
      {
        kind: 'stocked',
        id: 'a tub',
        at: iso(-20),
        tub: 'blend',
        name: 'Harbour blend',
        grams: 100,
        flour: { white: 1 },
        lowG: 300,
      },
    ]);
    show(<NowScreen />, store);
    expect(region('Also').getByText('No backup yet of Tern')).toBeVisible();
    await touch('link', /^Harbour blend runs low/);
    expect(went).toEqual(['/larder']);
  });

  it('feeds a jar in a programme as that says, and not as its card does', async () => {
    const store = kitchenStore([...PLACES, tern()]);
    show(<NowScreen />, store);
    act(
      () =>
        void store.dispatch(
          doneTo('tern', (jar) => beginProgramme(jar, { programme: 'neglected' }), 'begun'),
        ),
    );
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Feed Tern now');
    expect(screen.getByText('Being brought back, day 1.')).toBeVisible();
    await touch('link', 'To its programme');
    expect(went).toEqual(['/jar/tern/programme']);
  });

  it('tells a missed feed as late, by the hour it was due, until it is done', () => {
    const store = show(<NowScreen />);
    const said = () => screen.getByRole('heading', { level: 1 }).textContent;
    const due = /by (\d\d:\d\d)$/.exec(said())![1]!;
    later(store, 4);
    expect(said()).toBe(`Feed Grebe now: it was due by ${due}`);
    later(store, 8);
    expect(said()).toBe(`Feed Grebe now: it was due by yesterday ${due}`);
    expect(screen.getByText(/A feed now puts it right/)).toBeVisible();
  });

  it('does not send a jar that has long starved to an ordinary feed, from any door', async () => {
    show(<NowScreen />);
    expect(region('After that').getByText('Skua needs looking after')).toBeVisible();
    await touch('link', 'Skua needs looking after');
    expect(went).toEqual(['/trouble?jar=skua']);
  });

  it('asks for the choice of a plan where levain is wanted soon, before a feed spoils it', async () => {
    const store = kitchenStore();
    act(
      () =>
        void store.dispatch(
          done((now) => wishBake({ ...LOAVES, at: now + 18 * HOUR }, now), 'wished'),
        ),
    );
    show(<NowScreen />, store);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(
      'Choose a plan for harbour loaves',
    );
    await touch('link', 'See the plans');
    await touch('link', 'Feed it anyway');
    expect(went).toEqual(['/plan', '/jar/grebe/feed']);
  });

  it('without a jar says what belongs here', async () => {
    show(<NowScreen />, kitchenStore([...PLACES]));
    expect(await screen.findByText('Bring a kitchen from a file')).toBeVisible();
    expect(screen.getByRole('heading', { name: 'No starter on the shelf yet' })).toBeVisible();
    await touch('link', 'Add a starter');
    expect(went).toEqual(['/add']);
  });

  it('asks three things, and goes on with what was said', async () => {
    const store = show(<NowScreen />, kitchenStore([...PLACES]));
    await screen.findByText('Bring a kitchen from a file');
    await touch('radio', 'three');
    await touch('radio', 'in the fridge');
    await touch('radio', 'I have none: cups and spoons');
    await touch('link', 'Add a starter');
    expect(went).toEqual(['/add?lives=fridge&more=2']);
    expect(selectSettings(store.getState())).toMatchObject({ cups: true, ounces: false });
  });
});

describe('a plan that is followed', () => {
  const plan = (steps: Plan['steps']): Plan => ({
    name: 'balanced',
    steps,
    wanted: [],
    flourG: 100,
    discardG: 0,
    touches: 1,
    curves: [],
    savings: [],
  });
  const following = (found: Plan['steps'] | null) => {
    const store = kitchenStore();
    store.dispatch(planChosen('balanced'));
    store.dispatch(searchBegun());
    store.dispatch(
      searchEnded({
        plans: found ? [plan(found)] : [],
        impossible: found ? [] : [{ wanted: 'x', because: 'tooSoon', nearest: [] }],
        mended: null,
      }),
    );
    return show(<NowScreen />, store);
  };

  it('says the next step as planned, with its slack, and fills the bench with it', async () => {
    const store = following([
      {
        at: NOW + HOUR,
        earliest: NOW,
        latest: NOW + 3 * HOUR,
        kind: 'build',
        wanted: 'tins',
        jar: 'dunlin',
        keepG: 10,
        flourG: 50,
        waterG: 40,
        place: 'counter',
      },
    ]);
    expect(screen.getByText('As planned, any time 18:20 to 21:20.')).toBeVisible();
    expect(screen.getByText('Then it goes to: counter.')).toBeVisible();
    const hours = (h: number) => new Date(NOW + h * HOUR).toISOString();
    const what = { levainG: 80, from: hours(10), until: hours(12) };
    const wish = { kind: 'wished', wish: 'tins', name: 'Rye tins', jar: 'dunlin', what } as const;
    act(() => void store.dispatch(logEntries([{ ...wish, at: hours(0) }], 'wished')));
    expect(screen.getByText('For Rye tins. Then it goes to: counter.')).toBeVisible();
    await press('Go to the bench');
    expect(went).toEqual(['/jar/dunlin/feed']);
    expect(store.getState().bench.dunlin).toMatchObject({ keepG: 10, parts: 5, waterParts: 4 });
  });

  it('that does not work any more says so', async () => {
    following(null);
    expect(screen.getByText('The plan you followed no longer works.')).toBeVisible();
    await touch('link', 'See what comes nearest');
    expect(went).toEqual(['/plan']);
  });
});
