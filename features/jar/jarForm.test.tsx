import { type JarForm, cardFrom, cardProblems, formFrom } from './jarForm';

const CARD = {
  name: 'Grebe',
  vessel: { emptyG: 412, capacityMl: 750 },
  keepG: 25,
  ratio: { flour: 4, water: 4 },
  flour: { white: 0.8, wholeWheat: 0.2 },
  archived: false,
};
const problemsOf = (form: JarForm) => cardProblems(form, ['Dunlin']);

it('a card goes into its form and comes out the same', () => {
  expect(cardFrom(formFrom(CARD))).toEqual(CARD);
  const stiff = { ...CARD, flour: { rye: 1 }, ratio: { flour: 4, water: 2.4 } };
  expect(cardFrom(formFrom(stiff))).toEqual(stiff);
});

it('everything that is wrong is said at once', () => {
  const form = { ...formFrom(CARD), name: '  ', keepG: 'x', capacityMl: '-1', hydrationPct: '900' };
  expect(Object.keys(problemsOf(form)).sort()).toEqual([
    'capacityMl',
    'hydrationPct',
    'keepG',
    'name',
  ]);
  expect(problemsOf(formFrom(CARD))).toEqual({});
});

it('a name is not given twice on a shelf', () => {
  expect(problemsOf({ ...formFrom(CARD), name: 'dunlin ' })).toHaveProperty('name');
});

it('a name may be an emoji, and is counted as people count', () => {
  expect(problemsOf({ ...formFrom(CARD), name: '🫙'.repeat(60) })).toEqual({});
  expect(problemsOf({ ...formFrom(CARD), name: '🫙'.repeat(61) }).name).toContain('61 characters');
});

it('a card may have three flours, a tub and a jar that widens upward', () => {
  const card = {
    ...CARD,
    vessel: { ...CARD.vessel, taper: 0.75 },
    flour: { white: 0.6, rye: 0.2, spelt: 0.2 },
    tub: 'half',
  };
  expect(cardFrom(formFrom(card))).toEqual(card);
});

it('another flour comes in at once or over some feeds, from the flour there was', () => {
  const form = { ...formFrom(CARD), flour: 'rye' as const, others: [] };
  expect(cardFrom(form, CARD).flour).toEqual({ rye: 1 });
  const slowly = cardFrom({ ...form, overFeeds: 4 }, CARD);
  expect(slowly.flour).toEqual(CARD.flour);
  expect(slowly.change).toEqual({ to: { rye: 1 }, feeds: 4 });
  // Saved again as it is, it goes on; and back to the old flour, it is over.
  expect(cardFrom(formFrom(slowly), slowly)).toEqual(slowly);
  expect(cardFrom({ ...formFrom(CARD), overFeeds: 4 }, slowly).change).toBeUndefined();
});

it('another flour has a name of its own, what it is most like, and is strong by its protein', () => {
  const form = { ...formFrom(CARD), called: ' old mill ', protein: '13' };
  const card = cardFrom(form);
  expect(card).toMatchObject({ flourCalled: 'old mill', flour: { strongWhite: 0.8 } });
  expect(cardFrom(formFrom(card))).toEqual(card);
  expect(cardFrom({ ...form, protein: '11' }).flour).toMatchObject({ white: 0.8 });
  expect(cardFrom({ ...form, flour: 'rye', others: [], protein: '13' }).flour).toEqual({ rye: 1 });
  expect(problemsOf({ ...form, called: ' ' }).called).toBe('What is it called?');
  expect(problemsOf({ ...form, protein: '60' }).protein).toMatch(/^Between 5 and 25/);
});

it('shares of flours must leave some for the main one', () => {
  const others = [
    { kind: 'rye' as const, pct: '60' },
    { kind: 'spelt' as const, pct: '50' },
  ];
  expect(problemsOf({ ...formFrom(CARD), others }).others).toBe(
    'The shares leave no room for the white flour.',
  );
  expect(problemsOf({ ...formFrom(CARD), others: [{ kind: 'rye', pct: 'some' }] }).others).toMatch(
    /between 1 and 99/,
  );
});

it.each([
  { everyH: 12, at: 8 },
  { everyH: 168, at: 10, on: 6, buildUp: 2 },
  { everyH: null },
  { everyH: 9 },
])('a rhythm goes into the form and comes out the same: %j', (rhythm) => {
  const card = { ...CARD, rhythm };
  expect(cardFrom(formFrom(card))).toEqual(card);
});

it('hours of a rhythm that no jar is fed at are refused', () => {
  const form = { ...formFrom(CARD), often: 'hours' as const };
  expect(problemsOf({ ...form, everyH: '0.5' })).toHaveProperty('everyH');
  expect(problemsOf({ ...form, everyH: 'often' })).toHaveProperty('everyH');
  expect(problemsOf({ ...form, everyH: '9' })).toEqual({});
});
