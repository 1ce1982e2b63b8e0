import {
  type Answer,
  type JarAtHand,
  type JarEvent,
  type JournalEvent,
  type NewEntryOf,
  contentOf,
  cultureOf,
  foldJar,
  isBowl,
  isEntry,
  logOf,
  mixAt,
  outlookOf,
  withItsPast,
} from '../journal';
import { someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { HOUR } from '../measure';
import { buildInBowl, feedJar, finishBowl, giveUpBowl, keepBowl, takeOut } from '.';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const iso = (hours: number) => new Date(NOW - hours * HOUR).toISOString();
const KITCHEN = usualKitchen();
/** A jar of 180 g, ripe. */
const JAR: readonly JarEvent[] = [someStart(iso(60)), someFeed('fed', iso(12))];

let made = 0;
const written = (journal: readonly JournalEvent[], { entries, objections }: Answer) => {
  expect(objections).toBeNull();
  const added = entries!.map((entry) => ({ ...entry, id: `new ${made++}` }));
  for (const entry of added) expect(isEntry(entry, NOW + 100 * HOUR)).toBe(true);
  return [...journal, ...added];
};
const handOf = (journal: readonly JournalEvent[], jar: string, now = NOW): JarAtHand => {
  const { byJar } = logOf(journal, now);
  const { jar: folded } = foldJar(withItsPast(jar, byJar), KITCHEN)!;
  return { jar: folded, earlier: byJar.get(jar)!, now };
};
const BUILD = {
  id: 'bowl',
  name: 'Saturday loaves',
  seedG: 20,
  flourG: 84,
  waterG: 83,
  place: 'counter',
  wish: 'saturday',
};
const built = written(JAR, buildInBowl(handOf(JAR, 'tern'), [], BUILD));

describe('a levain in a bowl', () => {
  it('takes its seed from the jar, which else stays as it is', () => {
    const jar = handOf(built, 'tern').jar;
    expect(contentOf(jar).massG).toBe(160);
    expect(jar.lastFed!.id).toBe('fed');
    expect(contentOf(handOf(built, 'bowl').jar)).toMatchObject({ massG: 187 });
  });

  it('begins as its jar stood, whatever is fed there in the same minute', () => {
    const bowl = (journal: readonly JournalEvent[]) => handOf(journal, 'bowl').jar.fedMix;
    const then = mixAt(handOf(JAR, 'tern').jar, NOW, KITCHEN);
    const out = written(
      JAR,
      feedJar(handOf(JAR, 'tern'), [], {
        amounts: { keepG: 20, flourG: 80, waterG: 80 },
        at: NOW,
        to: 'bowl',
        place: null,
        bowl: { id: 'bowl', name: 'Levain of Tern', place: 'counter' },
      }),
    );
    expect(bowl(out)).toEqual({ ...then, massG: 160 });
    // Once it is off the shelf nobody asks any more.
    const gone = written(out, giveUpBowl(handOf(out, 'bowl'), 'bin'));
    expect(bowl(gone)).not.toEqual(bowl(out));
    // What is known of a bowl alone is that it was taken from a ripe jar, as one does.
    const alone = out.filter((event) => !('jar' in event) || event.jar === 'bowl');
    expect(bowl(alone)).toMatchObject({ massG: 160, flour: { white: 1 } });
  });

  it('ripens as the same mix would in the jar', () => {
    const bowl = handOf(built, 'bowl').jar;
    const inJar = foldJar(
      [...JAR, someFeed('levain', iso(0), { keepG: 20, flourG: 84, waterG: 83 })],
      KITCHEN,
    )!.jar;
    const [one, other] = [bowl, inJar].map((jar) => outlookOf(jar, KITCHEN, 48).forecast);
    expect(one!.peaksAtH! / other!.peaksAtH!).toBeGreaterThan(0.85);
    expect(one!.peaksAtH! / other!.peaksAtH!).toBeLessThan(1.15);
    expect(mixAt(bowl, NOW, KITCHEN).massG).toBe(187);
  });

  it('is a bowl with the culture of its jar', () => {
    const { earlier } = handOf(built, 'bowl');
    expect(isBowl(earlier)).toBe(true);
    expect(cultureOf('bowl', earlier)).toBe('tern');
    expect(cultureOf('tern', handOf(built, 'tern').earlier)).toBe('tern');
  });

  it('goes where the plan wants it, at its hour', () => {
    const then = [{ at: NOW + 9 * HOUR, place: 'fridge' }];
    const journal = written(JAR, buildInBowl(handOf(JAR, 'tern'), [], { ...BUILD, then }));
    expect(handOf(journal, 'bowl', NOW + 8 * HOUR).jar.stays.at(-1)!.place).toBe('counter');
    expect(handOf(journal, 'bowl', NOW + 10 * HOUR).jar.stays.at(-1)!.place).toBe('fridge');
  });

  it.each([
    ['more seed than there is', { seedG: 300 }, 'grams'],
    ['no seed', { seedG: NaN }, 'grams'],
    ['no flour', { flourG: 0 }, 'flour'],
    ['no name', { name: ' ' }, 'name'],
    ['an hour to come', { at: NOW + 5 * HOUR }, 'at'],
  ])('is not built with %s', (_, over, field) => {
    const { objections } = buildInBowl(handOf(JAR, 'tern'), [], { ...BUILD, ...over });
    expect(objections!.map((one) => one.field)).toContain(field);
  });

  it('in the dough ends it, its bake, and what is left goes to the discard', () => {
    const done = finishBowl(handOf(built, 'bowl', NOW + 10 * HOUR), {
      usedG: 150,
      to: 'discardJar',
    });
    expect(done.entries!.map(({ kind }) => kind)).toEqual([
      'took',
      'discarded',
      'described',
      'wishDropped',
    ]);
    expect(done.entries![1]).toMatchObject({ grams: 37, to: 'discardJar' });
    const after = written(built, done);
    expect(handOf(after, 'bowl', NOW + 11 * HOUR).jar.card.archived).toBe(true);
  });

  it('gives no more than there is', () => {
    expect(finishBowl(handOf(built, 'bowl'), { usedG: 400, to: 'bin' }).objections).not.toBeNull();
  });

  it('may stay as a starter of its own, under a name nobody has', () => {
    expect(keepBowl(handOf(built, 'bowl'), ['Tern'], 'tern').objections).not.toBeNull();
    const kept = written(built, keepBowl(handOf(built, 'bowl'), ['Tern'], 'Puffin'));
    const { jar, earlier } = handOf(kept, 'bowl');
    expect(jar.card).toMatchObject({ name: 'Puffin', archived: false });
    expect(isBowl(earlier)).toBe(false);
    expect(cultureOf('bowl', earlier)).toBe('bowl');
  });
});

describe('a bowl for what comes out', () => {
  const bowl = { id: 'bowl', name: 'Levain of Tern', place: 'counter' };

  it('has what went into it, and the jar the rest, to the gram', () => {
    const out = takeOut(handOf(JAR, 'tern'), {
      grams: 150,
      to: 'bowl',
      parts: [{ grams: 40, to: 'compost' }],
      bowl,
    });
    const after = written(JAR, out);
    expect(contentOf(handOf(after, 'bowl').jar).massG).toBe(110);
    expect(contentOf(handOf(after, 'tern').jar).massG).toBe(30);
    expect(isBowl(handOf(after, 'bowl').earlier)).toBe(true);
    expect(cultureOf('bowl', handOf(after, 'bowl').earlier)).toBe('tern');
  });

  it('is one bowl for all of its parts, at a feed too', () => {
    const fed = feedJar(handOf(JAR, 'tern'), [], {
      amounts: { keepG: 20, flourG: 80, waterG: 80 },
      at: NOW,
      to: 'bowl',
      parts: [
        { grams: 50, to: 'bowl' },
        { grams: 10, to: 'discardJar' },
      ],
      place: null,
      bowl,
    });
    const after = written(JAR, fed);
    expect(after.filter(({ kind }) => kind === 'started')).toHaveLength(2);
    expect(contentOf(handOf(after, 'bowl').jar).massG).toBe(150);
  });

  it('is not begun where nothing goes into it', () => {
    const { entries } = takeOut(handOf(JAR, 'tern'), { grams: 20, to: 'compost', bowl });
    expect(entries!.map(({ kind }) => kind)).toEqual(['discarded']);
  });
});

describe('what is written down of a bowl', () => {
  const NOON = '2026-03-13T18:20:00.000Z';
  const tub = { id: 'mix', name: 'Mix', flour: { rye: 1 }, grams: 900 } as unknown as Parameters<typeof buildInBowl>[1][number]; // oxfmt-ignore
  const build = (over: Partial<Parameters<typeof buildInBowl>[2]> = {}, tubs: Parameters<typeof buildInBowl>[1] = []) =>
    buildInBowl(handOf(JAR, 'tern'), tubs, { ...BUILD, ...over }).entries!; // oxfmt-ignore

  it('is its seed, its card and its feed', () => {
    expect(build()).toEqual([
      { kind: 'took', jar: 'tern', at: NOON, grams: 20 },
      {
        kind: 'started',
        jar: 'bowl',
        at: NOON,
        card: {
          name: 'Saturday loaves',
          vessel: expect.any(Object),
          keepG: 20,
          flour: { white: 1 },
          ratio: { flour: 4.2, water: 4.15 },
          bowl: { wish: 'saturday' },
          archived: false,
        },
        massG: 20,
        hydrationPct: 100,
        from: 'tern',
        condition: 'asItStood',
        place: 'counter',
      },
      {
        kind: 'fed',
        jar: 'bowl',
        at: NOON,
        keepG: 20,
        flourG: 84,
        waterG: 83,
        flour: { white: 1 },
      },
    ]);
  });

  it('has room for all that is to be in it, of several builds too', () => {
    const capacity = (entries: ReturnType<typeof build>) =>
      (entries[1] as NewEntryOf<'started'>).card.vessel.capacityMl;
    expect(capacity(build())).toBeGreaterThan(187 * 2);
    const builds = [
      { flourG: 84, waterG: 83 },
      { flourG: 300, waterG: 300 },
    ];
    expect(capacity(build({ builds }))).toBeGreaterThan(787 * 2);
    expect(build({ builds })[1]).toMatchObject({ card: { bowl: { wish: 'saturday', builds } } });
    const { wish: _, ...noBake } = BUILD;
    const [, started] = buildInBowl(handOf(JAR, 'tern'), [], noBake).entries!;
    expect((started as NewEntryOf<'started'>).card.bowl).toEqual({});
  });

  it('has a name that fits', () => {
    const name = (of: string) => (build({ name: of })[1] as NewEntryOf<'started'>).card.name;
    expect(name('  Rolls ')).toBe('Rolls');
    // What comes out of a jar is named after it, and the jar may have a long name.
    const long = { id: 'bowl', name: `Levain of ${'x'.repeat(60)}`, place: 'counter' };
    const out = takeOut(handOf(JAR, 'tern'), { grams: 50, to: 'bowl', bowl: long }).entries!;
    const [started] = out.filter(({ kind }) => kind === 'started') as NewEntryOf<'started'>[];
    expect(started!.card.name).toBe(`Levain of ${'x'.repeat(50)}`);
  });

  it('takes its flour from the tub the baker says, and goes only where it is still to go', () => {
    expect(build({ other: { tub: 'mix' } as never }, [tub]).at(-1)).toMatchObject({ tub: 'mix', flour: { rye: 1 } }); // oxfmt-ignore
    const then = [NOW - HOUR, NOW, NOW + HOUR].map((at) => ({ at, place: 'fridge' }));
    expect(build({ then }).filter(({ kind }) => kind === 'moved')).toEqual([
      expect.objectContaining({ jar: 'bowl', place: 'fridge', at: new Date(NOW + HOUR).toISOString() }), // oxfmt-ignore
    ]);
  });

  it('is what went into the dough, what is left, and its end', () => {
    const hand = handOf(built, 'bowl');
    const card = { ...hand.jar.card, archived: true };
    const ended = { kind: 'described', jar: 'bowl', at: NOON, card };
    const had = { kind: 'wishDropped', at: NOON, wish: 'saturday' };
    expect(finishBowl(hand, { usedG: 150, to: 'compost' }).entries).toEqual([
      { kind: 'took', jar: 'bowl', at: NOON, grams: 150 },
      { kind: 'discarded', jar: 'bowl', at: NOON, grams: 37, to: 'compost' },
      ended,
      had,
    ]);
    // All of it went into the dough: the rest is not told twice.
    expect(finishBowl(hand, { usedG: 150, to: 'bake' }).entries).toEqual([
      { kind: 'took', jar: 'bowl', at: NOON, grams: 150 },
      ended,
      had,
    ]);
    expect(finishBowl(hand, { usedG: 184, to: 'compost' }).entries).toHaveLength(3);
    expect(giveUpBowl(hand, 'compost').entries).toEqual([
      { kind: 'discarded', jar: 'bowl', at: NOON, grams: 187, to: 'compost' },
      ended,
    ]);
    const { bowl: _, ...kept } = hand.jar.card;
    expect(keepBowl(hand, [], ' Puffin ').entries).toEqual([
      { kind: 'described', jar: 'bowl', at: NOON, card: { ...kept, name: 'Puffin' } },
    ]);
  });

  it('without a bake ends nothing but itself', () => {
    const { wish: _, ...noBake } = BUILD;
    const journal = written(JAR, buildInBowl(handOf(JAR, 'tern'), [], noBake));
    const hand = handOf(journal, 'bowl');
    expect(finishBowl(hand, { usedG: 187, to: 'bin' }).entries!.map(({ kind }) => kind)).toEqual([
      'took',
      'described',
    ]);
    // Emptied already, there is nothing to throw away.
    const emptied = written(journal, takeOut(hand, { grams: 187, to: 'bin' }));
    expect(giveUpBowl(handOf(emptied, 'bowl'), 'bin').entries!.map(({ kind }) => kind)).toEqual([
      'described',
    ]);
  });
});
