import {
  type Jar,
  type JarAtHand,
  type JarEvent,
  type NewEntryOf,
  type Took,
  foldJar,
  isEntry,
} from '../journal';
import { someCard, someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { type Lot } from '../larder';
import { DAY, HOUR } from '../measure';
import { type Backup, type DryingBatch } from '../rescue';
import {
  archive,
  changeCard,
  declineBackup,
  fillTub,
  giveUpDrying,
  lookOver,
  makeBackup,
  moveLot,
  note,
  packFlakes,
  putTubAway,
  rejar,
  sendCalendar,
  spendBackup,
  tendBackup,
  weigh,
  weighTub,
} from '.';
import { type JudgedBake, judgeBake } from './judgeBake';
import { addPicture, lookByPictures } from './pictures';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const NOON = '2026-03-13T18:20:00.000Z';
const iso = (hours: number) => new Date(NOW - hours * HOUR).toISOString();
/** A jar of 180 g at 100 %, fed a day ago. */
const EARLIER: readonly JarEvent[] = [someStart(iso(48)), someFeed('fed', iso(24))];
const JAR: Jar = foldJar(EARLIER, usualKitchen())!.jar;
const HAND: JarAtHand = { jar: JAR, earlier: EARLIER, now: NOW };

describe('how a bake turned out', () => {
  const took: Took = { kind: 'took', id: 'took-1', jar: 'tern', at: iso(5), grams: 120 };
  const judged = (said: JudgedBake, of = took, now = NOW) => judgeBake(of, said, now);

  it('is written down with the levain that went into it, as far as it is said', () => {
    expect(judged({ crumb: 'open', sour: 'mild', rise: 'high', note: ' A fine ear. ', next: ' hotter ' }).entries).toEqual([
      { kind: 'baked', jar: 'tern', at: NOON, of: 'took-1', crumb: 'open', sour: 'mild', rise: 'high', note: 'A fine ear.', next: 'hotter' },
    ]); // oxfmt-ignore
    expect(judged({ crumb: 'dense', sour: null, rise: null }).entries).toEqual([
      { kind: 'baked', jar: 'tern', at: NOON, of: 'took-1', crumb: 'dense' },
    ]);
  });

  it.each([{ sour: 'sharp' }, { rise: 'flat' }, { note: 'n' }, { next: 'n' }] as JudgedBake[])(
    'takes any one of its answers: %j',
    (said) => {
      const { entries } = judged(said);
      expect(entries).toEqual([{ kind: 'baked', jar: 'tern', at: NOON, of: 'took-1', ...said }]);
      expect(isEntry({ ...entries![0]!, id: 'x' }, NOW)).toBe(true);
    },
  );

  it('is not before its levain was taken, and speaks of that entry by its first name', () => {
    const corrected: Took = { ...took, id: 'took-2', corrects: 'took-1' }; // oxfmt-ignore
    expect(judged({ crumb: 'open' }, { ...took, at: iso(-1) }).entries![0]!.at).toBe(iso(-1));
    expect(judged({ crumb: 'open' }, corrected).entries![0]).toMatchObject({ of: 'took-1' });
  });

  it('needs something said, and not too much of it', () => {
    const told = (said: JudgedBake) => judged(said).objections;
    expect(told({})).toEqual([{ field: 'said', message: 'Nothing is said yet.' }]);
    expect(told({ note: '  ', next: ' ' })).toMatchObject([{ field: 'said' }]);
    const message = 'Keep it under 2000 characters.';
    expect(told({ note: 'x'.repeat(2001) })).toEqual([{ field: 'note', message }]);
    expect(told({ next: 'x'.repeat(2001) })).toEqual([{ field: 'next', message }]);
    expect(told({ note: ` ${'x'.repeat(2000)} `, next: 'x'.repeat(2000) })).toBeNull();
  });
});

describe('what came from a jar that was thrown out', () => {
  const lot = { id: 'lot', jar: 'tern', grams: 40 } as Lot;
  const backup = { id: 'flakes', jar: 'tern', gramsLeft: 12 } as Backup;
  const here = { lots: [{ ...lot, id: 'other' }, lot], backups: [{ ...backup, id: 'other' }, backup], jars: [{ ...JAR, id: 'other' }, JAR] }; // oxfmt-ignore
  const at = iso(2);
  const reached = (what: 'lot' | 'backup' | 'jar' | 'tub' | 'drying', of: string) => ({
    what,
    of,
    jar: 'tern',
    at: NOW - DAY,
  });
  const over = (what: string, of: string, keep: boolean) => ({
    kind: 'lookedOver',
    at,
    what,
    of,
    keep,
  });
  const then = NOW - 2 * HOUR;

  it('stays when it was looked at', () => {
    expect(lookOver([reached('lot', 'lot'), reached('jar', 'tern')], true, here, then).entries).toEqual([
      over('lot', 'lot', true),
      over('jar', 'tern', true),
    ]); // oxfmt-ignore
  });

  it.each([
    ['lot', 'lot', [{ kind: 'lotsUsed', at, lots: [{ lot: 'lot', grams: 40 }], to: 'bin' }]],
    ['backup', 'flakes', [{ kind: 'backupUsed', jar: 'tern', at, backup: 'flakes', grams: 12 }]],
    ['tub', 'mix', [{ kind: 'tubGone', at, tub: 'mix' }]],
    ['drying', 'wet', []],
    // What is not there any more cannot go.
    ['lot', 'gone', []],
    ['backup', 'gone', []],
    ['jar', 'gone', []],
  ] as const)('or it goes: %s %s', (what, of, leaves) => {
    expect(lookOver([reached(what, of)], false, here, then).entries).toEqual([
      over(what, of, false),
      ...leaves,
    ]);
  });

  it('a jar goes with all that is in it, and leaves the shelf', () => {
    expect(lookOver([reached('jar', 'tern')], false, here, then).entries).toMatchObject([
      over('jar', 'tern', false),
      { kind: 'discarded', jar: 'tern', at, grams: 180, to: 'bin' },
      { kind: 'described', jar: 'tern', at, card: { archived: true } },
    ]);
  });
});

describe('pictures', () => {
  const picture = { id: 'p', width: 960, height: 1280 };

  it('are put to a jar, or to one of its entries, at the hour they were taken', () => {
    expect(addPicture(picture, { jar: 'tern' }, NOW).entries).toEqual([
      { kind: 'pictured', at: NOON, picture: 'p', width: 960, height: 1280, jar: 'tern' },
    ]);
    expect(addPicture(picture, { jar: 'tern', of: 'look' }, NOW).entries).toEqual([
      { kind: 'pictured', at: NOON, picture: 'p', width: 960, height: 1280, jar: 'tern', of: 'look' }, // oxfmt-ignore
    ]);
  });

  it('become looks, each with its picture, those of the feed before too', () => {
    const looks = [
      { at: NOW - 2 * HOUR, rise: 1.4, picture, id: 'one' },
      { at: NOW - 30 * HOUR, rise: 2.1, picture: { ...picture, id: 'q' }, id: 'two' },
    ];
    expect(lookByPictures(HAND, looks).entries).toEqual([
      { kind: 'looked', jar: 'tern', at: iso(2), height: 1.4, id: 'one' },
      { kind: 'pictured', at: iso(2), picture: 'p', width: 960, height: 1280, jar: 'tern', of: 'one' }, // oxfmt-ignore
      { kind: 'looked', jar: 'tern', at: iso(30), height: 2.1, id: 'two' },
      { kind: 'pictured', at: iso(30), picture: 'q', width: 960, height: 1280, jar: 'tern', of: 'two' }, // oxfmt-ignore
    ]);
  });

  it('show nothing that cannot be: before the jar was here, to come, or flat', () => {
    const told = (at: number, rise: number) =>
      lookByPictures(HAND, [{ at, rise, picture, id: 'l' }]).objections?.map(({ field }) => field);
    expect(told(NOW - 49 * HOUR, 1.4)).toEqual(['at']);
    expect(told(NOW + HOUR, 1.4)).toEqual(['at']);
    expect(told(NOW - HOUR, 0.19)).toEqual(['rise']);
    // At the very minute of the feed it is this feed's.
    expect(told(NOW - 24 * HOUR, 1)).toBeUndefined();
  });
});

describe('a jar', () => {
  it('is weighed to a tenth, and holds no more than it can', () => {
    expect(weigh(HAND, { grams: 179.96 }).entries).toEqual([
      { kind: 'weighed', jar: 'tern', at: NOON, grams: 180 },
    ]);
    expect(weigh(HAND, { grams: 160.44, at: NOW - HOUR }).entries).toEqual([
      { kind: 'weighed', jar: 'tern', at: iso(1), grams: 160.4 },
    ]);
    // 500 ml of batter weigh 525 g, and nobody knows to the millilitre what a jar holds.
    const [told] = weigh(HAND, { grams: 700 }).objections!;
    expect(told).toEqual({ field: 'grams', message: expect.stringMatching(/^A jar of 500 ml holds about 5\d\d g at most\.$/) }); // oxfmt-ignore
    const most = Number(/about (\d+) g/.exec(told!.message)![1]);
    expect(weigh(HAND, { grams: Math.floor(most * 1.15) }).objections).toBeNull();
    expect(weigh(HAND, { grams: Math.ceil(most * 1.15) + 1 }).objections).toHaveLength(1);
    expect(weigh(HAND, { grams: NaN }).objections).toMatchObject([{ field: 'grams' }]);
    expect(weigh(HAND, { grams: 100, at: NOW + HOUR }).objections).toMatchObject([{ field: 'at' }]);
  });

  it('is washed, or another, at its hour', () => {
    const vessel = { emptyG: 250, capacityMl: 750 };
    expect(rejar(HAND).entries).toEqual([
      { kind: 'rejarred', jar: 'tern', at: NOON, vessel: { emptyG: 300, capacityMl: 500 } },
    ]);
    expect(rejar(HAND, vessel, NOW - HOUR).entries).toEqual([
      { kind: 'rejarred', jar: 'tern', at: iso(1), vessel },
    ]);
    expect(rejar(HAND, vessel, NOW + HOUR).objections).toMatchObject([{ field: 'at' }]);
  });

  it('changes its card, leaves the shelf and comes back', () => {
    const card = someCard({ name: 'Knot' });
    expect(changeCard(HAND, card).entries).toEqual([
      { kind: 'described', jar: 'tern', at: NOON, card },
    ]);
    expect(archive(HAND, true).entries).toEqual([
      { kind: 'described', jar: 'tern', at: NOON, card: someCard({ archived: true }) },
    ]);
    expect(archive(HAND, false).entries).toMatchObject([{ card: { archived: false } }]);
  });

  it('is written of in words', () => {
    expect(note(HAND, 'pears').entries).toEqual([
      { kind: 'noted', jar: 'tern', at: NOON, note: 'pears' },
    ]);
    expect(note(HAND, 'pears', NOW - HOUR).entries).toMatchObject([{ at: iso(1) }]);
    expect(note(HAND, 'pears', NOW + HOUR).objections).toMatchObject([{ field: 'at' }]);
  });
});

describe('backups', () => {
  const batch: DryingBatch = { id: 'wet', jar: 'tern', grams: 50, since: NOW - 2 * DAY } as DryingBatch; // oxfmt-ignore
  const pack = (grams: number, when = NOW, note = '') =>
    packFlakes(batch, { grams, store: 'room', note, when }, NOW);

  it.each([
    ['flakes', { kind: 'drying', jar: 'tern', at: NOON, grams: 50 }],
    ['frozen', { kind: 'backedUp', jar: 'tern', at: NOON, form: 'frozen', grams: 50, takenG: 50, store: 'freezer', note: 'top' }],
    // A ball of 50 g of starter takes up 60 g of flour.
    ['stiffBall', { kind: 'backedUp', jar: 'tern', at: NOON, form: 'stiffBall', grams: 110, takenG: 50, store: 'fridge', note: 'top' }],
  ] as const)('are made of starter: %s', (form, entry) => {
    expect(makeBackup(HAND, { form, grams: 50, note: ' top ' }).entries).toEqual([entry]);
  }); // oxfmt-ignore

  it('are not made of more than there is, and say so of the weight that was asked for', () => {
    for (const form of ['flakes', 'frozen', 'stiffBall', 'twin'] as const)
      expect(makeBackup(HAND, { form, grams: 181, note: '' }).objections).toMatchObject([
        { field: 'grams' },
      ]);
  });

  it('of flakes are packed when they snap, and weigh no more than they did wet', () => {
    expect(pack(12, NOW, ' tin ').entries).toEqual([
      { kind: 'backedUp', at: NOON, jar: 'tern', form: 'flakes', grams: 12, takenG: 0, store: 'room', drying: 'wet', note: 'tin' }, // oxfmt-ignore
    ]);
    const told = (...asked: Parameters<typeof pack>) => pack(...asked).objections;
    expect(told(0.9)).toEqual([{ field: 'grams', message: 'At least a gram, please.' }]);
    expect(told(1)).toBeNull();
    expect(told(NaN)).toMatchObject([{ field: 'grams' }]);
    expect(told(50)).toBeNull();
    expect(told(50.1)).toEqual([{ field: 'grams', message: '50 g were spread out; dried they weigh less.' }]); // oxfmt-ignore
    expect(told(12, batch.since)).toBeNull();
    expect(told(12, batch.since - 1)).toEqual([{ field: 'at', message: 'They were not spread out yet at that time.' }]); // oxfmt-ignore
    expect(told(12, NOW + HOUR)).toMatchObject([{ field: 'at' }]);
  });

  it('are used, tended, gone without and given up', () => {
    const flakes = { id: 'flakes', jar: 'tern', gramsLeft: 12 } as Backup;
    const used = { kind: 'backupUsed', jar: 'tern', at: NOON, backup: 'flakes' };
    expect(spendBackup(flakes, NOW).entries).toEqual([{ ...used, grams: 12 }]);
    expect(spendBackup(flakes, NOW, 5).entries).toEqual([{ ...used, grams: 5 }]);
    // Half a gram is what scales differ by.
    expect(spendBackup(flakes, NOW, 12.5).objections).toBeNull();
    expect(spendBackup(flakes, NOW, 12.6).objections).toEqual([
      { field: 'grams', message: 'There are only 12 g left of it.' },
    ]);
    expect(spendBackup(flakes, NOW, 0).objections).toMatchObject([{ field: 'grams' }]);
    expect(tendBackup(flakes, NOW).entries).toEqual([
      { kind: 'backupTended', jar: 'tern', at: NOON, backup: 'flakes' },
    ]);
    expect(declineBackup('tern', NOW).entries).toEqual([
      { kind: 'backupDeclined', jar: 'tern', at: NOON },
    ]);
    expect(giveUpDrying(batch, NOW).entries).toEqual([
      { kind: 'lookedOver', at: NOON, what: 'drying', of: 'wet', keep: false },
    ]);
  });
});

describe('the larder', () => {
  it('keeps tubs: filled, weighed, put away', () => {
    const stock = { name: 'Mix', grams: 800, blend: { rye: 1 } } as unknown as Parameters<typeof fillTub>[1]; // oxfmt-ignore
    expect(fillTub('mix', stock, NOW).entries).toEqual([
      { kind: 'stocked', at: NOON, tub: 'mix', name: 'Mix', grams: 800, blend: { rye: 1 } },
    ]);
    expect(weighTub('mix', 50_000, NOW).entries).toEqual([
      { kind: 'tubWeighed', at: NOON, tub: 'mix', grams: 50_000 },
    ]);
    for (const grams of [-1, 50_001, NaN])
      expect(weighTub('mix', grams, NOW).objections).toEqual([
        { field: 'grams', message: 'Grams from 0 to 50 000, please.' },
      ]);
    expect(putTubAway('mix', NOW).entries).toEqual([{ kind: 'tubGone', at: NOON, tub: 'mix' }]);
  });

  it('freezes discard, and thaws it', () => {
    expect(moveLot('lot', 'freezer', NOW).entries).toEqual([
      { kind: 'lotMoved', at: NOON, lot: 'lot', store: 'freezer' },
    ]);
  });
});

it('a calendar that was sent is remembered by its nearest steps, as many as an entry holds', () => {
  const steps = Array.from({ length: 501 }, (_, n) => ({
    uid: `step-${n}`,
    at: iso(-n),
    title: 'Feed Tern',
    sequence: 0,
    print: 'p',
  }));
  expect(sendCalendar({ calendar: 'plan', steps: steps.slice(0, 2) }, NOW).entries).toEqual([
    { kind: 'calendarSent', at: NOON, calendar: 'plan', steps: steps.slice(0, 2) },
  ]);
  const { entries } = sendCalendar({ calendar: 'plan', steps }, NOW);
  expect((entries![0] as NewEntryOf<'calendarSent'>).steps).toEqual(steps.slice(0, 500));
});
