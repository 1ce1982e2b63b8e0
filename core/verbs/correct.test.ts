import { type JarEvent, foldJar, logOf } from '../journal';
import { someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { HOUR, MINUTE } from '../measure';
import { canBeCorrected, correct, correctable } from './correct';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const iso = (hoursAgo: number) => new Date(NOW - hoursAgo * HOUR).toISOString();
const at = (hoursAgo: number) => NOW - hoursAgo * HOUR;

const OUT: JarEvent = {
  kind: 'discarded',
  id: 'out',
  jar: 'tern',
  at: iso(24),
  grams: 80,
  to: 'compost',
};
const FED = someFeed('fed', iso(24));
const LOOKED: JarEvent = {
  kind: 'looked',
  id: 'look',
  jar: 'tern',
  at: iso(18),
  height: 1.8,
  note: 'bubbly',
};
const NOTED: JarEvent = {
  kind: 'noted',
  id: 'note',
  jar: 'tern',
  at: iso(10),
  note: 'smells of pears',
};
const EARLIER: readonly JarEvent[] = [someStart(iso(48)), OUT, FED, LOOKED, NOTED];

const objected = (...asked: Parameters<typeof correct>) =>
  correct(...asked).objections?.map(({ field }) => field) ?? [];
/** What counts after a correction, oldest first. */
const live = (...[event, to, earlier, now]: Parameters<typeof correct>) => {
  const entries = correct(event, to, earlier, now).entries!;
  const added = entries.map((entry, i) => ({ ...entry, id: `new ${i}` }));
  const all = [...earlier, ...added].map((one, i) => [one, i] as const);
  // As a journal has them: by time, those of one instant in order of entry.
  all.sort(([a, i], [b, j]) => Date.parse(a.at) - Date.parse(b.at) || i - j);
  return logOf(
    all.map(([one]) => one),
    now,
  ).byJar.get('tern')!;
};

describe('an entry that is put right', () => {
  it('counts as it should have been, and names what it was', () => {
    const events = live(FED, { at: at(24), keepG: 30 }, EARLIER, NOW);
    expect(events.filter(({ kind }) => kind === 'fed')).toEqual([
      expect.objectContaining({ keepG: 30, flourG: 80, waterG: 80, corrects: 'fed' }),
    ]);
    expect(foldJar(events, usualKitchen())!.jar.massG).toBeCloseTo(190);
  });

  it('keeps the order of what happened at one instant: what came out comes out of the old jar', () => {
    const events = live(OUT, { at: at(24), grams: 70 }, EARLIER, NOW);
    expect(events.map(({ kind }) => kind)).toEqual([
      'started',
      'discarded',
      'fed',
      'looked',
      'noted',
    ]);
    expect(foldJar(events, usualKitchen())!.jar.massG).toBeCloseTo(180);
  });

  it('takes what came out for a feed along to another hour', () => {
    const events = live(FED, { at: at(25) }, EARLIER, NOW);
    expect(events.slice(0, 3).map(({ kind, at: when }) => [kind, when])).toEqual([
      ['started', iso(48)],
      ['discarded', iso(25)],
      ['fed', iso(25)],
    ]);
  });

  it('put right twice still names the first, so that what was said of that one holds', () => {
    const [, again] = live(OUT, { at: at(24), grams: 70 }, EARLIER, NOW) as [JarEvent, JarEvent];
    const [entry] = correct(
      again,
      { at: at(24), grams: 75 },
      [EARLIER[0]!, again, FED],
      NOW,
    ).entries!;
    expect(entry).toMatchObject({ grams: 75, corrects: 'out' });
  });

  it('loses a note that is emptied, but is not all gone by that', () => {
    const [entry] = correct(LOOKED, { at: at(18), note: ' ' }, EARLIER, NOW).entries!;
    expect(entry).not.toHaveProperty('note');
    expect(objected(NOTED, { at: at(10), note: ' ' }, EARLIER, NOW)).toEqual(['note']);
  });

  it.each([
    ['no time', FED, { at: NaN }, 'at'],
    ['a time to come', FED, { at: at(-3) }, 'at'],
    ['a time before the jar came', FED, { at: at(90) }, 'at'],
    ['a feed after a look at it', FED, { at: at(12) }, 'at'],
    ['no weight', FED, { at: at(24), keepG: NaN }, 'keep'],
    ['more than a kitchen holds', OUT, { at: at(24), grams: 20_000 }, 'grams'],
    ['a rise that no jar has', LOOKED, { at: at(18), height: 40 }, 'rise'],
    ['a height of another feed’s band', LOOKED, { at: at(30), height: 1.8 }, 'at'],
    ['a novel', NOTED, { at: at(10), note: 'x'.repeat(3000) }, 'note'],
  ])('does not become %s', (_, event, to, field) => {
    expect(objected(event, to, EARLIER, NOW)).toContain(field);
  });

  it('may move by minutes within its feed', () => {
    expect(objected(LOOKED, { at: at(18) + 5 * MINUTE, height: 1.9 }, EARLIER, NOW)).toEqual([]);
  });
});

it('what makes a jar, and a move that was only meant to happen, are changed where they stand', () => {
  const move = (said?: string): JarEvent => ({
    kind: 'moved',
    id: 'moved',
    jar: 'tern',
    at: iso(2),
    place: 'fridge',
    ...(said && { said }),
  });
  expect(canBeCorrected(EARLIER[0]!)).toBe(false);
  expect(canBeCorrected(move(iso(3)))).toBe(false);
  expect(canBeCorrected(move())).toBe(true);
});

describe('a move that was put down for after a feed', () => {
  const promise = (hoursAgo: number, saidAgo: number): JarEvent => ({
    kind: 'moved',
    id: 'cold',
    jar: 'tern',
    at: iso(hoursAgo),
    said: iso(saidAgo),
    place: 'fridge',
  });
  const started = someStart(iso(48));
  const fed = someFeed('fed', iso(2));

  it('follows the feed to another hour, and is still asked about', () => {
    const { entries } = correct(fed, { at: at(3) }, [started, fed], NOW, [promise(-1, 2)]);
    const moved = entries!.find(({ kind }) => kind === 'moved')!;
    expect(moved).toMatchObject({ at: iso(0), said: iso(3), place: 'fridge', corrects: 'cold' });
    expect(entries!.at(-1)).toMatchObject({ kind: 'withdrew', entries: ['fed', 'cold'] });
  });

  it('stays where it is when only the grams are put right, or when a later feed has its own', () => {
    const grams = correct(fed, { at: at(2), keepG: 30 }, [started, fed], NOW, [promise(-1, 2)]);
    expect(grams.entries!.some(({ kind }) => kind === 'moved')).toBe(false);
    const later = someFeed('later', iso(1));
    const other = correct(fed, { at: at(2.5) }, [started, fed, later], NOW, [promise(-1, 1)]);
    expect(other.entries!.some(({ kind }) => kind === 'moved')).toBe(false);
  });
});

describe('what of an entry can be put right', () => {
  const moved = (over: object = {}): JarEvent => ({
    kind: 'moved',
    id: 'm',
    jar: 'tern',
    at: iso(5),
    place: 'fridge',
    ...over,
  });

  it('is what it has: grams, a height, words', () => {
    expect(correctable(FED)).toEqual(['keepG', 'waterG', 'flourG']);
    expect(correctable(LOOKED)).toEqual(['height', 'note']);
    expect(correctable({ ...LOOKED, height: undefined })).toEqual(['note']);
    expect(correctable(NOTED)).toEqual(['note']);
    expect(correctable(OUT)).toEqual(['grams']);
    expect(correctable(moved())).toEqual([]);
  });

  it('of a move it is the hour, once it has happened', () => {
    expect(canBeCorrected(NOTED)).toBe(true);
    expect(canBeCorrected(moved())).toBe(true);
    expect(canBeCorrected(moved({ at: iso(-5), said: iso(1) }))).toBe(false);
    expect(canBeCorrected(someStart(iso(48)))).toBe(false);
  });

  it('is no more than that: what an entry has not got it does not get', () => {
    const [entry] = correct(NOTED, { at: at(10), grams: 5, note: 'pears' }, EARLIER, NOW).entries!;
    expect(entry).toEqual({ kind: 'noted', jar: 'tern', at: iso(10), note: 'pears', corrects: 'note' }); // oxfmt-ignore
  });

  it('may lose its words, unless they are all it has', () => {
    const [look] = correct(LOOKED, { at: at(18), note: ' ' }, EARLIER, NOW).entries!;
    expect(look).toEqual({ kind: 'looked', jar: 'tern', at: iso(18), height: 1.8, corrects: 'look' });
    expect(correct(NOTED, { at: at(10), note: ' ' }, EARLIER, NOW).objections).toEqual([
      { field: 'note', message: 'Nothing is written yet.' },
    ]);
    expect(correct(NOTED, { at: at(9) }, EARLIER, NOW).objections).toBeNull();
  }); // oxfmt-ignore
});

describe('an hour that is put right', () => {
  const message = (...asked: Parameters<typeof correct>) =>
    correct(...asked).objections?.map((one) => one.message);

  it('is not before the jar was here, nor one that cannot be read', () => {
    expect(message(NOTED, { at: at(48.1) }, EARLIER, NOW)).toContain(
      'The jar was not in the kitchen yet at that time.',
    );
    expect(correct(NOTED, { at: at(48) }, EARLIER, NOW).objections).toBeNull();
    expect(objected(NOTED, { at: NaN }, EARLIER, NOW)).toEqual(['at']);
  });

  it('keeps a height with its feed, and a feed behind what was seen of it', () => {
    const again = someFeed('again', iso(12));
    const all = [...EARLIER.slice(0, 4), again, NOTED];
    const other =
      'There is a feed between, when the band was somewhere else. Strike it out instead.';
    expect(message(LOOKED, { at: at(11) }, all, NOW)).toEqual([other]);
    expect(message(LOOKED, { at: at(12) }, all, NOW)).toEqual([other]);
    expect(message(LOOKED, { at: at(12.1) }, all, NOW)).toBeUndefined();
    expect(message(LOOKED, { at: at(24) }, all, NOW)).toBeUndefined();
    // Words alone go anywhere.
    const words = { ...LOOKED, height: undefined } as JarEvent;
    const seen = all.map((one) => (one === LOOKED ? words : one));
    expect(message(words, { at: at(11) }, seen, NOW)).toBeUndefined();
    expect(message(NOTED, { at: at(13) }, all, NOW)).toBeUndefined();

    const between = 'A look or another feed was logged in between. Put that right first.';
    expect(message(FED, { at: at(17) }, all, NOW)).toEqual([between]);
    expect(message(FED, { at: at(18) }, all, NOW)).toBeUndefined();
    expect(message(again, { at: at(19) }, all, NOW)).toEqual([between]);
    expect(message(again, { at: at(17) }, all, NOW)).toBeUndefined();
    // Past a feed, but past no look at it.
    expect(message(again, { at: at(25) }, [...EARLIER.slice(0, 3), again], NOW)).toEqual([between]);
    expect(
      message(FED, { at: at(9) }, [...EARLIER.slice(0, 3), words, NOTED], NOW),
    ).toBeUndefined();
  });
});
