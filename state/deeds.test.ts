import { type JournalEvent } from '@core/journal';
import { type Place } from '@core/ferment';

import { NOW, PLACES, iso, kitchenStore, tern } from '../tests/kitchenStore';
import {
  arrangePlace,
  byField,
  done,
  doneTo,
  doneToEach,
  fillBench,
  logEntries,
  orSaid,
  undoNotice,
  withdrawEntries,
} from './actions';
import { selectBakes, selectHands, selectLeftAlone, selectSettings } from './decided';
import {
  bakeMoved,
  handsChanged,
  handsGiven,
  jarLeftAlone,
  leftAloneEnded,
  settingsChanged,
  zoneSettled,
} from './deeds';
import { selectLiveEvents, selectPlaces, selectZone } from './selectors';

const HOUR = 3_600_000;
beforeAll(() => {
  jest.useFakeTimers({ now: NOW });
});
afterAll(() => {
  jest.useRealTimers();
});

const wished = (wish: string, hours: number) =>
  ({ kind: 'wished', id: `wish ${wish}`, at: iso(-2), wish, name: wish, jar: 'tern', what: { levainG: 100, from: iso(hours), until: iso(hours + 2) } }) as JournalEvent; // oxfmt-ignore
const kitchen = (...events: readonly JournalEvent[]) =>
  kitchenStore([...PLACES, tern(), ...events]);
const said = (store: ReturnType<typeof kitchenStore>) => store.getState().notice?.text;
/** What was written down since, without ids. */
const since = (store: ReturnType<typeof kitchenStore>, before: number) =>
  store
    .getState()
    .kitchen.events.slice(before)
    .map(({ id: _, ...entry }) => entry);
const count = (store: ReturnType<typeof kitchenStore>) => store.getState().kitchen.events.length;

describe('what is decided', () => {
  it('a bake is moved as a whole, and no other with it', () => {
    const store = kitchen(wished('rolls', 20), wished('loaf', 30));
    store.dispatch(bakeMoved('loaf', HOUR, 'Loaf is later'));
    expect(selectBakes(store.getState()).map(({ id, from, until }) => [id, from, until])).toEqual([
      ['rolls', NOW + 20 * HOUR, NOW + 22 * HOUR],
      ['loaf', NOW + 31 * HOUR, NOW + 33 * HOUR],
    ]);
    const before = count(store);
    store.dispatch(bakeMoved('gone', HOUR));
    expect(count(store)).toBe(before);
  });

  it('hours of hands are written down where they are new', () => {
    const store = kitchen();
    const before = count(store);
    store.dispatch(handsChanged(selectHands(store.getState()), 'Nothing new'));
    expect(count(store)).toBe(before);
    expect(said(store)).toBeUndefined();
    store.dispatch(handsGiven(true, 'Out on weekdays'));
    expect(since(store, before)).toEqual([
      { kind: 'handsAre', at: iso(0), hands: { workDays: [0, 1, 2, 3, 4], workFrom: 8, workUntil: 17.5 } }, // oxfmt-ignore
    ]);
    expect(said(store)).toBe('Out on weekdays');
    store.dispatch(handsGiven(false, 'At home'));
    expect(since(store, before + 1)).toEqual([
      { kind: 'handsAre', at: iso(0), hands: { workDays: [] } },
    ]);
    store.dispatch(handsChanged({ ...selectHands(store.getState()), workDays: [5] }, 'Saturdays'));
    expect(since(store, before + 2)).toEqual([
      { kind: 'handsAre', at: iso(0), hands: { workDays: [5] } },
    ]);
  });

  it('a jar is left alone, but for one moment, until the stretch is ended', () => {
    const store = kitchen();
    const stretch = { jar: 'tern', from: NOW, until: NOW + 9 * HOUR };
    store.dispatch(jarLeftAlone({ ...stretch, butAt: NOW + 3 * HOUR }, 'Later'));
    expect(selectLeftAlone(store.getState())).toMatchObject([
      { ...stretch, butAt: NOW + 3 * HOUR },
    ]);
    // One that has nothing to do with it ends nothing.
    const before = count(store);
    store.dispatch(leftAloneEnded({ jar: 'knot', from: NOW, until: NOW + 9 * HOUR, butAt: null }, 'x')); // oxfmt-ignore
    store.dispatch(leftAloneEnded({ jar: 'tern', from: NOW + 20 * HOUR, until: NOW + 21 * HOUR, butAt: null }, 'x')); // oxfmt-ignore
    expect(count(store)).toBe(before);
    store.dispatch(jarLeftAlone({ ...stretch, butAt: null }));
    store.dispatch(leftAloneEnded({ ...stretch, butAt: null }, 'As planned again'));
    expect(selectLeftAlone(store.getState())).toEqual([]);
    expect(said(store)).toBe('As planned again');
    store.dispatch(undoNotice());
    expect(selectLeftAlone(store.getState())).toHaveLength(1);
  });

  it('what is typed key by key is taken back at once, and nothing else with it', () => {
    const store = kitchen();
    const parts = () => selectSettings(store.getState()).parts;
    const usual = parts();
    for (const to of [1, 12]) store.dispatch(settingsChanged({ parts: to }, 'Parts are changed'));
    expect(parts()).toBe(12);
    store.dispatch(undoNotice());
    expect(parts()).toBe(usual);

    // Another setting in between, or other words, is another change.
    store.dispatch(settingsChanged({ parts: 3 }, 'Parts are changed'));
    store.dispatch(settingsChanged({ hydrationPct: 80 }, 'Water is changed'));
    store.dispatch(undoNotice());
    expect(parts()).toBe(3);
    // What is chosen, not typed, is taken back one by one.
    store.dispatch(settingsChanged({ cups: true }, 'Cups'));
    store.dispatch(settingsChanged({ cups: false }, 'Cups'));
    store.dispatch(undoNotice());
    expect(selectSettings(store.getState()).cups).toBe(true);
    // Nothing is said of what shows by itself.
    store.dispatch(settingsChanged({ cups: false }));
    expect(said(store)).toBeUndefined();
  });

  it('the kitchen is in another zone', () => {
    const store = kitchen();
    const before = count(store);
    store.dispatch(zoneSettled('Asia/Kolkata', { always: false, device: 'Asia/Kolkata' }, 'Moved'));
    expect(selectZone(store.getState())).toBe('Asia/Kolkata');
    expect(since(store, before)).toEqual([
      { kind: 'zoned', at: iso(0), zone: 'Asia/Kolkata', always: false, device: 'Asia/Kolkata' },
    ]);
  });
});

describe('a place', () => {
  const larder = (celsius: number): Place => ({ id: 'larder', name: 'Larder', kind: 'larder', temperature: { kind: 'constant', celsius }, sd: 1 }); // oxfmt-ignore
  const said = (store: ReturnType<typeof kitchenStore>) =>
    selectLiveEvents(store.getState()).flatMap((one) =>
      one.kind === 'arranged' && one.place.id === 'larder' ? [[one.at, one.place]] : [],
    );

  it('is otherwise from now on, and was what it was', () => {
    const store = kitchen();
    const [[at, as]] = said(store) as [[string, Place]];
    store.dispatch(arrangePlace(larder(9), 'now'));
    expect(said(store)).toEqual([
      [at, as],
      [iso(0), larder(9)],
    ]);
    expect(store.getState().notice!.text).toBe('Larder is changed');
  });

  it('or has been so all along, and no other place with it', () => {
    const store = kitchen();
    store.dispatch(arrangePlace(larder(9), 'now'));
    store.dispatch(arrangePlace(larder(12), 'always'));
    expect(said(store)).toEqual([[iso(-1000), larder(12)]]);
    expect(selectPlaces(store.getState())).toHaveLength(4);
    store.dispatch(undoNotice());
    expect(said(store)).toHaveLength(2);
  });

  it('that is new begins now, whichever is said', () => {
    const store = kitchen();
    const cellar = { ...larder(11), id: 'cellar', name: 'Cellar' };
    const before = count(store);
    store.dispatch(arrangePlace(cellar, 'always'));
    expect(since(store, before)).toEqual([{ kind: 'arranged', at: iso(0), place: cellar }]);
  });
});

describe('the door of the journal', () => {
  const noted = (note: string) => ({ kind: 'noted' as const, jar: 'tern', at: iso(0), note });
  const bad = { ...noted('x'), at: 'tomorrow' };

  it('lets in what is an entry, all of it or none', () => {
    const store = kitchen();
    const before = count(store);
    expect(store.dispatch(logEntries([noted('a'), bad]))).toEqual([]);
    expect(count(store)).toBe(before);
    expect(said(store)).toMatch(/^This cannot be written down/);
    expect(store.getState().notice!.undo).toEqual([]);
    const ids = store.dispatch(logEntries([noted('a'), { ...noted('b'), id: 'mine' }], 'Noted'));
    expect(ids[1]).toBe('mine');
    expect(ids[0]).toMatch(/^.{10,}$/);
    expect(store.getState().notice).toEqual({ text: 'Noted', undo: ids });
  });

  it('says nothing of itself without words', () => {
    const store = kitchen();
    store.dispatch(logEntries([noted('a')]));
    expect(store.getState().notice).toBeNull();
  });

  it('is not opened for a verb that objects, has nothing to write, or writes nonsense', () => {
    const store = kitchen();
    const before = count(store);
    const objections = [{ field: 'at', message: 'Not yet.' }];
    expect(store.dispatch(done(() => ({ entries: null, objections }), 'Done'))).toEqual(objections);
    expect(store.dispatch(done(() => ({ entries: [], objections: null }), 'Done'))).toEqual([]);
    expect(said(store)).toBeUndefined();
    expect(store.dispatch(done(() => ({ entries: [bad], objections: null }), 'Done'))).toMatchObject([{ field: 'entry' }]); // oxfmt-ignore
    expect(count(store)).toBe(before);
    expect(store.dispatch(done((now) => ({ entries: [{ ...noted('n'), at: new Date(now).toISOString() }], objections: null }), () => 'Said late'))).toEqual([]); // oxfmt-ignore
    expect(said(store)).toBe('Said late');
    // A deed of one touch says it in the bar.
    store.dispatch(orSaid(done(() => ({ entries: null, objections }))));
    expect(said(store)).toBe('Not yet.');
    store.dispatch(orSaid(done(() => ({ entries: [noted('x')], objections: null }), 'Noted')));
    expect(said(store)).toBe('Noted');
  });

  it('does something to jars that are there, all of them or none', () => {
    const store = kitchen();
    const note = ({ jar }: { jar: { id: string } }) => ({ entries: [{ ...noted('n'), jar: jar.id }], objections: null }); // oxfmt-ignore
    const before = count(store);
    expect(store.dispatch(doneToEach(['tern', 'gone'], note, 'Done'))).toMatchObject([{ field: 'jar' }]); // oxfmt-ignore
    expect(said(store)).toMatch(/not in the kitchen any more/);
    expect(count(store)).toBe(before);
    expect(store.dispatch(doneTo('tern', note, 'Done'))).toEqual([]);
    expect(since(store, before)).toEqual([noted('n')]);
  });

  it('gives a verb what is said of its jar, and what is to come', () => {
    const coming = { kind: 'moved', id: 'm', jar: 'tern', at: iso(2), said: iso(-1), place: 'fridge' } as JournalEvent; // oxfmt-ignore
    const store = kitchen(coming);
    let seen: unknown = null;
    store.dispatch(
      doneTo('tern', ({ earlier, coming, now }) => {
        seen = { earlier: earlier.map(({ kind }) => kind), coming, now };
        return { entries: [], objections: null };
      }),
    );
    expect(seen).toEqual({ earlier: ['started'], coming: [coming], now: NOW });
  });

  it('takes back what it let in, and the taking back', () => {
    const store = kitchen();
    const live = () =>
      selectLiveEvents(store.getState()).filter(({ kind }) => kind === 'noted').length;
    const ids = store.dispatch(logEntries([noted('a'), noted('b')], 'Noted'));
    store.dispatch(withdrawEntries([ids[0]!], 'Struck out'));
    expect(live()).toBe(1);
    store.dispatch(undoNotice());
    expect(live()).toBe(2);
    expect(store.getState().notice).toBeNull();
    const before = count(store);
    store.dispatch(undoNotice());
    expect(count(store)).toBe(before);
  });
});

it('of several things that stand against a field the first is said', () => {
  const at = (message: string) => ({ field: 'at', message });
  expect(byField([at('first'), { field: 'grams', message: 'none' }, at('second')])).toEqual({
    at: 'first',
    grams: 'none',
  });
});

it('the bench is filled with a feed’s grams, for the baker to weigh out', () => {
  const store = kitchen();
  store.dispatch(fillBench('tern', { keepG: 20, flourG: 80, waterG: 60 }, 'fridge', null, 1.5));
  const draft = () => store.getState().bench.tern!;
  expect(draft()).toMatchObject({
    step: 0,
    keepG: 20,
    parts: 4,
    waterParts: 3,
    landed: {},
    to: 'discardJar',
    wantedAt: null,
    fedAt: null,
    place: 'fridge',
    other: null,
    outBeforeColdH: 1.5,
    order: selectSettings(store.getState()).order,
    weighing: selectSettings(store.getState()).weighing,
  });
  store.dispatch(fillBench('tern', { keepG: 10, flourG: 10, waterG: 10 }, null));
  expect(draft()).toMatchObject({ keepG: 10, parts: 1, place: null });
  expect(draft()).not.toHaveProperty('outBeforeColdH');
});
