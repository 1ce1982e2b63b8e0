import { USUAL_PACE, isHungry } from '@core/ferment';
import {
  type Jar,
  type JarEvent,
  type Outlook,
  SKETCHED,
  type Standing,
  foldJar,
  outlookOf,
  standingAt,
} from '@core/journal';
import { someCard, someFeed, someStart, usualKitchen } from '@core/journal/someJar.testing';
import { FLOUR_KINDS, type FlourKind, HOUR, isGlutenFree } from '@core/measure';
import { type WhatNext, whatNext } from '@core/next';
import { someAhead } from '@core/next/someStanding.testing';
import { usualSettings } from '@state';

import { jarSentence, notRipeWords, ripeWords } from './jarWords';
import { kitchenWords } from './kitchenWords';
import { nextReason } from './nextReason';
import { nextTitle } from './nextTitle';
import { shelfWords } from './shelfWords';
import { careText, labelText } from './paperWords';

const T0 = Date.parse('2026-03-01T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const context = usualKitchen();

const PLACES = ['counter', 'fridge', 'larder'] as const;
/** Hours since the last feed: from just mixed to forgotten for months. */
const AGES = [0.1, 1.4, 5, 8, 11, 16, 23, 31, 50, 90, 170, 400, 1000];
/** How it got there: fed once, fed to a rhythm, fed by eye, or put on the shelf with a guess and never fed. */
const HISTORIES = ['fed', 'rhythm', 'byEye', 'onlyForBakes', 'guessed'] as const;
/** What was guessed of a flour's jars, hours: a day, some days, or anything. */
const GUESSES = [
  [12, 36],
  [48, 168],
  [48, 1440],
] as const;
type History = (typeof HISTORIES)[number];

function eventsOf(flour: FlourKind, place: string, history: History): readonly JarEvent[] {
  const card = someCard({
    flour: { [flour]: 1 },
    ...(history === 'rhythm' && { rhythm: { everyH: 24, at: 9 } }),
    ...(history === 'onlyForBakes' && { rhythm: { everyH: null } }),
  });
  const start = someStart(iso(-1), {
    card,
    ...(history === 'guessed' && { unfedH: GUESSES[FLOUR_KINDS.indexOf(flour) % 3]! }),
  });
  const fed = someFeed('fed', iso(0), {
    flour: { [flour]: 1 },
    ...(history === 'byEye' && { rough: true as const }),
  });
  return [
    start,
    ...(history === 'guessed' ? [] : [fed]),
    ...(place === 'counter'
      ? []
      : [{ kind: 'moved' as const, jar: 'tern', id: 'moved', at: iso(0.05), place }]),
  ];
}

interface Told {
  readonly standing: Standing;
  readonly next: WhatNext;
  /** What it is, for whoever reads a failure. */
  readonly of: string;
  readonly title: string;
  readonly reason: string;
  readonly shelf: string;
  readonly sentences: readonly string[];
}

/** Every sentence about one jar at one hour. */
function tell(of: string, jar: Jar, outlook: Outlook, hours: number): Told {
  const now = T0 + hours * HOUR;
  const standing = standingAt(jar, outlook, context, now);
  const words = kitchenWords(usualSettings('en-GB'), context.time.zone, now);
  const next = whatNext(someAhead(standing));
  const title = nextTitle(next, 'Tern', now, words);
  const reason = nextReason(next, standing, words);
  const shelf = shelfWords(standing, next, words);
  const label = labelText(standing, next, words);
  return {
    standing,
    next,
    of: `${of}, ${hours} h`,
    title,
    reason,
    shelf,
    sentences: [
      title,
      reason,
      shelf,
      jarSentence(standing, words),
      ripeWords(standing.outlook.forecast, standing.jar.since, words),
      ...label.lines,
      careText(standing, next, USUAL_PACE, words),
    ],
  };
}

const ALL: readonly Told[] = FLOUR_KINDS.flatMap((flour, i) =>
  PLACES.flatMap((place, j) =>
    // Each flour and place in two of the histories, so that all of them meet.
    [HISTORIES[(i + j) % 5]!, HISTORIES[(i + 2 * j + 2) % 5]!].flatMap((history) => {
      const jar = foldJar(eventsOf(flour, place, history), context)!.jar;
      const outlook = outlookOf(jar, context, 1500, undefined, SKETCHED);
      return AGES.map((hours) => tell(`${flour}, ${place}, ${history}`, jar, outlook, hours));
    }),
  ),
);

const offenders = (bad: (told: Told) => unknown) =>
  ALL.filter(bad).map(({ of, title, reason, shelf }) => `${of}: ${title} | ${reason} | ${shelf}`);

it('no sentence holds what no person would say: no numbers sharper than known, nothing undefined', () => {
  const said = ALL.flatMap(({ of, sentences }) => sentences.map((text) => `${of}: ${text}`));
  const bad =
    /NaN|undefined|null|Infinity|\[object|\d\.\d{2,}|\d h \d+ min|10[1-4] %|  |\. \.|\.\.|,,/;
  expect(said.filter((text) => bad.test(text))).toEqual([]);
});

it('title, reason and shelf agree', () => {
  // Whoever is told to feed now is not told that it needs nothing.
  expect(
    offenders(
      ({ title, reason }) => /^Feed .* now/.test(title) && /needs nothing|for weeks/.test(reason),
    ),
  ).toEqual([]);
  expect(
    offenders(({ title, shelf }) => /rests|can wait/.test(title) && /feed it/.test(shelf)),
  ).toEqual([]);
  expect(
    offenders(({ next, shelf }) => next.late && !/feed it|look at it|emptied/.test(shelf)),
  ).toEqual([]);
  expect(
    offenders(({ standing, reason }) => /^Ripe now/.test(reason) && standing.stage !== 'ripe'),
  ).toEqual([]);
});

it('no hour is told of a jar that nobody saw fed, and nobody is said to have known what nobody knows', () => {
  const bad = ({ standing: { jar }, sentences: [title, reason, shelf, drawn] }: Told) =>
    jar.unfedH &&
    (/\d:\d\d|\d % up/.test([title, reason, shelf, drawn].join(' ')) ||
      (jar.unfedH[1] === 1440 && /as you said|unfed/.test(`${reason} ${shelf}`)));
  expect(offenders(bad)).toEqual([]);
});

it('what is forecast from a feed weeks ago is told to the day, however near', () => {
  const jar = foldJar(eventsOf('white', 'fridge', 'fed'), context)!.jar;
  const outlook = outlookOf(jar, context, 1500, undefined, SKETCHED);
  const { feedByH, emptyAtH } = outlook.forecast;
  const near = [emptyAtH! - 5, feedByH! - 10, feedByH! - 1, feedByH! + 5];
  const told = near.map((hours) => tell('white, fridge', jar, outlook, hours));
  expect(told.map(({ next }) => next.toDay)).toEqual([true, true, true, true]);
  for (const { title, reason } of told) expect(`${title} ${reason}`).not.toMatch(/\d:\d\d/);
});

it('late stays by its hour, and no deadline that is told lies in the past without being told as late', () => {
  expect(
    offenders(
      ({ next, title, standing }) =>
        next.by !== null &&
        next.by < standing.now &&
        /by \d|by today|by tomorrow/.test(title) &&
        !/was due/.test(title),
    ),
  ).toEqual([]);
});

it('nothing is said to starve or to be harmed that still has food', () => {
  expect(
    offenders(
      ({ standing, reason }) =>
        standing.moment.food > 0.3 && /out of food|has starved: it comes back/i.test(reason),
    ),
  ).toEqual([]);
});

it('whoever is out of food for longer than ever before is told so, by whatever rhythm', () => {
  expect(
    offenders(
      ({ standing: { stage, jar, place }, next, reason }) =>
        isHungry(stage) &&
        !jar.unfedH &&
        place?.kind !== 'fridge' &&
        next.late &&
        !/out of food for|last fed/i.test(reason),
    ),
  ).toEqual([]);
});

it('a rhythm is said to rest in the fridge, and nowhere else', () => {
  const rests = ({ of, reason }: Told) =>
    /need not be fed every day/.test(reason) && !/, fridge, rhythm/.test(of);
  expect(offenders(rests)).toEqual([]);
  expect(
    offenders(({ title, of }) => /, fridge, rhythm/.test(of) && /was due/.test(title)),
  ).toEqual([]);
});

it('what is not ripe says why: it sleeps, comes up too little, or takes longer than was looked', () => {
  const jarIn = (place: string) =>
    foldJar([...eventsOf('white', place, 'fed').slice(0, 1), someFeed('fed', iso(0))], context)!
      .jar;
  const told = (jar: Jar, hours: number, fromH = 0) =>
    notRipeWords(
      outlookOf(jar, context, hours, undefined, SKETCHED).forecast,
      kitchenWords(usualSettings('en-GB'), context.time.zone, T0),
      fromH,
    );
  expect(told(jarIn('counter'), 3)).toBe('will not be ripe within 3 hours');
  expect(told(jarIn('counter'), 100, 96)).toBe('has too little food left to rise');
  const asleep = foldJar(eventsOf('white', 'fridge', 'fed'), context)!.jar;
  expect(told(asleep, 96)).toBe('goes to sleep in the cold');
  const weak = foldJar(
    [
      someStart(iso(-1), { condition: 'neglected' }),
      someFeed('fed', iso(0), { keepG: 1, flourG: 200, waterG: 200, flour: { buckwheat: 1 } }),
    ],
    context,
  )!.jar;
  expect(told(weak, 96)).toMatch(/^comes up to only 1\.\d times the band, too low to call ripe$/);
});

it('flours without gluten are not said to hold any, nor the others to hold none', () => {
  const wrong = ALL.filter(({ standing, sentences }) => {
    const free = isGlutenFree(standing.jar.card.flour);
    const said = sentences.join(' ');
    return free ? /It holds gluten/.test(said) : /holds no gluten/.test(said);
  });
  expect(wrong.map(({ of }) => of)).toEqual([]);
});

it('a flour that never doubles is not asked to', () => {
  const wrong = ALL.filter(
    ({ standing, sentences }) =>
      isGlutenFree(standing.jar.card.flour) && sentences.some((text) => /doubled/.test(text)),
  );
  expect(wrong.map(({ of }) => of)).toEqual([]);
});
