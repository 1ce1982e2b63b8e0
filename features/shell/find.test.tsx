import { readFileSync } from 'node:fs';

import { screen } from '@testing-library/react';

import { show, touch, type, went } from '../../tests/kitchen';
import { glossaryText } from '../words/glossaryText';
import { Find } from './Find';
import { findableJar, found } from './findable';

const JARS = findableJar('grebe', 'Grebe');
const titles = (typed: string) => found(typed, JARS).map(({ title }) => title);

it.each([
  ['hooch', 'Hooch'],
  ['oz', 'Grams and ounces'],
  ['export', 'Export and import'],
  ['feed gre', 'Feed Grebe'],
  ['mold', 'Something is wrong'],
  ['°F', '°C and °F'],
])('“%s” finds %s first or second', (typed, title) => {
  expect(titles(typed).slice(0, 2)).toContain(title);
});

it('finds by the beginnings of words, all of them', () => {
  expect(titles('gre')).toContain('Grebe');
  expect(titles('rebe')).toEqual([]);
  expect(titles('feed xyz')).toEqual([]);
});

it('leads there, explains a word, and says when there is nothing', async () => {
  let closed = 0;
  show(<Find onClose={() => (closed += 1)} />);
  const field = 'A jar, something to do, a setting or a word';
  await type(field, 'float');
  expect(screen.getByText(/if it floats it holds gas/)).toBeVisible();
  await type(field, 'zebra');
  expect(screen.getByText('Nothing is called “zebra” here. Try another word.')).toBeVisible();
  await type(field, 'ounces');
  await touch('button', 'Grams and ounces');
  expect([closed, went]).toEqual([1, ['/settings']]);
});

it('the glossary in the documents says what the application says', () => {
  expect(readFileSync('docs/glossary.md', 'utf8')).toBe(glossaryText());
});
