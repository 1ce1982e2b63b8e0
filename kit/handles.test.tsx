import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';

import { LookProvider } from './LookProvider';
import { NumberField } from './NumberField';
import { PaintGrid } from './PaintGrid';
import { Slider } from './platform/Slider.web';
import { WantedGrip } from './WantedGrip';

const show = (ui: React.ReactNode) => render(<LookProvider theme="light">{ui}</LookProvider>);
const HALF_HOUR = 1_800_000;

/** A window of two hours that notes by how many half hours it is moved. */
const tinsOf = (moves: number[]) => (
  <WantedGrip
    wanted={{
      id: 'tins',
      name: 'Tins',
      from: 0,
      until: 4 * HALF_HOUR,
      text: (by) => `moved by ${by / HALF_HOUR}`,
      onMove: (by) => moves.push(by / HALF_HOUR),
    }}
    x={100}
    width={300}
    msPerPixel={HALF_HOUR}
  />
);
const gripOfTins = () => screen.getByRole('slider', { name: 'Tins, when its levain is wanted' });

describe('a window on the week', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  it('is moved by half hours with the keys, and presses in a row are one move', () => {
    const moves: number[] = [];
    show(tinsOf(moves));
    const grip = gripOfTins();
    for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowLeft', 'x'])
      fireEvent.keyDown(grip, { key });
    expect(grip).toHaveAttribute('aria-valuetext', 'moved by 2');
    expect(moves).toEqual([]);
    act(() => void jest.advanceTimersByTime(1000));
    expect(moves).toEqual([2]);
    fireEvent.keyDown(grip, { key: 'PageUp' });
    act(() => void jest.advanceTimersByTime(1000));
    expect(moves).toEqual([2, 48]);
  });
});

/** A sheet of two rows that notes what is painted. */
const sheetOf = (columns: number, painted: string[]) => (
  <PaintGrid
    label="Sheet"
    rows={['a', 'b']}
    columns={columns}
    marks={[]}
    cellText={(row, column) => `${row}-${column}`}
    fillOf={() => '#fff'}
    brush="#000"
    onPaint={(cells) => painted.push(cells.map((cell) => cell.join('-')).join(' '))}
  />
);

it('a sheet of cells is walked with the arrows, painted with space, and ends at its edges', async () => {
  const painted: string[] = [];
  show(sheetOf(3, painted));
  act(() => screen.getByRole('gridcell', { name: '0-0' }).focus());
  await userEvent.keyboard('{ArrowRight}{ArrowDown} ');
  expect(painted).toEqual(['1-1']);
  expect(screen.getByRole('gridcell', { name: '1-1' })).toHaveFocus();
  await userEvent.keyboard('{ArrowDown}{ArrowRight}{ArrowRight}{ArrowRight}');
  expect(screen.getByRole('gridcell', { name: '1-2' })).toHaveFocus();
  await userEvent.keyboard('{Shift>}{ArrowLeft}{/Shift}');
  expect(painted[1]).toBe('1-2 1-1');
  // Only one cell is a stop for the tab key.
  expect(screen.getAllByRole('gridcell').filter(({ tabIndex }) => tabIndex === 0)).toHaveLength(1);
});

describe('a hand that is quicker than the page', () => {
  /** Moves none of which is drawn before the thing is let go of. */
  function stroke(on: HTMLElement, ...points: readonly (readonly [x: number, y: number])[]) {
    const [first, ...rest] = points.map(([clientX, clientY]) => ({ clientX, clientY, buttons: 1 }));
    act(() => {
      fireEvent.mouseDown(on, first);
      for (const point of rest) fireEvent.mouseMove(on, point);
      fireEvent.mouseUp(on, { ...rest.at(-1), buttons: 0 });
    });
  }
  /** What knows of fingers is fetched when a thing is drawn. */
  const handsKnown = () => act(async () => void (await import('@use-gesture/vanilla')));

  it('paints to where it came', async () => {
    const painted: string[] = [];
    show(sheetOf(4, painted));
    await handsKnown();
    const grid = screen.getByRole('grid', { name: 'Sheet' });
    const box = { x: 0, y: 0, left: 0, top: 0, width: 400, height: 200, right: 400, bottom: 200 };
    grid.getBoundingClientRect = () => ({ ...box, toJSON: () => box });
    stroke(grid, [150, 50], [200, 60], [350, 150]);
    expect(painted).toEqual(['0-1 0-2 0-3 1-1 1-2 1-3']);
  });

  it('moves a window by as much as it went', async () => {
    const moves: number[] = [];
    show(tinsOf(moves));
    await handsKnown();
    stroke(gripOfTins(), [100, 10], [103, 10], [112, 10]);
    expect(moves).toEqual([12]);
  });
});

it('a slider says its value in words and hands on numbers', () => {
  const given: number[] = [];
  show(
    <Slider
      label="Warmth"
      value={21}
      low={2}
      high={34}
      step={0.5}
      text="21 °C"
      onValue={(value) => given.push(value)}
    />,
  );
  const slider = screen.getByRole('slider', { name: 'Warmth' });
  expect(slider).toHaveAttribute('aria-valuetext', '21 °C');
  fireEvent.change(slider, { target: { value: '24.5' } });
  expect(given).toEqual([24.5]);
});

it('a number keeps what was typed while it cannot be used, and the number before it stands', async () => {
  function Hydration() {
    const [value, setValue] = useState(72);
    return (
      <>
        <NumberField label="Hydration" value={value} low={40} high={150} onValue={setValue} />
        <output>{value}</output>
      </>
    );
  }
  show(<Hydration />);
  const field = screen.getByLabelText('Hydration');
  await userEvent.clear(field);
  await userEvent.type(field, '7');
  expect(field).toHaveValue('7');
  expect(screen.getByText('Between 40 and 150, please.')).toBeVisible();
  expect(screen.getByRole('status')).toHaveTextContent('72');
  await userEvent.type(field, '5.5');
  expect(field).toHaveValue('75.5');
  expect(screen.getByRole('status')).toHaveTextContent('75.5');
  expect(screen.queryByText('Between 40 and 150, please.')).toBeNull();
  await userEvent.tab();
  // What was 40 on its way to 400 was not meant.
  await userEvent.clear(field);
  await userEvent.type(field, '400');
  expect(screen.getByRole('status')).toHaveTextContent('75.5');
  await userEvent.tab();
  expect(field).toHaveValue('400');
  expect(screen.getByText('Between 40 and 150, please.')).toBeVisible();
});

it('a number whose value takes a while to come back is not overwritten while it is typed', async () => {
  function Slow() {
    const [value, setValue] = useState(20);
    const later = (to: number) => void setTimeout(() => setValue(to), 30);
    return <NumberField label="Kept" value={value} low={1} high={2000} onValue={later} />;
  }
  show(<Slow />);
  const field = screen.getByLabelText('Kept');
  await userEvent.clear(field);
  await userEvent.type(field, '135');
  expect(field).toHaveValue('135');
  await userEvent.tab();
  await waitFor(() => expect(field).toHaveValue('135'));
});
