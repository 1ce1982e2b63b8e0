import { USUAL_BELIEF, USUAL_PLACES } from '../ferment';
import {
  type JarAtHand,
  type JarEvent,
  type JournalEvent,
  eventsByJar,
  foldJar,
  horizonFor,
  logOf,
  mixAt,
  openPromise,
  outlookOf,
  standingAt,
  withComing,
  withoutPromise,
} from '../journal';
import { someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { HOUR } from '../measure';
import { feedJar, goesBackTo, keepPromise, move, putAwayAfter, putAwayTo } from '.';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const iso = (at: number) => new Date(at).toISOString();
const KITCHEN = usualKitchen();
const placeOf = (id: string) => USUAL_PLACES.find((place) => place.id === id)!;

/** A jar of the fridge: fed a week ago and put back into the cold. */
const BEFORE: readonly JournalEvent[] = [
  someStart(iso(NOW - 400 * HOUR), { place: 'fridge' }),
  someFeed('last week', iso(NOW - 168 * HOUR)),
];

let made = 0;
/** The journal with what a verb answers. */
const written = (journal: readonly JournalEvent[], answer: ReturnType<typeof move>) => {
  expect(answer.objections).toBeNull();
  return [...journal, ...answer.entries!.map((entry) => ({ ...entry, id: `new ${made++}` }))];
};

/** The jar as a journal has it at an hour, with what is still to come. */
function jarAt(journal: readonly JournalEvent[], now: number) {
  const log = logOf(journal, now);
  return withComing(foldJar(log.byJar.get('tern')!, KITCHEN)!.jar, log.coming.get('tern') ?? []);
}

const handAt = (journal: readonly JournalEvent[], now: number): JarAtHand => {
  const log = logOf(journal, now);
  return {
    jar: jarAt(journal, now),
    earlier: log.byJar.get('tern')!,
    coming: log.coming.get('tern') ?? [],
    now,
  };
};

const AMOUNTS = { keepG: 20, flourG: 100, waterG: 100 };
const putAway = putAwayTo(USUAL_PLACES, placeOf('fridge'), 'fridge', 1.5);

/** Fed at the bench, with "Fridge, after 1½ h". */
const FED = written(
  BEFORE,
  feedJar(handAt(BEFORE, NOW), [], {
    amounts: AMOUNTS,
    at: NOW,
    to: 'discardJar',
    ...putAwayAfter(putAway, NOW, 'fridge'),
  }),
);

/** The same, by somebody who logs each move when it is made. */
const BY_HAND: readonly JournalEvent[] = [
  ...BEFORE,
  someFeed('by hand', iso(NOW), AMOUNTS),
  { kind: 'moved', id: 'out', jar: 'tern', at: iso(NOW), place: 'counter' },
  { kind: 'moved', id: 'in', jar: 'tern', at: iso(NOW + 1.5 * HOUR), place: 'fridge' },
];

describe('the fridge, after an hour and a half', () => {
  it('is one decision, and comes to the same as two exact moves', () => {
    for (const later of [0.5, 1.5, 3, 24, 168]) {
      const at = NOW + later * HOUR;
      const one = mixAt(jarAt(FED, at), at, KITCHEN);
      const two = mixAt(jarAt(BY_HAND, at), at, KITCHEN);
      expect(one.food).toBeCloseTo(two.food, 6);
      expect(one.yeast).toBeCloseTo(two.yeast, 6);
      expect(one.celsius).toBeCloseTo(two.celsius, 6);
    }
  });

  it('is in the forecast from the first minute', () => {
    const jar = jarAt(FED, NOW);
    expect(jar.coming).toEqual([{ from: NOW + 1.5 * HOUR, place: 'fridge' }]);
    const hours = horizonFor(jar, NOW, 30 * 24);
    const told = outlookOf(jar, KITCHEN, hours).forecast;
    const then = outlookOf(jarAt(BY_HAND, NOW + 2 * HOUR), KITCHEN, hours).forecast;
    expect(told.emptyAtH).toBeCloseTo(then.emptyAtH!, 1);
    // On the counter it would be out of food within two days.
    expect(told.emptyAtH!).toBeGreaterThan(5 * 24);
  });

  it('stands on the counter meanwhile', () => {
    const standing = (at: number) => {
      const jar = jarAt(FED, at);
      return standingAt(jar, outlookOf(jar, KITCHEN, 48), KITCHEN, at).place?.id;
    };
    expect(standing(NOW + 1.2 * HOUR)).toBe('counter');
    expect(standing(NOW + 1.6 * HOUR)).toBe('fridge');
  });

  it('is asked about an hour after its time, and not before', () => {
    const asked = (hours: number) =>
      openPromise(jarAt(FED, NOW + hours * HOUR), NOW + hours * HOUR) !== null;
    expect(asked(1.6)).toBe(false);
    expect(asked(2.4)).toBe(false);
    expect(asked(2.6)).toBe(true);
  });

  it('widens the forecast to both while nobody says', () => {
    const at = NOW + 10 * HOUR;
    const jar = jarAt(FED, at);
    const sure = outlookOf(jar, KITCHEN, 48, USUAL_BELIEF);
    const unsure = outlookOf(jar, KITCHEN, 48, USUAL_BELIEF, undefined, withoutPromise(jar));
    const at10 = sure.forecast.curve.findIndex(({ hours }) => hours >= 10);
    const width = ({ heights }: typeof sure) => heights[at10]!.high - heights[at10]!.low;
    expect(width(unsure)).toBeGreaterThan(3 * width(sure));
  });

  const promise = (journal: readonly JournalEvent[], now: number) => {
    const { promised, coming } = jarAt(journal, now);
    const waits = logOf(journal, now).coming.get('tern')?.[0];
    expect(promised ?? coming).toBeDefined();
    return promised ?? { entry: waits!.id, place: 'fridge', from: Date.parse(waits!.at) };
  };

  it('“already” moves it now, and nothing is to come any more', () => {
    const now = NOW + 0.5 * HOUR;
    const kept = written(FED, keepPromise(handAt(FED, now), promise(FED, now), { moved: now }));
    const jar = jarAt(kept, now);
    expect(jar.coming).toBeUndefined();
    expect(jar.stays.at(-1)).toEqual({ from: now, place: 'fridge' });
    expect(jarAt(kept, NOW + 9 * HOUR).promised).toBeUndefined();
  });

  it('“yes, it did” keeps its hour and asks no more', () => {
    const now = NOW + 14 * HOUR;
    const open = promise(FED, now);
    const jar = jarAt(written(FED, keepPromise(handAt(FED, now), open, { moved: open.from })), now);
    expect(jar.promised).toBeUndefined();
    expect(jar.stays.at(-1)).toEqual({ from: NOW + 1.5 * HOUR, place: 'fridge' });
  });

  it('“not yet” waits again, “it stays out” never goes', () => {
    const now = NOW + 1.6 * HOUR;
    const later = now + HOUR / 2;
    const waits = written(FED, keepPromise(handAt(FED, now), promise(FED, now), { later }));
    expect(jarAt(waits, now).coming).toEqual([{ from: later, place: 'fridge' }]);
    expect(jarAt(waits, now).stays.at(-1)!.place).toBe('counter');
    const never = written(FED, keepPromise(handAt(FED, now), promise(FED, now), 'never'));
    expect(jarAt(never, now + 99 * HOUR).stays.at(-1)!.place).toBe('counter');
  });

  it('gives way to another feed and to another move', () => {
    const now = NOW + HOUR;
    const fedAgain = written(
      FED,
      feedJar(handAt(FED, now), [], { amounts: AMOUNTS, at: now, to: 'bin', place: null }),
    );
    const moved = written(FED, move(handAt(FED, now), 'warm'));
    for (const journal of [fedAgain, moved]) {
      const place = jarAt(journal, now + 9 * HOUR).stays.at(-1)!.place;
      expect(place).not.toBe('fridge');
      expect(eventsByJar(logOf(journal, now + 99 * HOUR).all).get('tern')).not.toContainEqual(
        expect.objectContaining({ place: 'fridge', kind: 'moved' }),
      );
    }
  });

  it('that was meant for an hour which has passed when it is written down is simply a move', () => {
    const late = feedJar(handAt(BEFORE, NOW), [], {
      amounts: AMOUNTS,
      at: NOW - 5 * HOUR,
      to: 'bin',
      ...putAwayAfter(putAway, NOW - 5 * HOUR, 'fridge'),
    });
    const jar = jarAt(written(BEFORE, late), NOW);
    expect(jar.promised).toBeUndefined();
    expect(jar.stays.at(-1)).toEqual({ from: NOW - 3.5 * HOUR, place: 'fridge' });
  });
});

describe('a move that is still to come', () => {
  it('takes a jar out at its hour', () => {
    const out = written(BEFORE, move(handAt(BEFORE, NOW), 'counter', NOW + 3 * HOUR));
    expect(jarAt(out, NOW + 2.9 * HOUR).stays.at(-1)!.place).toBe('fridge');
    expect(jarAt(out, NOW + 3.1 * HOUR).stays.at(-1)!.place).toBe('counter');
  });

  it('is said two weeks ahead at most', () => {
    const { objections } = move(handAt(BEFORE, NOW), 'counter', NOW + 20 * 24 * HOUR);
    expect(objections).toEqual([expect.objectContaining({ field: 'at' })]);
  });

  it('may be logged for an hour that has passed, but not before the jar was there', () => {
    expect(move(handAt(BEFORE, NOW), 'counter', NOW - 3 * HOUR).objections).toBeNull();
    expect(move(handAt(BEFORE, NOW), 'counter', NOW - 900 * HOUR).objections).not.toBeNull();
    expect(move(handAt(BEFORE, NOW), 'counter', NaN).objections).not.toBeNull();
  });
});

describe('where a fed jar goes', () => {
  it('is back into the cold for one that lives there, and where it stands for any other', () => {
    const from = (place: string, home: string | null, hours: number) =>
      goesBackTo(USUAL_PLACES, { stays: [{ from: NOW - hours * HOUR, place }] }, home, NOW);
    expect(from('counter', 'fridge', 2)).toBe('fridge');
    // Out for days it is being brought back, or baked with.
    expect(from('counter', 'fridge', 30)).toBe('counter');
    expect(from('counter', 'warm', 2)).toBe('counter');
    expect(from('warm', null, 2)).toBe('warm');
  });

  it('is at once where the kitchen has nothing but a fridge, or the baker wants it so', () => {
    const fridge = placeOf('fridge');
    expect(putAwayTo([fridge], fridge, 'fridge', 1.5)).toEqual({ place: 'fridge' });
    const atOnce = putAwayTo(USUAL_PLACES, fridge, 'fridge', 0);
    expect(putAwayAfter(atOnce, NOW, 'fridge')).toEqual({ place: null, then: null });
  });
});

it('an entry of an older kitchen that says when it was entered, later than it happened, is no promise', () => {
  const journal: readonly JarEvent[] = [
    ...(BEFORE as readonly JarEvent[]),
    {
      kind: 'moved',
      id: 'later told',
      jar: 'tern',
      at: iso(NOW - 9 * HOUR),
      said: iso(NOW - HOUR),
      place: 'counter',
    },
  ];
  expect(jarAt(journal, NOW).promised).toBeUndefined();
});
