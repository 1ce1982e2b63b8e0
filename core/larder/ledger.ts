import {
  type Discarded,
  type FoldContext,
  type Jar,
  type JarEvent,
  type JournalEvent,
  firstIdOf,
  instantOf,
  mixAt,
  withEvent,
  asRipe,
  contentOf,
  followedFrom,
} from '../journal';
import { DAY, HOUR, type Instant } from '../measure';
import { type Formula } from './formulas';

/** Where kept discard stands. */
export type LotStore = 'fridge' | 'freezer';

/** Discard that was kept: one lot for each time it was taken out of a jar. */
export interface Lot {
  /** The id of the entry that took it out. */
  readonly id: string;
  readonly jar: string;
  readonly takenAt: Instant;
  readonly grams: number;
  readonly hydrationPct: number;
  readonly store: LotStore;
  /** Days it has spent in the fridge, where it sours; the freezer stops that. */
  readonly fridgeDays: number;
  /** Days in the freezer in all. */
  readonly frozenDays: number;
  /** Out of the freezer it is thawed from then on; null when it was never frozen. */
  readonly thawedAt: Instant | null;
  /** Acidity, ml 0.1 N per 10 g. */
  readonly acid: number;
  readonly taste: Taste;
  readonly keeping: Keeping;
}

/** What it tastes of in a bake. */
export type Taste = 'mild' | 'tangy' | 'sharp';
/** Whether its time is over: sour and grey is age, fuzz is out. What is `gone` is for the compost. */
export type Keeping = 'good' | 'soonOld' | 'old' | 'gone';

/** Fridge discard is good for a week or two, frozen for about three months; days. */
const FRIDGE_DAYS = 14;
const FREEZER_DAYS = 90;
const SOON_DAYS = 4;
/** Past its time it is sour, and suits what is baked dry or takes soda; after so long it suits nothing, days. */
const FRIDGE_GONE_DAYS = 42;
const FREEZER_GONE_DAYS = 240;
/** Overnight in the fridge, and half an hour out. */
const THAWS_H = 12.5;
/** In the fridge acid still builds up a little, ml 0.1 N per 10 g and day, to about this much. */
const SOURS_PER_DAY = 0.35;
const SOUREST = 17;
const TANGY_FROM = 9;
const SHARP_FROM = 13;
/** Less than this clings to the jar, grams. */
const LEAST_G = 0.5;

interface OpenLot {
  readonly taken: Discarded;
  grams: number;
  store: LotStore;
  since: Instant;
  fridge: number;
  frozen: number;
  thawedAt: Instant | null;
}

/**
 * What discard is here, the oldest first: mass in is mass out and here. Later entries about a lot that was struck out are void.
 *
 * @example lotsOf([], new Map(), 0) // = []
 */
export function lotsOf(
  live: readonly JournalEvent[],
  origins: ReadonlyMap<string, Origin>,
  now: Instant,
): readonly Lot[] {
  const open = new Map<string, OpenLot>();
  for (const event of live) {
    const at = instantOf(event);
    if (at > now) break;
    if (event.kind === 'discarded' && (event.to === 'discardJar' || event.to === 'freezer'))
      open.set(firstIdOf(event), {
        taken: event,
        grams: event.grams,
        store: event.to === 'freezer' ? 'freezer' : 'fridge',
        since: at,
        fridge: 0,
        frozen: 0,
        thawedAt: null,
      });
    if (event.kind === 'lotsUsed')
      for (const { lot, grams } of event.lots) {
        const used = open.get(lot);
        if (used) used.grams = Math.max(0, used.grams - grams);
      }
    if (event.kind === 'lotMoved') {
      const moved = open.get(event.lot);
      if (moved && moved.store !== event.store) {
        settle(moved, at);
        moved.store = event.store;
        moved.thawedAt = event.store === 'fridge' ? at + THAWS_H * HOUR : null;
      }
    }
  }
  return [...open.values()]
    .filter(({ grams }) => grams >= LEAST_G)
    .map((lot) => {
      settle(lot, now);
      return lotFrom(lot, origins.get(firstIdOf(lot.taken)));
    })
    .sort((a, b) => a.takenAt - b.takenAt);
}

/** Counts the days up to an instant where it stood. */
function settle(lot: OpenLot, at: Instant): void {
  const days = Math.max(0, at - lot.since) / DAY;
  if (lot.store === 'fridge') lot.fridge += days;
  else lot.frozen += days;
  lot.since = at;
}

function lotFrom(lot: OpenLot, origin: Origin = UNKNOWN_ORIGIN): Lot {
  const acid = Math.min(Math.max(SOUREST, origin.acid), origin.acid + SOURS_PER_DAY * lot.fridge);
  return {
    id: firstIdOf(lot.taken),
    jar: lot.taken.jar,
    takenAt: instantOf(lot.taken),
    grams: lot.grams,
    hydrationPct: origin.hydrationPct,
    store: lot.store,
    fridgeDays: lot.fridge,
    frozenDays: lot.frozen,
    thawedAt: lot.thawedAt,
    acid,
    taste: acid < TANGY_FROM ? 'mild' : acid < SHARP_FROM ? 'tangy' : 'sharp',
    keeping:
      lot.fridge > FRIDGE_GONE_DAYS || lot.frozen > FREEZER_GONE_DAYS
        ? 'gone'
        : keepingOf(lot.store === 'fridge' ? FRIDGE_DAYS - lot.fridge : FREEZER_DAYS - lot.frozen),
  };
}

const keepingOf = (daysLeft: number): Keeping =>
  daysLeft < 0 ? 'old' : daysLeft < SOON_DAYS ? 'soonOld' : 'good';

/** What discard was when it left its jar. */
export interface Origin {
  readonly acid: number;
  readonly hydrationPct: number;
}

const UNKNOWN_ORIGIN: Origin = { acid: 11, hydrationPct: 100 };

/**
 * What lots were when they left their jar, by the model: one pass over a jar's events, oldest first.
 *
 * @param lots the lots that are asked for, by their ids
 * @example originsOf(eventsByJar(live).get('tern') ?? [], context, new Set(['taken-on-monday']))
 */
export function originsOf(
  events: readonly JarEvent[],
  context: FoldContext,
  lots: ReadonlySet<string>,
): ReadonlyMap<string, Origin> {
  const origins = new Map<string, Origin>();
  const isLot = (event: JarEvent) => event.kind === 'discarded' && lots.has(firstIdOf(event));
  // The jar is followed from shortly before the first lot to the last, not through the years around them.
  const first = events.findIndex(isLot);
  if (first < 0) return origins;
  const last = events.findLastIndex(isLot);
  const followed = followedFrom(events, first);
  let jar: Jar | null = null;
  for (const [i, event] of events.slice(0, last + 1).entries()) {
    if (jar && isLot(event)) {
      const { acid } = mixAt(jar, instantOf(event), context);
      origins.set(firstIdOf(event), { acid, hydrationPct: contentOf(jar).hydrationPct });
    }
    jar = withEvent(jar, event, context, i < followed ? asRipe : mixAt);
  }
  return origins;
}

/**
 * Grams out of the oldest lots first; what is asked beyond what there is is not there.
 *
 * @example takeOldest([], 30) // = { from: [], lacksG: 30 }
 */
export function takeOldest(
  lots: readonly Lot[],
  grams: number,
): {
  readonly from: readonly { readonly lot: string; readonly grams: number }[];
  readonly lacksG: number;
} {
  let left = grams;
  const from: { lot: string; grams: number }[] = [];
  for (const { id, grams: there } of lots) {
    if (left < LEAST_G) break;
    const taken = Math.min(there, left);
    from.push({ lot: id, grams: Math.round(taken * 10) / 10 });
    left -= taken;
  }
  return { from, lacksG: Math.max(0, Math.round(left * 10) / 10) };
}

/** What suits sour discard, by the sourest that suits it. */
const FOR_OLD = 18;

/** Whether discard is of any use: not too old for anything. */
export const isOfUse = ({ keeping }: Lot): boolean => keeping !== 'gone';

/** The lots that go into a formula: what is past its time only where sour is welcome, what is gone into none. */
export const lotsFor = ({ acidUpTo }: Formula, lots: readonly Lot[]): readonly Lot[] =>
  lots.filter((lot) => isOfUse(lot) && (lot.keeping !== 'old' || acidUpTo >= FOR_OLD));

/**
 * Several lots poured together: their mass, hydration by weight, and the sourest taste by weight.
 *
 * @example lotsTogether([{ grams: 30, hydrationPct: 100, acid: 1 }, { grams: 30, hydrationPct: 100, acid: 2 }]).grams // = 60
 */
export function lotsTogether(lots: readonly Lot[]): {
  readonly grams: number;
  readonly hydrationPct: number;
  readonly acid: number;
} {
  const grams = lots.reduce((sum, lot) => sum + lot.grams, 0);
  if (grams === 0) return { grams: 0, hydrationPct: 100, acid: 0 };
  const flour = lots.reduce((sum, lot) => sum + lot.grams / (1 + lot.hydrationPct / 100), 0);
  const acid = lots.reduce((sum, lot) => sum + lot.grams * lot.acid, 0) / grams;
  return { grams, hydrationPct: (100 * (grams - flour)) / flour, acid };
}
