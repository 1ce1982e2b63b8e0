import { forecast } from '@core/ferment';
import {
  type Baked,
  type FoldContext,
  type Jar,
  type JarEvent,
  conditionsOf,
  mixAt,
  withEvent,
} from '@core/journal';
import { DAY, HOUR, type Instant } from '@core/measure';

import { GREBE } from './cards';
import { HARBOUR_TUB } from './flour';
import { WEEKS, iso, toMinutes } from './moments';
import { type Chance } from './random';
import { whereTo } from './whereTo';

/** Grebe was fed last so long before now. */
const LAST_FED = 9 * HOUR + 10 * 60_000;

/** Grebe: fed about daily with changing shifts, looked at when somebody is home. */
export function keptOnTheCounter(
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
  const lastFeed = now - LAST_FED;
  const days = WEEKS * 7;
  const feeds = Array.from({ length: days }, (_, i) => {
    const back = days - 1 - i;
    const wobble = back === 0 ? 0 : chance.normal() * 1.6 * HOUR;
    return { at: toMinutes(lastFeed - back * DAY + wobble), back };
  }).filter(({ at, back }) => at > begin + HOUR && (back < 3 || chance.even() > 0.06));

  let bakes = 0;
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
    const loaf = forBake > 0 && back > 2 ? LOAVES[bakes++ % LOAVES.length] : null;
    if (loaf)
      tell({
        kind: 'baked',
        jar,
        id: `${id}-loaves`,
        at: iso(at + 26 * HOUR),
        of: `${id}-took`,
        ...loaf,
      });
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

/** What became of the weekend's loaves; nobody writes it down every time. */
const LOAVES: readonly (Pick<Baked, 'rise' | 'crumb' | 'sour' | 'note' | 'next'> | null)[] = [
  { rise: 'high', crumb: 'open', sour: 'mild' },
  null,
  { rise: 'fair', crumb: 'even', sour: 'hardly', next: 'half an hour more in the tins' },
  { rise: 'high', crumb: 'even', sour: 'mild', note: 'gone by noon' },
  null,
  { rise: 'flat', crumb: 'dense', sour: 'tangy', next: 'take the levain earlier' },
  { rise: 'fair', crumb: 'caves', sour: 'mild' },
];

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
    if (at > now - 10 * 60_000) return null;
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
