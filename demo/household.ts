import { USUAL_PACE, forecast } from '@core/ferment';
import {
  type Arranged,
  type Destination,
  type FoldContext,
  type Jar,
  type JarEvent,
  type JournalEvent,
  conditionsOf,
  mixAt,
  placesOf,
  withEvent,
} from '@core/journal';
import { DAY, HOUR, type Instant, type KitchenTime } from '@core/measure';

import { DUNLIN, GREBE, PLACES, SKUA } from './cards';
import { discardUsed } from './discard';
import { HARBOUR_TUB, harbourTub } from './flour';
import { type Chance, chanceFrom } from './random';

/** How far back the log reaches. */
const WEEKS = 20;
const SEED = 20_417;
const MINUTE = 60_000;

/**
 * The journal of an invented household, a ferry deckhand on changing shifts: *Grebe* on the counter, *Dunlin* in the
 * fridge, *Skua* forgotten for seven weeks. Seeded, so that a given `now` always tells the same story.
 */
export function householdJournal(now: Instant, time: KitchenTime): readonly JournalEvent[] {
  const chance = chanceFrom(SEED);
  const begin = now - WEEKS * 7 * DAY;
  const arranged: Arranged[] = PLACES.map((place) => ({
    kind: 'arranged',
    id: `demo-place-${place.id}`,
    at: iso(begin - DAY),
    place,
  }));
  const places = placesOf(arranged);
  // Grebe is quicker than its temperature suggests: something for the log to tell.
  const truth = { places, time, pace: { ...USUAL_PACE, pace: 1.18 } };
  const counter = keptOnTheCounter(now, begin, chance, truth);
  const fridge = keptInTheFridge(now, begin, chance);
  return [
    ...arranged,
    ...harbourTub(now, WEEKS),
    ...flakesOfSpring(now),
    ...counter,
    ...fridge,
    ...discardUsed([...counter, ...fridge], now),
    ...forgotten(now, begin),
  ];
}

/** The levain the household wants on Saturday: 180 g between half past nine and half past eleven. */
export function householdBake(now: Instant, time: KitchenTime) {
  const local = now + time.offset(now);
  const midnight = Math.floor(local / DAY) * DAY;
  const weekday = (Math.floor(local / DAY) + 3) % 7;
  const ahead = (5 - weekday + 7) % 7;
  const saturday = midnight + (ahead === 0 ? 7 : ahead) * DAY + 9.5 * HOUR;
  const from = saturday - time.offset(saturday);
  return {
    id: 'demo-bake',
    name: 'Saturday tins',
    jar: 'grebe',
    levainG: 180,
    from,
    until: from + 2 * HOUR,
  };
}

/** Flakes of Grebe, dried in spring: there, and old enough to be made anew. */
function flakesOfSpring(now: Instant): JarEvent[] {
  return [
    {
      kind: 'backedUp',
      id: 'demo-grebe-flakes',
      at: iso(now - 310 * DAY),
      jar: 'grebe',
      form: 'flakes',
      grams: 38,
      takenG: 0,
      store: 'room',
      note: 'Tin beside the tea',
    },
  ];
}

/** Grebe: fed about daily with changing shifts, looked at when somebody is home. */
function keptOnTheCounter(
  now: Instant,
  begin: Instant,
  chance: Chance,
  truth: FoldContext,
): JarEvent[] {
  const jar = 'grebe';
  const events: JarEvent[] = [];
  let state: Jar | null = null;
  const tell = (event: JarEvent) => {
    events.push(event);
    state = withEvent(state, event, truth);
  };
  tell({
    kind: 'started',
    id: 'demo-grebe-start',
    at: iso(begin),
    jar,
    card: GREBE,
    massG: 120,
    hydrationPct: 100,
    condition: 'hungry',
    place: 'counter',
  });
  for (const weeks of [15, 10, 6, 2])
    tell({
      kind: 'rejarred',
      id: `demo-grebe-clean-${weeks}`,
      at: iso(now - weeks * 7 * DAY),
      jar,
      vessel: GREBE.vessel,
    });
  const lastFeed = now - 9 * HOUR - 10 * MINUTE;
  const days = WEEKS * 7;
  const feeds = Array.from({ length: days }, (_, i) => {
    const back = days - 1 - i;
    const wobble = back === 0 ? 0 : chance.normal() * 1.6 * HOUR;
    return { at: toMinutes(lastFeed - back * DAY + wobble), back };
  }).filter(({ at, back }) => at > begin + HOUR && (back < 3 || chance.even() > 0.06));

  for (const { at, back } of feeds) {
    const id = `demo-grebe-${back}`;
    const keepG = Math.max(18, Math.round(GREBE.keepG + chance.normal() * 2));
    const parts = back === 0 ? 4 : [3, 4, 4, 4, 5][Math.floor(chance.even() * 5)]!;
    const flourG = Math.round(keepG * parts + chance.normal());
    const weekend = new Date(at).getUTCDay() % 6 === 0;
    const out = Math.floor(state!.massG - keepG);
    const forBake = weekend && back > 0 ? Math.min(out, 120) : 0;
    const left = out - forBake;
    const entry = { at: iso(at), jar };
    if (forBake > 0)
      tell({ ...entry, kind: 'took', id: `${id}-took`, grams: forBake, note: 'two tin loaves' });
    if (left > 0)
      tell({ ...entry, kind: 'discarded', id: `${id}-out`, grams: left, to: whereTo(chance) });
    tell({
      ...entry,
      kind: 'fed',
      id,
      keepG,
      flourG,
      waterG: Math.round(flourG + chance.normal() * 1.5),
      flour: GREBE.flour,
      tub: HARBOUR_TUB,
    });
    const atHome = back < 2 ? 3 : Math.floor(chance.even() * 3);
    for (const look of looksAt(state!, atHome, id, now, chance, truth)) tell(look);
    const sawThePeak = chance.even() < 0.22;
    const late = chance.normal();
    if (sawThePeak && back > 0) tell(peakOf(state!, id, late, truth));
  }
  return events;
}

/** Dunlin: weekly, an hour out, fed, an hour and a half more, then the fridge. */
function keptInTheFridge(now: Instant, begin: Instant, chance: Chance): JarEvent[] {
  const jar = 'dunlin';
  let massG = 60;
  const events: JarEvent[] = [
    {
      kind: 'started',
      id: 'demo-dunlin-start',
      at: iso(begin + 2 * DAY),
      jar,
      card: DUNLIN,
      massG,
      hydrationPct: 100,
      condition: 'hungry',
      place: 'fridge',
    },
  ];
  for (let back = WEEKS - 1; back >= 0; back--) {
    const id = `demo-dunlin-${back}`;
    const at = toMinutes(
      now - 5 * DAY - 21 * HOUR - back * 7 * DAY + (back ? chance.normal() * 4 * HOUR : 0),
    );
    if (at < begin + 3 * DAY) continue;
    const keepG = Math.max(10, Math.round(DUNLIN.keepG + chance.normal()));
    const flourG = keepG * 5;
    const entry = { at: iso(at), jar };
    events.push(
      { kind: 'moved', id: `${id}-out`, at: iso(at - HOUR), jar, place: 'counter' },
      {
        ...entry,
        kind: 'discarded',
        id: `${id}-discard`,
        grams: massG - keepG,
        to: whereTo(chance),
      },
      { ...entry, kind: 'fed', id, keepG, flourG, waterG: flourG, flour: DUNLIN.flour },
      { kind: 'moved', id: `${id}-in`, at: iso(at + 1.5 * HOUR), jar, place: 'fridge' },
    );
    massG = keepG + 2 * flourG;
  }
  return events;
}

/** Skua: a stiff starter that nobody has fed for seven weeks. */
function forgotten(now: Instant, begin: Instant): JarEvent[] {
  const jar = 'skua';
  const fedAt = now - 49 * DAY - 3 * HOUR;
  return [
    {
      kind: 'started',
      id: 'demo-skua-start',
      at: iso(begin + 5 * DAY),
      jar,
      card: SKUA,
      massG: 90,
      hydrationPct: 60,
      condition: 'hungry',
      place: 'fridge',
    },
    ...[3, 2, 1, 0].flatMap((n): JarEvent[] => {
      const at = toMinutes(fedAt - n * 14 * DAY);
      return [
        { kind: 'discarded', id: `demo-skua-out-${n}`, at: iso(at), jar, grams: 70, to: 'compost' },
        {
          kind: 'fed',
          id: `demo-skua-${n}`,
          at: iso(at),
          jar,
          keepG: 20,
          flourG: 80,
          waterG: 48,
          flour: SKUA.flour,
        },
        { kind: 'moved', id: `demo-skua-counter-${n}`, at: iso(at), jar, place: 'counter' },
        { kind: 'moved', id: `demo-skua-in-${n}`, at: iso(at + 6 * HOUR), jar, place: 'fridge' },
      ];
    }),
    {
      kind: 'looked',
      id: 'demo-skua-look',
      at: iso(now - 2 * DAY - 4 * HOUR),
      jar,
      liquid: 'grey',
      smell: 'solvent',
      note: 'Found at the back of the fridge behind the pickles.',
    },
  ];
}

/** About when Grebe's feeds peak, hours: people look on the way there. */
const USUAL_PEAK = 10;

/** A few heights while a feed rises, read as people read them: about 4 % of the rise and 2 points off. */
function looksAt(
  jar: Jar,
  count: number,
  id: string,
  now: Instant,
  chance: Chance,
  truth: FoldContext,
): JarEvent[] {
  return Array.from({ length: count }, (_, n): JarEvent | null => {
    const share = Math.min(0.98, (n + 1) / (count + 0.6) + chance.normal() * 0.04);
    const at = toMinutes(jar.since + share * USUAL_PEAK * HOUR);
    const error = chance.normal();
    if (at > now - 10 * MINUTE) return null;
    const rise = mixAt(jar, at, truth).gas;
    const read = 1 + rise + error * (0.04 * rise + 0.02);
    return {
      kind: 'looked',
      id: `${id}-look-${n}`,
      at: iso(at),
      jar: jar.id,
      height: Math.round(Math.max(1, read) * 20) / 20,
    };
  }).filter((event) => event !== null);
}

/** Somebody was there when it stood highest, give or take twenty minutes. */
function peakOf(jar: Jar, id: string, error: number, truth: FoldContext): JarEvent {
  const { peaksAtH } = forecast(jar.fedMix, conditionsOf(jar, truth), 20);
  const at = toMinutes(jar.since + ((peaksAtH ?? USUAL_PEAK) + error / 3) * HOUR);
  return { kind: 'looked', id: `${id}-peak`, at: iso(at), jar: jar.id, sign: 'peaked' };
}

function whereTo(chance: Chance): Destination {
  const roll = chance.even();
  return roll < 0.45 ? 'discardJar' : roll < 0.7 ? 'bake' : roll < 0.9 ? 'compost' : 'animals';
}

const iso = (at: Instant) => new Date(at).toISOString();
const toMinutes = (at: Instant) => Math.round(at / MINUTE) * MINUTE;
