import { NEW_TUB, refillForm, stockFrom, totalOf, tubProblems } from './tubForm';

const TUB = {
  id: 'half',
  name: 'Half and half',
  flour: { white: 0.5, wholeWheat: 0.5 },
  grams: 300,
  lowG: 200,
  pricePerKg: 1.2,
  useBy: null,
};

it('grams of each flour become a blend, and what all of it cost a price', () => {
  const form = { ...NEW_TUB, name: ' Half ', cost: '1.5' };
  expect(totalOf(form)).toBe(1000);
  expect(stockFrom(form)).toEqual({
    name: 'Half',
    flour: { white: 0.8, wholeWheat: 0.2 },
    grams: 1000,
    lowG: 250,
    pricePerKg: 1.5,
  });
});

it('a tub is filled up as it was filled before', () => {
  expect(refillForm(TUB)).toMatchObject({
    name: 'Half and half',
    kinds: ['white', 'wholeWheat'],
    grams: { white: '500', wholeWheat: '500' },
    lowG: '200',
  });
});

it('everything that is wrong is said at once, beside its field', () => {
  const form = { ...NEW_TUB, grams: { white: 'much', wholeWheat: '90000' }, lowG: '', cost: 'x' };
  expect(Object.keys(tubProblems(form, [])).sort()).toEqual([
    'cost',
    'lowG',
    'name',
    'white',
    'wholeWheat',
  ]);
  expect(tubProblems({ ...NEW_TUB, name: 'half AND half' }, [TUB]).name).toMatch(/already/);
  expect(tubProblems({ ...NEW_TUB, name: 'New', kinds: [] }, []).kinds).toBe('Which flour is it?');
  expect(tubProblems({ ...NEW_TUB, name: 'New' }, [TUB])).toEqual({});
});
