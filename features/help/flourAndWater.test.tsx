import { screen } from '@testing-library/react';

import { FlourAndWater } from './FlourAndWater';
import { show, type } from '../../tests/kitchen';

it('tells a label’s protein in percent, no closer than it is rounded', async () => {
  show(<FlourAndWater />);
  expect(
    screen.getByText(/^11\.7 to 15 %: plain bread flour, or strong, for bread that rises high\./),
  ).toBeVisible();
  await type('Protein', '3');
  expect(screen.getByText(/^8\.3 to 11\.7 %: soft/)).toBeVisible();
  await type('in a serving of', '0');
  expect(screen.getByText('No flour is like that. Check the two numbers.')).toBeVisible();
});
