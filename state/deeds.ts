import {
  type Bake,
  type Dough,
  type HandsPattern,
  type LeftAlone,
  type PlanChoice,
  type Settings,
  handsChange,
  isoOf,
  overlap,
} from '@core/journal';
import { changeBake, dropBake } from '@core/verbs';

import { done, isoNow, logEntries, withdrawEntries } from './actions';
import { selectBakes, selectDough, selectHands, selectLeftAlone } from './decided';
import { doughDrafted, doughRested } from './dough';
import { noticed } from './notice';
import { type Dispatch, type RootState } from './store';

// Everything a baker decides is an entry: undo, export and a second tab then hold for all of it. The text says what was
// done, with the way back; without it the change shows by itself.

/** A bake is wanted otherwise. */
export const bakeChanged = (bake: Bake, text?: string) =>
  done((now) => changeBake(bake, now), text);

/** A bake is wanted by so many milliseconds later. */
export const bakeMoved =
  (id: string, by: number, text?: string) => (dispatch: Dispatch, getState: () => RootState) => {
    const bake = selectBakes(getState()).find((known) => known.id === id);
    if (bake)
      dispatch(bakeChanged({ ...bake, from: bake.from + by, until: bake.until + by }, text));
  };

export const bakeDropped = (id: string, text?: string) => done((now) => dropBake(id, now), text);

/** When hands are there from now on: only what is new is written down. */
export const handsChanged =
  (hands: HandsPattern, text?: string) => (dispatch: Dispatch, getState: () => RootState) => {
    const change = handsChange(selectHands(getState()), hands);
    if (Object.keys(change).length === 0) return;
    dispatch(logEntries([{ kind: 'handsAre', at: isoNow(), hands: change }], text));
  };

/** The hours of work that are offered to whoever is out on weekdays. */
export const WORK = { from: 8, until: 17.5 } as const;

/** What somebody says when they are asked for the first time. */
export const handsGiven = (outOnWeekdays: boolean, text: string) =>
  logEntries(
    [
      {
        kind: 'handsAre',
        at: isoNow(),
        hands: outOnWeekdays
          ? { workDays: [0, 1, 2, 3, 4], workFrom: WORK.from, workUntil: WORK.until }
          : { workDays: [] },
      },
    ],
    text,
  );

export const tripAdded = (from: number, until: number, text?: string) =>
  logEntries([{ kind: 'away', at: isoNow(), from: isoOf(from), until: isoOf(until) }], text);

export const tripDropped = (id: string, text: string) => withdrawEntries([id], text);

/** A jar is left alone for a stretch, but for one moment if there is one. */
export const jarLeftAlone = ({ jar, from, until, butAt }: LeftAlone, text?: string) =>
  logEntries(
    [
      {
        kind: 'letBe',
        at: isoNow(),
        jar,
        from: isoOf(from),
        until: isoOf(until),
        butAt: butAt === null ? null : isoOf(butAt),
      },
    ],
    text,
  );

/** A stretch ends, and with it those that it had taken the place of. */
export const leftAloneEnded =
  (stretch: LeftAlone, text: string) => (dispatch: Dispatch, getState: () => RootState) => {
    const ended = getState()
      .kitchen.events.filter((event) => event.kind === 'letBe')
      .filter(({ jar, from, until }) =>
        overlap({ jar, from: Date.parse(from), until: Date.parse(until), butAt: null }, stretch),
      );
    if (selectLeftAlone(getState()).some((known) => overlap(known, stretch)))
      dispatch(
        withdrawEntries(
          ended.map(({ id }) => id),
          text,
        ),
      );
  };

export const planChosen = (plan: PlanChoice | null, text?: string) =>
  logEntries([{ kind: 'planFollowed', at: isoNow(), plan }], text);

/** The kitchen likes some things otherwise from now on. What is typed comes key by key: one undo takes all of it back. */
export const settingsChanged =
  (settings: Partial<Settings>, text?: string) =>
  (dispatch: Dispatch, getState: () => RootState) => {
    const { notice } = getState();
    const typedOn =
      notice !== null && notice.text === text && isTypedOn(getState(), notice.undo, settings);
    const ids = dispatch(logEntries([{ kind: 'settled', at: isoNow(), settings }], text));
    if (text !== undefined && typedOn) dispatch(noticed({ text, undo: [...notice.undo, ...ids] }));
  };

/** Settings that are typed and whose change is told. */
const TYPED: ReadonlySet<string> = new Set<keyof Settings>(['parts', 'hydrationPct', 'currency']);

/** Whether the last of some entries is of the same typed setting. */
function isTypedOn(
  { kitchen }: RootState,
  ids: readonly string[],
  settings: Partial<Settings>,
): boolean {
  const last = kitchen.events.findLast(({ id }) => id === ids.at(-1));
  const [key = '', ...more] = Object.keys(settings);
  return last?.kind === 'settled' && more.length === 0 && TYPED.has(key) && key in last.settings;
}

/** The dough as it is being worked out; it is written down once it has rested. */
export const doughChanged =
  (change: Partial<Dough>) => (dispatch: Dispatch, getState: () => RootState) => {
    dispatch(doughDrafted({ ...selectDough(getState()), ...change }));
  };

/** Writes the dough down as it is now. */
export const keepDough = () => (dispatch: Dispatch, getState: () => RootState) => {
  const { dough } = getState();
  if (!dough) return;
  const kept = dispatch(logEntries([{ kind: 'doughKept', at: isoNow(), dough }]));
  if (kept.length > 0) dispatch(doughRested());
};

/** The kitchen's own time: from now on, or as it has been all along. */
export const zoneSettled = (
  zone: string,
  { always, device }: { readonly always: boolean; readonly device: string },
  text: string,
) => logEntries([{ kind: 'zoned', at: isoNow(), zone, always, device }], text);
