import { USUAL_BELIEF } from '@core/ferment';
import { type Plan, type Step, type Prospect } from '@core/plan';
import { usualSettings } from '@state';

import { kitchenWords } from './kitchenWords';
import { changeWords, foretoldWords, paceWords } from './learntWords';
import {
  bakeNames,
  calendarNote,
  mendedWords,
  planLine,
  plannedTitle,
  slackWords,
  stepWords,
} from './planWords';
import { impossibleWords, savingWords, unlikelyWords, unsureWords } from './offerWords';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const words = kitchenWords(usualSettings('en-GB'), 'Europe/Lisbon', NOW);
const at = (time: string) => Date.parse(`2026-03-13T${time}:00Z`);

const build: Step = {
  at: at('20:00'),
  earliest: at('18:00'),
  latest: at('21:40'),
  kind: 'build',
  jar: 'grebe',
  wanted: 'tins',
  keepG: 25,
  flourG: 100,
  waterG: 100,
  discardG: 40,
  place: 'counter',
};

const plan = (over: Partial<Plan> = {}): Plan => ({
  name: 'balanced',
  steps: [build],
  wanted: [{ id: 'tins', chance: 0.86, peakAt: at('23:00'), low: at('22:00'), high: at('23:50') }],
  flourG: 100,
  discardG: 40,
  touches: 1,
  curves: [],
  savings: [],
  ...over,
});

const place = () => 'counter';
const NAMES = {
  jarName: () => 'Grebe',
  placeName: place,
  bakeName: (id: string) => (id === 'tins' ? 'Saturday tins' : 'Pizza'),
};

it('a step says what, how much and where to, and how long it can wait', () => {
  expect(stepWords(build, 'Grebe', place, words)).toBe(
    'Build Grebe’s levain: keep 25, water 100, flour 100 g (1\u00a0:\u00a04\u00a0:\u00a04), then counter',
  );
  const take: Step = { ...build, kind: 'take', takeG: 180 };
  expect(stepWords(take, 'Grebe', place, words, 'Saturday tins')).toBe(
    'Take 180 g from Grebe for Saturday tins',
  );
  // A bake that was dropped meanwhile has no name any more.
  expect(stepWords(take, 'Grebe', place, words)).toBe('Take 180 g from Grebe for the bake');
  expect(slackWords(build, words)).toBe('any time 18:00 to 21:40');
  expect(slackWords({ ...build, earliest: build.at, latest: build.at }, words)).toBe('');
  expect(plannedTitle(build, 'Grebe', NOW, words)).toBe('Build Grebe’s levain by 21:40');
  expect(plannedTitle({ ...build, earliest: at('19:00') }, 'Grebe', NOW, words)).toBe(
    'Build Grebe’s levain at 20:00',
  );
  const missed = { ...build, at: at('17:00'), earliest: at('16:00'), latest: at('18:00') };
  expect(plannedTitle(missed, 'Grebe', NOW, words)).toBe('Build Grebe’s levain now');
});

it('a plan is told in a line', () => {
  expect(planLine(plan(), words)).toBe(
    '86 % likely to be ripe in time. Once at the jar, 100 g flour, 40 g discard.',
  );
  expect(planLine(plan({ wanted: [], touches: 3 }), words)).toBe(
    '3 times at the jar, 100 g flour, 40 g discard.',
  );
});

it('leaner keeps are told with when, jars that are kept alike together', () => {
  const lean = { keepG: 10, insteadOfG: 20, flourG: 40, from: at('23:00'), until: at('23:00') };
  const later = { ...lean, until: lean.until + 3 * 86_400_000 };
  const savings = [
    { ...lean, jar: 'Grebe' },
    { ...lean, jar: 'Dunlin' },
    { ...later, jar: 'Skua' },
    { ...lean, jar: 'Tern', flourG: 4 },
  ];
  expect(savingWords(plan({ savings }), (id) => id, words)).toEqual([
    'Keeps 10 g of Grebe and Dunlin each instead of 20 g today: 80 g less flour, and as lively.',
    'Keeps 10 g of Skua instead of 20 g until Mon 16 Mar: 40 g less flour, and as lively.',
  ]);
});

it('a bake that may be missed says what would help, as far as something does', () => {
  const named = () => 'Tins';
  const wanted = (chance: number, raisedBy?: Prospect['raisedBy']) =>
    plan({ wanted: [{ ...plan().wanted[0]!, chance, ...(raisedBy && { raisedBy }) }] });
  const ways = [
    { kind: 'otherHour', from: at('21:00'), until: at('22:00'), chance: 0.8 },
    { kind: 'shorter', from: at('20:30'), until: at('21:30'), chance: 0.71 },
    { kind: 'handsAt', times: [at('19:30')], chance: 0.7 },
    { kind: 'looks', chance: 0.69 },
  ] as const;
  const told =
    '80 % likely if it is wanted 21:00 to 22:00 instead, 71 % if it has to be ripe only 20:30 to 21:30, 70 % with somebody there at 19:30 and 69 % once two heights are logged while it rises, after the feed before';
  expect(unlikelyWords(wanted(0.44, ways), named, words)).toBe(
    `Tins is 44 % likely to be ripe in time. It would be ${told}.`,
  );
  expect(unlikelyWords(wanted(0.44, []), named, words)).toMatch(/would help little\.$/);
  // Not said before they were.
  expect(unlikelyWords(wanted(0.44), named, words)).toMatch(/to be ripe in time\.$/);
  expect(unlikelyWords(wanted(0.6, ways), named, words)).toBeNull();
  expect(unsureWords(wanted(0.6, ways), named, words)).toEqual([`Tins would be ${told}.`]);
  expect(unsureWords(wanted(0.44, ways), named, words)).toEqual([]);
});

it('slack that begins or ends on another day says which', () => {
  const tomorrow = {
    ...build,
    at: at('20:00') + 24 * 3_600_000,
    latest: at('21:40') + 24 * 3_600_000,
  };
  expect(slackWords(tomorrow, words)).toBe('any time today 18:00 to 21:40');
});

it('what cannot be had is explained, with what can', () => {
  const said = impossibleWords(
    {
      wanted: 'tins',
      because: 'tooSoon',
      nearest: [
        { kind: 'otherHour', from: at('22:00'), until: at('23:00') },
        { kind: 'handsAt', times: [at('19:00'), at('19:00') + 24 * 3_600_000] },
        { kind: 'less', levainG: 90 },
        { kind: 'less', levainG: 80, at: { from: at('22:00'), until: at('23:00') } },
      ],
    },
    'Saturday tins',
    words,
  );
  expect(said).toEqual([
    'Saturday tins: there is not enough time left.',
    'Ripe 22:00 to 23:00 would work.',
    'It works if someone is there at 19:00 and tomorrow 19:00.',
    '90 g would work.',
    '80 g, ripe 22:00 to 23:00, would work.',
  ]);
});

it('a mended plan says what changed, and nothing when nothing did', () => {
  expect(mendedWords(plan(), plan(), NAMES, words)).toBeNull();
  const later = plan({
    steps: [{ ...build, at: at('21:00') }],
    wanted: [{ ...plan().wanted[0]!, chance: 0.71, peakAt: at('23:40') }],
  });
  expect(mendedWords(plan(), later, NAMES, words)).toBe(
    'The plan has changed: Grebe’s levain is now built 21:00 instead of 20:00; it peaks 40 min later; it is 71 % likely to be ripe in time instead of 86 %.',
  );
  expect(mendedWords(plan(), plan({ steps: [] }), NAMES, words)).toContain(
    'Grebe’s levain is built',
  );
  // Of several bakes it says which.
  const [tins] = plan().wanted;
  const both = (chance: number) =>
    plan({
      wanted: [
        tins!,
        { ...tins!, id: 'pizza', chance, raisedBy: [{ kind: 'looks', chance: 0.6 }] },
      ],
    });
  expect(mendedWords(both(0.8), both(0.4), NAMES, words)).toBe(
    'The plan has changed. Pizza: it is 40 % likely to be ripe in time instead of 80 %. Pizza would be 60 % likely once two heights are logged while it rises, after the feed before.',
  );
});

it('a bake that is wanted again has its day beside its name', () => {
  const bake = (id: string, called: string, days: number) => ({
    id,
    name: called,
    from: at('20:00') + days * 24 * 3_600_000,
  });
  const nameOf = bakeNames(
    [bake('a', 'Tins', 0), bake('b', 'Tins', 7), bake('c', 'Pizza', 1)],
    words,
  );
  expect(['a', 'b', 'c', 'gone'].map(nameOf)).toEqual([
    'Tins (today)',
    'Tins (Fri 20 Mar)',
    'Pizza',
    'This bake',
  ]);
});

it('a mended plan says what saves the levain', () => {
  const take: Step = { ...build, at: at('23:30'), kind: 'take', takeG: 180 };
  const toppedUp = plan({ steps: [{ ...build, kind: 'topUp' }, take] });
  expect(mendedWords(plan({ steps: [build, take] }), toppedUp, NAMES, words)).toBe(
    'The plan has changed: topping up what is in the jar saves the bake.',
  );
  const move: Step = { ...build, at: at('22:00'), kind: 'move', place: 'larder' };
  const held = plan({ steps: [build, move, take] });
  expect(
    mendedWords(
      plan({ steps: [build, take] }),
      held,
      { ...NAMES, placeName: () => 'stairwell' },
      words,
    ),
  ).toBe('The plan has changed: until the bake it waits somewhere cooler: stairwell.');
});

describe('what was learnt', () => {
  const learnt = (log: number, feeds: number) => ({
    belief: { ...USUAL_BELIEF, mean: [log, ...USUAL_BELIEF.mean.slice(1)] },
    feeds,
    readings: 2 * feeds,
    foretold: [],
    history: [],
  });

  it('is told in words', () => {
    expect(paceWords(learnt(Math.log(1.18), 41))).toBe(
      'About 18 % quicker than usual for its temperature, from 41 feeds.',
    );
    expect(paceWords(learnt(Math.log(0.9), 1))).toBe(
      'About 10 % slower than usual for its temperature, from one feed so far.',
    );
    expect(paceWords(learnt(0.01, 9))).toContain('as quick as usual');
    expect(paceWords(learnt(0, 0))).toContain('log a height or two');
  });

  it('says how well peaks were foretold, once there are enough', () => {
    const peak = { expectedH: 9, low: 8, high: 10, seenH: 9.5 };
    expect(foretoldWords([peak], 1, words)).toBeNull();
    expect(foretoldWords([peak, peak, { ...peak, seenH: 11 }], 1, words)).toBe(
      'Of the last 3 peaks you saw, 2 fell inside the likely range; it was usually out by 30 min.',
    );
    expect(foretoldWords([peak, peak, peak], 1.4, words)).toContain('drawn wider');
  });

  it('names what a change of pace may mean', () => {
    expect(changeWords({ factor: 0.8, feeds: 3 })).toContain('20 % slower');
    expect(changeWords({ factor: 1.25, feeds: 4 })).toContain('25 % quicker');
  });
});

it('a calendar says after what a step comes, all of it where two bakes take theirs', () => {
  const take = (hour: string, takeG: number): Step => ({
    ...build,
    at: at(hour),
    kind: 'take',
    takeG,
  });
  const feed: Step = { ...build, at: at('21:00'), earliest: at('21:00'), latest: at('21:00') };
  const note = (...before: readonly Step[]) => calendarNote(feed, before, words);
  expect(note(take('20:00', 180))).toBe('Only after 180 g are taken for the bake.');
  expect(note(take('20:00', 180), take('20:30', 120))).toBe(
    'Only after 300 g are taken for the bakes.',
  );
  expect(note({ ...take('20:00', 180), jar: 'knot' })).toBe('');
});
