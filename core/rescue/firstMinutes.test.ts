import { type JarEvent, foldJar, outlookOf, standingAt } from '../journal';
import { someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { needOf } from '../next';
import { HOUR } from '../measure';
import { knownSigns } from './knownSigns';
import { nextFeed } from './nextFeed';
import { PROGRAMME } from './programmes';
import { promiseOf } from './promise';
import { inTimeHours, runOf } from './run';

const T0 = Date.parse('2026-02-02T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const context = usualKitchen();

/** A jar that was just put on the shelf, last fed somewhere in a band of hours. */
function justAdded(unfedH: readonly [number, number], place: string, minutes = 1) {
  const events: JarEvent[] = [someStart(iso(0), { condition: 'hungry', unfedH, place })];
  const { jar } = foldJar(events, context)!;
  const now = T0 + (minutes / 60) * HOUR;
  const outlook = outlookOf(jar, context, (now - jar.since) / HOUR + 48);
  return { standing: standingAt(jar, outlook, context, now), events };
}

describe('a jar nobody knows exactly how long unfed', () => {
  it('is as hungry as its place makes it, from the first minute', () => {
    const days = [36, 168] as const;
    const weeks = [168, 720] as const;
    expect(justAdded(days, 'counter').standing.stage).toMatch(/hungry|hooch/);
    expect(justAdded(days, 'fridge').standing.stage).toBe('asleep');
    expect(justAdded(weeks, 'counter').standing.stage).toBe('hooch');
    const { standing } = justAdded(weeks, 'fridge');
    expect(standing.moment.food).toBeLessThan(0.3);
    expect(standing.moment.vigour).toBeGreaterThan(
      justAdded(weeks, 'counter').standing.moment.vigour,
    );
  });

  it('asks for its feed at once where it starves', () => {
    const { standing } = justAdded([168, 720], 'counter');
    expect(needOf(standing).from).toBe(standing.now);
  });

  it('asks for no hour of a rise that nobody saw', () => {
    const { standing } = justAdded([12, 36], 'larder');
    expect(standing.stage).toBe('ripe');
    expect(needOf(standing)).toMatchObject({ reason: 'resting', by: null, harmAt: null });
  });

  it('is looked over first where nobody knows even about, and asked how long it went unfed', () => {
    const signs = ([least, most]: [number, number]) => {
      const { standing, events } = justAdded([least, most], 'fridge');
      return [needOf(standing).reason, knownSigns(standing, events).unfed];
    };
    expect(signs([48, 1440])).toEqual(['neglected', undefined]);
    expect(signs([168, 720])).toEqual(['hungry', 'weeks']);
  });

  it('forgets the guess with its first feed', () => {
    const events = [
      someStart(iso(0), { condition: 'hungry', unfedH: [36, 168] }),
      someFeed('f', iso(1)),
    ];
    expect(foldJar(events, context)!.jar.unfedH).toBeUndefined();
  });

  it('stood where it stands, and not in a room because it came from one', () => {
    const { standing, events } = justAdded([36, 168], 'fridge');
    expect(knownSigns(standing, events).stood).toBe('cold');
    const plain = [someStart(iso(0), { place: 'fridge' })];
    const { jar } = foldJar(plain, context)!;
    const now = T0 + HOUR;
    const outlook = outlookOf(jar, context, 48);
    expect(knownSigns(standingAt(jar, outlook, context, now), plain).stood).toBeUndefined();
  });
});

describe('what is promised of a programme', () => {
  it('is a range that never contradicts its usual course', () => {
    for (const programme of Object.values(PROGRAMME))
      for (let given = 0; given < programme.usualFeeds[0]; given++)
        for (let n = 1; n < 16; n++) {
          const feed = {
            at: T0,
            until: T0 + 24 * HOUR,
            keepG: 1,
            flourG: 1,
            waterG: 1,
            doublesH: null,
            heights: [],
          };
          const foretold = {
            present: [],
            feeds: Array.from({ length: n }, () => feed),
            ends: 'well' as const,
            at: T0 + n * 24 * HOUR,
          };
          const { feeds, at } = promiseOf(foretold, programme, given);
          const [low, high] = feeds;
          expect(low).toBeLessThan(high);
          expect(at[0]).toBeLessThan(at[1]);
          // It overlaps what keepers report.
          expect(given + low).toBeLessThanOrEqual(Math.max(programme.usualFeeds[1], given + n));
          expect(given + high).toBeGreaterThanOrEqual(programme.usualFeeds[0]);
        }
  });

  it('has gates in whole hours', () => {
    for (const celsius of [17, 20.5, 22.3, 26])
      expect(inTimeHours(PROGRAMME.neglected, celsius) % 1).toBe(0);
  });

  it('soaks for two hours when it says two hours, though the office is open until five', () => {
    const begun = { programme: 'flakesInStages' as const, at: iso(0) };
    const run = runOf(begun, [], T0, () => 22);
    const hands = [
      { from: T0, until: T0 + HOUR / 2 },
      { from: T0 + 9 * HOUR, until: T0 + 14 * HOUR },
    ];
    expect(nextFeed(run, 30, T0, hands).at).toBe(T0 + 2 * HOUR);
  });
});
