import fc from 'fast-check';

import { type JarEvent, PROGRAMMES, type ProgrammeId, foldJar } from '../journal';
import { someStart } from '../journal/someJar.testing';
import { DAY, HOUR } from '../measure';
import { foretell } from './foretell';
import { nextFeed } from './nextFeed';
import { FROM_NOTHING, PROGRAMME } from './programmes';
import { begunProgramme, runOf } from './run';
import { T0, fed, iso, kitchen, looked, played } from './someProgramme.testing';

describe.each(PROGRAMMES)('the programme %s, against the model', (id) => {
  const { patienceDays, longestDays } = PROGRAMME[id];

  it('ends well with a quick culture, and later with a slow one', () => {
    const quick = played(id, 1, 1.25);
    const slow = played(id, 0.3, 0.7, 22);
    expect(quick.ends).toBe('well');
    expect(slow.ends).toBe('well');
    expect(slow.days).toBeGreaterThan(quick.days);
    expect(quick.days).toBeGreaterThanOrEqual(0.4);
    expect(slow.days).toBeLessThan(longestDays);
  });

  it('ends with a backup when nothing lives, and not before its patience', () => {
    const dead = played(id, 0, 1);
    expect(dead.ends).toBe('useBackup');
    expect(dead.days).toBeGreaterThanOrEqual(patienceDays - 0.01);
    expect(dead.days).toBeLessThanOrEqual(longestDays + 2);
  });

  it('keeps what goes into the jar small, and never asks for more than there is', () => {
    for (const feed of played(id, 0.5, 1).feeds) {
      expect(feed.keepG + feed.flourG + feed.waterG).toBeLessThan(260);
      expect(Math.min(feed.keepG, feed.flourG)).toBeGreaterThan(0);
      expect(feed.waterG).toBeGreaterThanOrEqual(0);
    }
  });
});

describe('programmes that bring back', () => {
  const WAKING = ['neglected', 'halfOut', 'overheated', 'stiffBall', 'frozen', 'byPost'] as const;
  /** Shares alive of a healthy starter's cells, as a condition and what of its cells is left. */
  const SHARES = [
    ['neglected', 0.15],
    ['neglected', 1],
    ['hungry', 0.3],
  ] as const;

  it.each(WAKING)('%s gives up no culture that lives, however few, slow or cool', (id) => {
    const lost: string[] = [];
    for (const [condition, alive] of SHARES)
      for (const pace of [0.6, 0.9, 1.3])
        for (const celsius of [17, 22, 27]) {
          const started = someStart(iso(0), { condition, alive, massG: 80, hydrationPct: 100 });
          const context = kitchen(celsius, pace);
          const { jar } = foldJar([started], context)!;
          const { ends } = foretell({ programme: id, at: iso(0) }, jar, [started], context, T0, {
            flour: PROGRAMME[id].medicine ?? { white: 1 },
            celsiusAt: () => celsius,
          });
          if (ends !== 'well') lost.push(`${condition} ${alive}, pace ${pace}, ${celsius} °C`);
        }
    expect(lost).toEqual([]);
  });

  it('give a dead one up all the same, later where it is cool', () => {
    for (const id of WAKING) {
      const warm = played(id, 0, 1, 25);
      const cool = played(id, 0, 1, 17);
      expect([warm.ends, cool.ends]).toEqual(['useBackup', 'useBackup']);
      expect(cool.days).toBeGreaterThan(warm.days);
      expect(cool.days).toBeLessThanOrEqual(2 * PROGRAMME[id].patienceDays + 2);
    }
  });

  it('wait for one whose peaks rise, though none has doubled when patience is over', () => {
    const days = PROGRAMME.neglected.patienceDays + 0.5;
    const peaks = (heights: readonly number[]): readonly JarEvent[] =>
      heights.flatMap((height, i): readonly JarEvent[] => [
        {
          kind: 'fed',
          id: `f${i}`,
          jar: 'tern',
          at: iso(48 * i),
          keepG: 10,
          flourG: 45,
          waterG: 45,
          flour: { white: 1 },
        },
        { kind: 'looked', id: `l${i}`, jar: 'tern', at: iso(48 * i + 20), height },
      ]);
    const verdict = (heights: readonly number[]) =>
      runOf({ programme: 'neglected', at: iso(0) }, peaks(heights), T0 + days * DAY, () => 24)
        .verdict;
    expect(verdict([1.39, 1.52, 1.67])).toBe('going');
    expect(verdict([1.67, 1.52, 1.39])).toBe('useBackup');
    expect(verdict([1.02, 1.05, 1.1])).toBe('useBackup');
  });
});

describe('a programme', () => {
  it('never loops, whatever lives and however warm', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PROGRAMMES),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0.5, max: 1.5, noNaN: true }),
        fc.integer({ min: 12, max: 32 }),
        (id, alive, pace, celsius) => {
          const { days, feeds } = played(id, alive, pace, celsius);
          // In the cold everything may take twice as long.
          const { longestDays } = PROGRAMME[id];
          expect(days).toBeLessThanOrEqual(celsius < 20 ? 2 * longestDays + 2 : longestDays + 2);
          feeds.slice(1).forEach((feed, i) => expect(feed.at).toBeGreaterThan(feeds[i]!.at));
        },
      ),
      { numRuns: 60 },
    );
  });

  it('from nothing takes about a week in a warm kitchen, longer in a cool one', () => {
    for (const id of FROM_NOTHING) {
      expect(played(id, 1, 1).days).toBeGreaterThan(5);
      expect(played(id, 1, 1).days).toBeLessThan(10);
      expect(played(id, 1, 1, 20).days).toBeGreaterThan(played(id, 1, 1).days);
    }
  });

  it('wakes flakes within a few days, sooner the more of them live', () => {
    expect(played('flakesInStages', 1, 1).days).toBeLessThan(4);
    expect(played('flakesInStages', 0.1, 1).days).toBeGreaterThan(
      played('flakesInStages', 1, 1).days,
    );
  });
});

describe('a programme under way', () => {
  const begun = { programme: 'neglected' as const, at: iso(0) };
  const at = (events: readonly JarEvent[], hours: number, celsius = 24) =>
    runOf(begun, events, T0 + hours * HOUR, () => celsius);
  const atHour = (events: readonly JarEvent[], hours: number) => {
    const next = nextFeed(at(events, hours), 100, T0 + hours * HOUR);
    return { ...next, hour: (next.at - T0) / HOUR };
  };

  it('is well through two gates: doubled in time twice, and smelling right twice', () => {
    const once = [fed(0), looked(10, { height: 2.1, smell: 'yoghurt' })];
    const twice = [...once, fed(20), looked(29, { height: 2.2, smell: 'fruit' })];
    expect(at(once, 12)).toMatchObject({ verdict: 'going', doublings: 1, goodSmells: 1 });
    expect(at(twice, 30)).toMatchObject({ verdict: 'well', doublings: 2, goodSmells: 2 });
    const sharp = [...once, fed(20), looked(29, { height: 2.2, smell: 'solvent' })];
    expect(at(sharp, 30)).toMatchObject({ verdict: 'going', doublings: 2, goodSmells: 0 });
  });

  it('does not count what doubled late, nor a doubling before one that did not', () => {
    expect(at([fed(0), looked(19, { height: 2.1 })], 20).doublings).toBe(0);
    expect(
      at(
        [fed(0), looked(10, { sign: 'doubled' }), fed(24), looked(40, { height: 1.3 }), fed(48)],
        50,
      ).doublings,
    ).toBe(0);
  });

  it('is patient in a cool room and strict in a warm one', () => {
    const feeds = [fed(0), looked(14, { height: 2.1 })];
    expect(at(feeds, 15, 24).doublings).toBe(0);
    expect(at(feeds, 15, 20).doublings).toBe(1);
  });

  it('takes a rye paste that lifted by half as doubled', () => {
    const rye = { ...fed(0), flour: { rye: 1 } } as JarEvent;
    expect(at([rye, looked(9, { height: 1.62 })], 10).doublings).toBe(1);
  });

  it('feeds at the peak, waits when nothing rose, and goes by the day else', () => {
    expect(atHour([], 3)).toMatchObject({ because: 'first', keepG: 10, flourG: 45, waterG: 45 });
    expect(atHour([fed(0)], 3)).toMatchObject({ because: 'daily', hour: 24 });
    expect(atHour([fed(0), looked(13, { sign: 'peaked', height: 1.9 })], 14)).toMatchObject({
      because: 'peaked',
      hour: 13,
    });
    expect(atHour([fed(0), looked(22, { height: 1.02 })], 23)).toMatchObject({
      because: 'quiet',
      hour: 36,
    });
  });

  it('does not feed before its time what soaks, thaws, or was just mixed', () => {
    const firstOf = (programme: ProgrammeId) => {
      const run = runOf({ programme, at: iso(0) }, [], T0 + HOUR / 2, () => 24);
      return (nextFeed(run, 30, T0 + HOUR / 2).at - T0) / HOUR;
    };
    expect(firstOf('flakesInStages')).toBe(2);
    expect(firstOf('frozen')).toBe(12);
    for (const id of FROM_NOTHING) expect(firstOf(id)).toBe(24);
    expect(firstOf('neglected')).toBe(0.5);
  });

  it('mends itself after a missed day: what is next is next, from now', () => {
    const late = atHour([fed(0), looked(12, { height: 1.5 })], 60);
    expect(late).toMatchObject({ because: 'missed', hour: 60 });
  });

  it('feeds less where nothing rises, so as not to thin out what lives', () => {
    const silent = [0, 24, 48].flatMap((h) => [fed(h), looked(h + 22, { height: 1.05 })]);
    expect(at(silent, 70).progress).toBe('none');
    expect(atHour(silent, 70).flourG).toBeLessThan(30);
  });

  it('is moved into the hours when hands are there, a little earlier rather than much later', () => {
    const run = at([fed(0)], 3);
    const hands = (from: number, until: number) => ({
      from: T0 + from * HOUR,
      until: T0 + until * HOUR,
    });
    const hour = (given: readonly { from: number; until: number }[]) =>
      (nextFeed(run, 100, T0 + 3 * HOUR, given).at - T0) / HOUR;
    expect(hour([hands(0, 8), hands(20, 26)])).toBe(24);
    expect(hour([hands(0, 8), hands(16, 22.5), hands(34, 40)])).toBe(22.25);
    expect(hour([hands(0, 8), hands(30, 40)])).toBe(30);
  });

  it('of a new starter does not fall for the first rise', () => {
    const start = { programme: 'tinyBuild' as const, at: iso(0) };
    const early = [fed(24), looked(32, { height: 2.4, smell: 'cheese' })];
    const run = runOf(start, early, T0 + 40 * HOUR, () => 24);
    expect(run).toMatchObject({ falseRise: true, doublings: 0, verdict: 'going' });
  });

  it('is over when it was ended, and begins anew when begun again', () => {
    const begin: JarEvent = {
      kind: 'programmeBegun',
      id: 'b',
      jar: 'tern',
      at: iso(0),
      programme: 'neglected',
    };
    const end: JarEvent = {
      kind: 'programmeEnded',
      id: 'e',
      jar: 'tern',
      at: iso(50),
      because: 'left',
    };
    expect(begunProgramme([begin])?.id).toBe('b');
    expect(begunProgramme([begin, end])).toBeNull();
    expect(begunProgramme([begin, end, { ...begin, id: 'c', at: iso(60) }])?.id).toBe('c');
    expect(begunProgramme([])).toBeNull();
  });
});
