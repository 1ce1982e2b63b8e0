import { readdirSync } from 'node:fs';
import path from 'node:path';

import { act, cleanup, fireEvent, screen } from '@testing-library/react';

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
import { PageHelp } from './PageHelp';
import { PAGE_HELP, helpWith } from './pageHelp';
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
    follow(store, step);
    return show(<Reminders />, store);
  };
  const follow = (store: ReturnType<typeof kitchenStore>, step: Step) => {
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

  it('come once for a step that a mended plan moves a little, and again hours later', () => {
    const store = waiting();
    const moved = (minutes: number) => ({ ...step, at: step.at + minutes * MINUTE });
    at(store, 31);
    act(() => follow(store, moved(5)));
    at(store, 36);
    expect(told).toHaveLength(1);
    act(() => follow(store, moved(3 * 60)));
    at(store, 3 * 60 + 31);
    expect(told).toHaveLength(2);
  });

  it('come once, also when all is drawn anew', () => {
    const store = waiting();
    at(store, 31);
    cleanup();
    show(<Reminders />, store);
    expect(told).toHaveLength(1);
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
    show(<Shortcuts onFind={() => undefined} onHelp={() => undefined} />);
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
        <Shortcuts onFind={() => undefined} onHelp={() => undefined} />
        <input aria-label="a field" />
      </>,
    );
    press('p', { ctrlKey: true });
    fireEvent.keyDown(screen.getByLabelText('a field'), { key: 'p' });
    expect(went).toEqual([]);
  });

  it('undo what was done last', () => {
    const store = show(
      <Shortcuts onFind={() => undefined} onHelp={() => undefined} />,
      kitchenStore([...PLACES, tern()]),
    );
    act(
      () =>
        void store.dispatch(
          logEntries([{ kind: 'noted', jar: 'tern', at: iso(0), note: 'oops' }], 'Noted'),
        ),
    );
    press('u');
    expect(selectJarEvents(store.getState(), 'tern')).toHaveLength(1);
  });

  it('ask for help with ? and for what is sought with /, and rest while a panel is open', () => {
    const asked: string[] = [];
    const keys = <Shortcuts onFind={() => asked.push('find')} onHelp={() => asked.push('help')} />;
    show(keys);
    press('?');
    press('/');
    expect(asked).toEqual(['help', 'find']);
    show(<PageHelp keys onClose={() => undefined} />);
    expect(screen.getByText('Undo the last thing')).toBeVisible();
    press('p');
    press('?');
    expect(went).toEqual([]);
    expect(asked).toHaveLength(2);
  });
});

describe('the help with a page', () => {
  const app = path.join(__dirname, '../../app');
  const routes = (readdirSync(app, { recursive: true }) as string[])
    .filter((file) => file.endsWith('.tsx') && !/_layout|missing/.test(file))
    .map((file) => file.replace(/\.tsx$/, '').split(path.sep))
    .map((parts) => parts.filter((part) => part !== 'index'));

  it('is there for every page', () => {
    expect(routes.length).toBeGreaterThan(25);
    expect(routes.filter((segments) => helpWith(segments) === null)).toEqual([]);
    expect(Object.keys(PAGE_HELP)).toHaveLength(routes.length);
  });

  it('is short, and no page’s is another’s', () => {
    const all = routes.map((segments) => helpWith(segments)!.join(' '));
    for (const said of all) expect(said.length).toBeLessThan(420);
    expect(new Set(all).size).toBe(all.length);
  });

  it('is none for a page that is not there', () => {
    expect(helpWith(['(now)', '[...missing]'])).toBeNull();
    expect(helpWith(['constructor'])).toBeNull();
  });
});
