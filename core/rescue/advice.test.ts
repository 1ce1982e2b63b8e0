import { type Place, USUAL_PLACES, USUAL_PACE } from '../ferment';
import {
  type JarAtHand,
  type JarEvent,
  type Looked,
  type Standing,
  foldJar,
  outlookOf,
  standingAt,
} from '../journal';
import { someFeed, someLook, someStart, usualKitchen } from '../journal/someJar.testing';
import { DAY, HOUR } from '../measure';
import { bestPlace } from './bestPlace';
import { judge } from './judge';
import { knownSigns } from './knownSigns';
import { hoochAdvice, pourOff, stirIn, waterBack } from './pourOff';
import { PROGRAMME } from './programmes';
import { type Signs } from './signs';
import { spoilageOf } from './spoilage';

const T0 = Date.parse('2026-02-02T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const context = usualKitchen(USUAL_PACE);
const STARTED = someStart(iso(0));
const EVENTS: readonly JarEvent[] = [STARTED, someFeed('f', iso(1))];

describe('why something has to go', () => {
  it.each<[Signs, string]>([
    [{ happened: ['hot'], heat: 'baked', surface: ['nothing'] }, 'heat'],
    [{ happened: ['insects'] }, 'insects'],
    [{ happened: ['hardBits'] }, 'hardBits'],
    [{ happened: ['froze'], glass: 'cracked' }, 'hardBits'],
    [{ happened: ['cleaner'] }, 'cleaner'],
    [{ happened: ['eggOrMilk'] }, 'food'],
    [{ happened: ['nothing'], surface: ['foreign'] }, 'insects'],
    [{ surface: ['nothing'], smell: 'rot', cured: 'stays', age: 'grown' }, 'smell'],
    [{ surface: 'unknown', secondLook: 'unsure' }, 'unsure'],
    [{ surface: ['fuzz'] }, 'growth'],
    // What is worst for whoever ate of it is named first.
    [{ happened: ['eggOrMilk', 'insects'] }, 'insects'],
    [{ happened: ['eggOrMilk', 'cleaner', 'hardBits'] }, 'hardBits'],
    [{ happened: ['eggOrMilk', 'cleaner'] }, 'cleaner'],
    [{ happened: ['eggOrMilk'], surface: ['foreign'] }, 'food'],
  ])('%j is %s', (signs, why) => expect(spoilageOf(judge(signs), signs)).toBe(why));
});

describe('where a programme goes on', () => {
  const place = (id: string, celsius: number): Place => ({
    ...USUAL_PLACES[0]!,
    id,
    temperature: { kind: 'constant', celsius },
  });
  const { warmth } = PROGRAMME.neglected;
  const [low, high] = warmth;
  const best = (places: readonly Place[], here?: string) =>
    bestPlace(PROGRAMME.neglected, places, here)?.id;

  it('is where the jar stands, if that is nearly warm enough', () => {
    const places = [place('box', low + 1), place('here', low - 2)];
    expect(best(places, 'here')).toBe('here');
    expect(best([place('box', low + 1), place('here', high + 2)], 'here')).toBe('here');
    expect(best([place('box', low + 1), place('here', low - 2.1)], 'here')).toBe('box');
    expect(best([place('box', low + 1), place('here', high + 2.1)], 'here')).toBe('box');
  });

  it('is else the place nearest to what is best', () => {
    expect(best([place('cold', 4), place('cool', low - 4), place('hot', high + 6)], 'cold')).toBe(
      'cool',
    );
    expect(best([place('cold', 4), place('cool', low - 7), place('hot', high + 6)])).toBe('hot');
    expect(best([place('cool', low - 4)], 'gone')).toBe('cool');
    expect(best([], 'here')).toBeUndefined();
  });

  it('goes by the mean of the day', () => {
    const sill = (noon: number): Place => ({
      ...place('sill', 0),
      temperature: {
        kind: 'hourly',
        points: [
          [0, low - 8],
          [12, noon],
        ],
      },
    });
    // Half way between its night and its noon.
    expect(best([place('box', low + 1), sill(low + 5)], 'sill')).toBe('sill');
    expect(best([place('box', low + 1), sill(low + 3)], 'sill')).toBe('box');
  });
});

describe('liquid of hunger', () => {
  const atHand = (events: readonly JarEvent[] = EVENTS): JarAtHand => ({
    jar: foldJar(events, context)!.jar,
    earlier: events,
    now: T0 + 40 * HOUR,
  });

  it('of a finger’s depth is stirred in when it is clear, and poured off when it is not', () => {
    expect(hoochAdvice('clear', 'finger', true, 200)).toEqual({
      do: 'stirIn',
      because: 'little',
      grams: 24,
    });
    expect(hoochAdvice('grey', 'finger', true, 200)).toEqual({
      do: 'pourOff',
      because: 'much',
      grams: 24,
    });
    expect(hoochAdvice('clear', 'more', true, 200)).toMatchObject({ do: 'pourOff', grams: 60 });
    expect(hoochAdvice('grey', 'film', true, 200)).toMatchObject({ do: 'stirIn', grams: 6 });
  });

  it('is poured off up to half of what stands there, and written down with its looks', () => {
    expect(pourOff(atHand(), { grams: 90, liquid: 'dark' })).toEqual({
      entries: [
        { kind: 'looked', jar: 'tern', at: iso(40), liquid: 'dark' },
        { kind: 'pouredOff', jar: 'tern', at: iso(40), grams: 90 },
      ],
      objections: null,
    });
    expect(pourOff(atHand(), { grams: 90.5, liquid: 'dark' })).toEqual({
      entries: null,
      objections: [{ field: 'grams', message: 'That is more than half of the 180 g in the jar.' }],
    });
    expect(pourOff(atHand(), { grams: 0, liquid: 'dark' }).objections![0]!.field).toBe('grams');
    const early = pourOff(atHand(), { grams: 9, liquid: 'grey', when: T0 + 20 * HOUR });
    expect(early.entries!.map(({ at }) => at)).toEqual([iso(20), iso(20)]);
  });

  it('is stirred in again as a look, of which somebody reads that it was', () => {
    expect(stirIn(atHand(), { liquid: 'clear', when: T0 + 30 * HOUR }).entries).toEqual([
      { kind: 'looked', jar: 'tern', at: iso(30), liquid: 'clear', note: 'liquid stirred in' },
    ]);
    expect(stirIn(atHand(), { liquid: 'clear', when: T0 + 90 * HOUR }).objections).toHaveLength(1);
  });

  it('comes back as water by the part of the jar that is kept', () => {
    const poured: JarEvent = { kind: 'pouredOff', id: 'p', jar: 'tern', at: iso(30), grams: 30 };
    const { jar } = atHand([...EVENTS, poured]);
    expect([0, 15, 75, 150, 400].map((keepG) => waterBack(jar, keepG))).toEqual([0, 3, 15, 30, 30]);
    expect(waterBack({ ...jar, massG: 0 }, 20)).toBe(0);
    expect(waterBack({ ...jar, pouredG: 0 }, 20)).toBe(0);
    // No more water than there was in it.
    expect(waterBack({ ...jar, massG: 40, pouredG: 140 }, 40)).toBe(90);
  });
});

describe('what the log says of a jar', () => {
  /** Tern as it stands after some hours, with the air that it had. */
  function signs(
    hours: number,
    {
      looks = [],
      celsius,
      ...over
    }: Partial<Standing['jar']> & {
      readonly looks?: readonly Looked[];
      readonly celsius?: (hour: number) => number;
    } = {},
    events: readonly JarEvent[] = EVENTS,
  ) {
    const { jar } = foldJar(EVENTS, context)!;
    const outlook = outlookOf(jar, context, hours + 10);
    const standing = standingAt(jar, outlook, context, T0 + (hours + 1) * HOUR);
    const curve = outlook.forecast.curve.map((moment) =>
      celsius ? { ...moment, celsius: celsius(moment.hours) } : moment,
    );
    return knownSigns(
      {
        ...standing,
        jar: { ...jar, looks, ...over },
        outlook: { ...outlook, forecast: { ...outlook.forecast, curve } },
      },
      events,
    );
  }
  const looked = (hours: number, over: Partial<Looked>) =>
    someLook(`l${hours}`, iso(hours + 1), over);

  it('is how long it was not fed', () => {
    const unfed = (hours: number) => signs(hours).unfed;
    expect(unfed(29)).toBe('hours');
    expect(unfed(30)).toBe('days');
    expect(unfed(8 * 24 - 1)).toBe('days');
    expect(unfed(8 * 24)).toBe('weeks');
    expect(unfed(36 * 24 - 1)).toBe('weeks');
    expect(unfed(36 * 24)).toBe('months');
    // One that was never fed here was fed by somebody before.
    expect(signs(24, { lastFed: null }).unfed).toBeUndefined();
    expect(signs(25, { lastFed: null }).unfed).toBe('hours');
  });

  it('is where it stood of late, once that matters', () => {
    const stood = (celsius: number) => signs(20, { celsius: () => celsius }).stood;
    expect([4, 9.9, 10, 17.9, 18, 25.9, 26, 31].map(stood)).toEqual([
      'cold',
      'cold',
      'cool',
      'cool',
      'room',
      'room',
      'warm',
      'warm',
    ]);
    expect(signs(11.9, { celsius: () => 4 }).stood).toBeUndefined();
    expect(signs(12, { celsius: () => 4 }).stood).toBe('cold');
    // What is foretold of its place is not where it stood.
    expect(signs(20, { celsius: (hour) => (hour <= 20 ? 22 : 60) })).toMatchObject({
      stood: 'room',
      heat: 'none',
    });
  });

  it('is the hottest that it was', () => {
    const heat = (celsius: number) =>
      signs(20, { celsius: (hour) => (hour > 3 && hour < 6 ? celsius : 22) }).heat;
    expect([34.9, 35, 44.9, 45, 59.9, 60].map(heat)).toEqual([
      'none',
      'stalled',
      'stalled',
      'harmed',
      'harmed',
      'killed',
    ]);
  });

  it('is how far it was seen to rise', () => {
    const rise = (...looks: readonly Looked[]) => signs(20, { looks }).rise;
    expect(rise()).toBeUndefined();
    expect(rise(looked(3, { smell: 'fruit' }))).toBeUndefined();
    expect(rise(looked(3, { height: 1.15 }))).toBe('none');
    expect(rise(looked(3, { height: 1.16 }))).toBe('some');
    expect(rise(looked(3, { height: 2 }), looked(9, { height: 1.1 }))).toBe('doubled');
    expect(rise(looked(3, { sign: 'doubled' }))).toBe('doubled');
    expect(rise(looked(3, { sign: 'peaked' }), looked(4, { height: 1.4 }))).toBe('some');
  });

  it('is what it smelt and looked of in the last three days', () => {
    const seen = (...looks: readonly Looked[]) => {
      const { smell, liquid } = signs(100, { looks });
      return [smell, liquid];
    };
    const smells = ['wetFlour', 'yoghurt', 'fruit', 'vinegar', 'solvent', 'cheese'] as const;
    expect(smells.map((smell) => seen(looked(90, { smell }))[0])).toEqual([
      'fresh',
      'fresh',
      'fresh',
      'sharp',
      'solvent',
      'rot',
    ]);
    expect(seen(looked(27.9, { smell: 'fruit', liquid: 'dark' }))).toEqual([undefined, undefined]);
    expect(seen(looked(28.1, { smell: 'fruit', liquid: 'dark' }))).toEqual(['fresh', 'dark']);
    expect(seen(looked(90, { smell: 'vinegar' }), looked(95, { liquid: 'grey' }))).toEqual([
      'sharp',
      'grey',
    ]);
    expect(seen(looked(90, { liquid: 'grey' }), looked(95, { liquid: 'none' }))).toEqual([
      undefined,
      undefined,
    ]);
    expect(seen(looked(90, { liquid: 'none' }), looked(95, { liquid: 'clear' }))[1]).toBe('clear');
  });

  it('is its age, once the shelf or its beginning tells it', () => {
    const begun: JarEvent = { ...STARTED, condition: 'new' };
    const age = (days: number, events: readonly JarEvent[] = EVENTS) =>
      signs(5, { started: T0 + 6 * HOUR - days * DAY }, events).age;
    expect([1, 20.9, 21, 400].map((days) => age(days))).toEqual([
      undefined,
      undefined,
      'grown',
      'grown',
    ]);
    expect([1, 20.9, 21].map((days) => age(days, [begun, EVENTS[1]!]))).toEqual([
      'young',
      'young',
      'grown',
    ]);
  });

  it('is whether its flour is dark of itself, and how thick it is', () => {
    const { fedMix } = foldJar(EVENTS, context)!.jar;
    const dark = (flour: typeof fedMix.flour) =>
      signs(5, { fedMix: { ...fedMix, flour } }).darkFlour;
    expect(dark({ white: 1 })).toBe('no');
    expect(dark({ white: 0.5, rye: 0.5 })).toBe(dark({ rye: 1 }));
    expect(dark({ white: 0.9, buckwheat: 0.1 })).toBe('yes');
    expect(dark({ white: 0.96, buckwheat: 0.04 })).toBe('no');
    const texture = (hydrationPct: number) =>
      signs(5, { fedMix: { ...fedMix, hydrationPct }, pouredG: 0 }).texture;
    expect([47, 48, 100, 150, 151].map(texture)).toEqual([
      'thick',
      'usual',
      'usual',
      'usual',
      'runny',
    ]);
    expect(signs(5, { lastFed: null }).texture).toBeUndefined();
  });
});
