import { readFileSync } from 'node:fs';

import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';

import { show } from '../../tests/kitchen';
import NOTICES from './licences.json';
import { LicencesScreen } from './LicencesScreen';

/** Libraries that stand in package.json for the server, for types, or as what another one asks for. */
const NOT_SHIPPED = [
  'express',
  'express-rate-limit',
  'express-static-gzip',
  'helmet',
  'tsx',
  'expo-linking',
  'ical-generator',
  'react-native',
  'react-native-gesture-handler',
  'react-native-reanimated',
  'react-native-worklets',
];

it('every library that ships is named, with the version that ships', () => {
  const { dependencies } = JSON.parse(readFileSync('package.json', 'utf8')) as {
    dependencies: Readonly<Record<string, string>>;
  };
  const named = new Map(NOTICES.map(({ name, version }) => [name, version]));
  const missing = Object.entries(dependencies)
    .filter(([name]) => !NOT_SHIPPED.includes(name))
    .filter(([name, version]) => named.get(name) !== version)
    .map(([name]) => name);
  expect(missing).toEqual([]);
  expect(NOTICES.filter(({ licence, text }) => !licence && !text)).toEqual([]);
});

it('the terms of one are read on a touch', async () => {
  show(<LicencesScreen />);
  expect(screen.queryByText(/Permission is hereby granted/)).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: /^react \d/ }));
  expect(screen.getByText(/Permission is hereby granted/)).toBeVisible();
});
