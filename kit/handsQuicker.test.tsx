import { act, fireEvent, render, screen } from '@testing-library/react';

import { LookProvider } from './LookProvider';
import { PaintGrid } from './PaintGrid';
import { WantedGrip } from './WantedGrip';

const show = (ui: React.ReactNode) => render(<LookProvider theme="light">{ui}</LookProvider>);

/** Moves of a hand that is quicker than the page: none of them is drawn before the thing is let go of. */
function stroke(on: HTMLElement, ...points: readonly (readonly [x: number, y: number])[]) {
  const [first, ...rest] = points.map(([clientX, clientY]) => ({ clientX, clientY, buttons: 1 }));
  act(() => {
    fireEvent.mouseDown(on, first);
    for (const point of rest) fireEvent.mouseMove(on, point);
    fireEvent.mouseUp(on, { ...rest.at(-1), buttons: 0 });
  });
}
/** What knows of fingers is fetched a moment after a thing is drawn. */
const handsKnown = () => act(() => new Promise((resolve) => setTimeout(resolve, 300)));

it('a stroke paints to where the hand came, though the page has not drawn it yet', async () => {
  const painted: string[] = [];
  show(
    <PaintGrid
      label="Sheet"
      rows={['a', 'b']}
      columns={4}
      marks={[]}
      cellText={(row, column) => `${row}-${column}`}
      fillOf={() => '#fff'}
      brush="#000"
      onPaint={(cells) => painted.push(cells.map((cell) => cell.join('-')).join(' '))}
    />,
  );
  await handsKnown();
  const grid = screen.getByRole('grid', { name: 'Sheet' });
  const box = { x: 0, y: 0, left: 0, top: 0, width: 400, height: 200, right: 400, bottom: 200 };
  grid.getBoundingClientRect = () => ({ ...box, toJSON: () => box });
  stroke(grid, [150, 50], [200, 60], [350, 150]);
  expect(painted).toEqual(['0-1 0-2 0-3 1-1 1-2 1-3']);
});

it('a window is moved by as much as the hand has, though the page has not drawn it yet', async () => {
  const moves: number[] = [];
  show(
    <WantedGrip
      wanted={{
        id: 'tins',
        name: 'Tins',
        from: 0,
        until: 7_200_000,
        text: (by) => `moved by ${by}`,
        onMove: (by) => moves.push(by / 1_800_000),
      }}
      x={100}
      width={300}
      msPerPixel={1_800_000}
    />,
  );
  await handsKnown();
  const grip = screen.getByRole('slider', { name: 'Tins, when its levain is wanted' });
  stroke(grip, [100, 10], [103, 10], [112, 10]);
  expect(moves).toEqual([12]);
});
