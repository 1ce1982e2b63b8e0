import { usualSettings } from '@state';

import { blendWords, riseWords } from './jarWords';
import { kitchenWords } from './kitchenWords';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const at = (iso: string) => Date.parse(iso);
const words = kitchenWords(usualSettings('en-GB'), 'Europe/Lisbon', NOW);
const american = kitchenWords(usualSettings('en-US'), 'America/New_York', NOW);

it('times say their day only when it is another', () => {
  expect(words.moment(at('2026-03-13T21:40:00Z'))).toBe('21:40');
  expect(words.moment(at('2026-03-14T07:00:00Z'))).toBe('tomorrow 07:00');
  expect(words.moment(at('2026-03-12T07:00:00Z'))).toBe('yesterday 07:00');
  expect(words.moment(at('2026-03-16T07:00:00Z'))).toBe('Mon 16 Mar 07:00');
});

it('a day half a year away and more is told with its year', () => {
  expect(words.moment(at('2025-12-20T07:00:00Z'))).toBe('Sat 20 Dec 07:00');
  expect(words.moment(at('2025-03-13T09:00:00Z'))).toBe('13 Mar 2025 09:00');
  expect(words.hourOrDay(at('2025-03-13T09:00:00Z'))).toBe('13 Mar 2025');
  expect(words.dated(at('2027-03-13T09:00:00Z'))).toBe('13 Mar 2027 09:00');
  expect(words.date(at('2025-10-01T09:00:00Z'))).toBe('1 Oct');
  expect(words.date(at('2025-08-01T09:00:00Z'))).toBe('1 Aug 2025');
  expect(words.datedForGood(at('2026-03-01T09:00:00Z'))).toBe('1 Mar 2026');
});

it('a forecast is told to a quarter of an hour, and far away to the day', () => {
  expect(words.hourOrDay(at('2026-03-13T20:33:00Z'))).toBe('20:30');
  expect(words.hourOrDay(at('2026-03-17T09:18:00Z'))).toBe('Tue 17 Mar');
  expect(words.stretch(at('2026-03-14T03:20:00Z'), at('2026-03-14T10:36:00Z'))).toBe(
    'tomorrow 03:15 to 10:30',
  );
  expect(words.between(at('2026-03-13T22:00:00Z'), at('2026-03-14T01:00:00Z'))).toBe(
    'between 22:00 and tomorrow 01:00',
  );
  expect(words.between(at('2026-03-13T22:00:00Z'), at('2026-03-20T19:00:00Z'))).toBe(
    'between today and Fri 20 Mar',
  );
  expect(words.between(at('2026-03-20T08:00:00Z'), at('2026-03-20T19:00:00Z'))).toBe(
    'some time that day',
  );
  // Ripe from the last hour that is told to the minute until one that is not: still one day.
  expect(words.stretch(at('2026-03-15T03:10:00Z'), at('2026-03-15T16:00:00Z'))).toBe(
    'Sun 15 Mar 03:15 to 16:00',
  );
  expect(words.stretch(at('2026-03-16T03:10:00Z'), at('2026-03-16T16:00:00Z'))).toBe('Mon 16 Mar');
});

it('a day stands before its hour, as one says it', () => {
  expect(words.about(at('2026-03-13T23:31:00Z'))).toBe('about 23:30');
  expect(words.about(at('2026-03-14T03:02:00Z'))).toBe('tomorrow about 03:00');
  expect(words.about(at('2026-03-12T20:10:00Z'))).toBe('yesterday about 20:15');
  // A quarter before midnight may be told as midnight, which is tomorrow's.
  expect(words.about(at('2026-03-13T23:55:00Z'))).toBe('tomorrow about 00:00');
  expect(words.about(at('2026-03-17T09:18:00Z'))).toBe('about Tue 17 Mar');
});

it('a stretch that begins at midnight has one day', () => {
  expect(words.stretch(at('2026-03-13T23:55:00Z'), at('2026-03-14T03:00:00Z'))).toBe(
    'tomorrow 00:00 to 03:00',
  );
});

it('a forecast that is near is not told as past, nor what is past as to come; nor is a short stretch one hour', () => {
  expect(words.hourOrDay(at('2026-03-13T18:21:30Z'))).toBe('18:20');
  expect(words.hourOrDay(at('2026-03-13T18:23:00Z'))).toBe('18:30');
  const later = kitchenWords(usualSettings('en-GB'), 'Europe/Lisbon', NOW + 360_000);
  expect(later.hourOrDay(at('2026-03-13T18:24:00Z'))).toBe('18:25');
  expect(words.stretch(at('2026-03-13T20:28:00Z'), at('2026-03-13T20:36:00Z'))).toBe(
    '20:30 to 20:35',
  );
});

it('a kitchen abroad has its own zone, clock and units', () => {
  expect(american.time(NOW).toLowerCase()).toBe('2:20 pm');
  expect(american.celsius(22)).toBe('72 °F');
  expect(american.grams(100)).toBe('100 g (3.5 oz)');
  expect(american.grams(1000)).toBe('1000 g (2 lb 3.3 oz)');
  expect(american.money(3.2)).toBe('3.20');
  expect(words.grams(100.4)).toBe('100 g');
});

it('what is worked out and not weighed is told no sharper than it is known', () => {
  expect([7.4, 48.2, 183, 208, 967].map((grams) => words.roughly(grams))).toEqual([
    '7 g',
    '48 g',
    '185 g',
    '210 g',
    '970 g',
  ]);
});

it('durations are as long as they need to be', () => {
  expect(words.span(0.6)).toBe('35 min');
  expect(words.span(1)).toBe('1 hour');
  expect(words.span(7.15)).toBe('7 hours');
  expect(words.span(7.4)).toBe('7½ hours');
  expect(words.span(9.99)).toBe('10 hours');
  expect(words.span(30)).toBe('30 hours');
  expect(words.span(24 * 9)).toBe('9 days');
  expect(words.span(24 * 49)).toBe('7 weeks');
  expect(words.span(24 * 365)).toBe('52 weeks');
  expect(words.span(24 * 520)).toBe('74 weeks');
  expect(words.span(24 * 730)).toBe('2 years');
  expect(words.span(24 * 3650)).toBe('10 years');
});

it('blends and rises read as a baker says them', () => {
  expect(blendWords({ white: 0.8, wholeWheat: 0.2 })).toBe('white, a fifth whole wheat');
  expect(blendWords({ rye: 0.83, spelt: 0.17 })).toBe('rye, 17 % spelt');
  expect(riseWords(2.36)).toBe('+ 136 %');
  expect(riseWords(0.9)).toBe('− 10 %');
});
