import fc from 'fast-check';

import {
  type Answer,
  type JarAtHand,
  type JarEvent,
  contentOf,
  foldJar,
  isEntry,
} from '../journal';
import { someCard, someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { type Lot } from '../larder';
import { DAY, HOUR } from '../measure';
import { type Backup, waterBack } from '../rescue';
import {
  addJar,
  beginJar,
  buildInBowl,
  dropBake,
  feedJar,
  look,
  makeBackup,
  pourOff,
  spendBackup,
  spendLots,
  splitOff,
  stirIn,
  takeForBake,
  takeOut,
  wishBake,
} from '.';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const iso = (hours: number) => new Date(NOW - hours * HOUR).toISOString();
const CARD = someCard();
/** A jar of 180 g at 100 %, fed a day ago. */
const EARLIER: readonly JarEvent[] = [someStart(iso(48)), someFeed('fed', iso(24))];
const jarOf = (events: readonly JarEvent[]) => foldJar(events, usualKitchen())!.jar;
const hand = (events: readonly JarEvent[] = EARLIER): JarAtHand => ({
  jar: jarOf(events),
  earlier: events,
  now: NOW,
});
const objected = ({ objections }: Answer) => objections?.map(({ field }) => field) ?? [];
const kinds = ({ entries }: Answer) => entries?.map(({ kind }) => kind);
/** The jar after what a verb has written down. */
const after = (done: Answer) =>
  jarOf([
    ...EARLIER,
    ...done.entries!.map((entry, i) => ({ ...entry, id: `new ${i}` }) as JarEvent),
  ]);

const BACKUP: Backup = {
  id: 'flakes',
  jar: 'tern',
  form: 'flakes',
  store: 'room',
  gramsLeft: 12,
  madeAt: NOW - 20 * DAY,
  freshAt: NOW - 20 * DAY,
  renewBy: NOW + 160 * DAY,
  note: null,
};

const BOWL = { id: 'bowl', name: 'Levain of Tern', place: 'counter' };

describe('whatever is asked of a verb', () => {
  const weight = fc.oneof(
    fc.double({ min: -50, max: 12_000 }),
    fc.constantFrom(NaN, 0, 180, 180.4, 181),
  );
  const verbs: readonly ((grams: number) => Answer)[] = [
    (grams) => takeOut(hand(), { grams, to: 'bake' }),
    (grams) => takeOut(hand(), { grams, to: 'bin' }),
    (grams) =>
      takeOut(hand(), { grams, to: 'bowl', bowl: BOWL, parts: [{ grams: 5, to: 'bowl' }] }),
    (grams) => buildInBowl(hand(), [], { ...BOWL, seedG: grams, flourG: grams, waterG: grams }),
    (grams) => pourOff(hand(), { grams, liquid: 'dark' }),
    (grams) => makeBackup(hand(), { form: 'frozen', grams, note: '' }),
    (grams) => makeBackup(hand(), { form: 'flakes', grams, note: '' }),
    (grams) => spendBackup(BACKUP, NOW, grams),
    (grams) =>
      splitOff(hand(), ['Tern'], {
        id: 'knot',
        name: 'Knot',
        grams,
        place: 'counter',
        origin: 'Split off',
      }),
    (grams) =>
      feedJar(hand(), [], {
        amounts: { keepG: grams, flourG: 80, waterG: 80 },
        at: NOW,
        to: 'compost',
        place: null,
      }),
  ];

  it('what it answers is let into the journal, or it objects to a field', () => {
    fc.assert(
      fc.property(fc.constantFrom(...verbs), weight, (verb, grams) => {
        const { entries, objections } = verb(grams);
        if (objections) return objections.length > 0 && objections.every(({ field }) => field);
        return entries.every((entry, i) => isEntry({ ...entry, id: String(i) }, NOW));
      }),
    );
  });

  it('no more comes out of a jar than is in it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...verbs.slice(0, 6)), weight, (verb, grams) => {
        const done = verb(grams);
        return done.objections !== null || after(done).massG >= -0.5;
      }),
    );
  });
});

it('a feed takes out what is not kept, and moves the jar only where it goes elsewhere', () => {
  const done = { amounts: { keepG: 30, flourG: 60, waterG: 45 }, at: NOW - HOUR };
  const stays = feedJar(hand(), [], { ...done, to: 'bake', place: null });
  expect(stays.entries).toMatchObject([
    { kind: 'took', grams: 150 },
    { kind: 'fed', keepG: 30, at: iso(1) },
  ]);
  expect(after(stays).massG).toBe(135);
  const goes = feedJar(hand(), [], { ...done, to: 'compost', place: 'fridge' });
  expect(goes.entries).toMatchObject([
    { kind: 'discarded', grams: 150, to: 'compost' },
    { kind: 'fed' },
    { kind: 'moved', place: 'fridge', at: iso(1) },
  ]);
  expect(
    kinds(
      feedJar(hand(), [], {
        ...done,
        amounts: { ...done.amounts, keepG: 180 },
        to: 'bin',
        place: null,
      }),
    ),
  ).toEqual(['fed']);
});

it('a feed comes out of the jar’s tub', () => {
  const [started, fed] = EARLIER as [JarEvent & { card: object }, JarEvent];
  const earlier = [{ ...started, card: { ...CARD, tub: 'mix' } } as JarEvent, fed];
  const tub = { id: 'mix', name: 'Mix', flour: { wholeWheat: 1 }, grams: 900, lowG: 0 };
  const { entries } = feedJar(hand(earlier), [tub as never], {
    amounts: { keepG: 20, flourG: 80, waterG: 80 },
    at: NOW,
    to: 'bin',
    place: null,
  });
  expect(entries?.[1]).toMatchObject({ kind: 'fed', tub: 'mix', flour: { wholeWheat: 1 } });
});

it('a feed at no time, or at the minute of another, is objected to at its time', () => {
  const amounts = { keepG: 20, flourG: 80, waterG: 0 };
  const at = (when: number) =>
    objected(feedJar(hand(), [], { amounts, at: when, to: 'bin', place: null }));
  expect(at(NaN)).toEqual(['at']);
  expect(at(NOW - 24 * HOUR)).toEqual(['at']);
  expect(at(NOW + HOUR)).toEqual(['at']);
  expect(at(NOW)).toEqual([]);
});

describe('a part that is split off', () => {
  const part = {
    id: 'knot',
    name: ' Knot ',
    grams: 30,
    place: 'larder',
    origin: 'Split off',
  } as const;

  it('leaves the jar, begins as its part with its card, and remembers where it comes from', () => {
    const done = splitOff(hand(), ['Tern'], part);
    expect(kinds(done)).toEqual(['took', 'started', 'noted']);
    expect(done.entries?.[1]).toMatchObject({
      jar: 'knot',
      from: 'tern',
      massG: 30,
      hydrationPct: 100,
      condition: 'asItStood',
      place: 'larder',
      card: { name: 'Knot', keepG: 20 },
    });
  });

  it('needs a name of its own', () => {
    const named = (name: string) => objected(splitOff(hand(), ['Tern'], { ...part, name }));
    expect(named('  ')).toEqual(['name']);
    expect(named('tERN')).toEqual(['name']);
    expect(named('K'.repeat(61))).toEqual(['name']);
    expect(named('K'.repeat(60))).toEqual([]);
  });
});

it('liquid is poured off up to half of the jar, and comes back as water', () => {
  expect(objected(pourOff(hand(), { grams: 91, liquid: 'grey' }))).toEqual(['grams']);
  const done = pourOff(hand(), { grams: 30, liquid: 'grey' });
  expect(done.entries).toMatchObject([
    { kind: 'looked', liquid: 'grey' },
    { kind: 'pouredOff', grams: 30 },
  ]);
  const poured = after(done);
  expect(contentOf(poured).hydrationPct).toBeCloseTo(100 * (60 / 90), 1);
  expect(waterBack(poured, 150)).toBe(30);
});

describe('a bake', () => {
  const wish = {
    id: 'w',
    name: 'Tins',
    jar: 'tern',
    levainG: 200,
    at: NOW + 20 * HOUR,
    widthH: 1.5,
  };

  it('cannot be had within the hour, after a fortnight, at no time, of nothing, or without end', () => {
    const bad = (change: Partial<typeof wish>) => objected(wishBake({ ...wish, ...change }, NOW));
    expect(bad({ at: NOW + HOUR - 1 })).toEqual(['at']);
    expect(bad({ at: NOW + HOUR })).toEqual([]);
    expect(bad({ at: NOW + 14 * DAY + 1 })).toEqual(['at']);
    expect(bad({ at: NaN })).toEqual(['at']);
    expect(bad({ name: ' ' })).toEqual(['name']);
    expect(bad({ levainG: 0 })).toEqual(['levainG']);
    expect(bad({ levainG: 5000 })).toEqual([]);
    expect(bad({ levainG: 5001, name: 'x'.repeat(61) })).toEqual(['levainG', 'name']);
  });

  it('takes no more than there is, and is no wish any more', () => {
    const taken = { jar: 'tern', grams: 400, wish: 'w' };
    expect(takeForBake(hand().jar, taken, NOW).entries).toMatchObject([
      { kind: 'took', grams: 180 },
      { kind: 'wishDropped', wish: 'w' },
    ]);
    // By the log there is nothing to take: it is not said that something was.
    expect(kinds(takeForBake(null, taken, NOW))).toEqual(['wishDropped']);
    expect(dropBake('w', NOW).entries).toMatchObject([{ kind: 'wishDropped', wish: 'w' }]);
  });
});

describe('a jar that begins with a programme', () => {
  const begin = { jar: 'new', card: { ...CARD, name: 'Knot' }, place: 'warm', backup: null };

  it('stands hungry where it is on its feet, and neglected where little of it is alive', () => {
    const ball = (days: number) =>
      beginJar(
        {
          ...begin,
          programme: 'stiffBall',
          grams: 40,
          backup: {
            ...BACKUP,
            form: 'stiffBall',
            store: 'fridge',
            gramsLeft: 44,
            freshAt: NOW - days * DAY,
          },
        },
        [],
        NOW,
      ).entries![0];
    expect(ball(10)).toMatchObject({ condition: 'hungry', hydrationPct: 50 });
    expect(ball(120)).toMatchObject({ condition: 'neglected' });
  });
});

it('a look says the rise to a hundredth, and nothing of a height it does not know', () => {
  expect(look(hand(), { at: NOW, rise: 1.8549 }).entries).toMatchObject([{ height: 1.85 }]);
  expect(look(hand(), { at: NOW, smell: 'fruit', note: ' pears ' }).entries).toEqual([
    { kind: 'looked', jar: 'tern', at: iso(0), smell: 'fruit', note: 'pears' },
  ]);
  expect(objected(look(hand(), { at: NOW, rise: NaN }))).toEqual(['rise']);
  expect(objected(look(hand(), { at: NOW, rise: 0.1 }))).toEqual(['rise']);
  expect(objected(look(hand(), { at: NOW, note: 'x'.repeat(2001) }))).toEqual(['note']);
  expect(objected(look(hand(), { at: NOW - 30 * HOUR, rise: 1.2 }))).toEqual(['at']);
});

it('a starter that joins was fed a minute after it came in, or came as somebody guesses', () => {
  const jar = { id: 'new', card: CARD, hydrationPct: 100, place: 'counter' };
  const fed = { kind: 'fed' as const, at: NOW - 4 * HOUR, keepG: 20, flourG: 80, waterG: 80 };
  const { entries } = addJar({ ...jar, past: fed }, NOW);
  expect(entries).toMatchObject([
    { kind: 'started', massG: 20, condition: 'hungry' },
    { kind: 'fed', at: iso(4) },
  ]);
  expect(Date.parse(entries![0]!.at)).toBeLessThan(Date.parse(entries![1]!.at));
  expect(
    objected(addJar({ ...jar, past: { ...fed, keepG: NaN, waterG: -1, at: NaN } }, NOW)),
  ).toEqual(['keep', 'water', 'at']);
  const came = { kind: 'came' as const, massG: 90, unfedH: [36, 168] as const };
  expect(addJar({ ...jar, past: came }, NOW).entries).toMatchObject([
    { kind: 'started', at: iso(0), massG: 90, condition: 'hungry', unfedH: [36, 168] },
  ]);
  expect(objected(addJar({ ...jar, past: { ...came, massG: 0 } }, NOW))).toEqual(['mass']);
});

describe('the larder', () => {
  const lot = (id: string, grams: number, takenAt: number): Lot => ({
    id,
    jar: 'tern',
    grams,
    takenAt,
    store: 'fridge',
    thawedAt: null,
    hydrationPct: 100,
    acid: 10,
    taste: 'tangy',
    keeping: 'good',
    fridgeDays: 2,
    frozenDays: 0,
  });

  it('gives the oldest discard first, and no more than there is', () => {
    const lots = [lot('old', 40, NOW - 5 * DAY), lot('new', 60, NOW - DAY)];
    expect(spendLots(lots, { grams: 50, to: 'bake' }, NOW).entries).toMatchObject([
      {
        kind: 'lotsUsed',
        lots: [
          { lot: 'old', grams: 40 },
          { lot: 'new', grams: 10 },
        ],
        to: 'bake',
      },
    ]);
    const more = spendLots(lots, { grams: 101, to: 'bake' }, NOW);
    expect(more.objections).toMatchObject([
      { field: 'grams', message: expect.stringContaining('100 g in the fridge') },
    ]);
    expect(objected(spendLots(lots.slice(1), { grams: 61, to: 'bin' }, NOW))).toEqual(['grams']);
    expect(objected(spendLots(lots, { grams: NaN, to: 'bin' }, NOW))).toEqual(['grams']);
  });

  it('gives nothing that is too old for anything into a bake or to an animal', () => {
    const gone = { ...lot('gone', 40, NOW - 60 * DAY), keeping: 'gone' as const };
    const lots = [gone, lot('new', 60, NOW - DAY)];
    for (const to of ['bake', 'animals'] as const) {
      expect(spendLots(lots, { grams: 50, to }, NOW).entries).toMatchObject([
        { lots: [{ lot: 'new', grams: 50 }] },
      ]);
      expect(spendLots(lots, { grams: 70, to }, NOW).objections).toMatchObject([
        { field: 'grams', message: expect.stringContaining('Only 60 g') },
      ]);
      expect(objected(spendLots([gone], { grams: 10, to }, NOW))).toEqual(['grams']);
    }
    expect(spendLots(lots, { grams: 50, to: 'compost' }, NOW).entries).toMatchObject([
      {
        lots: [
          { lot: 'gone', grams: 40 },
          { lot: 'new', grams: 10 },
        ],
      },
    ]);
  });
});

describe('what was done earlier', () => {
  const EACH: readonly (readonly [string, (when: number) => Answer])[] = [
    ['poured off', (when) => pourOff(hand(), { grams: 10, liquid: 'grey', when })],
    ['stirred in', (when) => stirIn(hand(), { liquid: 'grey', when })],
    [
      'made as a backup',
      (when) => makeBackup(hand(), { form: 'frozen', grams: 20, note: '', when }),
    ],
    [
      'split off',
      (when) =>
        splitOff(hand(), [], {
          id: 'knot',
          name: 'Knot',
          grams: 20,
          place: 'counter',
          origin: 'Tern',
          when,
        }),
    ],
  ];
  it.each(EACH)(
    'is %s at its own hour, and not at one to come or before the jar was here',
    (_, at) => {
      const done = at(NOW - 2 * HOUR);
      expect(done.objections).toBeNull();
      expect(new Set(done.entries!.map((entry) => entry.at))).toEqual(new Set([iso(2)]));
      expect(objected(at(NOW + HOUR))).toContain('at');
      expect(objected(at(NOW - 90 * HOUR))).toContain('at');
      expect(objected(at(NaN))).toContain('at');
    },
  );
});
