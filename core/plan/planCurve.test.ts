import { HOUR } from '../measure';
import { bowlCurve, planCurve } from './planCurve';
import { NOW, kitchenWith } from './someKitchen.testing';
import { build, feed, loaves, take, taskOf, walk } from './someSteps.testing';
import { liveThrough } from './walk';
import { type Step } from './problem';

const { problem, jar, start } = taskOf({
  places: kitchenWith({ kind: 'constant', celsius: 24 }),
  until: NOW + 60 * HOUR,
});
const hours = (at: number) => Math.round(((at - NOW) / HOUR) * 10) / 10;
const drawn = (...steps: readonly Step[]) => planCurve(problem, jar, start, steps);
const ripe = (...steps: readonly Step[]) =>
  drawn(...steps).ripe.map(([from, until]) => [hours(from), hours(until)]);

describe('a jar through a plan', () => {
  it('is drawn from now to its end, close enough for the eye, and falls at every mixing', () => {
    const { heights } = drawn(build(13), feed(30));
    expect(heights[0]).toEqual([NOW, expect.closeTo(2.2, 0)]);
    expect(hours(heights.at(-1)![0])).toBe(60);
    for (const [i, [at]] of heights.slice(1).entries())
      expect(at - heights[i]![0]).toBeLessThan(2 * HOUR);
    const heightAt = (hour: number) => heights.findLast(([at]) => at <= NOW + hour * HOUR)![1];
    expect(heightAt(13)).toBe(1);
    expect(heightAt(30)).toBe(1);
    expect(heightAt(22)).toBeGreaterThan(2);
  });

  it('is ripe once after each feed, if it is not fed away before', () => {
    const [levain, later] = ripe(build(13), feed(30));
    expect(levain![0]).toBeGreaterThan(17);
    expect(levain![1]).toBeLessThan(27);
    expect(later![0]).toBeGreaterThan(35);
    expect(ripe(build(13), feed(16), feed(18), feed(20))).toHaveLength(1);
  });

  it('is ripe though it is fed away at its best, until then', () => {
    const [whole] = ripe(build(13));
    const fedAt = (whole![0]! + whole![1]!) / 2;
    const [cut] = ripe(build(13), take(fedAt), feed(fedAt));
    expect(cut![0]).toBeCloseTo(whole![0]!, 0);
    expect(cut![1]).toBeCloseTo(fedAt, 1);
  });

  it('is ripe for its bake, though what is left of it rises on in a warmer place', () => {
    const held = [build(13), walk(19, 'fridge'), take(22, { latest: NOW + 24 * HOUR })];
    const [left] = ripe(...held, walk(22, 'counter'));
    const [stays] = ripe(...held);
    // The rest would be said to be ripe later, by how far it comes in the end.
    const [rest] = ripe(build(13), walk(19, 'fridge'), walk(22, 'counter'));
    expect(rest![0]).toBeGreaterThan(22);
    expect(left![0]).toBeCloseTo(stays![0]!, 1);
    expect(left![0]).toBeLessThan(22);
    expect(left![1]).toBe(rest![1]);
  });
});

it('a levain in its bowl is drawn until its bake, and ripe for it', () => {
  const stretch = liveThrough(problem, jar, start, [build(13)], NOW + 40 * HOUR)[1]!;
  const curve = bowlCurve(problem, jar, loaves, stretch);
  expect(curve).toMatchObject({ jar: 'tern', bowl: 'loaves' });
  expect(hours(curve.heights[0]![0])).toBe(13);
  expect(curve.heights.at(-1)![0]).toBeLessThanOrEqual(loaves.until);
  expect(curve.heights.at(-1)![0]).toBeGreaterThan(loaves.until - 2 * HOUR);
  expect(curve.ripe.map(([from, until]) => [hours(from), hours(until)])).toEqual([
    ripe(build(13))[0],
  ]);
});
