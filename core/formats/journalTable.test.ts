import fc from 'fast-check';

import { type JarEvent, type JournalEvent, foldJar, isEntry, logOf } from '../journal';
import { someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { DAY, HOUR, kitchenTime } from '../measure';
import { takeInNotes } from '../verbs/takeInNotes';
import { journalCsv } from './journalCsv';
import { type TableKitchen, readJournalTable } from './journalTable';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const time = kitchenTime('Asia/Kathmandu');
const PLACES = [
  { id: 'counter', name: 'Counter' },
  { id: 'fridge', name: 'Cold box' },
];
const kitchen = (over: Partial<TableKitchen> = {}): TableKitchen => ({
  time,
  now: NOW,
  order: 'dayFirst',
  jars: [{ id: 'tern', name: 'Tern' }],
  places: PLACES,
  known: [],
  ...over,
});
const read = (text: string, asked = {}, over: Partial<TableKitchen> = {}) =>
  readJournalTable(text, kitchen(over), asked);
const entriesOf = (...asked: Parameters<typeof read>) =>
  read(...asked).jars.flatMap(({ entries }) => entries);
/** Half past ten of the first of March by the kitchen's clock, five and three quarter hours ahead. */
const MARCH = '2026-03-01T04:45:00.000Z';

describe('notes in a table', () => {
  it('say what was fed, in grams, ounces or cups, or by a ratio', () => {
    const fed = (head: string, row: string, asked = {}) =>
      entriesOf(`${head}\n${row}\n${row}`, asked)[0];
    const whole = { kind: 'fed', at: MARCH, keepG: 20, flourG: 80, waterG: 75 };
    expect(fed('Date,Starter (g),Flour (g),Water (g)', '1/3/2026 10:30,20,80,75')).toMatchObject(
      whole,
    );
    expect(fed('date;time;keep;flour;water', '01.03.2026;10:30;20 g;80 g;75 g')).toMatchObject(
      whole,
    );
    expect(fed('date,keep,flour oz,water oz', '2026-03-01 10:30,1,2,2')).toMatchObject({
      keepG: 28,
      flourG: 57,
    });
    expect(fed('date,keep,flour,water', '2026-03-01 10:30,20,½ cup,1/4 cup')).toMatchObject({
      flourG: expect.closeTo(60, 0) as number,
      waterG: expect.closeTo(59, 0) as number,
    });
    // As a table for a household's big jar has it: the unit beside the number, thousands parted.
    expect(fed('date,keep,flour,water', '2026-03-01 10:30,"1,500",1 kg,2 lb')).toMatchObject({
      keepG: 1500,
      flourG: 1000,
      waterG: 907,
    });
    expect(fed('date,ratio,keep', '2026-03-01 10:30,1:4:3,20')).toMatchObject({
      flourG: 80,
      waterG: 60,
    });
    expect(
      fed('date,flour kind,flour g,water g', '2026-03-01 10:30,wholemeal rye,80,80', { keepG: 15 }),
    ).toMatchObject({ keepG: 15, flour: { rye: 1 } });
  });

  it('say how far it rose, above the band or as times the band', () => {
    const rise = (head: string, ...cells: readonly string[]) =>
      entriesOf(`date,${head}\n${cells.map((cell) => `2026-03-01 10:30,${cell}`).join('\n')}`).map(
        (entry) => entry.kind === 'looked' && entry.height,
      );
    expect(rise('rise %', '85', '+120 %')).toEqual([1.85, 2.2]);
    expect(rise('height', '1.85x', '2.2')).toEqual([1.85, 2.2]);
    expect(rise('rise', '85', '90')).toEqual([1.85, 1.9]);
  });

  it('say what came out, where it went, and what was thought', () => {
    const text =
      'date,discard,to,notes\n2026-03-01 10:30,60,compost,smells of pears\n2026-03-02,40,bake,';
    expect(entriesOf(text)).toEqual([
      { kind: 'discarded', jar: '', at: MARCH, grams: 60, to: 'compost' },
      { kind: 'noted', jar: '', at: MARCH, note: 'smells of pears' },
      // A day alone is the morning of it.
      { kind: 'took', jar: '', at: '2026-03-02T02:15:00.000Z', grams: 40 },
    ]);
  });

  it('mix their styles of dates: what cannot be read in the one that most are in is named', () => {
    const table = read(
      'date,flour,water\n26/02/2026,80,80\n27/02/2026,80,80\n28.2.26,80,80\n2026-03-01,80,80\n2/25/2026,80,80',
    );
    expect(table.order).toBe('dayFirst');
    expect(table.count).toBe(4);
    expect(table.problems.map(({ line }) => line)).toEqual([6]);
  });

  it('say where what came out went, or ask once', () => {
    const text = 'date,discard,to\n2026-03-01,60,\n2026-03-02,40,freezer';
    const went = (asked = {}) =>
      entriesOf(text, asked).map((entry) => entry.kind === 'discarded' && entry.to);
    expect(read(text).toMissing).toBe(true);
    expect(went({ to: 'compost' })).toEqual(['compost', 'freezer']);
    expect(read('date,discard,to\n2026-03-01,60,bin\n2026-03-02,40,freezer').toMissing).toBe(false);
  });

  it('name their jars, those that are here and those that are not', () => {
    const { jars } = read('date,jar,flour,water\n2026-03-01,tern,80,80\n2026-03-01,Puffin,50,50');
    expect(jars.map(({ name, id, entries }) => [name, id, entries.length])).toEqual([
      ['tern', 'tern', 1],
      ['Puffin', null, 1],
    ]);
  });

  it('that cannot be read are named by line and column, and the rest is kept', () => {
    const table = read(
      'date,keep,flour,water,rise\n2026-03-01,20,80,80,\n2026-02-30,20,80,80,\n2026-03-02,some,80,80,\n2026-03-03,,,,9999\n2027-01-01,20,80,80,\n2026-03-04,20,80,80,',
    );
    expect(table.count).toBe(2);
    expect(table.problems.map(({ line, column, name }) => [line, column, name])).toEqual([
      [3, 1, 'date'],
      [4, 2, 'keep'],
      [5, 5, 'rise'],
      [6, 1, 'date'],
    ]);
  });

  it('that are in the journal already count once', () => {
    const known = [someFeed('known', '2026-03-01T04:45:20.000Z')];
    const text =
      'date,jar,keep,flour,water\n2026-03-01 10:30,Tern,20,80,80\n2026-03-02 10:30,Tern,20,80,80';
    const { count, alreadyHere } = read(text, {}, { known });
    expect([count, alreadyHere]).toEqual([1, 1]);
    const twice = read(`${text}\n2026-03-02 10:30,Tern,20,80,80`, {}, { known });
    expect([twice.count, twice.alreadyHere]).toEqual([1, 2]);
  });

  it('as they went out of here come back the same, whatever was logged', () => {
    const at = fc
      .integer({ min: NOW - 300 * DAY, max: NOW - HOUR })
      .map((ms) => new Date(ms - (ms % 60_000)).toISOString());
    const grams = fc.integer({ min: 1, max: 900 });
    const common = { jar: fc.constant('tern'), at, id: fc.uuid() };
    const event: fc.Arbitrary<JarEvent> = fc.oneof(
      fc.record({
        ...common,
        kind: fc.constant('fed' as const),
        keepG: grams,
        flourG: grams,
        waterG: grams,
        flour: fc.constantFrom({ white: 1 }, { rye: 0.25, white: 0.75 }),
      }),
      fc.record({
        ...common,
        kind: fc.constant('looked' as const),
        height: fc.integer({ min: 50, max: 400 }).map((pct) => pct / 100),
        smell: fc.constantFrom('fruit' as const, 'solvent' as const),
      }),
      fc.record({
        ...common,
        kind: fc.constant('discarded' as const),
        grams,
        to: fc.constantFrom('compost' as const, 'freezer' as const),
      }),
      fc.record({
        ...common,
        kind: fc.constant('took' as const),
        grams,
        note: fc.constantFrom('rolls', '=1+1', 'half "a" loaf, cut'),
      }),
      fc.record({
        ...common,
        kind: fc.constant('moved' as const),
        place: fc.constantFrom('counter', 'fridge'),
      }),
      fc.record({
        ...common,
        kind: fc.constant('noted' as const),
        note: fc.constantFrom('ok', '-2 °C outside', 'a\nb'),
      }),
    );
    const names = {
      jarName: () => 'Tern',
      placeName: (id: string) => PLACES.find((place) => place.id === id)!.name,
      time,
    };
    fc.assert(
      fc.property(fc.array(event, { minLength: 1, maxLength: 30 }), (events) => {
        const sorted = events.toSorted((a, b) => a.at.localeCompare(b.at));
        const csv = journalCsv(sorted, names);
        const back = entriesOf(csv).map((entry) => ({ ...entry, jar: 'tern' }));
        const plain = sorted.map(({ id: _, ...rest }) => rest);
        const key = (one: object) => JSON.stringify(one, Object.keys(one).sort());
        expect(back.map(key).sort()).toEqual(plain.map(key).sort());
        // And with the ids that are here, none of it comes twice.
        expect(read(csv, {}, { known: sorted }).alreadyHere).toBe(sorted.length);
      }),
      { numRuns: 60 },
    );
  });

  it.each([
    ['nothing', ''],
    ['no days', 'a,b\n1,2\n3,4'],
    ['days and nothing else', 'date,x\n2026-03-01,\n2026-03-02,'],
  ])('with %s are refused in words', (_, text) => {
    expect(() => read(text)).toThrow(/Nothing was changed\.$/);
  });

  it('whatever is in a file: it is refused in words, or all that it brings may stand in the journal', () => {
    const cell = fc.oneof(
      fc.constantFrom(
        '2026-03-01',
        '13/13/2026',
        '1:4:4',
        '1:0:0',
        '20',
        '1e99',
        '½ cup',
        '85 %',
        '-900',
        '2x',
        'bake',
        'Tern',
        '',
        "'=1",
        '"',
        '∞',
      ),
      fc.string({ maxLength: 10 }),
    );
    const title = fc.constantFrom(
      'date',
      'time',
      'jar',
      'keep',
      'flour',
      'water',
      'ratio',
      'rise',
      'discard',
      'to',
      'notes',
      'place',
      'x',
    );
    const text = fc
      .tuple(
        fc.array(title, { minLength: 1, maxLength: 7 }),
        fc.array(fc.array(cell, { maxLength: 7 }), { maxLength: 8 }),
      )
      .map(([head, rows]) => [head, ...rows].map((row) => row.join(',')).join('\n'));
    fc.assert(
      fc.property(fc.oneof(text, fc.string()), (given) => {
        try {
          const { jars } = read(given);
          return jars.every(({ entries }) =>
            entries.every((entry) =>
              isEntry(
                {
                  ...(entry.kind === 'fed' && { flour: { white: 1 } }),
                  ...entry,
                  jar: 'tern',
                  id: 'x',
                },
                NOW,
              ),
            ),
          );
        } catch (error) {
          return /Nothing was changed\.$/.test((error as Error).message);
        }
      }),
      { numRuns: 5000 },
    );
  });
});

describe('notes that are taken in', () => {
  const year = () =>
    read(
      `date,jar,keep,flour,water,rise\n${Array.from({ length: 365 }, (_, i) => {
        const day = new Date(NOW - (366 - i) * DAY).toISOString().slice(0, 10);
        return `${day} 09:00,Puffin,25,100,90,\n${day} 15:00,Puffin,,,,80 %`;
      }).join('\n')}`,
    );
  const write = (answer: ReturnType<typeof takeInNotes>): readonly JournalEvent[] =>
    answer.entries!.map((entry, i) => ({ ...entry, id: `n${i}` }));

  it('begin a jar with the card that its feeds have in common', () => {
    const [notes] = year().jars;
    const events = write(
      takeInNotes(
        [
          [
            notes!,
            { is: 'new', id: 'puffin', name: 'Puffin', place: 'counter', flour: { rye: 1 } },
          ],
        ],
        NOW,
      ),
    );
    expect(events.every((event) => isEntry(event, NOW))).toBe(true);
    const jar = foldJar(logOf(events, NOW).byJar.get('puffin')!, usualKitchen())!.jar;
    // No line says with what it was fed: with what somebody said of the jar.
    expect(jar.card.flour).toEqual({ rye: 1 });
    expect(jar.lastFed!.flour).toEqual({ rye: 1 });
    expect(jar).toMatchObject({
      feeds: 365,
      massG: 215,
      card: { name: 'Puffin', keepG: 25, ratio: { flour: 4, water: 3.6 } },
    });
  });

  it('of before a jar was here move its beginning back, and all of it counts', () => {
    const start = someStart(new Date(NOW - 30 * DAY).toISOString());
    const [notes] = year().jars;
    const events = [
      start,
      ...write(takeInNotes([[notes!, { is: 'jar', start, flour: { rye: 1 } }]], NOW)),
    ];
    const live = logOf(events, NOW).byJar.get('tern')!;
    expect(live.filter(({ kind }) => kind === 'started')).toHaveLength(1);
    const { jar } = foldJar(live, usualKitchen())!;
    expect(jar.feeds).toBe(365);
    expect(jar.lastFed!.flour).toEqual({ rye: 1 });
  });

  it('go nowhere where nobody says where', () => {
    const [notes] = year().jars;
    expect(takeInNotes([[notes!, { is: 'nowhere' }]], NOW).objections).toMatchObject([
      { field: 'jars' },
    ]);
  });
});
