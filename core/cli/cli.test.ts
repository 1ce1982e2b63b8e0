import { forecastCommand } from './forecastCommand';
import { rateCommand } from './rateCommand';

interface Forecasted {
  doublesAtH: number | null;
  peaksAtH: number | null;
  feeds: { atH: number; doublesAtH: number | null }[];
  series: { h: number; height: number; stage: string }[];
}

const feed = {
  flour: { white: 1 },
  keepG: 50,
  flourG: 50,
  waterG: 50,
  place: [{ hours: 1, celsius: 22 }],
};
const run = (input: object) => forecastCommand(input) as Forecasted;

it('rate gives the published points', () => {
  expect(
    rateCommand({ organism: 'lactic', celsius: [4, 24] }).perHour.map(
      (r) => Math.round(r * 1e4) / 1e4,
    ),
  ).toEqual([0.026, 0.374]);
});

it('forecast follows one feed from its first point to the last', () => {
  const { doublesAtH, series } = run({ ...feed, hours: 12, every: 0.5 });
  expect(doublesAtH).toBeGreaterThan(4);
  expect(series).toHaveLength(25);
  expect(series[0]).toMatchObject({ h: 0, height: 1 });
  expect(series[24]!.h).toBe(12);
});

it('forecast follows several places and several feeds on the same jar', () => {
  const cold = run({
    ...feed,
    place: [
      { hours: 1.5, celsius: 22 },
      { hours: 1, celsius: 4 },
    ],
    hours: 48,
  });
  expect(cold.doublesAtH).toBeNull();
  const feeds = [0, 24, 48].map((atH) => ({ atH, keepG: 12, flourG: 56, waterG: 56 }));
  const back = run({
    flour: { white: 1 },
    condition: 'neglected',
    feeds,
    place: [{ hours: 1, celsius: 21 }],
    hours: 72,
  });
  expect(back.feeds.map(({ atH }) => atH)).toEqual([0, 24, 48]);
  const doublings = back.feeds.map((f) => f.doublesAtH! - f.atH);
  expect(doublings[0]).toBeGreaterThan(doublings[1]!);
  expect(doublings[1]).toBeGreaterThan(doublings[2]!);
  expect(back.peaksAtH).toBeGreaterThan(48);
});

it.each([
  ['keepG', { ...feed, keepG: -5 }],
  ['waterG', { ...feed, waterG: 'some' }],
  ['place', { ...feed, place: undefined }],
  ['condition', { ...feed, condition: 'sleepy' }],
  ['flour.sawdust', { ...feed, flour: { sawdust: 1 } }],
  ['hours', { ...feed, hours: 0 }],
])('names the field %s when it is wrong', (field, input) => {
  expect(() => forecastCommand(input)).toThrow(field);
});

it('rate names what is wrong', () => {
  expect(() => rateCommand({ organism: 'mould', celsius: [4] })).toThrow('organism');
  expect(() => rateCommand({ organism: 'yeast', celsius: ['warm'] })).toThrow('celsius');
});
