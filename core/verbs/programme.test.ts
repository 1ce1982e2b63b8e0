import { type Answer, type JarAtHand, type JarEvent, foldJar } from '../journal';
import { someCard, someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { DAY, HOUR } from '../measure';
import { type Backup } from '../rescue';
import { beginJar, beginJars, beginProgramme, joinProgramme, leaveProgramme, throwOut, usualFeed, wishBake, changeBake } from '.'; // oxfmt-ignore

const NOW = Date.parse('2026-03-13T18:20:00Z');
const NOON = '2026-03-13T18:20:00.000Z';
const iso = (hours: number) => new Date(NOW - hours * HOUR).toISOString();
const EARLIER: readonly JarEvent[] = [someStart(iso(100)), someFeed('one', iso(70)), someFeed('two', iso(24))]; // oxfmt-ignore
const hand = (events = EARLIER): JarAtHand => ({
  jar: foldJar(events, usualKitchen())!.jar,
  earlier: events,
  now: NOW,
});
const told = ({ objections }: Answer) => objections;

describe('a programme', () => {
  const own = [{ keepG: 10, flourG: 10, waterG: 10, everyH: 12 }];
  const join = (over: Partial<Parameters<typeof joinProgramme>[1]> = {}, events = EARLIER) =>
    joinProgramme(hand(events), { programme: 'wholeGrainTaper', day: 4, feeds: 0, ...over });

  it('begins, and ends', () => {
    expect(beginProgramme(hand(), { programme: 'neglected' }).entries).toEqual([
      { kind: 'programmeBegun', jar: 'tern', at: NOON, programme: 'neglected' },
    ]);
    expect(leaveProgramme(hand(), { because: 'left' }).entries).toEqual([
      { kind: 'programmeEnded', jar: 'tern', at: NOON, because: 'left' },
    ]);
  });

  it('is joined on its day, with the feeds that are not in the log', () => {
    const begun = { kind: 'programmeBegun', jar: 'tern', at: NOON, programme: 'wholeGrainTaper' };
    expect(join().entries).toEqual([{ ...begun, day: 4 }]);
    // On its first day there is nothing to say of days.
    expect(join({ day: 1 }).entries).toEqual([begun]);
    // Of five feeds in four days two are in the log; the day it began counts.
    expect(join({ feeds: 5 }).entries).toEqual([{ ...begun, day: 4, feedsSoFar: 3 }]);
    expect(join({ feeds: 2 }).entries).toEqual([{ ...begun, day: 4 }]);
    expect(join({ feeds: 1 }).entries).toEqual([{ ...begun, day: 4 }]);
    expect(join({ day: 2, feeds: 5 }).entries).toEqual([{ ...begun, day: 2, feedsSoFar: 4 }]);
    expect(join({ own }).entries).toEqual([{ ...begun, day: 4, own }]);
    expect(join({ own: [] }).entries).toEqual([{ ...begun, day: 4 }]);
  });

  it.each([
    [{ day: 0 }, 'day', 'A day from 1 to 60, please.'],
    [{ day: 61 }, 'day', 'A day from 1 to 60, please.'],
    [{ day: 2.5 }, 'day', 'A day from 1 to 60, please.'],
    [{ day: NaN }, 'day', 'A day from 1 to 60, please.'],
    [{ feeds: -1 }, 'feeds', 'From none to 100, please.'],
    [{ feeds: 101 }, 'feeds', 'From none to 100, please.'],
    [{ feeds: 1.5 }, 'feeds', 'From none to 100, please.'],
  ])('is not joined with %j', (over, field, message) => {
    expect(told(join(over))).toEqual([{ field, message }]);
  });

  it('may be sixty days and a hundred feeds along', () => {
    expect(told(join({ day: 60, feeds: 100 }))).toBeNull();
  });

  it.each([
    [{ keepG: 0 }, false],
    [{ flourG: 0 }, true],
    [{ waterG: 0 }, true],
    [{ flourG: 0, waterG: 0 }, false],
    [{ flourG: -1 }, false],
    [{ waterG: -1 }, false],
    [{ everyH: 1.9 }, false],
    [{ everyH: 2 }, true],
    [{ keepG: NaN }, false],
  ])('has feeds of the baker’s own: %j may be %s', (over, may) => {
    const found = told(join({ own: [...own, { ...own[0]!, ...over }] }));
    if (may) expect(found).toBeNull();
    else
      expect(found).toEqual([
        {
          field: 'own',
          message: 'Each of your feeds wants a keep, flour or water, and two hours or more.',
        },
      ]);
  });
});

describe('what is thrown out', () => {
  it('is noted, thrown out, and off the shelf', () => {
    const card = someCard({ archived: true });
    expect(throwOut(hand(), { why: 'growth', note: 'green' }).entries).toEqual([
      { kind: 'noted', jar: 'tern', at: NOON, note: 'green' },
      { kind: 'thrownOut', jar: 'tern', at: NOON, why: 'growth', since: expect.any(String) },
      { kind: 'discarded', jar: 'tern', at: NOON, grams: 180, to: 'bin' },
      { kind: 'described', jar: 'tern', at: NOON, card },
    ]);
  });

  it('that was empty already leaves nothing in the bin', () => {
    const emptied = [...EARLIER, { kind: 'took', id: 't', jar: 'tern', at: iso(1), grams: 180 } as JarEvent]; // oxfmt-ignore
    const { entries } = throwOut(hand(emptied), { why: 'growth', note: 'green' });
    expect(entries!.map(({ kind }) => kind)).toEqual(['noted', 'thrownOut', 'described']);
  });
});

describe('a jar that begins with a programme', () => {
  const backup = (over: Partial<Backup> = {}): Backup => ({
    id: 'b',
    jar: 'tern',
    form: 'flakes',
    store: 'room',
    gramsLeft: 30,
    madeAt: NOW - 20 * DAY,
    freshAt: NOW - 20 * DAY,
    renewBy: NOW + 160 * DAY,
    note: null,
    ...over,
  });
  const card = someCard({ name: 'Knot' });
  const begin = (over: Partial<Parameters<typeof beginJar>[0]> = {}, names: readonly string[] = []) =>
    beginJar({ programme: 'byPost', jar: 'knot', card, place: 'warm', grams: 20, backup: null, ...over }, names, NOW); // oxfmt-ignore
  const started = (over: Parameters<typeof begin>[0]) => begin(over).entries![0];

  it('from elsewhere is as it comes', () => {
    expect(begin().entries).toEqual([
      { kind: 'started', jar: 'knot', at: NOON, card, place: 'warm', massG: 20, hydrationPct: 100, condition: 'hungry' },
      { kind: 'programmeBegun', jar: 'knot', at: NOON, programme: 'byPost' },
    ]); // oxfmt-ignore
  });

  it('from a backup is what that is by now, and takes it off', () => {
    expect(begin({ programme: 'frozen', backup: backup({ form: 'frozen', store: 'freezer' }) }).entries).toEqual([
      { kind: 'started', jar: 'knot', at: NOON, card, place: 'warm', from: 'tern', massG: 20, hydrationPct: 100, condition: 'frozen', alive: expect.any(Number) },
      { kind: 'programmeBegun', jar: 'knot', at: NOON, programme: 'frozen' },
      { kind: 'backupUsed', jar: 'tern', at: NOON, backup: 'b', grams: 20 },
    ]); // oxfmt-ignore
    expect(started({ programme: 'flakesInStages', backup: backup() })).toMatchObject({ condition: 'dried' }); // oxfmt-ignore
    expect(started({ programme: 'wholeGrainTaper' })).toMatchObject({ condition: 'new' });
    const { alive } = started({ programme: 'frozen', backup: backup({ form: 'frozen', store: 'freezer' }) }) as { alive: number }; // oxfmt-ignore
    expect(alive).toBeGreaterThan(0);
    expect(alive).toBeLessThan(0.995);
    expect(alive).toBe(Math.round(alive * 1000) / 1000);
    expect(started({ programme: 'stiffBall' })).toMatchObject({ hydrationPct: 50 });
    expect(started({ programme: 'byPost' })).not.toHaveProperty('alive');
  });

  it.each([
    [{ grams: 0.9 }, 'At least a gram, please.'],
    [{ grams: NaN }, 'At least a gram, please.'],
    [{ grams: 30.6, backup: backup() }, 'Only 30 g are left of it.'],
    [{ grams: 501 }, 'That is more than half a kilogram. Check the number.'],
  ])('does not begin with %j', (over, message) => {
    expect(told(begin(over))).toEqual([{ field: 'grams', message }]);
  });

  it('begins with a gram, half a kilogram, or all there is and what scales differ by', () => {
    for (const over of [{ grams: 1 }, { grams: 500 }, { grams: 30.5, backup: backup() }])
      expect(told(begin(over))).toBeNull();
  });

  it('is one of several, numbered, as far as the backup goes', () => {
    const { jar: _, ...beginning } = { programme: 'flakesInStages' as const, jar: '', card, place: 'warm', grams: 12, backup: backup() }; // oxfmt-ignore
    const { entries } = beginJars(beginning, ['a', 'b'], [], NOW);
    expect(entries!.flatMap((one) => (one.kind === 'started' ? [[one.jar, one.card.name]] : []))).toEqual([
      ['a', 'Knot'],
      ['b', 'Knot 2'],
    ]); // oxfmt-ignore
    expect(told(beginJars(beginning, ['a', 'b', 'c'], [], NOW))).toMatchObject([
      { field: 'grams' },
    ]);
    expect(told(beginJars(beginning, ['a', 'b'], ['knot 2'], NOW))).toMatchObject([{ field: 'name' }]); // oxfmt-ignore
  });
});

describe('the feed as always', () => {
  it('is the card’s, what was added to all of it, or as much as by eye', () => {
    const jar = (events: readonly JarEvent[]) => usualFeed(hand(events).jar, events);
    expect(jar(EARLIER)).toEqual({ amounts: { keepG: 20, flourG: 80, waterG: 80 }, rough: false });
    expect(jar(EARLIER.slice(0, 1))).toMatchObject({ rough: false, amounts: { keepG: 20 } });
    const added = [...EARLIER, someFeed('three', iso(5), { keepG: 180, flourG: 30, waterG: 30 })];
    expect(jar(added)).toEqual({ amounts: { keepG: 240, flourG: 30, waterG: 30 }, rough: false });
    const eyed = [...EARLIER, someFeed('three', iso(5), { keepG: 60, flourG: 30, waterG: 30, rough: true })]; // oxfmt-ignore
    expect(jar(eyed)).toEqual({ amounts: { keepG: 60, flourG: 30, waterG: 30 }, rough: true });
  });
});

describe('a bake', () => {
  const wish = { id: 'w', name: 'Tins', jar: 'tern', levainG: 200, at: NOW + 20 * HOUR, widthH: 1 };
  const what = { levainG: 200, from: iso(-19), until: iso(-21) };
  const entry = { kind: 'wished', at: NOON, wish: 'w', name: 'Tins', jar: 'tern', what };

  it('is written down as it is wanted: once, every week, or of whatever there is', () => {
    expect(wishBake(wish, NOW).entries).toEqual([entry]);
    expect(wishBake({ ...wish, weeks: 2 }, NOW).entries).toEqual([{ ...entry, every: { weeks: 2 } }]);
    expect(wishBake({ ...wish, anything: true }, NOW).entries).toEqual([
      { ...entry, what: { ...what, anything: true } },
    ]);
    const { at: _, widthH: __, ...known } = { ...wish, from: NOW + 19 * HOUR, until: NOW + 21 * HOUR }; // oxfmt-ignore
    expect(changeBake(known, NOW).entries).toEqual([entry]);
    expect(changeBake({ ...known, anything: true }, NOW).entries).toMatchObject([{ what: { anything: true } }]); // oxfmt-ignore
  }); // oxfmt-ignore

  it.each([
    [{ levainG: 0 }, 'levainG', 'Give between 1 and 5000 g of levain.'],
    [{ at: NaN }, 'at', 'Give a day and a time.'],
    [{ at: NOW }, 'at', 'Too soon: no starter gets ripe within the hour.'],
    [{ at: NOW + 15 * DAY }, 'at', 'Plans look two weeks ahead at most.'],
    [{ name: ' ' }, 'name', 'Give it a name.'],
    [{ name: 'x'.repeat(61) }, 'name', 'A name has 60 letters at most.'],
  ])('says what stands against %j', (over, field, message) => {
    expect(told(wishBake({ ...wish, ...over }, NOW))).toEqual([{ field, message }]);
  });

  it('may be two weeks ahead, under a name of sixty letters', () => {
    expect(told(wishBake({ ...wish, at: NOW + 14 * DAY, name: 'x'.repeat(60) }, NOW))).toBeNull();
  });
});
