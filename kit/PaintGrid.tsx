import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { TOUCH, useLook } from './look';
import { type PagePoint, useHold } from './platform/drag.web';
import { pointIn } from './platform/page.web';
import { Words } from './Words';

type Cell = readonly [row: number, column: number];

/** A row for a pointer, px; one for a thumb is as high as anything to touch. */
const ROW = 34;
const NAMES = 46;

/** A sheet of cells painted with a stroke of the finger, or with the arrow keys and the space bar. */
export function PaintGrid({
  label,
  rows,
  columns,
  marks,
  cellText,
  fillOf,
  brush,
  forThumbs = false,
  onPaint,
}: {
  readonly label: string;
  /** Names of the rows. */
  readonly rows: readonly string[];
  readonly columns: number;
  /** What is written above some columns. */
  readonly marks: readonly { readonly column: number; readonly text: string }[];
  /** A cell and how it is painted, in words. */
  readonly cellText: (row: number, column: number) => string;
  readonly fillOf: (row: number, column: number) => string;
  /** The colour a stroke leaves until it is finished. */
  readonly brush: string;
  /** Few large cells. */
  readonly forThumbs?: boolean;
  readonly onPaint: (cells: readonly Cell[]) => void;
}) {
  const look = useLook();
  const height = { height: forThumbs ? TOUCH : ROW };
  const [stroke, setStroke] = useState<readonly [Cell, Cell] | null>(null);
  const [at, setAt] = useState<Cell>([0, 0]);

  const cellUnder = (point: PagePoint): Cell => {
    const { x, y, width, height } = pointIn(sheet.current, point);
    const within = (share: number, count: number) =>
      Math.min(count - 1, Math.max(0, Math.floor(share * count)));
    return [within(y / height, rows.length), within(x / width, columns)];
  };
  const inStroke = (row: number, column: number, of = stroke) =>
    of !== null && between(row, of[0][0], of[1][0]) && between(column, of[0][1], of[1][1]);
  const paint = (whole: readonly [Cell, Cell]) => {
    const cells = rows.flatMap((_, row) =>
      Array.from({ length: columns }, (__, column): Cell => [row, column]).filter((cell) =>
        inStroke(...cell, whole),
      ),
    );
    onPaint(cells);
  };
  const sheet = useHold({
    onHold: (point) => {
      const cell = cellUnder(point);
      setAt(cell);
      setStroke([cell, cell]);
      return cell;
    },
    onDrag: (begun, _, point) => setStroke([begun, cellUnder(point)]),
    onLetGo: (begun, to) => {
      if (to) paint([begun, cellUnder(to.at)]);
      setStroke(null);
    },
  });

  const go = (to: Cell) => {
    const [row, column] = to;
    if (row < 0 || row >= rows.length || column < 0 || column >= columns) return;
    setAt(to);
    const element = sheet.current as unknown as HTMLElement;
    element.querySelector<HTMLElement>(`[data-cell="${row} ${column}"]`)?.focus();
  };
  const onKeyDown = (event: { key: string; shiftKey: boolean; preventDefault: () => void }) => {
    const step = STEPS[event.key];
    if (step) {
      const to: Cell = [at[0] + step[0], at[1] + step[1]];
      if (event.shiftKey) onPaint([at, to].filter(([r, c]) => r in rows && c >= 0 && c < columns));
      go(to);
    } else if (event.key === ' ' || event.key === 'Enter') onPaint([at]);
    else return;
    event.preventDefault();
  };

  return (
    <View>
      <View style={marks.length > 0 && styles.box} aria-hidden>
        {marks.map(({ column, text }) => (
          <Words
            key={column}
            size="small"
            tone="quiet"
            style={[styles.over, { left: `${(column / columns) * 100}%` }]}
          >
            {text}
          </Words>
        ))}
      </View>
      <View style={styles.row}>
        <View style={styles.boxNarrow} aria-hidden>
          {rows.map((name) => (
            <View key={name} style={[styles.boxWide, height]}>
              <Words size="small">{name}</Words>
            </View>
          ))}
        </View>
        <View
          ref={sheet}
          role="grid"
          aria-label={label}
          {...{ onKeyDown }}
          style={
            {
              flex: 1,
              borderWidth: 1,
              borderColor: look.rim,
              touchAction: 'pan-y',
              cursor: 'crosshair',
              userSelect: 'none',
            } as object
          }
        >
          {rows.map((name, row) => (
            <View key={name} role="row" style={[styles.rowNarrow, height]}>
              {Array.from({ length: columns }, (_, column) => (
                <View
                  key={column}
                  aria-label={cellText(row, column)}
                  tabIndex={row === at[0] && column === at[1] ? 0 : -1}
                  {...{
                    // Known to the web only, and so not to the types.
                    role: 'gridcell' as never,
                    dataSet: { cell: `${row} ${column}` },
                    onFocus: () => setAt([row, column]),
                  }}
                  style={[
                    styles.part,
                    {
                      borderColor: look.seam,
                      backgroundColor: inStroke(row, column) ? brush : fillOf(row, column),
                    },
                  ]}
                />
              ))}
            </View>
          ))}
        </View>
      </View>
    </View>
  );
}

const between = (n: number, a: number, b: number) => n >= Math.min(a, b) && n <= Math.max(a, b);

const STEPS: Readonly<Record<string, Cell>> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
};

const styles = StyleSheet.create({
  box: { height: 20, marginLeft: NAMES },
  over: { position: 'absolute' },
  row: { flexDirection: 'row' },
  boxNarrow: { width: NAMES },
  boxWide: { justifyContent: 'center' },
  rowNarrow: { flexDirection: 'row' },
  part: { flex: 1, borderRightWidth: 1, borderBottomWidth: 1 },
});
