import { type Standing } from '@core/journal';
import { HOUR } from '@core/measure';
import { jarPicture } from '@kit';
import { logEntries, selectStanding, ticked, usualSettings } from '@state';

import { NOW, kitchenStore } from '../../tests/kitchenStore';
import { jarSentence, kitchenWords, shelfWords } from '../words';
import { canopyOf } from './canopyOf';

const ZONE = 'Europe/Lisbon';

const store = kitchenStore();
const of = (jar: string, hoursLater = 0): Standing => {
  store.dispatch(ticked(NOW + hoursLater * HOUR));
  return selectStanding(store.getState(), jar)!;
};
const words = kitchenWords(usualSettings('en-GB'), ZONE, NOW);

describe('the picture of a jar', () => {
  it('stands above its band with bubbles while it is ripe, inside its glass', () => {
    const picture = jarPicture(of('grebe'));
    expect(picture.surface).toBeGreaterThan(picture.band * 1.8);
    expect(picture.surface).toBeLessThan(1);
    expect(picture.dome).toBeGreaterThan(0);
    expect(picture.bubbling).toBeGreaterThan(0.5);
    expect(picture.liquid).toBe('none');
  });

  it('slumps afterwards and leaves its streaks on the glass', () => {
    const picture = jarPicture(of('grebe', 14));
    expect(picture.dome).toBeLessThanOrEqual(0);
    expect(picture.streaksTo).toBeGreaterThan(picture.surface + 0.05);
  });

  it('shows the liquid that somebody saw, before the model’s own guess', () => {
    expect(jarPicture(of('skua')).liquid).toBe('grey');
    const other = kitchenStore();
    const at = new Date(NOW).toISOString();
    other.dispatch(logEntries([{ kind: 'looked', jar: 'grebe', at, liquid: 'dark' }], 'seen'));
    expect(jarPicture(selectStanding(other.getState(), 'grebe')!).liquid).toBe('dark');
  });
});

it('draws neither a rise nor liquid where nobody knows when it was fed', () => {
  const skua = of('skua');
  const guessed = (unfedH: readonly [number, number]) =>
    jarPicture({ ...skua, jar: { ...skua.jar, unfedH, looks: [] } });
  const { band } = jarPicture(skua);
  for (const guess of [
    [48, 1440],
    [700, 800],
  ] as const)
    expect(guessed(guess)).toMatchObject({ surface: band, streaksTo: band, bubbling: 0 });
  expect(guessed([48, 1440]).liquid).toBe('none');
  expect(guessed([700, 800]).liquid).not.toBe('none');
});

describe('the canopy of a jar', () => {
  it('has a handful of ribs on whole hours, and now inside it', () => {
    for (const jar of ['grebe', 'dunlin', 'skua']) {
      const canopy = canopyOf(of(jar), words);
      expect(canopy.ticks.length).toBeGreaterThan(1);
      expect(canopy.ticks.length).toBeLessThanOrEqual(7);
      expect(canopy.now.hours).toBeLessThan(canopy.until);
      for (const { low, high } of canopy.points) expect(low).toBeLessThanOrEqual(high);
    }
    expect(canopyOf(of('grebe'), words).ticks.every(({ text }) => /^\d\d:00$/.test(text))).toBe(
      true,
    );
  });

  it('shows the heights that were logged, and the ripe hours', () => {
    const canopy = canopyOf(of('grebe'), words);
    expect(canopy.looks).toHaveLength(3);
    expect(canopy.ripe!.from).toBeLessThan(canopy.ripe!.until);
    expect(canopyOf(of('dunlin'), words).looks).toEqual([]);
  });
});

it('the same facts are told to those who do not see the drawing', () => {
  expect(jarSentence(of('grebe'), words)).toMatch(
    /^Grebe, ripe, 1\d\d % up, until about \d\d:\d\d$/,
  );
  expect(jarSentence(of('skua'), words)).toMatch(/^Skua, hungry, liquid on top, \d+ % up/);
  expect(shelfWords(of('dunlin'), null, words)).toMatch(/^asleep/);
});
