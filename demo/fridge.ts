import { type JarEvent } from '@core/journal';
import { DAY, HOUR, type Instant } from '@core/measure';

import { DUNLIN, SKUA } from './cards';
import { WEEKS, iso, toMinutes } from './moments';
import { type Chance } from './random';
import { whereTo } from './whereTo';

/** Dunlin: weekly, an hour out, fed, an hour and a half more, then the fridge. */
export function keptInTheFridge(now: Instant, begin: Instant, chance: Chance): JarEvent[] {
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
export function forgotten(now: Instant, begin: Instant): JarEvent[] {
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
