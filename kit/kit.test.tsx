import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';

import { STAGES } from '@core/ferment';

import { went } from '../tests/kitchenRouter';
import { Choice } from './Choice';
import { Field } from './Field';
import { LookProvider } from './LookProvider';
import { Button } from './Button';
import { highestOfEach } from './highestOfEach';
import { Sheet } from './Sheet';
import { umbrellaFor } from './UmbrellaMark';

const show = (ui: React.ReactNode) => render(<LookProvider theme="light">{ui}</LookProvider>);

it('a field shows what is wrong beside it and keeps what was typed', async () => {
  function Weight() {
    const [text, setText] = useState('');
    return (
      <Field
        label="Keep"
        text={text}
        onText={setText}
        problem={text === 'x' ? 'A number, please.' : null}
      />
    );
  }
  show(<Weight />);
  await userEvent.type(screen.getByLabelText('Keep'), 'x');
  expect(screen.getByText('A number, please.')).toBeVisible();
  expect(screen.getByLabelText('Keep')).toHaveValue('x');
  expect(screen.getByLabelText('Keep')).toHaveAccessibleDescription('A number, please.');
});

it('a choice tells which one is chosen, and is made with the keyboard', async () => {
  function Theme() {
    const [is, setIs] = useState('light');
    return (
      <Choice
        label="Theme"
        options={[
          { is: 'light', text: 'Light' },
          { is: 'dark', text: 'Dark' },
        ]}
        chosen={is}
        onChoose={setIs}
      />
    );
  }
  show(<Theme />);
  expect(screen.getByRole('radio', { name: 'Light' })).toBeChecked();
  act(() => screen.getByRole('radio', { name: 'Dark' }).focus());
  await userEvent.keyboard('{Enter}');
  expect(screen.getByRole('radio', { name: 'Dark' })).toBeChecked();
});

it('a sheet takes the focus, keeps it, closes on Escape and gives it back', async () => {
  function Page() {
    const [open, setOpen] = useState(false);
    return (
      <>
        <Button onPress={() => setOpen(true)}>Open</Button>
        {open && (
          <Sheet title="Move" onClose={() => setOpen(false)}>
            <Button onPress={() => undefined}>Fridge</Button>
          </Sheet>
        )}
      </>
    );
  }
  show(<Page />);
  const opener = screen.getByRole('button', { name: 'Open' });
  act(() => opener.focus());
  await userEvent.click(opener);
  const sheet = screen.getByRole('dialog', { name: 'Move' });
  expect(sheet).toContainElement(document.activeElement as HTMLElement);
  await userEvent.tab();
  await userEvent.tab();
  await userEvent.tab();
  expect(sheet).toContainElement(document.activeElement as HTMLElement);
  await userEvent.keyboard('{Escape}');
  expect(screen.queryByRole('dialog')).toBeNull();
  expect(opener).toHaveFocus();
});

it('a link keeps its address for the browser and opens inside', async () => {
  show(<Button href="/settings">Settings</Button>);
  const link = screen.getByRole('link', { name: 'Settings' });
  expect(link).toHaveAttribute('href', '/settings');
  await userEvent.click(link);
  expect(went).toEqual(['/settings']);
});

it('every stage has its umbrella', () => {
  expect(new Set(STAGES.map(umbrellaFor)).size).toBeGreaterThanOrEqual(6);
  expect(umbrellaFor('ripe')).toBe('open');
  expect(umbrellaFor('hooch')).toBe('dripping');
});

it('a canopy over a year is drawn of as many points as can be seen, and its dome of a day stays', () => {
  const year = 365 * 24;
  const points = Array.from({ length: 100_000 }, (_, i) => {
    const hours = (i * year) / 99_999;
    return { hours, height: 1 + 1.4 * Math.exp(-(((hours - 8) / 4) ** 2)) };
  });
  const drawn = highestOfEach(points, year / 360);
  expect(drawn.length).toBeLessThanOrEqual(361);
  expect(Math.max(...drawn.map(({ height }) => height))).toBeCloseTo(2.4, 3);
  expect(drawn.map(({ hours }) => hours)).toEqual(
    drawn.map(({ hours }) => hours).toSorted((a, b) => a - b),
  );
  // A day has fewer points than pixels, and keeps all of them.
  const day = points.slice(0, 200);
  expect(highestOfEach(day, 24 / 360)).toEqual(day);
});
