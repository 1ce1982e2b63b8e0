import { HOUR, blendShares } from '../measure';
import { type JarCard, type JarEvent } from './events';
import { type Jar, foldJar } from './fold';
import { flourChange, nextFlour } from './nextFlour';
import { refusal } from './schema';
import { someCard, someFeed, someStart, usualKitchen } from './someJar.testing';

const T0 = Date.parse('2026-02-02T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const CARD = someCard({ change: { to: { rye: 1 }, feeds: 4 } });
const common = { jar: 'tern' };
const STARTED = someStart(iso(0), { card: CARD });
const context = usualKitchen();
const jarAfter = (events: readonly JarEvent[]): Jar => foldJar([STARTED, ...events], context)!.jar;
const fed = (n: number) => someFeed(`f${n}`, iso(12 * n));
const ryeShare = (jar: Jar) => new Map(blendShares(nextFlour(jar))).get('rye') ?? 0;

describe('a change of flour over four feeds', () => {
  it('brings a quarter more of the new at every feed, and stays there', () => {
    const shares = [0, 1, 2, 3, 4, 5].map((done) =>
      ryeShare(jarAfter(Array.from({ length: done }, (_, i) => fed(i + 1)))),
    );
    expect(shares).toEqual([0.25, 0.5, 0.75, 1, 1, 1]);
    expect(flourChange(jarAfter([fed(1)]))).toEqual({ done: 1, of: 4 });
    expect(flourChange(jarAfter([1, 2, 3, 4].map(fed)))).toBeNull();
  });

  it('goes on when the card changes otherwise, and begins anew for another flour', () => {
    const described = (card: JarCard): JarEvent => ({
      ...common,
      kind: 'described',
      id: 'd',
      at: iso(30),
      card,
    });
    expect(ryeShare(jarAfter([fed(1), fed(2), described({ ...CARD, keepG: 30 })]))).toBe(0.75);
    const spelt = { ...CARD, change: { to: { spelt: 1 }, feeds: 4 } };
    expect(flourChange(jarAfter([fed(1), fed(2), described(spelt)]))).toEqual({ done: 0, of: 4 });
    const { change: _, ...plain } = CARD;
    expect(nextFlour(jarAfter([fed(1), described(plain)]))).toEqual({ white: 1 });
  });
});

describe('a clean jar', () => {
  it('is known by its glass and by when it was washed', () => {
    const vessel = { emptyG: 210, capacityMl: 900, taper: 0.8 };
    const jar = jarAfter([fed(1), { ...common, kind: 'rejarred', id: 'r', at: iso(20), vessel }]);
    expect(jar.card.vessel).toEqual(vessel);
    expect(jar.cleanSince).toBe(T0 + 20 * HOUR);
    expect(jar.massG).toBe(180);
    expect(jarAfter([fed(1)]).cleanSince).toBe(T0);
  });
});

describe('the doors', () => {
  const stocked = {
    kind: 'stocked',
    id: 'x',
    at: iso(0),
    tub: 't',
    name: 'Half',
    flour: { white: 1 },
    grams: 1000,
    lowG: 200,
  };
  it('let flour in, and name what is wrong with it', () => {
    expect(refusal(stocked, T0)).toBeNull();
    expect(refusal({ ...stocked, pricePerKg: 1.2, useBy: '2026-09-30' }, T0)).toBeNull();
    expect(refusal({ ...stocked, grams: -1 }, T0)).toContain('"grams"');
    expect(refusal({ ...stocked, useBy: 'soon' }, T0)).toContain('"useBy"');
    expect(refusal({ kind: 'tubWeighed', id: 'x', at: iso(0), tub: 't' }, T0)).toContain('"grams"');
  });
  it('take cards with a change, a tub and a taper, and no absurd ones', () => {
    const described = (card: object) => ({
      ...common,
      kind: 'described',
      id: 'd',
      at: iso(0),
      card: { ...CARD, ...card },
    });
    expect(refusal(described({ tub: 't' }), T0)).toBeNull();
    expect(refusal(described({ change: { to: { rye: 1 }, feeds: 0 } }), T0)).toContain('feeds');
    expect(refusal(described({ vessel: { ...CARD.vessel, taper: 9 } }), T0)).toContain('taper');
  });
});
