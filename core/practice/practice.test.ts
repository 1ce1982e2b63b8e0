import fc from 'fast-check';

import {
  GLUTEN_GONE,
  RIPE_LOSS,
  USUAL_PACE,
  feed,
  forecast,
  momentAt,
  simulate,
  starterIn,
  usualVessel,
} from '../ferment';
import { once } from '../measure/once.testing';
import { CASES, JUDGEMENTS, LEVELS, type Round, roundOf } from '.';

const ROUNDS = fc.record({
  seed: fc.nat(2 ** 31 - 1),
  level: fc.constantFrom(...LEVELS),
  n: fc.nat(5000),
});
/** The same for every claim, for each takes a while to make. */
const rounds = once(() =>
  fc.sample(ROUNDS, 250).map(({ seed, level, n }) => roundOf(seed, level, n)),
);
const anyRound = (claim: (round: Round) => void) => rounds().forEach(claim);

describe('jars to practise on', () => {
  it('are the same for the same seed, and others for another', () => {
    expect(roundOf(5, 2, 11)).toEqual(roundOf(5, 2, 11));
    const rows = [5, 6].map((seed) =>
      Array.from({ length: 8 }, (_, n) => roundOf(seed, 1, n).hours.toFixed(3)).join(),
    );
    expect(rows[0]).not.toBe(rows[1]);
  });

  it('come each once before any comes again', () => {
    for (const level of LEVELS) {
      const cases = CASES.filter((one) => one.level === level).map(({ id }) => id);
      for (const deck of [0, 1, 9]) {
        const met = cases.map((_, i) => roundOf(31, level, deck * cases.length + i).of);
        expect([...met].sort()).toEqual([...cases].sort());
      }
    }
  });

  it('ask for everything that a keeper can do', () => {
    expect(new Set(CASES.map(({ right }) => right))).toEqual(new Set(JUDGEMENTS));
  });

  it('are ripe where they are to be baked with: all but at the top of their feed, and not fallen', () =>
    anyRound(({ right, forecast: all, hours, height }) => {
      if (right !== 'ripe') return;
      const rise = all.peakHeight - 1;
      expect((height - 1) / rise).toBeGreaterThan(1 - RIPE_LOSS - 0.01);
      expect(momentAt(all.curve, hours).gluten).toBeGreaterThan(GLUTEN_GONE);
    }));

  it('still have food and rise to come where they are to be waited for', () =>
    anyRound(({ right, forecast: all, hours, height }) => {
      if (right !== 'wait' && right !== 'fridge') return;
      expect(momentAt(all.curve, hours).food).toBeGreaterThan(0.2);
      expect(height).toBeLessThan(all.peakHeight);
    }));

  it('that are to be fed have fallen from their rise, where they stood in a room', () =>
    anyRound(({ of, right, young, outH, forecast: all, hours, height }) => {
      if (right !== 'feed' || young || outH !== null || of === 'ripeNothingPlanned') return;
      expect(hours).toBeGreaterThan(all.peaksAtH!);
      expect(height).toBeLessThan(0.85 * all.peakHeight);
    }));

  // Not from the table of cases: what becomes of the jar if it is fed once, equal parts, in a warm place.
  it('that are to be rescued do not come back with one feed; those that only look dead do', () => {
    for (let seed = 0; seed < 40; seed++)
      for (let n = 0; n < CASES.filter(({ level }) => level === 3).length; n++) {
        const round = roundOf(seed, 3, n);
        if (!['neglected', 'looksDead', 'overheated'].includes(round.of)) continue;
        const { fed, celsius, outH } = round;
        const vessel = usualVessel(100, 100);
        const air = (hours: number) => (outH !== null && hours >= outH ? 4 : celsius);
        const begun = feed({ ...starterIn('ripe', fed.flour, 100, 20), celsius: 22 }, fed);
        const left = simulate(begun, { air, vessel, pace: USUAL_PACE }, round.hours);
        const again = feed({ ...left, celsius: 22, gas: 0 }, { keepG: 30, flourG: 30, waterG: 30, flour: fed.flour }); // oxfmt-ignore
        const after = forecast(again, { air: () => 23, vessel, pace: USUAL_PACE }, 24);
        if (round.of === 'looksDead') expect(after.doublesAtH).not.toBeNull();
        else expect(after.doublesAtH ?? Infinity).toBeGreaterThan(10);
      }
  });

  it('show what throws them out, and nothing of it where they live', () =>
    anyRound(({ right, signs: { growth } }) => expect(growth !== null).toBe(right === 'throwOut')));

  it('never look alike and want another judgement', () => {
    const known = new Map<string, string>();
    for (const level of LEVELS)
      for (let n = 0; n < 150; n++) {
        const { aim, signs, fed, young, height, outH, celsius, hours, right } = roundOf(
          3,
          level,
          n,
        );
        const seen = JSON.stringify([aim, signs, Object.keys(fed.flour), young, outH, celsius > 40, height.toFixed(1), Math.round(hours)]); // oxfmt-ignore
        expect(known.get(seen) ?? right).toBe(right);
        known.set(seen, right);
      }
  });
});
