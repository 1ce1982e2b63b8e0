import { kitchenTime } from '@core/measure';
import { USUAL_PLACES } from '@core/ferment';
import { type JournalEvent, type Started } from '@core/journal';
import { someCard, someStart } from '@core/journal/someJar.testing';
import { householdJournal } from '@demo/index';
import { type Store, makeStore, opened, ticked, usualSettings } from '@state';

export const NOW = Date.parse('2026-03-13T18:20:00Z');

/** Made once: it is the same every time. */
const DEMO = householdJournal(NOW, kitchenTime('Europe/Lisbon'));

/** Tastes that no test depends on by chance, and a zone that is not the machine's. */
const SETTLED: readonly JournalEvent[] = [
  {
    kind: 'settled',
    id: 'tastes',
    at: '2025-01-01T00:00:00.000Z',
    settings: usualSettings('en-GB'),
  },
  {
    kind: 'zoned',
    id: 'zone',
    at: '2025-01-01T00:00:00.000Z',
    zone: 'Europe/Lisbon',
    always: true,
  },
];

/** A store with a kitchen open in it: the demo household, or what is given. */
export function kitchenStore(events?: readonly JournalEvent[], now = NOW): Store {
  const store = makeStore();
  store.dispatch(ticked(now));
  store.dispatch(
    opened({
      name: events ? 'own' : 'demo',
      events: [...SETTLED, ...(events ?? DEMO)],
    }),
  );
  return store;
}

const HOUR = 3_600_000;
/** So many hours from {@link NOW}, as a journal writes it. */
export const iso = (hours: number) => new Date(NOW + hours * HOUR).toISOString();

/** The usual places, as a kitchen of one's own begins with. */
export const PLACES: readonly JournalEvent[] = USUAL_PLACES.map((place) => ({
  kind: 'arranged',
  id: `place ${place.id}`,
  at: iso(-1000),
  place,
}));

/** Tern: 90 g of ripe starter of white flour in half a litre of glass; its card and its glass as a test needs them. */
export const tern = (
  card: Partial<Started['card']> = {},
  vessel: Partial<Started['card']['vessel']> = {},
): Started =>
  someStart(iso(-24), {
    // An entry never changes, and folds are kept by ids: another card is another entry.
    id: `start ${JSON.stringify([card, vessel])}`,
    massG: 90,
    card: someCard({
      vessel: { emptyG: 300, capacityMl: 500, ...vessel },
      ratio: { flour: 2, water: 2 },
      ...card,
    }),
  });
