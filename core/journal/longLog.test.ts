import { USUAL_PACE } from '../ferment';
import { flourUse, leanerKeep, lotsOf, originsOf, tubsOf, usesByMonth, usualKeep } from '../larder';
import { kitchenTime } from '../measure';
import { backupsOf } from '../rescue';
import { placesOf } from './air';
import { bakesIn, bowlsBegun } from './bakes';
import { bakesOf, handsOf, leftAloneOf, tripsOf, zonesOf } from './decided';
import { firstIdOf } from './entry';
import { type JarEvent, type JournalEvent } from './events';
import { foldJar } from './fold';
import { homeOf } from './homeOf';
import { type Log, logOf } from './log';
import { seenPeaks } from './peaks';
import { someEntries } from './someEntries.testing';
import { storyOf } from './story';
import { yearOf } from './yearOf';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const time = kitchenTime(zonesOf([], 'Asia/Kolkata'));

/** What is made of a jar's log, or of the whole kitchen's, wherever a page shows it. */
const MADE: Readonly<Record<string, (log: Log, own: readonly JarEvent[]) => unknown>> = {
  'what stands in the jar': (log, own) =>
    foldJar(own, { places: placesOf(log.of('arranged')), time, pace: USUAL_PACE }),
  'the story of its feeds': (_, own) => storyOf(own),
  'the bakes out of it': (log, own) => bakesIn(storyOf(own), own, bowlsBegun(log.all).get('tern')),
  'a year on paper': (_, own) => yearOf(own, { from: 0, until: NOW }, time),
  'its peaks': (log, own) => seenPeaks(own, { places: placesOf(log.of('arranged')), time }),
  'where it is at home': (_, own) => homeOf(own, NOW),
  'what a leaner keep saves': (_, own) => leanerKeep(own, 10, NOW),
  'what it keeps': (_, own) => usualKeep(own),
  'flour fed by month': (log) => usesByMonth(log.all, time),
  'flour fed by week': (log) => flourUse(log.all, NOW),
  'the discard that is kept': (log) => lotsOf(log.all, new Map(), NOW),
  'what discard was when it was taken': (log, own) =>
    originsOf(
      own,
      { places: placesOf(log.of('arranged')), time, pace: USUAL_PACE },
      new Set(own.map(firstIdOf)),
    ),
  tubs: (log) => tubsOf(log.all),
  backups: (log) => backupsOf(log.byJar),
  'what was decided': (log) => [
    bakesOf(log, NOW, time),
    handsOf(log),
    tripsOf(log),
    leftAloneOf(log, NOW),
  ],
};

/** How often anything is read of a log of so many days while something is made of it. */
function readings(days: number, make: (log: Log, own: readonly JarEvent[]) => unknown): number {
  let read = 0;
  const watched = someEntries(days, NOW).map(
    (event): JournalEvent =>
      new Proxy(event, {
        get: (of, name) => {
          read++;
          return Reflect.get(of, name) as unknown;
        },
      }),
  );
  const log = logOf(watched, NOW);
  const own = log.byJar.get('tern')!;
  read = 0;
  make(log, own);
  return read;
}

// Ten years of a jar are read in one breath; what goes through all entries for each of them takes half a minute.
it.each(Object.entries(MADE))('%s costs no more for each entry of a longer log', (_, make) => {
  const [short, long] = [readings(40, make), readings(160, make)];
  expect(long).toBeLessThan(5 * short);
});
