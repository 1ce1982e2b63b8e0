import { act, cleanup, screen, waitFor, within } from '@testing-library/react';

import { type Plan, type Step } from '@core/plan';
import { beginProgramme } from '@core/verbs';
import {
  doneTo,
  planChosen,
  searchBegun,
  searchEnded,
  selectJarEvents,
  selectLeftAlone,
  selectBakes,
  selectSettings,
  selectChosen,
  selectFollowed,
  bakeChanged,
} from '@state';

import { NOW, kitchenStore, show, touch, type, went } from '../../tests/kitchen';
import { PlanScreen } from './PlanScreen';

const HOUR = 3_600_000;
const press = (name: string | RegExp) => touch('button', name);
const pick = (name: string | RegExp) => touch('radio', name);
const step = (over: Partial<Step> = {}): Step => ({
  at: NOW + 3 * HOUR,
  earliest: NOW + 2 * HOUR,
  latest: NOW + 4 * HOUR,
  kind: 'feed',
  jar: 'grebe',
  keepG: 20,
  flourG: 100,
  waterG: 80,
  discardG: 90,
  place: 'counter',
  ...over,
});
const plan = (name: Plan['name'], steps: readonly Step[]): Plan => ({
  name,
  steps,
  wanted: [
    {
      id: 'loaves',
      chance: 0.93,
      peakAt: NOW + 15 * HOUR,
      low: NOW + 14 * HOUR,
      high: NOW + 16 * HOUR,
    },
  ],
  flourG: 180,
  discardG: 90,
  touches: steps.length,
  curves: [
    {
      jar: 'grebe',
      heights: [
        [NOW, 1],
        [NOW + 48 * HOUR, 2],
      ],
      ripe: [[NOW + 14 * HOUR, NOW + 17 * HOUR]],
    },
  ],
  savings: [],
});
const BUILD = step({ kind: 'build', at: NOW + 9 * HOUR, wanted: 'loaves' });
const TAKE = step({ kind: 'take', at: NOW + 15 * HOUR, wanted: 'loaves', takeG: 150 });
const MOVE = step({ kind: 'move', at: NOW + HOUR, place: 'fridge' });
const STEPS = [MOVE, step(), BUILD, TAKE].map((one) =>
  one.kind === 'feed' || one.kind === 'build'
    ? one
    : (Object.fromEntries(
        Object.entries(one).filter(([key]) => !/^(keep|flour|water|discard)G$/.test(key)),
      ) as unknown as Step),
);

/** The plan screen with two plans found. */
function planned() {
  const store = kitchenStore();
  store.dispatch(
    bakeChanged({
      id: 'loaves',
      name: 'Loaves',
      jar: 'grebe',
      levainG: 150,
      from: NOW + 14 * HOUR,
      until: NOW + 16 * HOUR,
    }),
  );
  store.dispatch(searchBegun());
  store.dispatch(
    searchEnded({
      plans: [plan('balanced', STEPS), plan('safest', [step({ at: NOW + 5 * HOUR })])],
      impossible: [],
      mended: null,
    }),
  );
  return show(<PlanScreen />, store);
}
const sheet = () => within(screen.getByRole('dialog', { hidden: true }));

describe('the plans', () => {
  it('are looked at side by side, and one is followed', async () => {
    const store = planned();
    const offered = within(
      screen.getByRole('region', { name: 'Plans to choose from', hidden: true }),
    );
    expect(offered.getAllByRole('radio', { hidden: true })).toHaveLength(2);
    await pick(/^The surest/);
    await press('Follow it');
    expect(selectChosen(store.getState())).toBe('safest');
    expect(selectFollowed(store.getState())!.steps).toHaveLength(1);
    await pick(/^A good balance/);
    await press('Follow this one instead');
    expect(selectChosen(store.getState())).toBe('balanced');
    await press('Leave this plan');
    expect(selectChosen(store.getState())).toBeNull();
  });

  it('are made while somebody looks', () => {
    const store = planned();
    expect(store.getState().plan.looked).toBe(true);
  });

  it('say how far their search has come, and that a plan was mended', async () => {
    const store = planned();
    act(() => void store.dispatch(searchBegun()));
    expect(screen.getByText('Looking for plans, 0 %')).toBeVisible();
    act(
      () =>
        void store.dispatch(
          searchEnded({ plans: [plan('balanced', STEPS)], impossible: [], mended: 'Later now.' }),
        ),
    );
    expect(screen.getByText('Later now.')).toBeVisible();
    await press('All right');
    expect(screen.queryByText('Later now.')).toBeNull();
  });

  it('that may well not work say what would, and it is had with a touch', async () => {
    const store = planned();
    const { wanted, ...rest } = plan('balanced', STEPS);
    const [from, until] = [NOW + 20 * HOUR, NOW + 22 * HOUR];
    const raisedBy = [
      { kind: 'otherHour' as const, from, until, chance: 0.8 },
      { kind: 'shorter' as const, from: NOW + 14.5 * HOUR, until: NOW + 15.5 * HOUR, chance: 0.7 },
      { kind: 'looks' as const, chance: 0.6 },
    ];
    const unlikely = { ...rest, wanted: [{ ...wanted[0]!, chance: 0.4, raisedBy }] };
    const found = { plans: [unlikely], impossible: [], mended: null };
    act(() => void store.dispatch(searchEnded(found)));
    expect(
      screen.getByText(/^Loaves is 40 % likely .* It would be 80 % likely if it/),
    ).toBeVisible();
    await press(/^Only tomorrow/);
    const bake = () => selectBakes(store.getState())[0]!;
    expect(bake()).toMatchObject({ from: NOW + 14.5 * HOUR, until: NOW + 15.5 * HOUR });
    act(() => void store.dispatch(searchEnded(found)));
    await press(/^Have it tomorrow/);
    expect(bake().from - NOW).toBeCloseTo(20 * HOUR);
  });

  it('that nothing is to be done in say so', () => {
    const store = kitchenStore();
    store.dispatch(searchEnded({ plans: [plan('balanced', [])], impossible: [], mended: null }));
    show(<PlanScreen />, store);
    expect(screen.getByText(/^Nothing to do this week/)).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Steps to my calendar' })).toBeNull();
  });

  it('need a jar', async () => {
    show(<PlanScreen />, kitchenStore([]));
    expect(screen.getByText(/First put a starter on the shelf/)).toBeVisible();
    expect(screen.getByRole('button', { name: 'Look at the demo' })).toBeVisible();
    await touch('link', 'Add a starter');
    expect(went).toEqual(['/add']);
  });

  it('leave a jar in a programme to it', async () => {
    const store = planned();
    act(
      () =>
        void store.dispatch(
          doneTo('skua', (jar) => beginProgramme(jar, { programme: 'neglected' }), 'begun'),
        ),
    );
    await touch('link', /^Skua is being brought back, day 1/);
    expect(went).toEqual(['/jar/skua/programme']);
  });

  it('that cannot be had say why, and the way out is one touch', async () => {
    const store = planned();
    act(
      () =>
        void store.dispatch(
          searchEnded({
            plans: [],
            impossible: [
              {
                wanted: 'loaves',
                because: 'tooSoon',
                nearest: [
                  { kind: 'otherHour', from: NOW + 20 * HOUR, until: NOW + 22 * HOUR },
                  {
                    kind: 'less',
                    levainG: 90,
                    at: { from: NOW + 30 * HOUR, until: NOW + 31 * HOUR },
                  },
                ],
              },
            ],
            mended: null,
          }),
        ),
    );
    expect(screen.getByText('Loaves: there is not enough time left.')).toBeVisible();
    await press(/^Have it tomorrow/);
    expect(selectBakes(store.getState())[0]!.from).toBe(NOW + 20 * HOUR);
    await press(/^Make it 90 g, /);
    expect(selectBakes(store.getState())[0]).toMatchObject({
      levainG: 90,
      from: NOW + 30 * HOUR,
      until: NOW + 31 * HOUR,
    });
  });
});

describe('a step', () => {
  it('that feeds fills the bench', async () => {
    const store = planned();
    await press(/^Bench: Feed Grebe/);
    expect(went).toEqual(['/jar/grebe/feed']);
    expect(store.getState().bench.grebe).toMatchObject({ keepG: 20, parts: 5, waterParts: 4 });
  });

  it('that moves or takes is done with a touch', async () => {
    const store = planned();
    await press(/^Done: Move Grebe/);
    expect(selectJarEvents(store.getState(), 'grebe').at(-1)).toMatchObject({
      kind: 'moved',
      place: 'fridge',
    });
    await press(/^Taken: Take 150 g from Grebe/);
    expect(selectJarEvents(store.getState(), 'grebe').at(-1)).toMatchObject({ kind: 'took' });
    expect(selectBakes(store.getState())).toEqual([]);
  });

  it('is skipped, and let back', async () => {
    const store = planned();
    await press(/^21:20 ?Feed Grebe/);
    await touch('button', 'Skip it');
    expect(selectLeftAlone(store.getState())).toMatchObject([{ jar: 'grebe', butAt: null }]);
    await press(/^Let the plan decide: Grebe is left alone/);
    expect(selectLeftAlone(store.getState())).toEqual([]);
  });

  it('is shifted to another hour, if that is one', async () => {
    const store = planned();
    await press(/^21:20 ?Feed Grebe/);
    await type('At another time', '');
    await press('Shift it');
    expect(screen.getByText('Give a day and a time.')).toBeVisible();
    await type('At another time', '2026-03-13T10:00');
    await press('Shift it');
    expect(screen.getByText('That is over.')).toBeVisible();
    await type('At another time', '2026-04-13T10:00');
    await press('Shift it');
    expect(screen.getByText('The plan does not look that far ahead.')).toBeVisible();
    await type('At another time', '2026-03-13T23:00');
    await press('Shift it');
    expect(selectLeftAlone(store.getState())).toMatchObject([
      { jar: 'grebe', butAt: Date.parse('2026-03-13T23:00Z') },
    ]);
  });

  it('says what bake it is for and how surely; the bake itself can be moved or given up', async () => {
    const store = planned();
    await press(/^tomorrow 03:20|^03:20 ?Build Grebe’s levain/);
    expect(
      sheet().getByText(/^For Loaves, ripe .*: 93\s% likely\. It should peak tomorrow about/),
    ).toBeVisible();
    await press('Close');
    await press(/^tomorrow 09:20|^09:20 ?Take 150 g/);
    await type('Wanted from', '2026-03-15T09:00');
    await press('Move the bake');
    expect(selectBakes(store.getState())[0]!.from).toBe(Date.parse('2026-03-15T09:00Z'));
    await press(/^09:20 ?Take 150 g/);
    await press('Not this bake');
    expect(selectBakes(store.getState())).toEqual([]);
  });
});

describe('reminders', () => {
  const notify = (permission: string) =>
    Object.assign(globalThis, {
      Notification: { permission, requestPermission: () => Promise.resolve('granted') },
    });
  afterEach(() => {
    Reflect.deleteProperty(globalThis, 'Notification');
  });
  const followed = () => {
    const store = planned();
    act(() => void store.dispatch(planChosen('balanced')));
    return store;
  };

  it('are offered once a plan is followed, and are on when the browser lets them', async () => {
    notify('default');
    const store = followed();
    await press('Yes, tell me');
    await waitFor(() => expect(selectSettings(store.getState()).reminders).toBe('on'));
    expect(screen.queryByText(/^Shall the browser say/)).toBeNull();
  });

  it('are not offered again once they were declined, nor where they cannot be', async () => {
    notify('default');
    const store = followed();
    await press('No');
    expect(selectSettings(store.getState()).reminders).toBe('off');
    notify('denied');
    cleanup();
    followed();
    expect(screen.queryByText(/^Shall the browser say/)).toBeNull();
  });
});
