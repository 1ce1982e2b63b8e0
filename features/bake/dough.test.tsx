import { fireEvent, screen, within } from '@testing-library/react';

import { USUAL_BELIEF } from '@core/ferment';
import { type JournalEvent } from '@core/journal';
import { settingsChanged, selectDough, selectBakes } from '@state';
import { learned } from '@state/learnt';

import { PLACES, kitchenStore, show, tern, touch, type, went } from '../../tests/kitchen';
import { DoughScreen } from './DoughScreen';

const press = (name: string | RegExp) => touch('button', name);
const pick = (name: string | RegExp) => touch('radio', name);
const bowl = () => within(screen.getByRole('region', { name: 'Into the bowl', hidden: true }));

/** What the bowl asks for, by name, grams. */
function inTheBowl(): Readonly<Record<string, number>> {
  const text = bowl().getByText(/g of dough\.$/).parentElement!.textContent;
  return Object.fromEntries(
    ['levain', 'water', 'white flour', 'whole grain', 'flour', 'salt', 'sugar', 'fat'].flatMap(
      (name) => {
        const found = new RegExp(`(?<![a-z] )${name}(\\d+(?:\\.\\d+)?) g`).exec(text);
        return found ? [[name, Number(found[1])]] : [];
      },
    ),
  );
}
const kitchen = () => kitchenStore([...PLACES, tern()]);

describe('a dough by percentages', () => {
  it('counts the levain’s flour and water as the dough’s', async () => {
    show(<DoughScreen />, kitchen());
    await type('Loaves', '2');
    await type('Flour each', '500');
    await type('Hydration', '70');
    await type('Flour from levain', '20');
    await type('Its hydration', '100');
    await type('Whole grain', '0');
    await type('In the levain', '0');
    const { levain, water, 'white flour': flour, salt } = inTheBowl();
    expect(levain).toBe(400);
    expect(levain! / 2 + flour!).toBe(1000);
    expect(levain! / 2 + water!).toBe(700);
    expect(salt).toBe(20);
  });

  it('doubles with its loaves', async () => {
    show(<DoughScreen />, kitchen());
    await type('Loaves', '1');
    const one = inTheBowl();
    await type('Loaves', '2');
    for (const [name, grams] of Object.entries(inTheBowl()))
      expect(Math.abs(grams - 2 * one[name]!)).toBeLessThanOrEqual(1);
  });

  it('takes the levain of the season, by the kitchen’s warmth', async () => {
    const store = show(<DoughScreen />, kitchen());
    expect(screen.getByText(/: at 22 °C about 16 %\.$/)).toBeVisible();
    await press('Take the season’s 16 %');
    expect(selectDough(store.getState()).formula.inoculationPct).toBe(16);
    expect(screen.queryByRole('button', { name: /^Take the season/, hidden: true })).toBeNull();
  });

  it('counts the whole grain that its levain is fed with', async () => {
    const store = show(
      <DoughScreen />,
      kitchenStore([...PLACES, tern({ flour: { white: 0.7, wholeWheat: 0.3 } })]),
    );
    const before = inTheBowl();
    expect(screen.getByText(/the dough expects 0 % whole grain in it\.$/)).toBeVisible();
    await press('Count 30 % instead');
    const after = inTheBowl();
    expect(selectDough(store.getState()).formula.levainWholePct).toBe(30);
    // What comes with the levain is not weighed out again.
    expect(after['whole grain']! + after['white flour']!).toBe(
      before['whole grain']! + before['white flour']!,
    );
    expect(after['whole grain']!).toBeCloseTo(
      before['whole grain']! - 0.3 * (before.levain! / 2),
      0,
    );
  });

  it('that cannot be says why, and weighs nothing out', async () => {
    show(<DoughScreen />, kitchen());
    await type('Hydration', '40');
    await type('Flour from levain', '40');
    await type('Its hydration', '200');
    expect(
      screen.getByText(/^That much levain brings more water than the dough has/),
    ).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Weigh it out' })).toBeNull();
  });

  it('keeps the last good number where what is typed is none', async () => {
    show(<DoughScreen />, kitchen());
    const before = inTheBowl();
    for (const [label, text] of [
      ['Loaves', 'many'],
      ['Hydration', '400'],
      ['Salt', '-2'],
    ] as const) {
      await type(label, text);
      expect(screen.getByLabelText(label)).toBeInvalid();
      expect(screen.getByLabelText(label)).toHaveValue(text);
      expect(inTheBowl()).toEqual(before);
    }
  });

  it('is weighed out one number after the other, with the sum for who does not tare', async () => {
    show(<DoughScreen />, kitchen());
    const parts = Object.entries(inTheBowl());
    await press('Weigh it out');
    let sum = 0;
    for (const [name, grams] of parts) {
      expect(
        screen.getByRole('heading', { name: new RegExp(`^${name}$`, 'i'), level: 1 }),
      ).toBeVisible();
      expect(screen.getByText(String(grams))).toBeVisible();
      if (sum > 0)
        expect(
          screen.getByText(new RegExp(`^If you do not zero the scale: ${sum + grams} g`)),
        ).toBeVisible();
      sum += grams;
      await press(/ is in$/i);
    }
    expect(screen.getByRole('heading', { name: 'Dough' })).toBeVisible();
  });

  it('is told in cups too, for those who have no scale', () => {
    const store = kitchen();
    store.dispatch(settingsChanged({ cups: true }));
    show(<DoughScreen />, store);
    expect(bowl().getAllByText(/^about .*(cup|tbsp|tsp)/).length).toBeGreaterThanOrEqual(3);
  });
});

describe('bulk', () => {
  const hours = () =>
    Number(/about (\d+)(½?) hours/.exec(screen.getByText(/^Bulk: about/).textContent)![1]);

  it('takes longer with less levain', async () => {
    show(<DoughScreen />, kitchen());
    await type('Flour from levain', '25');
    const quick = hours();
    await type('Flour from levain', '8');
    expect(hours()).toBeGreaterThan(quick);
  });

  it('takes the levain for the hours there are', async () => {
    const store = show(<DoughScreen />, kitchen());
    await type('Hours you have for it', '9');
    await press(/^Take \d+ % of the flour from levain$/);
    expect(Math.abs(hours() - 9)).toBeLessThanOrEqual(1);
    expect(selectDough(store.getState()).formula.inoculationPct).toBeGreaterThan(2);
    expect(screen.getByLabelText('Hours you have for it')).toHaveValue('');
  });

  it('goes by the pace of the jar its levain comes from', async () => {
    const puffin: JournalEvent = { ...tern({ name: 'Puffin' }), id: 'puffin', jar: 'puffin' };
    const store = kitchenStore([...PLACES, tern(), puffin]);
    store.dispatch(
      learned({
        jar: 'puffin',
        log: '',
        learnt: {
          belief: { ...USUAL_BELIEF, mean: [Math.log(1.5), ...USUAL_BELIEF.mean.slice(1)] },
          feeds: 9,
          readings: 20,
          history: [],
          foretold: [],
        },
      }),
    );
    show(<DoughScreen />, store);
    const usual = hours();
    await pick('Puffin');
    expect(screen.getByText(/^A guide, for a ripe levain at Puffin’s own pace/)).toBeVisible();
    expect(hours()).toBeLessThan(usual);
    expect(selectDough(store.getState()).jar).toBe('puffin');
  });

  it('says that no levain does it so quickly, or that it is no number of hours', async () => {
    show(<DoughScreen />, kitchen());
    await type('Hours you have for it', '1');
    expect(screen.getByText(/^No share of levain from 2 to 40 % of the flour/)).toBeVisible();
    await type('Hours you have for it', '90');
    expect(screen.getByText('Up to 36 hours, please.')).toBeVisible();
  });
});

describe('its levain', () => {
  it('goes into the plan for an hour', async () => {
    const store = show(<DoughScreen />, kitchen());
    await type('Ripe at', '2026-03-15T09:00');
    await press('Into the plan');
    expect(went).toEqual(['/plan']);
    expect(selectBakes(store.getState())).toMatchObject([
      {
        jar: 'tern',
        from: Date.parse('2026-03-15T08:00Z'),
        until: Date.parse('2026-03-15T10:00Z'),
      },
    ]);
  });

  it('does not for no hour, one too soon or one too far', async () => {
    const store = show(<DoughScreen />, kitchen());
    for (const [at, problem] of [
      ['', 'Give a day and a time.'],
      ['2026-03-13T18:30', 'Too soon: no starter gets ripe within the hour.'],
      ['2026-05-01T09:00', 'Plans look two weeks ahead at most.'],
    ] as const) {
      await type('Ripe at', at);
      await press('Into the plan');
      expect(screen.getByLabelText('Ripe at')).toHaveAccessibleDescription(problem);
      expect(selectBakes(store.getState())).toEqual([]);
      expect(went).toEqual([]);
    }
  });

  it('is fed at the bench from what is in the jar', () => {
    const store = show(<DoughScreen />, kitchen());
    const { levain } = inTheBowl();
    fireEvent.click(screen.getAllByRole('button', { name: 'To the bench', hidden: true })[0]!);
    expect(went).toEqual(['/jar/tern/feed']);
    const { keepG, parts, waterParts } = store.getState().bench.tern!;
    // The keep stays behind, and so does what sticks.
    expect(keepG * (1 + parts + waterParts)).toBeGreaterThanOrEqual(levain! + 20);
  });

  it('comes from a second vessel first, for that school', () => {
    const store = kitchen();
    store.dispatch(settingsChanged({ levainIn: 'beside' }));
    show(<DoughScreen />, store);
    const ways = screen.getAllByText(/^(In a bowl|A larger feed for Tern|Top up)/);
    expect(ways[0]).toHaveTextContent(/^In a bowl:/);
    expect(screen.getByRole('link', { name: 'Into a bowl' })).toHaveAttribute(
      'href',
      expect.stringMatching(/^\/jar\/tern\/levain\?grams=\d+$/),
    );
  });

  it('is not there where no jar is', () => {
    show(<DoughScreen />, kitchenStore([...PLACES]));
    expect(screen.queryByRole('button', { name: 'Into the plan' })).toBeNull();
    expect(screen.getByRole('button', { name: 'Weigh it out' })).toBeVisible();
  });
});

describe('a yeast recipe', () => {
  it('gives its flour and water to the levain, and keeps its hydration', async () => {
    show(<DoughScreen />, kitchen());
    await pick('from a yeast recipe');
    await type('Flour', '500');
    await type('Water and other liquids', '350');
    await type('Flour from levain', '20');
    const { levain, water, flour } = inTheBowl();
    expect(levain! / 2 + flour!).toBe(500);
    expect(levain! / 2 + water!).toBe(350);
  });

  it('warns of what is sweet and rich', async () => {
    show(<DoughScreen />, kitchen());
    await pick('from a yeast recipe');
    expect(screen.queryByText(/^A sweet dough/)).toBeNull();
    await type('Sugar, honey', '80');
    await type('Butter, oil', '120');
    expect(screen.getByText(/^A sweet dough/)).toBeVisible();
    expect(screen.getByText(/^A rich dough/)).toBeVisible();
    expect(screen.getByText(/Worked out without the sugar and the fat/)).toBeVisible();
  });
});
