import { type JournalEvent } from '@core/journal';

import { journalFromText, journalToText } from './journalText';

const EVENTS: readonly JournalEvent[] = [1, 2, 3].map((n) => ({
  kind: 'noted',
  id: `n${n}`,
  at: '2026-03-01T08:00:00.000Z',
  jar: 'tern',
  note: `line ${n}\nwith a break`,
}));

it('a journal comes back from its text as it was', async () => {
  expect(await journalFromText(journalToText(EVENTS))).toEqual({ events: EVENTS, setAside: null });
  expect(await journalFromText(journalToText([]))).toEqual({ events: [], setAside: null });
});

it('a text cut short costs its last entry only, and that is set aside', async () => {
  const cut = journalToText(EVENTS).slice(0, -20);
  const { events, setAside } = await journalFromText(cut);
  expect(events).toEqual(EVENTS.slice(0, 2));
  expect(setAside!.lines).toHaveLength(1);
});

it('a damaged line costs that line only', async () => {
  const lines = journalToText(EVENTS).split('\n');
  lines[2] = lines[2]!.replace('"noted"', '"unnoted"');
  const { events, setAside } = await journalFromText(lines.join('\n'));
  expect(events.map(({ id }) => id)).toEqual(['n1', 'n3']);
  expect(setAside!.lines).toEqual([lines[2]]);
});

it('text that was never a journal is set aside whole', async () => {
  const { events, setAside } = await journalFromText('{"hello": 1}\nworld');
  expect(events).toEqual([]);
  expect(setAside!.lines).toEqual(['{"hello": 1}', 'world']);
});
