import { USUAL_DOUGH, type DoughCard, doughCard, turned } from '@core/bench';
import { USUAL_PACE } from '@core/ferment';
import { compareJars } from '@core/journal';
import { labelSvg } from '@kit/labelSvg';
import { selectNextOf, selectStandings, usualSettings } from '@state';

import { NOW, kitchenStore } from '../../tests/kitchenStore';
import { bowlParts, doughText, levainWayWords, turnedText } from './bakeWords';
import { comparisonWords } from './compareWords';
import { kitchenWords } from './kitchenWords';
import { careText, labelText } from './paperWords';

const words = kitchenWords(usualSettings('en-GB'), 'Europe/Lisbon', NOW);

describe('a dough in words', () => {
  it('is what goes into the bowl, and its percentages', () => {
    const card = doughCard(USUAL_DOUGH) as DoughCard;
    expect(doughText(USUAL_DOUGH, card, words).split('\n')).toEqual([
      '2 loaves, 1740 g of dough',
      '',
      '300 g levain',
      '570 g water',
      '650 g white flour',
      '200 g whole grain',
      '20 g salt',
      '',
      'Hydration 72 %, salt 2 %, 15 % of the flour in a levain of 100 %, 20 % whole grain.',
    ]);
  });

  it('leaves out what is not there', () => {
    const card = doughCard({ ...USUAL_DOUGH, wholePct: 0, saltPct: 0 }) as DoughCard;
    expect(bowlParts(card).map(([name]) => name)).toEqual(['levain', 'water', 'white flour']);
  });

  it('of a yeast recipe keeps sugar and fat, and says what to mind', () => {
    const recipe = { flourG: 400, waterG: 260, saltG: 8, sugarG: 60, fatG: 0 };
    const text = turnedText(recipe, turned(recipe, 20, 100)!, words);
    expect(text).toContain('160 g levain');
    expect(text).toContain('60 g sugar');
    expect(text).not.toContain(' fat\n');
    expect(text).toContain('Hydration 65 %, as before.');
    expect(text).toContain('A sweet dough');
  });

  it('says each way to its levain with its grams', () => {
    const way = { seedG: 92, flourG: 29, waterG: 29, hydrationPct: 100 };
    expect(levainWayWords({ kind: 'topUp', ...way }, 'Grebe', words)).toBe(
      'Top up: to the 92 g there, add 29 g water and 29 g flour.',
    );
    expect(levainWayWords({ kind: 'beside', ...way }, 'Grebe', words)).toContain(
      'The mother stays',
    );
    expect(levainWayWords({ kind: 'feed', ...way }, 'Grebe', words)).toContain('keep 92 g');
  });
});

describe('a jar on paper', () => {
  const store = kitchenStore();
  const standings = selectStandings(store.getState());
  const grebe = standings.find(({ jar }) => jar.id === 'grebe')!;
  const dunlin = standings.find(({ jar }) => jar.id === 'dunlin')!;

  it('has name, feed, flour and when it is due on its label', () => {
    const next = selectNextOf(store.getState(), 'grebe');
    expect(labelText(grebe, next, words)).toMatchObject({
      name: 'Grebe',
      lines: [
        'Fed 13 Mar 09:10',
        'keep 23, water 93, flour 92 g',
        'white, a fifth whole wheat',
        expect.stringMatching(/^Feed by \d+ Mar$/),
      ],
    });
  });

  it('draws what a name may hold without breaking the drawing', () => {
    const svg = labelSvg({ name: '<b>"Tern" & co</b>', lines: ['a < b'] });
    expect(svg).not.toContain('<b>');
    const parsed = new DOMParser().parseFromString(svg, 'image/svg+xml');
    expect(parsed.querySelector('parsererror')).toBeNull();
    expect([...parsed.querySelectorAll('text')].map(({ textContent }) => textContent)).toEqual([
      '<b>"Tern" & co</b>',
      'a < b',
    ]);
  });

  it('draws a long name smaller, so that it stays on the label', () => {
    const sizeOf = (name: string) =>
      Number(/font-size="([\d.]+)" font-weight/.exec(labelSvg({ name, lines: [] }))![1]);
    expect(sizeOf('Tern')).toBe(8);
    expect(sizeOf('The very old one from the harbour') * 33 * 0.6).toBeLessThan(56);
  });

  it('tells whoever gets a part how to keep it, and what to mind', () => {
    const text = careText(dunlin, null, USUAL_PACE, words);
    expect(text).toContain('Keep 15 g, add 75 g water and 75 g flour (1 : 5 : 5');
    expect(text).toMatch(
      /It is ripe about 8½ hours after such a feed in a room of 22 °C: full of holes/,
    );
    expect(text).toMatch(/tight lid/);
    expect(text).toMatch(/throw all of it out/);
    expect(text).toMatch(/Do not taste it raw/);
  });

  it('stands beside another with a verdict in words', () => {
    const said = comparisonWords(compareJars(grebe, dunlin), ['Grebe', 'Dunlin'], words);
    expect(said[0]).toBe(
      'Grebe and Dunlin were not fed alike, or not together: their heights at the same hour do not compare.',
    );
    expect(said[1]).toMatch(/^Grebe peaks first, 11 hours after its feed, Dunlin \d+ days later/);
    expect(
      comparisonWords({ fedAlike: true, differences: [] }, ['Grebe', 'Dunlin'], words)[1],
    ).toBe('Nothing to compare yet. Look at both at the same hours.');
    expect(
      comparisonWords(
        {
          fedAlike: true,
          differences: [{ of: 'height', hours: 4, heights: [1.5, 1.55], surely: false }],
        },
        ['Grebe', 'Dunlin'],
        words,
      ),
    ).toContain('So far there is no difference that you could be sure of by eye.');
  });
});
