import { cardFrom, cardProblems, formFrom, jarId } from './jarForm';

const CARD = {
  name: 'Grebe',
  vessel: { emptyG: 412, capacityMl: 750 },
  keepG: 25,
  ratio: { flour: 4, water: 4 },
  flour: { white: 0.8, wholeWheat: 0.2 },
  archived: false,
};

it('a card goes into its form and comes out the same', () => {
  expect(cardFrom(formFrom(CARD))).toEqual(CARD);
  const stiff = { ...CARD, flour: { rye: 1 }, ratio: { flour: 4, water: 2.4 } };
  expect(cardFrom(formFrom(stiff))).toEqual(stiff);
});

it('everything that is wrong is said at once', () => {
  const form = { ...formFrom(CARD), name: '  ', keepG: 'x', capacityMl: '-1', hydrationPct: '900' };
  expect(Object.keys(cardProblems(form)).sort()).toEqual([
    'capacityMl',
    'hydrationPct',
    'keepG',
    'name',
  ]);
  expect(cardProblems(formFrom(CARD))).toEqual({});
});

it('a name may be an emoji, and is counted as people count', () => {
  expect(cardProblems({ ...formFrom(CARD), name: '🫙'.repeat(60) })).toEqual({});
  expect(cardProblems({ ...formFrom(CARD), name: '🫙'.repeat(61) }).name).toContain(
    '61 characters',
  );
});

it('a jar gets an address of its own', () => {
  expect(jarId('Grebe', new Set())).toBe('grebe');
  expect(jarId('Grebe', new Set(['grebe', 'grebe-2']))).toBe('grebe-3');
  expect(jarId('Pão da Avó', new Set())).toBe('pao-da-avo');
  expect(jarId('🫙', new Set())).toBe('jar');
});
