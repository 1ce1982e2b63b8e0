import { type PayloadAction, createSlice } from '@reduxjs/toolkit';

import { type Weighing } from '@core/bench';

/** How the kitchen likes things shown and done. */
export interface Settings {
  readonly theme: 'system' | 'light' | 'dark';
  readonly temperature: 'celsius' | 'fahrenheit';
  /** Ounces and cups are shown beside grams when wanted. */
  readonly ounces: boolean;
  /** Cups and spoons are shown beside grams when wanted, for those without a scale. */
  readonly cups: boolean;
  readonly clock: '24' | '12';
  /** The school: what a new starter is fed, and how the bench weighs. */
  readonly parts: number;
  readonly hydrationPct: number;
  readonly order: 'waterFirst' | 'flourFirst';
  readonly weighing: Weighing;
  /** The school of levains: built in the jar itself, or in a second vessel beside a mother that is only fed. */
  readonly levainIn: 'jar' | 'beside';
  /** What water comes from: from the tap as it is, stood or boiled, or through a filter. */
  readonly water: 'tap' | 'stood' | 'filtered';
  /** The school of glass: washed at every feed, after some weeks, or when it looks so. */
  readonly cleanJar: 'eachFeed' | 'weeks' | 'asItLooks';
  /** What the discard jar holds, millilitres. */
  readonly discardJarMl: number;
  /** Whether the browser says when a step is due; asked once a plan is followed. */
  readonly reminders: 'ask' | 'on' | 'off';
  /** Whether steps in a calendar ring. */
  readonly calendarAlarms: boolean;
}

/** Settings as the baker's own locale suggests them. */
export function usualSettings(locale: string): Settings {
  const american = /-(US|LR|MM)\b/.test(locale);
  const clock = new Intl.DateTimeFormat(locale, { hour: 'numeric' }).resolvedOptions().hour12;
  return {
    theme: 'system',
    temperature: american ? 'fahrenheit' : 'celsius',
    ounces: american,
    cups: false,
    clock: clock ? '12' : '24',
    parts: 4,
    hydrationPct: 100,
    order: 'waterFirst',
    weighing: 'tare',
    levainIn: 'jar',
    water: 'tap',
    cleanJar: 'weeks',
    discardJarMl: 1000,
    reminders: 'ask',
    calendarAlarms: true,
  };
}

const ALLOWED: { readonly [K in keyof Settings]: (value: unknown) => boolean } = {
  theme: (v) => v === 'system' || v === 'light' || v === 'dark',
  temperature: (v) => v === 'celsius' || v === 'fahrenheit',
  ounces: (v) => typeof v === 'boolean',
  cups: (v) => typeof v === 'boolean',
  clock: (v) => v === '24' || v === '12',
  parts: (v) => typeof v === 'number' && v >= 0.25 && v <= 20,
  hydrationPct: (v) => typeof v === 'number' && v >= 40 && v <= 200,
  order: (v) => v === 'waterFirst' || v === 'flourFirst',
  weighing: (v) => v === 'tare' || v === 'inJar',
  levainIn: (v) => v === 'jar' || v === 'beside',
  water: (v) => v === 'tap' || v === 'stood' || v === 'filtered',
  cleanJar: (v) => v === 'eachFeed' || v === 'weeks' || v === 'asItLooks',
  discardJarMl: (v) => typeof v === 'number' && v >= 100 && v <= 10_000,
  reminders: (v) => v === 'ask' || v === 'on' || v === 'off',
  calendarAlarms: (v) => typeof v === 'boolean',
};

/** Settings from anything: what can be used is used, the rest stays as it was. */
export function settingsFrom(raw: unknown, usual: Settings): Settings {
  if (typeof raw !== 'object' || raw === null) return usual;
  const given = Object.entries(raw).filter(
    ([key, value]) => Object.hasOwn(ALLOWED, key) && ALLOWED[key as keyof Settings](value),
  );
  return { ...usual, ...Object.fromEntries(given) };
}

const locale = typeof navigator === 'undefined' ? 'en-GB' : navigator.language;

const slice = createSlice({
  name: 'settings',
  initialState: usualSettings(locale),
  reducers: {
    changed: (state, { payload }: PayloadAction<Partial<Settings>>) =>
      settingsFrom({ ...state, ...payload }, state),
  },
});

export const settingsChanged = slice.actions.changed;
export const settingsReducer = slice.reducer;
