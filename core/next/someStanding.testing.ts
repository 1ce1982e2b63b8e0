import {
  type JarEvent,
  type Standing,
  foldJar,
  horizonFor,
  outlookOf,
  standingAt,
} from '../journal';
import { someCard, someFeed, someStart, usualKitchen } from '../journal/someJar.testing';
import { HOUR } from '../measure';
import { type JarAhead } from './whatNext';

export const T0 = Date.parse('2026-03-01T08:00:00Z');
const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();
const context = usualKitchen();

/** A jar fed 1:4:4 at eight, put in a place an hour and a half later, seen some hours after its feed. */
export function someStanding(
  hours: number,
  place: string,
  jar = 'tern',
  card: Parameters<typeof someCard>[0] = {},
): Standing {
  const entry = { jar };
  const events: JarEvent[] = [
    someStart(iso(-1), { ...entry, card: someCard({ name: jar, ...card }), condition: 'hungry' }),
    someFeed(`${jar} fed`, iso(0), entry),
    ...(place === 'counter'
      ? []
      : [{ ...entry, kind: 'moved' as const, id: `${jar} moved`, at: iso(1.5), place }]),
  ];
  const folded = foldJar(events, context)!.jar;
  const now = T0 + hours * HOUR;
  const outlook = outlookOf(folded, context, horizonFor(folded, now, 30 * 24));
  return standingAt(folded, outlook, context, now);
}

/** A jar about which nothing else is known: no programme, plan, wish or move. */
export const someAhead = (standing: Standing, over: Partial<JarAhead> = {}): JarAhead => ({
  standing,
  quarantined: false,
  programme: null,
  plan: null,
  wishes: [],
  promise: null,
  ...over,
});
