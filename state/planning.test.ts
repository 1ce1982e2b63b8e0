import { type Plan, type Planned, type Step } from '@core/plan';
import { beginProgramme, throwOut } from '@core/verbs';

import { kitchenStore, NOW } from '../tests/kitchenStore';
import { doneTo, logEntries } from './actions';
import { selectFollowed } from './decided';
import { bakeChanged, planChosen } from './deeds';
import { planLookedAt, searchAskedAgain, searchStopAsked } from './plan';
import { keepPlanning } from './planning';
import { lookedOver, selectQuarantines } from './quarantine';
import { selectJars } from './selectors';
import { type RootState } from './store';
import { ticked } from './time';

/** Searches that were begun, to be ended as a test wants. */
interface Begun {
  readonly problem: {
    readonly jars: readonly { readonly id: string }[];
    readonly wanted: readonly { readonly id: string }[];
    readonly hands: readonly { readonly from: number; readonly until: number }[];
    readonly now: number;
    readonly until: number;
  };
  readonly found: (plan: Plan) => void;
  readonly end: (planned: Planned | null) => void;
  readonly raise: (plans: readonly Plan[] | null) => void;
  readonly fail: () => void;
}
const mockBegun: Begun[] = [];

jest.mock('../workers/plan', () => ({
  searchPlans: (problem: Begun['problem'], found: Begun['found']) => {
    let end: Begun['end'] = () => undefined;
    let fail: Begun['fail'] = () => undefined;
    const outcome = new Promise<Planned | null>((resolve, reject) => {
      end = resolve;
      fail = () => reject(new Error('fallen over'));
    });
    let raise: Begun['raise'] = () => undefined;
    const raised = new Promise<readonly Plan[] | null>((resolve) => (raise = resolve));
    mockBegun.push({ problem, found, end, raise, fail });
    return { outcome, raised: () => raised, stop: () => end(null) };
  },
}));

const HOUR = 3_600_000;
const step = (over: Partial<Step> = {}): Step => ({
  at: NOW + 5 * HOUR,
  earliest: NOW + 4 * HOUR,
  latest: NOW + 6 * HOUR,
  kind: 'feed',
  jar: 'grebe',
  ...over,
});
const plan = (name: Plan['name'], steps: readonly Step[] = [step()]): Plan => ({
  name,
  steps,
  wanted: [],
  flourG: 100,
  discardG: 0,
  touches: 1,
  curves: [],
  savings: [],
});
const bake = (jar: string) => ({
  id: `bake from ${jar}`,
  name: 'Loaves',
  jar,
  levainG: 150,
  from: NOW + 30 * HOUR,
  until: NOW + 32 * HOUR,
});

const explain = jest.fn((before: Plan, after: Plan, _state: RootState) =>
  before.steps[0]?.at === after.steps[0]?.at ? null : 'later than it was',
);

/** Lets the pause between wishes pass, and what waits for it happen. */
const pause = () => jest.advanceTimersByTimeAsync(500);
const last = () => mockBegun[mockBegun.length - 1]!;

let stop: () => void = () => undefined;
function planning(wish?: (store: ReturnType<typeof kitchenStore>) => void) {
  const store = kitchenStore();
  wish?.(store);
  stop = keepPlanning(store, explain);
  return store;
}

beforeEach(() => {
  mockBegun.length = 0;
  jest.useFakeTimers({ now: NOW });
});
afterEach(() => {
  stop();
  jest.useRealTimers();
});

// A search takes its time where two processors are shared with browsers.
describe('plans', () => {
  it('are sought when somebody looks, once for a handful of wishes', async () => {
    const store = planning();
    await pause();
    expect(mockBegun).toEqual([]);
    store.dispatch(planLookedAt(true));
    store.dispatch(bakeChanged(bake('grebe')));
    store.dispatch(bakeChanged(bake('dunlin')));
    await pause();
    expect(mockBegun).toHaveLength(1);
    expect(last().problem.wanted.map(({ id }) => id)).toEqual([
      'bake from grebe',
      'bake from dunlin',
    ]);
    expect(last().problem.until - last().problem.now).toBe(7 * 24 * HOUR);
    // Who looks is there.
    const { hands, now } = last().problem;
    expect(hands[0]).toEqual({ from: now, until: now + HOUR / 2 });
  });

  it('shows the first that is found, and then all', async () => {
    const store = planning(({ dispatch }) => dispatch(planLookedAt(true)));
    await pause();
    last().found(plan('balanced'));
    expect(store.getState().plan).toMatchObject({
      impossible: [],
      plans: [{ name: 'balanced' }],
      searching: 0,
    });
    last().end({ impossible: [], plans: [plan('balanced'), plan('safest')] });
    await pause();
    expect(store.getState().plan.plans.map(({ name }) => name)).toEqual(['balanced', 'safest']);
    expect(store.getState().plan.searching).toBeNull();
  });

  it('say what would make an unlikely bake likelier once that is found, unless others are sought by then', async () => {
    const store = planning(({ dispatch }) => dispatch(planLookedAt(true)));
    await pause();
    const prospect = { id: 'loaves', chance: 0.4, peakAt: NOW, low: NOW, high: NOW };
    const unsure = { ...plan('balanced'), wanted: [prospect] };
    const raisedBy = [{ kind: 'looks' as const, chance: 0.7 }];
    const raised = { ...unsure, wanted: [{ ...prospect, raisedBy }] };
    last().end({ impossible: [], plans: [unsure] });
    await pause();
    expect(store.getState().plan.plans).toEqual([unsure]);
    last().raise([raised]);
    await pause();
    expect(store.getState().plan.plans).toEqual([raised]);
    store.dispatch(bakeChanged(bake('grebe')));
    await pause();
    const [, second] = mockBegun;
    second!.end({ impossible: [], plans: [unsure] });
    await pause();
    store.dispatch(bakeChanged(bake('dunlin')));
    second!.raise([raised]);
    await pause();
    expect(store.getState().plan.plans).toEqual([unsure]);
  });

  it('are not sought again because one is followed, which stays as it is while others are sought', async () => {
    const store = planning(({ dispatch }) => dispatch(planLookedAt(true)));
    await pause();
    last().end({ impossible: [], plans: [plan('balanced'), plan('safest')] });
    await pause();
    store.dispatch(planChosen('balanced'));
    await pause();
    expect(mockBegun).toHaveLength(1);
    store.dispatch(bakeChanged(bake('grebe')));
    await pause();
    expect(mockBegun).toHaveLength(2);
    last().found(plan('balanced', [step({ at: NOW + 8 * HOUR })]));
    expect(selectFollowed(store.getState())?.steps[0]?.at).toBe(NOW + 5 * HOUR);
    last().end({ impossible: [], plans: [plan('balanced', [step({ at: NOW + 9 * HOUR })])] });
    await pause();
    expect(selectFollowed(store.getState())?.steps[0]?.at).toBe(NOW + 9 * HOUR);
  });

  it('tell what became of one that was followed before the search was at its end', async () => {
    const store = planning(({ dispatch }) => dispatch(planLookedAt(true)));
    await pause();
    last().found(plan('balanced'));
    store.dispatch(planChosen('balanced'));
    last().end({ impossible: [], plans: [plan('balanced', [step({ at: NOW + 9 * HOUR })])] });
    await pause();
    expect(store.getState().plan.mended).toBe('later than it was');
  });

  it('that are stopped by hand leave what was found, and are not sought again by themselves', async () => {
    const store = planning(({ dispatch }) => {
      dispatch(planLookedAt(true));
      dispatch(planChosen('balanced'));
    });
    await pause();
    last().end({ impossible: [], plans: [plan('balanced')] });
    await pause();
    store.dispatch(ticked(NOW + 7 * HOUR));
    await pause();
    expect(mockBegun).toHaveLength(2);
    store.dispatch(searchStopAsked());
    await pause();
    expect(store.getState().plan).toMatchObject({
      searching: null,
      plans: [{ name: 'balanced' }],
    });
    store.dispatch(ticked(NOW + 8 * HOUR));
    await pause();
    expect(mockBegun).toHaveLength(2);
  });

  it('are not sought when that was stopped while what seeks them was fetched', async () => {
    const store = planning(({ dispatch }) => void dispatch(planLookedAt(true)));
    jest.advanceTimersByTime(500);
    store.dispatch(searchStopAsked());
    await pause();
    expect(mockBegun).toHaveLength(0);
    expect(store.getState().plan).toMatchObject({ searching: null, stopped: 'byHand' });
    store.dispatch(searchAskedAgain());
    await pause();
    expect(mockBegun).toHaveLength(1);
    expect(store.getState().plan).toMatchObject({ searching: 0, stopped: null });
  });

  it('say so when what seeks them falls over, and are sought again when asked', async () => {
    const store = planning(({ dispatch }) => void dispatch(planLookedAt(true)));
    await pause();
    last().fail();
    await pause();
    expect(store.getState().plan).toMatchObject({ searching: null, stopped: 'failed' });
    store.dispatch(searchAskedAgain());
    await pause();
    last().end({ impossible: [], plans: [plan('balanced')] });
    await pause();
    expect(store.getState().plan).toMatchObject({ stopped: null, plans: [{ name: 'balanced' }] });
  });

  it('do not say that of a search whose place another has taken', async () => {
    const store = planning(({ dispatch }) => void dispatch(planLookedAt(true)));
    await pause();
    store.dispatch(bakeChanged(bake('dunlin'), 'wanted'));
    mockBegun[0]!.fail();
    await pause();
    expect(store.getState().plan).toMatchObject({ searching: 0, stopped: null });
    expect(mockBegun).toHaveLength(2);
  });

  it('are mended when a step of the followed one was not done in time, and what changed is told', async () => {
    const store = planning(({ dispatch }) => dispatch(planChosen('balanced')));
    await pause();
    last().end({ impossible: [], plans: [plan('balanced')] });
    await pause();
    store.dispatch(ticked(NOW + 5.5 * HOUR));
    await pause();
    expect(mockBegun).toHaveLength(1);
    store.dispatch(ticked(NOW + 6.5 * HOUR));
    await pause();
    expect(mockBegun).toHaveLength(2);
    last().end({ impossible: [], plans: [plan('balanced', [step({ at: NOW + 7 * HOUR })])] });
    await pause();
    expect(store.getState().plan.mended).toBe('later than it was');
  });

  it('changed by another wish need no telling', async () => {
    const store = planning(({ dispatch }) => dispatch(planChosen('balanced')));
    await pause();
    last().end({ impossible: [], plans: [plan('balanced')] });
    await pause();
    store.dispatch(bakeChanged(bake('grebe')));
    await pause();
    last().end({ impossible: [], plans: [plan('balanced', [step({ at: NOW + 9 * HOUR })])] });
    await pause();
    expect(store.getState().plan.mended).toBeNull();
    expect(selectFollowed(store.getState())?.steps[0]?.at).toBe(NOW + 9 * HOUR);
  });

  it('are not made for jars that nobody follows or looks at, and old ones are dropped', async () => {
    const store = planning(({ dispatch }) => dispatch(planLookedAt(true)));
    await pause();
    last().end({ impossible: [], plans: [plan('balanced')] });
    await pause();
    store.dispatch(planLookedAt(false));
    store.dispatch(
      logEntries([{ kind: 'noted', jar: 'grebe', at: new Date(NOW).toISOString(), note: 'x' }], ''),
    );
    await pause();
    expect(store.getState().plan.plans).toEqual([]);
    expect(mockBegun).toHaveLength(1);
  });

  it('leave a jar in a programme to it, and a bake from it is told to wait', async () => {
    const store = planning(({ dispatch }) => {
      dispatch(doneTo('skua', (jar) => beginProgramme(jar, { programme: 'neglected' }), 'begun'));
      dispatch(bakeChanged(bake('skua')));
      dispatch(bakeChanged(bake('grebe')));
      dispatch(planLookedAt(true));
    });
    await pause();
    expect(last().problem.jars.map(({ id }) => id)).not.toContain('skua');
    expect(last().problem.jars).toHaveLength(selectJars(store.getState()).length - 1);
    expect(last().problem.wanted.map(({ id }) => id)).toEqual(['bake from grebe']);
    last().end({ impossible: [], plans: [plan('balanced')] });
    await pause();
    expect(store.getState().plan).toMatchObject({
      plans: [{ name: 'balanced' }],
      impossible: [{ wanted: 'bake from skua', because: 'inProgramme' }],
    });
  });

  it('leave alone a jar that was split off one that was thrown out, until it was looked over', async () => {
    const store = planning((kitchen) => {
      const { dispatch } = kitchen;
      const [grebe] = selectJars(kitchen.getState());
      dispatch(
        logEntries([
          {
            kind: 'started',
            jar: 'part',
            at: new Date(NOW - 24 * HOUR).toISOString(),
            card: { ...grebe!.card, name: 'Part' },
            massG: 60,
            hydrationPct: 100,
            condition: 'hungry',
            place: 'counter',
            from: 'grebe',
          },
        ]),
      );
      dispatch(
        doneTo(
          'grebe',
          (jar) => throwOut(jar, { why: 'growth', note: 'Thrown out.' }),
          'Grebe is off the shelf',
        ),
      );
      dispatch(bakeChanged(bake('part')));
      dispatch(planLookedAt(true));
    });
    await pause();
    expect(last().problem.jars.map(({ id }) => id)).not.toContain('part');
    last().end({ impossible: [], plans: [plan('balanced')] });
    await pause();
    expect(store.getState().plan.impossible).toMatchObject([{ because: 'heldBack' }]);
    const held = selectQuarantines(store.getState()).flatMap(({ reached }) => reached);
    store.dispatch(
      lookedOver(
        held.filter(({ of }) => of === 'part'),
        true,
        'Kept',
      ),
    );
    await pause();
    expect(last().problem.jars.map(({ id }) => id)).toContain('part');
  });

  it('are none where every jar is in a programme', async () => {
    const store = planning((kitchen) => {
      for (const { id } of selectJars(kitchen.getState()))
        kitchen.dispatch(
          doneTo(id, (jar) => beginProgramme(jar, { programme: 'neglected' }), 'begun'),
        );
      kitchen.dispatch(bakeChanged(bake('grebe')));
      kitchen.dispatch(planLookedAt(true));
    });
    await pause();
    expect(mockBegun).toEqual([]);
    expect(store.getState().plan.impossible).toMatchObject([{ because: 'inProgramme' }]);
  });
});
