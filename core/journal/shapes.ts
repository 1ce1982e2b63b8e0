import { LEAST_G, MOST_SENT_STEPS, NAME_LENGTH, NOTE_LENGTH } from './limits';
import { CONDITIONS, PLACE_KINDS } from '../ferment';
import { FLOUR_KINDS } from '../measure';
import { type JournalEvent } from './events';
import { fitsOf } from './fits';
import { HANDS_STATES } from './hands';
import {
  ENTRY_AHEAD,
  type Fields,
  type Shape,
  WISH_AHEAD,
  day,
  either,
  fields,
  flag,
  list,
  moment,
  number,
  one,
  whole,
} from './shape';
import {
  BACKUP_FORMS,
  BUBBLES,
  CRUMBS,
  OVEN_RISES,
  SOURNESSES,
  DESTINATIONS,
  LIQUIDS,
  PLAN_CHOICES,
  PROGRAMMES,
  PROGRAMME_ENDS,
  SIGNS,
  REACHED,
  SMELLS,
  SPOILAGES,
  STORES,
} from './vocabulary';

const grams = number(0, 20_000);
const some = number(LEAST_G, 20_000);
const stock = number(0, 100_000);
const share = number(0, 1);
const celsius = number(-30, 60);
/** Hours that one entry of a thermometer may hold: two weeks. */
export const MOST_HOURS_AT_ONCE = 336;
const hour = number(0, 24);
const key: Shape = { of: 'text', max: 80 };
const note: Shape = { of: 'text', max: NOTE_LENGTH };
// A letter beyond the common ones counts as two here.
const name: Shape = { of: 'text', max: 2 * NAME_LENGTH, trimmed: true };
const blend = fields(Object.fromEntries(FLOUR_KINDS.map((kind) => [`${kind}?`, share])), 1);
const vessel = fields({ emptyG: grams, capacityMl: some, 'taper?': number(0.3, 2) });

const card = fields({
  name,
  vessel,
  keepG: some,
  ratio: fields({ flour: number(0.01, 50), water: number(0, 50) }),
  flour: blend,
  'change?': fields({ to: blend, feeds: whole(1, 20) }),
  'rhythm?': fields({
    everyH: either(number(2, 2000), one(null)),
    'at?': hour,
    'on?': whole(0, 6),
    'buildUp?': whole(0, 5),
  }),
  'flourCalled?': name,
  'tub?': key,
  'bowl?': fields({
    'wish?': key,
    'builds?': list(fields({ flourG: number(0, 20_000), waterG: number(0, 20_000) }), 1, 8),
  }),
  archived: flag,
});

/** A temperature over the day. */
export const DAY_TEMPERATURE: Shape = either(
  fields({ kind: one('constant'), celsius }),
  fields({
    kind: one('dayNight'),
    day: celsius,
    night: celsius,
    dayFrom: hour,
    nightFrom: hour,
  }),
  fields({ kind: one('hourly'), points: list({ of: 'pair', items: [hour, celsius] }, 1, 200) }),
);

const place = fields({
  id: key,
  name,
  kind: one(...PLACE_KINDS),
  temperature: DAY_TEMPERATURE,
  sd: number(0, 10),
});

const hands = fields(
  {
    'upFrom?': hour,
    'upUntil?': hour,
    'workDays?': list(whole(0, 6), 0, 7),
    'workFrom?': hour,
    'workUntil?': hour,
    'painted?': {
      of: 'table',
      keys: /^[0-6] (1?\d|2[0-3])$/,
      values: one(...HANDS_STATES, null),
      max: 168,
    },
  },
  1,
);

const settings = fields(
  {
    'theme?': one('system', 'light', 'dark'),
    'temperature?': one('celsius', 'fahrenheit'),
    'ounces?': flag,
    'cups?': flag,
    'clock?': one('24', '12'),
    'dates?': one('dayFirst', 'monthFirst', 'yearFirst'),
    'parts?': number(0.25, 20),
    'hydrationPct?': number(40, 200),
    'order?': one('waterFirst', 'flourFirst'),
    'weighing?': one('tare', 'inJar'),
    'levainIn?': one('jar', 'beside'),
    'water?': one('tap', 'stood', 'filtered'),
    'cleanJar?': one('eachFeed', 'weeks', 'asItLooks'),
    'discardJarMl?': number(100, 10_000),
    'reminders?': one('ask', 'on', 'off'),
    'calendarAlarms?': flag,
    'outBeforeColdH?': either(number(0, 12), one(null)),
    'afterSlip?': one('follows', 'asPlanned'),
    'strongFeeds?': one(0, 1, 2),
    'flourAtHandG?': either(stock, one(null)),
    'currency?': either({ of: 'text', max: 3, like: /^[A-Z]{3}$/ }, one('')),
    'copyFrom?': either(moment(WISH_AHEAD), one(null)),
  },
  1,
);

const pct = number(0, 1000);
const dough = fields({
  from: one('percentages', 'yeastRecipe'),
  formula: fields({
    loaves: number(0, 1000),
    flourEachG: stock,
    hydrationPct: pct,
    saltPct: pct,
    inoculationPct: pct,
    levainHydrationPct: pct,
    wholePct: pct,
    levainWholePct: pct,
  }),
  recipe: fields({
    flourG: stock,
    waterG: stock,
    saltG: stock,
    sugarG: stock,
    fatG: stock,
    'yeastG?': stock,
  }),
  jar: either(key, one(null)),
  celsius: either(celsius, one(null)),
});

const stretch = { from: moment(WISH_AHEAD), until: moment(WISH_AHEAD) };

/** What every entry may say of itself besides its kind. */
const entry: Fields = {
  id: key,
  at: moment(ENTRY_AHEAD),
  'said?': moment(ENTRY_AHEAD),
  'corrects?': key,
  'v?': whole(1, 1000),
};

const ofKitchen = (kind: string, of: Fields): Shape => fields({ ...entry, kind: one(kind), ...of });

const ofJar = (kind: string, of: Fields): Shape => ofKitchen(kind, { jar: key, ...of });

/** The shape of each kind of entry; what the fields mean stands beside their types. */
export const SHAPES: Readonly<Record<JournalEvent['kind'], Shape>> = {
  started: ofJar('started', {
    card,
    massG: some,
    hydrationPct: number(30, 400),
    condition: one(...CONDITIONS, 'asItStood'),
    'alive?': share,
    'unfedH?': { of: 'pair', items: [number(0, 50_000), number(0, 50_000)] },
    place: key,
    'from?': key,
  }),
  fed: ofJar('fed', {
    keepG: some,
    flourG: grams,
    waterG: grams,
    flour: blend,
    'tub?': key,
    'waterCelsius?': number(0, 60),
    'rough?': flag,
  }),
  weighed: ofJar('weighed', { grams: some }),
  moved: ofJar('moved', { place: key }),
  looked: ofJar('looked', {
    'height?': number(0.2, 10),
    'sign?': one(...SIGNS),
    'streak?': number(0.2, 10),
    'smell?': one(...SMELLS),
    'bubbles?': one(...BUBBLES),
    'liquid?': one(...LIQUIDS),
    'floats?': flag,
    'note?': note,
  }),
  took: ofJar('took', { grams: some, 'note?': note }),
  discarded: ofJar('discarded', { grams: some, to: one(...DESTINATIONS) }),
  noted: ofJar('noted', { note }),
  baked: ofJar('baked', {
    of: key,
    'crumb?': one(...CRUMBS),
    'sour?': one(...SOURNESSES),
    'rise?': one(...OVEN_RISES),
    'note?': note,
    'next?': note,
  }),
  pictured: ofJar('pictured', {
    picture: key,
    'of?': key,
    width: whole(1, 20_000),
    height: whole(1, 20_000),
  }),
  described: ofJar('described', { card }),
  rejarred: ofJar('rejarred', { vessel }),
  pouredOff: ofJar('pouredOff', { grams: some }),
  programmeBegun: ofJar('programmeBegun', {
    programme: one(...PROGRAMMES),
    'day?': whole(1, 60),
    'feedsSoFar?': whole(0, 100),
    'own?': list(
      fields({ keepG: some, flourG: grams, waterG: grams, everyH: number(2, 200) }),
      1,
      30,
    ),
  }),
  programmeEnded: ofJar('programmeEnded', { because: one(...PROGRAMME_ENDS) }),
  drying: ofJar('drying', { grams: some }),
  backedUp: ofJar('backedUp', {
    form: one(...BACKUP_FORMS),
    grams: some,
    takenG: grams,
    store: one(...STORES),
    'note?': note,
    'drying?': key,
  }),
  backupUsed: ofJar('backupUsed', { backup: key, grams: some }),
  backupTended: ofJar('backupTended', { backup: key }),
  backupDeclined: ofJar('backupDeclined', {}),
  thrownOut: ofJar('thrownOut', { why: one(...SPOILAGES), since: moment(ENTRY_AHEAD) }),
  lookedOver: ofKitchen('lookedOver', { what: one(...REACHED), of: key, keep: flag }),
  lotMoved: ofKitchen('lotMoved', { lot: key, store: one('fridge', 'freezer') }),
  lotsUsed: ofKitchen('lotsUsed', {
    lots: list(fields({ lot: key, grams: some }), 1, 10_000),
    to: one('bake', 'compost', 'animals', 'bin'),
    'note?': note,
  }),
  stocked: ofKitchen('stocked', {
    tub: key,
    name,
    flour: blend,
    grams: stock,
    lowG: stock,
    'pricePerKg?': number(0, 100_000),
    'useBy?': day,
  }),
  tubWeighed: ofKitchen('tubWeighed', { tub: key, grams: stock }),
  tubGone: ofKitchen('tubGone', { tub: key }),
  arranged: ofKitchen('arranged', { place }),
  measured: ofKitchen('measured', {
    place: key,
    celsius: list(either(celsius, one(null)), 1, MOST_HOURS_AT_ONCE),
  }),
  lowHigh: ofKitchen('lowHigh', { place: key, low: celsius, high: celsius }),
  wished: ofJar('wished', {
    wish: key,
    name,
    what: fields({ levainG: some, 'anything?': flag, ...stretch }),
    'every?': fields({ weeks: whole(1, 8) }),
  }),
  wishDropped: ofKitchen('wishDropped', { wish: key }),
  handsAre: ofKitchen('handsAre', { hands }),
  away: ofKitchen('away', stretch),
  letBe: ofJar('letBe', { ...stretch, butAt: either(moment(WISH_AHEAD), one(null)) }),
  planFollowed: ofKitchen('planFollowed', { plan: one(...PLAN_CHOICES, null) }),
  settled: ofKitchen('settled', { settings }),
  doughKept: ofKitchen('doughKept', { dough }),
  zoned: ofKitchen('zoned', {
    zone: { of: 'text', max: 60, like: /^[A-Za-z][\w+\-/]*$/ },
    always: flag,
    'device?': { of: 'text', max: 60 },
  }),
  copied: ofKitchen('copied', {}),
  calendarSent: ofKitchen('calendarSent', {
    calendar: key,
    steps: list(
      fields({
        uid: { of: 'text', max: 200 },
        at: moment(WISH_AHEAD),
        title: note,
        sequence: whole(0, 100_000),
        print: { of: 'text', max: 32 },
        'dropped?': flag,
      }),
      0,
      MOST_SENT_STEPS,
    ),
  }),
  withdrew: ofKitchen('withdrew', { entries: list(key, 1, 100_000) }),
};

const CHECKS = new Map(
  Object.entries(SHAPES).map(([kind, shape]) => [kind, fitsOf(shape)] as const),
);

/**
 * Whether something is an entry of a journal, `now` being the hour at the door.
 *
 * @example isEntry({ kind: 'fed' }, 0) // = false
 */
export function isEntry(item: unknown, now: number): item is JournalEvent {
  const kind = (item as { readonly kind?: unknown } | null)?.kind;
  const check = typeof kind === 'string' ? CHECKS.get(kind) : undefined;
  return check !== undefined && check(item, now);
}
