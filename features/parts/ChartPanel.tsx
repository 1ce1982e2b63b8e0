import { type ReactNode, useRef, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';

import { Button, Panel, Words, drawingText, saveFile, useLook } from '@kit';

/** A chart as rows of text and numbers. */
export interface ChartTable {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly (string | number)[])[];
}

/** Rows that are shown; the file has all of them. */
const SHOWN = 60;

/** A chart with what it says in words, its table, and both as files. */
export function ChartPanel({
  title,
  said,
  legend,
  table,
  file,
  children,
}: {
  readonly title: string;
  /** What it shows, in a sentence; alone where there is nothing to draw yet. */
  readonly said: string;
  readonly legend?: string;
  readonly table: ChartTable;
  /** The name of its files, without the ending: the chart's, and its jar's where there are several. */
  readonly file: string;
  readonly children: ReactNode;
}) {
  const drawing = useRef<View>(null);
  const [asTable, setAsTable] = useState(false);
  const empty = table.rows.length === 0;
  const saveCsv = async () => {
    const { tableCsv } = await import('@core/formats/journalCsv');
    const csv = tableCsv(table.columns, table.rows);
    saveFile(`ombrello-${file}.csv`, csv, 'text/csv;charset=utf-8');
  };
  const saveSvg = () => {
    const svg = drawingText(drawing.current);
    if (svg !== null) saveFile(`ombrello-${file}.svg`, svg, 'image/svg+xml');
  };
  return (
    <Panel label={title} style={styles.panel}>
      <Words size="title" level={2}>
        {title}
      </Words>
      <Words {...(empty ? { tone: 'quiet' as const } : { strong: true })}>{said}</Words>
      {!empty &&
        (asTable ? <Rows table={table} title={title} /> : <View ref={drawing}>{children}</View>)}
      {!empty && !asTable && legend && (
        <Words size="small" tone="quiet">
          {legend}
        </Words>
      )}
      {!empty && (
        <View style={styles.row}>
          <Button
            kind="bare"
            label={asTable ? `${title} as a picture` : `${title} as a table`}
            onPress={() => setAsTable(!asTable)}
          >
            {asTable ? 'As a picture' : 'As a table'}
          </Button>
          <Button kind="bare" label={`Save ${title} as CSV`} onPress={() => void saveCsv()}>
            CSV
          </Button>
          {!asTable && (
            <Button kind="bare" label={`Save ${title} as SVG`} onPress={saveSvg}>
              SVG
            </Button>
          )}
        </View>
      )}
    </Panel>
  );
}

function Rows({ table, title }: { readonly table: ChartTable; readonly title: string }) {
  const look = useLook();
  const shown = table.rows.slice(-SHOWN).reverse();
  const more = table.rows.length - shown.length;
  return (
    <>
      <ScrollView horizontal contentContainerStyle={styles.scroll}>
        <View role="table" aria-label={title} style={styles.fill}>
          <View role="row" style={styles.cells}>
            {table.columns.map((column) => (
              <View
                key={column}
                role="columnheader"
                style={column === table.columns[0] ? styles.first : styles.cell}
              >
                <Words size="small" tone="quiet">
                  {column}
                </Words>
              </View>
            ))}
          </View>
          {shown.map((row, i) => (
            <View
              key={i}
              role="row"
              style={[styles.cells, { borderTopWidth: 1, borderTopColor: look.seam }]}
            >
              {row.map((cell, at) => (
                <View key={at} role="cell" style={at === 0 ? styles.first : styles.cell}>
                  <Words size="small">{String(cell)}</Words>
                </View>
              ))}
            </View>
          ))}
        </View>
      </ScrollView>
      {more > 0 && (
        <Words size="small" tone="quiet">{`And ${more} before these, in the file.`}</Words>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 4 },
  scroll: { flexGrow: 1 },
  fill: { flexGrow: 1 },
  cells: { flexDirection: 'row', paddingVertical: 5, gap: 10 },
  first: { flexGrow: 2, flexBasis: 0, minWidth: 124 },
  cell: { flexGrow: 1, flexBasis: 0, minWidth: 76 },
});
