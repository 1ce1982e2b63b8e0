import { type JarAtHand, type JarEvent, foldJar, isEntry } from '../journal';
import { someCard, someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { DAY, HOUR } from '../measure';
import { PROGRAMME, begunProgramme, nextFeed, runOf } from '../rescue';
import { beginJars, joinProgramme } from '.';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const iso = (hours: number) => new Date(NOW - hours * HOUR).toISOString();
/** Four days into a new starter, of which the log knows the last feed. */
const EARLIER: readonly JarEvent[] = [
  someStart(iso(70), { condition: 'new', massG: 60 }),
  someFeed('yesterday', iso(22), { keepG: 50, flourG: 50, waterG: 50 }),
];
const hand = (): JarAtHand => ({
  jar: foldJar(EARLIER, usualKitchen())!.jar,
  earlier: EARLIER,
  now: NOW,
});
const runAfter = (answer: ReturnType<typeof joinProgramme>, now = NOW) => {
  expect(answer.objections).toBeNull();
  const entry = { ...answer.entries![0]!, id: 'begun' } as JarEvent;
  expect(isEntry(entry, now)).toBe(true);
  const events = [...EARLIER, entry];
  return runOf(begunProgramme(events)!, events, now, () => 24);
};

describe('a programme that is joined on its way', () => {
  it('goes on with its day and the feed that comes then', () => {
    const run = runAfter(joinProgramme(hand(), { programme: 'wholeGrainTaper', day: 4, feeds: 3 }));
    expect(run.day).toBe(4);
    expect(run.feeds).toHaveLength(1);
    expect(run.feedsSoFar).toBe(2);
    const next = nextFeed(run, 150, NOW);
    expect(next.keepG).toBe(PROGRAMME.wholeGrainTaper.feeds[3]!.keep);
    expect(next.at).toBe(NOW + 2 * HOUR);
  });

  it('is not taken in by the false rise, whatever day it is joined on', () => {
    const look: JarEvent = {
      kind: 'looked',
      id: 'l',
      jar: 'tern',
      at: iso(10),
      height: 2.3,
    };
    const { entries } = joinProgramme(hand(), { programme: 'halfOutDaily', day: 3, feeds: 2 });
    const events = [...EARLIER, look, { ...entries![0]!, id: 'b' } as JarEvent];
    expect(runOf(begunProgramme(events)!, events, NOW, () => 24).falseRise).toBe(true);
  });

  it('follows a table of the baker’s own, with the jar’s own flour', () => {
    const own = [
      { keepG: 20, flourG: 30, waterG: 20, everyH: 24 },
      { keepG: 15, flourG: 60, waterG: 45, everyH: 12 },
    ];
    const run = runAfter(joinProgramme(hand(), { programme: 'tinyBuild', day: 2, feeds: 1, own }));
    expect(run.programme.medicine).toBeNull();
    expect(nextFeed(run, 150, NOW)).toMatchObject({ keepG: 15, flourG: 60, waterG: 45 });
  });

  it.each([
    [{ day: 0, feeds: 1 }, 'day'],
    [{ day: 2.5, feeds: 1 }, 'day'],
    [{ day: NaN, feeds: 1 }, 'day'],
    [{ day: 3, feeds: -1 }, 'feeds'],
    [{ day: 3, feeds: 2, own: [{ keepG: 0, flourG: 1, waterG: 1, everyH: 24 }] }, 'own'],
    [{ day: 3, feeds: 2, own: [{ keepG: 9, flourG: 0, waterG: 0, everyH: 24 }] }, 'own'],
  ])('with %j is refused, and says where', (asked, field) => {
    const { objections } = joinProgramme(hand(), { programme: 'tinyBuild', ...asked });
    expect(objections!.map((one) => one.field)).toContain(field);
  });
});

describe('the courses themselves', () => {
  /** The most that is in the jar over so many feeds, from what it begins with. */
  const most = (id: 'tinyBuild' | 'fruitWater', startG: number, feeds: number) => {
    let massG = startG;
    let highest = massG;
    for (let i = 0; i < feeds; i++) {
      const all = PROGRAMME[id].feeds;
      const { keep, flour, water } = all[Math.min(i, all.length - 1)]!;
      const keepG = keep === 'all' ? massG : keep === 'half' ? massG / 2 : Math.min(massG, keep);
      massG = keepG * (1 + flour + water);
      highest = Math.max(highest, massG);
    }
    return highest;
  };

  it('the tiny build stays tiny', () => {
    expect(most('tinyBuild', 8, 14)).toBeLessThanOrEqual(64);
  });

  it('the fruit water is given its month', () => {
    expect(PROGRAMME.fruitWater.longestDays).toBeGreaterThanOrEqual(30);
    const begun = { programme: 'fruitWater' as const, at: iso(22 * 24) };
    expect(runOf(begun, [], NOW, () => 24).verdict).toBe('going');
  });
});

describe('several portions in one pass', () => {
  const BEGIN = {
    programme: 'flakesInStages' as const,
    card: someCard({ name: 'Flake' }),
    place: 'counter',
    grams: 10,
    backup: null,
  };

  it('become as many jars, each with its programme and its name', () => {
    const { entries } = beginJars(BEGIN, ['a', 'b', 'c'], ['Tern'], NOW);
    const started = entries!.filter((entry) => entry.kind === 'started');
    expect(started.map(({ card }) => card.name)).toEqual(['Flake', 'Flake 2', 'Flake 3']);
    expect(entries!.filter(({ kind }) => kind === 'programmeBegun')).toHaveLength(3);
    for (const [i, entry] of entries!.entries())
      expect(isEntry({ ...entry, id: String(i) }, NOW)).toBe(true);
  });

  it('take no more out of a backup than it holds', () => {
    const backup = {
      id: 'flakes',
      jar: 'tern',
      form: 'flakes' as const,
      store: 'room' as const,
      gramsLeft: 25,
      madeAt: NOW - 20 * DAY,
      freshAt: NOW - 20 * DAY,
      renewBy: NOW + 100 * DAY,
      note: null,
    };
    expect(beginJars({ ...BEGIN, backup }, ['a', 'b'], [], NOW).objections).toBeNull();
    expect(beginJars({ ...BEGIN, backup }, ['a', 'b', 'c'], [], NOW).objections).not.toBeNull();
  });
});
