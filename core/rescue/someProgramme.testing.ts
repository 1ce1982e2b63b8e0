import { type Condition, USUAL_PACE, USUAL_PLACES } from '../ferment';
import {
  type Arranged,
  type FoldContext,
  type Jar,
  type JarEvent,
  type Looked,
  type ProgrammeId,
  foldJar,
  placesOf,
} from '../journal';
import { someFeed, someLook, someStart } from '../journal/someJar.testing';
import { DAY, HOUR, hydrationOf, kitchenTime } from '../measure';
import { foretell } from './foretell';
import { BEGINNINGS, PROGRAMME } from './programmes';

/** When all of them begin. */
export const T0 = Date.parse('2026-02-02T08:00:00Z');
export const iso = (hours: number) => new Date(T0 + hours * HOUR).toISOString();

/** One place, always as warm. */
export const kitchen = (celsius: number, pace = 1): FoldContext => ({
  places: placesOf([
    {
      kind: 'arranged',
      id: 'a',
      at: iso(-1),
      place: { ...USUAL_PLACES[0]!, temperature: { kind: 'constant', celsius } },
    } satisfies Arranged,
  ]),
  time: kitchenTime('Europe/Lisbon'),
  pace: { ...USUAL_PACE, pace },
});

/** What a programme begins from. */
function conditionFor(id: ProgrammeId): Condition {
  if (id.startsWith('flakes')) return 'dried';
  if (id === 'frozen') return 'frozen';
  if (id in BEGINNINGS) return 'new';
  return id === 'byPost' || id === 'afterFridge' || id === 'halfOut' ? 'hungry' : 'neglected';
}

export function starts(id: ProgrammeId, alive: number): JarEvent {
  const { dryG, waterG } = BEGINNINGS[id] ?? { dryG: 40, waterG: 40 };
  return someStart(iso(0), {
    condition: conditionFor(id),
    alive,
    massG: dryG + waterG,
    hydrationPct: hydrationOf(dryG, waterG),
  });
}

/** Plays a programme to its end with a culture of some pace, some of its cells alive. */
export function played(id: ProgrammeId, alive: number, pace: number, celsius = 24) {
  const context = kitchen(celsius, pace);
  const started = starts(id, alive);
  const jar: Jar = foldJar([started], context)!.jar;
  const foretold = foretell({ programme: id, at: iso(0) }, jar, [started], context, T0, {
    flour: PROGRAMME[id].medicine ?? { white: 1 },
    celsiusAt: () => celsius,
  });
  return { ...foretold, days: (foretold.at - T0) / DAY };
}

/** A feed of a programme, so many hours after it began. */
export const fed = (hours: number): JarEvent =>
  someFeed(`f${hours}`, iso(hours), { keepG: 10, flourG: 45, waterG: 45 });
/** A look at it. */
export const looked = (hours: number, over: Partial<Looked>): JarEvent =>
  someLook(`l${hours}`, iso(hours), over);
