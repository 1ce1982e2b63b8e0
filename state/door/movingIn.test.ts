import { readFileSync } from 'node:fs';

import legacy from '@react-native-async-storage/async-storage';

import { readKitchenFile } from '@core/formats/readKitchenFile';
import {
  type JournalEvent,
  bakesOf,
  followedChoice,
  handsOf,
  leftAloneOf,
  liveEvents,
  logOf,
  settingsOf,
  tripsOf,
  zonesOf,
} from '@core/journal';
import { kitchenTime } from '@core/measure';

import { usualSettings } from '../settings';
import { readKitchen } from './opening';
import { shelf } from './shelf';

const NOW = Date.parse('2026-03-13T18:20:00Z');
/** What the first version left in a browser, and wrote into a file, of one kitchen. */
const STORE = JSON.parse(readFileSync('tests/samples/store-1.json', 'utf8')) as Record<
  string,
  string
>;
const FILE = readFileSync('tests/samples/kitchen-1.json', 'utf8');

beforeEach(async () => {
  await shelf.clear();
  await legacy.clear();
  await legacy.setMany(STORE);
});

/** The key of a jar by its name. */
const jarOf = (events: readonly JournalEvent[], name: string) =>
  events.flatMap((e) => (e.kind === 'started' && e.card.name === name ? [e.jar] : []))[0]!;

describe('a store of the first version', () => {
  it('comes over whole: jars, what was undone, wishes, hands, tastes, the dough', async () => {
    const { events, drafts } = await readKitchen('own', NOW);
    const log = logOf(events, NOW);
    const [tern, knot] = [jarOf(events, 'Tern'), jarOf(events, 'Knot')];
    expect([...log.byJar.keys()].sort()).toEqual([tern, knot].sort());
    // The look was struck out before.
    expect(events.some(({ kind }) => kind === 'looked')).toBe(true);
    expect(log.of('looked')).toEqual([]);
    expect(bakesOf(log, NOW, kitchenTime('UTC'))).toMatchObject([
      { name: 'Sunday tins', jar: tern, levainG: 150 },
    ]);
    expect(handsOf(log).painted).toEqual({ '4 19': 'away' });
    expect(tripsOf(log)).toMatchObject([{ from: 1773700000000, until: 1773790000000 }]);
    expect(leftAloneOf(log, NOW)).toMatchObject([{ jar: knot, from: 1773425000000 }]);
    expect(followedChoice(log)).toBe('balanced');
    expect(settingsOf(log, usualSettings('en-GB'))).toMatchObject({
      order: 'flourFirst',
      water: 'filtered',
      strongFeeds: 1,
    });
    expect(log.of('doughKept')).toMatchObject([{ dough: { formula: { loaves: 3 } } }]);
    expect(zonesOf(log.of('zoned'), '')).toHaveLength(1);
    expect(drafts.bench[tern]).toMatchObject({ step: 1, landed: { keep: 23 } });
  });

  it('comes over once, and what was left stays where it was', async () => {
    const first = await readKitchen('own', NOW);
    const again = await readKitchen('own', NOW);
    expect(again.events).toEqual(first.events);
    expect(await legacy.getItem('ombrello/own/journal')).toBe(STORE['ombrello/own/journal']);
  });

  it('with a mistyped year opens without that entry, which is set aside', async () => {
    const journal = STORE['ombrello/own/journal']!;
    await legacy.setItem(
      'ombrello/own/journal',
      journal.replaceAll('2026-03-13T09:00', '0026-03-13T09:00'),
    );
    const { events, setAside } = await readKitchen('own', NOW);
    expect(liveEvents(events).some(({ kind }) => kind === 'fed')).toBe(false);
    expect(setAside.flatMap(({ lines }) => lines).join()).toContain('0026-03-13T09:00');
  });

  it('of which nothing can be used is not lost either', async () => {
    await legacy.setMany({
      'ombrello/own/journal': 'garbage\n{"kind":',
      'ombrello/own/plan': '{"bakes":[null,7],"hands":"x","trips":{}}',
      'ombrello/own/dough': '[]',
      'ombrello/settings': '"dark"',
    });
    const { setAside } = await readKitchen('own', NOW);
    expect(setAside.flatMap(({ lines }) => lines)).toEqual(['garbage', '{"kind":']);
  });
});

describe('a file of the first version', () => {
  it('means the same jars as the store that it came from', async () => {
    const { events } = await readKitchen('own', NOW);
    const file = readKitchenFile(FILE, NOW);
    const jars = (of: readonly JournalEvent[]) => new Set(logOf(of, NOW).byJar.keys());
    expect(jars(file.events)).toEqual(jars(events));
    expect(file.zone).toBe('Europe/Lisbon');
    expect(file.events.filter(({ kind }) => kind === 'settled').length).toBeGreaterThan(10);
    expect(readKitchenFile(FILE, NOW)).toEqual(file);
  });

  it('does not melt two starters of one name into one', async () => {
    const { events } = await readKitchen('own', NOW);
    const other = JSON.parse(FILE) as { events: { id: string; kind: string }[] };
    // Another device, where somebody else keeps a Tern.
    const theirs = other.events.map((event) =>
      event.kind === 'arranged' ? event : { ...event, id: `other ${event.id}` },
    );
    const file = readKitchenFile(JSON.stringify({ ...other, events: theirs }), NOW);
    const log = logOf([...events, ...file.events], NOW);
    const terns = [...log.byJar].filter(([, own]) =>
      own.some((event) => event.kind === 'started' && event.card.name === 'Tern'),
    );
    expect(terns).toHaveLength(2);
    for (const [, own] of terns)
      expect(own.filter(({ kind }) => kind === 'started')).toHaveLength(1);
  });
});
