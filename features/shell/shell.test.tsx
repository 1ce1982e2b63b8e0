import { act, fireEvent, screen } from '@testing-library/react';

import { type Step } from '@core/plan';
import { beginProgramme } from '@core/verbs';
import {
  doneTo,
  logEntries,
  planChosen,
  searchBegun,
  searchEnded,
  selectJarEvents,
  settingsChanged,
  ticked,
} from '@state';

import { NOW, PLACES, iso, kitchenStore, show, tern, went } from '../../tests/kitchen';
import { Reminders } from './Reminders';
import { Shortcuts } from './Shortcuts';

const MINUTE = 60_000;

describe('reminders', () => {
  const told: { readonly title: string; readonly body: string }[] = [];
  beforeEach(() => {
    told.length = 0;
    class Told {
      static permission = 'granted';
      onclick: unknown = null;
      constructor(title: string, { body }: { readonly body: string }) {
        told.push({ title, body });
      }
      close() {}
    }
    Object.assign(globalThis, { Notification: Told });
  });
  afterEach(() => {
    Reflect.deleteProperty(globalThis, 'Notification');
  });
  const step: Step = {
    at: NOW + 30 * MINUTE,
    earliest: NOW + 10 * MINUTE,
    latest: NOW + 90 * MINUTE,
    kind: 'feed',
    jar: 'tern',
    keepG: 20,
    flourG: 100,
    waterG: 80,
    place: 'counter',
  };
  const waiting = (reminders: 'on' | 'off' = 'on') => {
    const store = kitchenStore([...PLACES, tern()]);
    store.dispatch(settingsChanged({ reminders }));
    store.dispatch(planChosen('balanced'));
    store.dispatch(searchBegun());
    store.dispatch(
      searchEnded({
        plans: [
          {
            name: 'balanced',
            steps: [step],
            wanted: [],
            flourG: 100,
            discardG: 0,
            touches: 1,
            curves: [],
            savings: [],
          },
        ],
        impossible: [],
        mended: null,
      }),
    );
    return show(<Reminders />, store);
  };
  const at = (store: ReturnType<typeof kitchenStore>, minutes: number) =>
    act(() => void store.dispatch(ticked(NOW + minutes * MINUTE)));

  it('come when a step is due, once, with what it asks for', () => {
    const store = waiting();
    at(store, 29);
    expect(told).toEqual([]);
    at(store, 31);
    at(store, 32);
    expect(told).toHaveLength(1);
    expect(told[0]!.title).toMatch(/Tern/);
    expect(told[0]!.body).toMatch(/keep 20, water 80, flour 100 g/);
  });

  it('do not come for what was due long ago, nor where they are not wanted', () => {
    const late = waiting();
    at(late, 90);
    const quiet = waiting('off');
    at(quiet, 31);
    expect(told).toEqual([]);
  });

  it('come for a programme’s feed', () => {
    const store = waiting();
    act(
      () =>
        void store.dispatch(
          doneTo('tern', (jar) => beginProgramme(jar, { programme: 'neglected' }), 'begun'),
        ),
    );
    expect(told).toMatchObject([
      { title: 'Feed Tern', body: expect.stringMatching(/day 1 of its programme/) },
    ]);
  });
});

describe('single keys', () => {
  const press = (key: string, over: object = {}) =>
    fireEvent.keyDown(document.body, { key, ...over });

  it('go where they say', () => {
    show(<Shortcuts />);
    for (const key of ['n', 'p', 'l', 'j', 'h', 's', 'a', 'w', 'x']) press(key);
    expect(went).toEqual([
      '/',
      '/plan',
      '/larder',
      '/journal',
      '/help',
      '/settings',
      '/add',
      '/trouble',
    ]);
  });

  it('leave the browser’s own alone, and do nothing in a field', () => {
    show(
      <>
        <Shortcuts />
        <input aria-label="a field" />
      </>,
    );
    press('p', { ctrlKey: true });
    fireEvent.keyDown(screen.getByLabelText('a field'), { key: 'p' });
    expect(went).toEqual([]);
  });

  it('undo what was done last', () => {
    const store = show(<Shortcuts />, kitchenStore([...PLACES, tern()]));
    act(
      () =>
        void store.dispatch(
          logEntries([{ kind: 'noted', jar: 'tern', at: iso(0), note: 'oops' }], 'Noted'),
        ),
    );
    press('u');
    expect(selectJarEvents(store.getState(), 'tern')).toHaveLength(1);
  });

  it('are listed by ?, and rest while a panel is open', () => {
    show(<Shortcuts />);
    press('?');
    expect(screen.getByRole('dialog', { name: 'Keyboard', hidden: true })).toBeVisible();
    press('p');
    expect(went).toEqual([]);
  });
});
